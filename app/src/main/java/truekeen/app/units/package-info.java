/**
 * In what the shop reads what was measured: millimetres or inches, newtons or kilograms, grams or ounces. Everything is
 * kept in mm, N and g; sentences are put into the picked units at the very edge, where they leave the service.
 *
 * <p>Not robust: a sentence that was stored before its numbers were set off from their units (schema 13 and older) stays
 * in millimetres.
 */
package truekeen.app.units;
