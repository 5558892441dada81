/** The profile keeper: photographs of edges, traces of their line, and what became of it. */
package truekeen.app.profile;
