/**
 * Values that carry a unit, and the reading of what a person types for them.
 *
 * <p>Finite always; a negative length is an offset the other way. What can be read two ways is refused with both.
 *
 * <p>Fractions of an inch are read exactly, but a length is printed to a thousandth of a millimetre.
 */
package truekeen.core.quantity;
