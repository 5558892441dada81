/**
 * How hot an edge becomes at a wheel: conduction along a blade as a fin, exact in time by its modes.
 *
 * <p>Holds: longer contact is never cooler, a thicker land never hotter. Not robust: how much of the work goes into
 * the steel is a prior. Counter-example: a sharp apex has no mass in the model and passes any limit within a tenth of
 * a second; so the least land taken is two hundredths of a millimetre.
 */
package truekeen.core.heat;
