/** How hot an edge becomes at a wheel: an estimate, by conduction along the blade. */
package truekeen.core.heat;
