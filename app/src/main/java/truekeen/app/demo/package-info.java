/** The Larkmoor demonstration, made by running the services under its own clock. */
package truekeen.app.demo;
