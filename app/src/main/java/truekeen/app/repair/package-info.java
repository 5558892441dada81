/** The repair of an edge: what it costs, by what it is done, the grinding, the heat, the back. */
package truekeen.app.repair;
