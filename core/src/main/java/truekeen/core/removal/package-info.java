/** How much steel a stroke takes, and how sure that is. */
package truekeen.core.removal;
