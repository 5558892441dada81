/**
 * The machine a blade belongs to: how it is made safe, what its blade must pass before any work, and how it runs.
 *
 * <p>Acts go by what drives it and by its form; an inspection rejects by one bad answer and is open while one is
 * missing; the maker's limits go before the rules of thumb.
 *
 * <p>Fit means that nothing listed was found: it is no proof that nothing is there.
 */
package truekeen.core.machine;
