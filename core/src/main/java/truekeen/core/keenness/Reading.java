package truekeen.core.keenness;

/**
 * A cutting force at one station.
 *
 * @param xMm station, from the left corner (mm)
 * @param grams force to cut the test thread (g)
 */
public record Reading(double xMm, double grams) {}
