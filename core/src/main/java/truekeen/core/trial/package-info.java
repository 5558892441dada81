/**
 * Trials: the same edge finished in two to four ways, used alike, read as it dulls, and judged.
 *
 * <p>Holds: every edge is measured against its own first reading; an edge that was given up because it was too dull
 * counts as that dull to the end; nothing is said to differ unless luck makes it so in at most one case of twenty, all
 * comparisons of the trial taken together. Not robust: edges of one day share that day's wood and hand; deal them out
 * over the days. Counter-example: all edges of one way read with a new thread, all of the other with an old one.
 */
package truekeen.core.trial;
