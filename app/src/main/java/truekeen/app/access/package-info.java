/**
 * Who may open the shop: the machine's own user by loopback without a word, other devices of its network after they signed in
 * with a passphrase, over TLS, and only where the service was started for them.
 *
 * <p>Holds: nothing listens to the network before the owner has a passphrase; of passphrases and of what a device proves itself
 * with only digests are kept; a device that is signed out is out at its next request.
 *
 * <p>Not robust: tries are counted by address and in memory. Counter-example: whoever has many addresses of the network has five
 * tries from each, and a restart forgets them; what one try costs, and how many are looked at at a time, is bounded.
 */
package truekeen.app.access;
