/**
 * Log: a tool's history and its export.
 *
 * <p>It collects from every place that keeps something about tools and knows none of them; what cannot be read any
 * more is told as an older record and exported raw. Lists read in are checked line by line, and all of a list is taken
 * or none.
 *
 * <p>Entries of one moment stand in the order their places are asked in.
 */
package truekeen.app.log;
