package truekeen.core.removal;

import java.util.OptionalDouble;
import truekeen.core.steel.SteelClass;
import truekeen.core.table.Prior;

/** Work with a file: how fast it goes, and on which steels it bites at all. Source: workshop prior. */
public final class Filing {
    private static final double BITES_UP_TO_HRC = Prior.FILE_HRC.value();
    private static final double LEAST_MM3 = Prior.FILE_LEAST_MM3.value();
    private static final double MOST_MM3 = Prior.FILE_MOST_MM3.value();
    private static final double SECONDS = Prior.STROKE_SECONDS.value();
    /** Hardness taken of a steel of which none is known (HRC). */
    private static final double UNKNOWN_HRC = Prior.UNKNOWN_HARDNESS_HRC.value();

    private Filing() {}

    /** Hardness that a blade is taken to have (HRC): its own, else the least of its class. */
    public static double hardness(OptionalDouble known, SteelClass steel) {
        return known.orElse(steel.hardnessLow().orElse(UNKNOWN_HRC));
    }

    /** Whether a file bites on a blade of that hardness (HRC); on a harder one it skates. */
    public static boolean bites(double hrc) {
        return hrc <= BITES_UP_TO_HRC;
    }

    /** Least time for a volume (mm³), in s. */
    public static double leastSeconds(double volumeMm3) {
        return volumeMm3 / MOST_MM3 * SECONDS;
    }

    /** Most time for a volume (mm³), in s. */
    public static double mostSeconds(double volumeMm3) {
        return volumeMm3 / LEAST_MM3 * SECONDS;
    }
}
