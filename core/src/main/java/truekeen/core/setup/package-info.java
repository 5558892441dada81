/** What holds the angle: the arithmetic of honing guides. */
package truekeen.core.setup;
