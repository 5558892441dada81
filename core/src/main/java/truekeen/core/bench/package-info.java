/** The work at the bench as a fold over what happened there. */
package truekeen.core.bench;
