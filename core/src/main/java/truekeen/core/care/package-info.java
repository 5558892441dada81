/** Stones, plates and strops kept in order: what is flattened on what, in which order, and what is made ready for a plan. */
package truekeen.core.care;
