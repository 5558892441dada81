/** The beam: a blade that turns is hung, corrected and hung again until it stays level. */
package truekeen.app.balance;
