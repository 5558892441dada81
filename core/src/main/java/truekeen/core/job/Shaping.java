package truekeen.core.job;

/**
 * What a job takes off before its scratches are counted.
 *
 * @param volumeMm3 steel to go (mm³)
 * @param workedAreaMm2 area of the facet once shaped (mm²)
 * @param depthMm greatest distance of that steel from the line of the bevel as it was (mm)
 */
public record Shaping(double volumeMm3, double workedAreaMm2, double depthMm) {
    /** Nothing to shape on a face of that area. */
    public static Shaping none(double workedAreaMm2) {
        return new Shaping(0, workedAreaMm2, 0);
    }
}
