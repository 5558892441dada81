package truekeen.core.condition;

/**
 * A stretch of the edge and the steel that goes from it.
 *
 * @param name what it is called: heel, belly, tip; a corner; an end
 * @param fromMm where it begins (mm)
 * @param toMm where it ends (mm)
 * @param volumeMm3 steel to go (mm³), the back not counted
 */
public record Region(String name, double fromMm, double toMm, double volumeMm3) {}
