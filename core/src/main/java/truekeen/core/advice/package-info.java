/**
 * Numbers a person acts on, with what they came from, and the descriptors of the formulas behind them.
 *
 * <p>An advice names its formula, its inputs, its range and what would change it; an exact one has no range.
 *
 * <p>The range of an estimate is one standard deviation: one in three falls outside.
 */
package truekeen.core.advice;
