/**
 * Angle: the bevels chosen for a tool and the set-up that holds them.
 *
 * <p>A set-up is kept as it was typed and as the numbers that were set; settings are worked out anew, with a note of
 * why, when what they were made on is measured again ({@code SetupsOnHolders}), and lost rather than kept wrong. The
 * advice itself is the core's.
 *
 * <p>Not robust against a tool whose steel class is taken out of the table: its set-up is then an older record that is
 * shown but not advised on.
 */
package truekeen.app.angle;
