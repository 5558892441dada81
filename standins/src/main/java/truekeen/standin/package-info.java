/** Stand-ins for instruments: each a small program on a port of its own that speaks lines as docs/instruments.md says. */
package truekeen.standin;
