/**
 * The line of an edge as it was traced: from offsets or from a photograph, smoothed, and two traces laid over each other.
 * JTS serves the geometry of lines; the section kernel knows nothing of it.
 */
package truekeen.core.profile;
