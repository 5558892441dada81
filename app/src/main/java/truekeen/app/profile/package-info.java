/**
 * The profile keeper: photographs of edges, traces of their line, and what became of it.
 *
 * <p>A photograph is believed by its content and kept as a picture of our own; a trace is kept with the frame it was
 * taken in. Two traces are compared in one frame where they share it, else by their ends, and it is said which.
 *
 * <p>A camera held at a slant shears the line; what is narrower than the spacing of the points allows shows less than
 * it is.
 */
package truekeen.app.profile;
