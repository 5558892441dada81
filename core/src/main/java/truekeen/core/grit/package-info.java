/** What a grit name means in micrometres, by standard. */
package truekeen.core.grit;
