/**
 * The families of tools: their dimensions, what may be done to them, and the uses (a tool and the work it is put to).
 *
 * <p>A blade is valid or is not made; dimensions are checked one by one and, once all are there, against each other.
 *
 * <p>Families are ideal shapes: a chisel ground by hand on three wheels is none of them.
 */
package truekeen.core.tool;
