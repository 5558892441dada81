/** What the log teaches of a hand: strokes done over strokes predicted. */
package truekeen.core.hand;
