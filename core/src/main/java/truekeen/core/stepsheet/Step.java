package truekeen.core.stepsheet;

import java.util.List;
import java.util.Optional;
import truekeen.core.keenness.Stretch;
import truekeen.core.repair.GrindAct;

/**
 * One step at the bench.
 *
 * @param kind what kind of act it is
 * @param title the act, in the imperative
 * @param abrasiveId what it is done on; empty where nothing is
 * @param abrasiveName how the shop calls it, or empty
 * @param where the part of the edge; the whole of it unless a stretch is to be mended
 * @param angleDeg angle in the convention of the tool (°), where it is held at one
 * @param forceN force (N), where there is one
 * @param pressure the force in words
 * @param sides the sides strokes are counted on, in order; empty where nothing is counted
 * @param strokes whole strokes planned for each side; 0 where nothing is counted
 * @param strokesLow least to be expected, one standard deviation
 * @param strokesHigh most to be expected, one standard deviation
 * @param seconds time planned (s)
 * @param lubricant what is on the abrasive, or empty
 * @param look what to see before going on
 * @param gate the question that must be answered with yes; empty where being done is enough
 * @param ifNot what to do when the answer is no
 * @param burr where the burr should be by the end of the step
 * @param why why this step
 * @param caution one line, or empty
 * @param how how it is done, a line for each thing
 * @param handFactor what the log multiplied the predicted strokes by; 1 where nothing was learned, 0 where the count goes
 *     by rule and teaches nothing
 * @param burrTask what the step does to the burr
 * @param stations strokes planned at each station: along a cambered edge from the left corner, or edge by edge of a
 *     row of teeth; empty where they are not dealt to stations
 * @param setOf strokes that one side gets before the other has its turn; 0 for a whole side at a time
 * @param intent what it does to the angle that is there: what the ink is to show
 * @param act which act of a planned grinding it is; empty for all else
 * @param squares whether it makes the end square, so that it is not done before the try-square agrees
 */
public record Step(
        Kind kind,
        String title,
        String abrasiveId,
        String abrasiveName,
        Stretch where,
        Optional<Double> angleDeg,
        Optional<Double> forceN,
        String pressure,
        List<Side> sides,
        int strokes,
        int strokesLow,
        int strokesHigh,
        double seconds,
        String lubricant,
        String look,
        String gate,
        String ifNot,
        String burr,
        String why,
        String caution,
        List<String> how,
        double handFactor,
        BurrTask burrTask,
        List<Integer> stations,
        int setOf,
        Intent intent,
        Optional<GrindAct.Kind> act,
        boolean squares) {

    /** Keeps the lists from changing. */
    public Step {
        how = List.copyOf(how);
        stations = List.copyOf(stations);
    }

    /** What a step does to the angle that is there. */
    public enum Intent {
        /** The bevel that is there is met: the ink goes evenly. */
        MATCH,
        /** Laid lower than it was: the ink goes at the heel first. */
        LOWER,
        /** The cheeks behind the edge: the ink goes there, and not at the edge. */
        THIN,
        /** Raised above what is there: the ink goes at the edge first. */
        STEEPEN,
        /** A facet of its own: the ink goes at the edge only. */
        ADD;

        /** Whether the edge is to be bare first. */
        public boolean edgeFirst() {
            return this == STEEPEN || this == ADD;
        }

        /** Whether the heel is to be bare first. */
        public boolean heelFirst() {
            return this == LOWER || this == THIN;
        }
    }

    /** What a step does to the burr. */
    public enum BurrTask {
        NOTHING,
        /** Raises it: it must be felt along the whole edge. */
        RAISE,
        /** Makes it finer and keeps it unbroken. */
        KEEP,
        /** Keeps it where it cannot be felt anew. */
        KEEP_UNFELT,
        /** Turns it over to the other face. */
        TURN,
        /** Thins it and takes it off. */
        TAKE_OFF,
        /** Takes it off before a finer stone raises its own. */
        TAKE_OFF_BETWEEN,
        /** Wipes the last of it away. */
        SHED
    }

    /** Begins a step: what kind of act, what is done, and on which part of the edge. */
    public static StepBuilder of(Kind kind, String title, Stretch where) {
        return new StepBuilder(kind, title, where);
    }

    /** What kind of act. */
    public enum Kind {
        PREPARE,
        SET_GUIDE,
        GRIND,
        WORK,
        DEBURR,
        STROP,
        /** Widths measured at marks, on every end or round a disc, before anything is taken off. */
        MEASURE,
        /** Both ends of a bar worked alike: counted end by end, and measured at the marks again. */
        ENDS,
        /** Every edge of a row of teeth worked alike: counted at stations, an edge each. */
        TEETH,
        /** A gap between two blades, measured with a feeler. */
        GAP,
        /** Something set or cleaned away from the stones. */
        ADJUST,
        /** Kept for sessions of older versions: the tool is cleaned and put away once it was tested. */
        PROTECT
    }

    /** A side of the tool that strokes are counted on. */
    public enum Side {
        BEVEL,
        BACK,
        LEFT,
        RIGHT,
        /** The end of a bar that the strip begins with. */
        FIRST_END,
        SECOND_END,
        /** The upper of two toothed blades. */
        TOP_BLADE,
        BOTTOM_BLADE,
        /** The edges round a disc. */
        EDGES
    }

    /** Whether strokes are counted. */
    public boolean counted() {
        return !sides.isEmpty() && kind != Kind.MEASURE;
    }

    /** The same step with one caution more. */
    Step warned(String more) {
        return new Step(
                kind,
                title,
                abrasiveId,
                abrasiveName,
                where,
                angleDeg,
                forceN,
                pressure,
                sides,
                strokes,
                strokesLow,
                strokesHigh,
                seconds,
                lubricant,
                look,
                gate,
                ifNot,
                burr,
                why,
                caution.isEmpty() ? more : caution + " " + more,
                how,
                handFactor,
                burrTask,
                stations,
                setOf,
                intent,
                act,
                squares);
    }
}
