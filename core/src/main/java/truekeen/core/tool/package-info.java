/** The families of tools: their dimensions, what may be done to them, and the trades (a tool and the work it is put to). */
package truekeen.core.tool;
