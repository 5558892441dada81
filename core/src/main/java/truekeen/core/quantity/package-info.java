/** Values that carry a unit, and the reading of what a person types for them. */
package truekeen.core.quantity;
