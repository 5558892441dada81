/**
 * Rehearsal: the newest plan of a tool made on the virtual blade, as it stands and otherwise, before any steel is touched.
 *
 * <p>Holds: nothing is stored; the same question gives the same answer. Not robust: families with hollow or rounded faces and
 * rows of teeth cannot be rehearsed yet, and say so.
 */
package truekeen.app.rehearsal;
