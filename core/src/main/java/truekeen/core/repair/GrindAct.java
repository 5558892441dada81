package truekeen.core.repair;

import java.util.List;
import java.util.OptionalDouble;

/**
 * One act of the grinding.
 *
 * @param kind which
 * @param title the act, in the imperative
 * @param words how
 * @param until what ends it
 * @param volumeMm3 steel that goes in it (mm³)
 * @param leastSeconds least time (s), an estimate, where it takes any to speak of
 * @param mostSeconds most time (s)
 * @param dip when to dip, or empty
 * @param cautions what to mind before it
 */
public record GrindAct(
        Kind kind,
        String title,
        String words,
        String until,
        double volumeMm3,
        OptionalDouble leastSeconds,
        OptionalDouble mostSeconds,
        String dip,
        List<Caution> cautions) {

    /** The acts, in their order. */
    public enum Kind {
        MARK,
        READY,
        BLUNT,
        SET,
        BEVEL,
        LIGHT,
        LOOK
    }

    /** Keeps the list from changing. */
    public GrindAct {
        cautions = List.copyOf(cautions);
    }
}
