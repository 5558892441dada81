/**
 * The Larkmoor demonstration, made by running the services under its own clock.
 *
 * <p>It is made once, in an empty database, before the first request is taken, in one piece that is begun anew if it
 * was cut short. Everything in it came through the services, so it holds nothing that a person could not have typed.
 *
 * <p>It leans on names of its own kit and tools: renaming one here without the others ends the start with that name.
 */
package truekeen.app.demo;
