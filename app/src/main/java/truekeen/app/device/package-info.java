/**
 * Instruments that are read live: each a port of its own on the loopback, speaking lines.
 *
 * <p>Listened to only while somebody watches; a reading counts once it has settled within the instrument's own span.
 * Lines that are not understood are passed over and said so.
 *
 * <p>No instrument is told from another on the same port: whoever speaks the line's greeting is taken for it.
 */
package truekeen.app.device;
