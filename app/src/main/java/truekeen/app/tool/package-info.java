/** Take in: tools, their dimensions, and what wore off them. */
package truekeen.app.tool;
