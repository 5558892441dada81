/** The one door to every place about the blade of a machine: shut until the machine is safe and the blade found fit. */
package truekeen.app.readiness;
