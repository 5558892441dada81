/**
 * A day at the bench put in order: tools of several tickets, shared stones and holders, one or more people. Less lateness
 * first, then an earlier end, then fewer set-ups.
 *
 * <p>An order is a preference: each person takes the first of their tasks that waits for nothing any more, so that every
 * order can be worked and the search (a library's) needs no repair. Times are whole seconds from the beginning.
 *
 * <p>Not robust: tasks are taken to last as long as planned; a person who waits for a stone that soaks does not begin
 * something else unless the order says so, which the search finds. A stone counts as made ready once a day; one that wants
 * flattening twice on a long day takes longer than planned.
 */
package truekeen.core.day;
