/** The ink check: where the ink is gone says how the setting bears, and how far it is off. */
package truekeen.core.ink;
