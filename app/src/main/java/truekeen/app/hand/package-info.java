/** Hand: what finished sessions teach of strokes, and what stood out in them. */
package truekeen.app.hand;
