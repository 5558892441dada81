/** The machine a blade belongs to: how it is made safe, what its blade must pass before any work, and how it runs. */
package truekeen.core.machine;
