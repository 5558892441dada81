/**
 * What each place tells of a tool's past. A place that keeps something about tools implements {@link
 * truekeen.app.history.HistorySource} for the log and {@link truekeen.app.history.ExportSource} for the file of a tool;
 * the log collects them and knows none of them.
 */
package truekeen.app.history;
