/**
 * What comes after the test: clean, dry, protect, refit, and the day it is looked at again.
 *
 * <p>By the steel and by how the tool goes back to work; the day from the tool's own intervals once there are two.
 *
 * <p>Two intervals that differ wildly still make a middle.
 */
package truekeen.core.finish;
