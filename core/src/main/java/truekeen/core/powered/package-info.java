/**
 * The work on blades that turn or slide under power: by what, how many strokes each edge alike, and in which steps.
 *
 * <p>Every edge of a blade gets the same whole count by the same piece; hard steel gets no file, a small tooth no
 * machine.
 *
 * <p>It takes the edges as worn alike; one that was chipped deeper sets the count for all.
 */
package truekeen.core.powered;
