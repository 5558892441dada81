/**
 * The choice of bevel angles by tool, work and steel.
 *
 * <p>Reasons are told in the order in which they acted; the choice never leaves what work and steel allow, and says
 * when a bound was reached. A last bevel within a degree of the choice is repeated.
 *
 * <p>A history of three edges can be chance: two chips of one hidden nail raise the angle as two of a soft edge do.
 */
package truekeen.core.angle;
