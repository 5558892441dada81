/** The work on blades that turn or slide under power: by what, how many strokes each edge alike, and in which steps. */
package truekeen.core.powered;
