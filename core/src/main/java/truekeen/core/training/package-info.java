/**
 * Training: exercises without end on the virtual blade, each made from a seed. A person acts with what the bench gives, the
 * blade answers, and at the end it is said what a practitioner would have seen.
 *
 * <p>Holds: the same seed and the same acts show the same; no question holds its answer. Not robust: what is shown is what the
 * model knows blurred by a hand that is not always sure. Counter-example: a fingertip that misses nothing learns nothing here.
 */
package truekeen.core.training;
