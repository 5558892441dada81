/**
 * Rehearsal: the steps of a plan made on the virtual blade, so that a person sees what they would come to before any steel is
 * touched.
 *
 * <p>Holds: a rehearsal of the same steps by the same hand is the same; it makes the strokes of the sheet and no others. Not
 * robust: what a machine grinds is taken as done to the line, without facets of its own. Counter-example: a wheel that wanders
 * is not seen.
 */
package truekeen.core.rehearsal;
