/**
 * Finish: clean, dry, protect, refit, and the day the tool is looked at again.
 *
 * <p>One card for each round of work; it closes the round. The day proposed may be changed, and what was changed is
 * what is kept.
 *
 * <p>A card without any act ticked is taken: it says that nothing was ticked off.
 */
package truekeen.app.finish;
