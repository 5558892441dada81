/** Log: a tool's history and its export. */
package truekeen.app.log;
