/**
 * Every formula as something that can be asked with numbers, and the pages that explain it.
 *
 * <p>A calculator runs the code of the bench; a test walks all formulas and compares both. Inputs outside a formula
 * are refused by field and bound.
 *
 * <p>An example is one case: its figures say nothing of the bounds.
 */
package truekeen.core.reference;
