/**
 * What every place shares: the clock, errors in the person's words, the guard before all addresses, the page itself.
 *
 * <p>Bad input is a problem with field, value and what is allowed, never a 500; a database that is away is a 503 and
 * nothing is lost. Only listed hosts are answered, only our own origin may write.
 *
 * <p>The guard trusts the loopback: whoever may log in to the machine may use the service.
 */
package truekeen.app.platform;
