package truekeen.core.trial;

/**
 * One reading of a trial.
 *
 * @param use how much the edge had done, in the unit of the trial; 0 is fresh
 * @param station place along the edge, from 1
 * @param grams the force
 * @param repeated whether it was read a second time and stands
 */
public record TrialReading(double use, int station, double grams, boolean repeated) {}
