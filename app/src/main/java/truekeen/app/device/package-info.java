/** Instruments that are read live: each a port of its own on the loopback, speaking lines. */
package truekeen.app.device;
