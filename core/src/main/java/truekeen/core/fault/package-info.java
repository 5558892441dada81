/**
 * What is wrong with an edge: signs seen, named rules that weigh them by logarithms of likelihood ratios, and the remedies
 * that follow.
 *
 * <p>Holds: of signs that speak of one thing only the strongest counts; a good sign never makes a fault likelier. Not
 * robust: weights are workshop priors. Counter-example: two faults of one place with like signs; then the answer is that
 * nobody can tell yet, with the test that would part them most.
 */
package truekeen.core.fault;
