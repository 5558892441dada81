/**
 * Blades that turn: unbalance, what to take off, forces, speeds, counts of teeth.
 *
 * <p>Holds: steel comes off the heavy end only, and off its end, not its cutting edge. Not robust: a hand balancer
 * repeats no better than a tenth of what it was (workshop prior). Counter-example: a bent bar hangs level and shakes
 * all the same; inspection finds it, the beam does not.
 */
package truekeen.core.balance;
