/** The choice of bevel angles by tool, work and steel. */
package truekeen.core.angle;
