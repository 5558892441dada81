/**
 * What a grit name means in micrometres, by standard.
 *
 * <p>A name within a standard's table is read off or taken between two of its rows; beyond it the figure is carried on
 * and marked. Prefixes of another standard are refused.
 *
 * <p>Makers' numbers follow no standard: a name without one is a guess.
 */
package truekeen.core.grit;
