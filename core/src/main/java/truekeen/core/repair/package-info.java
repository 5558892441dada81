/** Repair: what it costs, by what it is done, the grinding and the back work in the order of their acts. */
package truekeen.core.repair;
