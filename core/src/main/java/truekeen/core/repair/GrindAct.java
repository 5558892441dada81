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
 * @param asked what is asked before it is left
 * @param otherwise what to do when the answer is no
 * @param why why this act
 * @param squares whether the try-square decides when it is done
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
        String asked,
        String otherwise,
        String why,
        boolean squares,
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
