/** Trades (a tool and the work it is put to) and the dimensions of a tool with a flat back. */
package truekeen.core.tool;
