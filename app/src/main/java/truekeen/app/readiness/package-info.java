/**
 * What stands before every place about the blade of a machine: shut until the machine is safe and the blade found fit.
 *
 * <p>An address is shut unless it is named free; a new one is shut by itself, and a test walks all of them.
 *
 * <p>It reads the tool out of the address: a place that named its tool in the body alone would pass.
 */
package truekeen.app.readiness;
