/** Machines: made safe before a blade is touched, their blades inspected, their hours kept. */
package truekeen.app.machine;
