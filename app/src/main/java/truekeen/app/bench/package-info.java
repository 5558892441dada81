/** Bench: sessions as they happen, stroke by stroke. */
package truekeen.app.bench;
