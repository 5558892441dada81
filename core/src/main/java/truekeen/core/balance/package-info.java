/** Blades that turn: unbalance, what to take off, forces, speeds, counts of teeth. */
package truekeen.core.balance;
