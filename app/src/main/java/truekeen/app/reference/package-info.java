/**
 * The reference: a page for each formula and rule, and the calculators behind them.
 *
 * <p>Descriptions, checks, examples and pages are made from the core's descriptors; the answer is that of the code the
 * bench runs.
 *
 * <p>Rules are shown with a case that is tried on the spot: a kit or a table that changes changes the case's figures.
 */
package truekeen.app.reference;
