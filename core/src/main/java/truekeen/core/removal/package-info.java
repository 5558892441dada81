/**
 * How much steel a stroke takes, and how sure that is: Archard and Preston, {@code k·F·ℓ}.
 *
 * <p>Holds: twice the force or twice the sliding distance takes twice the steel; a worn piece takes less. Not robust: k is
 * a workshop prior within a factor of two, so nothing here is more than an estimate until the log has taught the hand.
 * Counter-example: a glazed stone slides and takes next to nothing at any force, which no k says; the shelf notes it.
 */
package truekeen.core.removal;
