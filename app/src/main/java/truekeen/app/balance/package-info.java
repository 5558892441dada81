/**
 * The beam: a blade that turns is hung, corrected and hung again until it stays level.
 *
 * <p>Tries are only added, each judged against the one before; the job is done when the newest try is level and
 * nothing was ground off after it. That, not a tick, opens the test.
 *
 * <p>Where it is not robust: a trial mass put down at the wrong end reads as one that got worse; the second try tells.
 */
package truekeen.app.balance;
