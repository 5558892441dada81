/** Angle: the bevels chosen for a tool and the set-up that holds them. */
package truekeen.app.angle;
