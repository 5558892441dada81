/**
 * What was changed of tools, kit and rules: by whom, when, from what to what. The database writes it down itself, by triggers, so
 * that no way of changing them is left out; here it is read and said in words.
 *
 * <p>Holds: what is gone for good takes what is known of it along; reading a backup in is no change. Not robust: who changed
 * something is a name that was picked at the device. Counter-example: a hand that forgot to pick another name.
 */
package truekeen.app.change;
