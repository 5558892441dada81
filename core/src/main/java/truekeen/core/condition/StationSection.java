package truekeen.core.condition;

import java.util.List;
import truekeen.core.section.Section;

/**
 * The blade cut through at one place.
 *
 * @param xMm the place (mm)
 * @param before as it is
 * @param after as it is to be
 * @param removed what goes
 */
public record StationSection(double xMm, List<Section> before, List<Section> after, List<Section> removed) {}
