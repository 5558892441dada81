/** What is wrong with an edge: signs seen, named rules that weigh them, and the remedies that follow. */
package truekeen.core.fault;
