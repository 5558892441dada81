package truekeen.core.stepsheet;

import java.util.List;
import java.util.Optional;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.keenness.Stretch;
import truekeen.core.quantity.Angle;
import truekeen.core.repair.GrindAct;

/**
 * A step as it is put together, part by part. What is not said is left out: nothing is counted, held at an angle,
 * pressed or asked, and the burr is left as it is.
 */
public final class StepBuilder {
    private final Step.Kind kind;
    private final String title;
    private final Stretch where;
    private String abrasiveId = "";
    private String abrasiveName = "";
    private String lubricant = "";
    private Optional<Double> angleDeg = Optional.empty();
    private Optional<Double> forceN = Optional.empty();
    private String pressure = "";
    private List<Step.Side> sides = List.of();
    private int strokes;
    private int strokesLow;
    private int strokesHigh;
    private double seconds;
    private String look = "";
    private String gate = "";
    private String ifNot = "";
    private String burr = "";
    private String why = "";
    private String caution = "";
    private List<String> how = List.of();
    private double handFactor;
    private Step.BurrTask burrTask = Step.BurrTask.NOTHING;
    private List<Integer> stations = List.of();
    private int setOf = 1;
    private Step.Intent intent = Step.Intent.MATCH;
    private Optional<GrindAct.Kind> act = Optional.empty();
    private boolean squares;

    StepBuilder(Step.Kind kind, String title, Stretch where) {
        this.kind = kind;
        this.title = title;
        this.where = where;
    }

    /** Done on that abrasive, with what is on it. */
    public StepBuilder on(Abrasive abrasive) {
        return on(abrasive.id(), abrasive.name(), abrasive.lubricant().key());
    }

    /** Done on a thing of that number and name, with that lubricant on it, or none. */
    public StepBuilder on(String id, String name, String wetWith) {
        abrasiveId = id;
        abrasiveName = name;
        lubricant = wetWith;
        return this;
    }

    /** Held at an angle in the convention of the tool. */
    public StepBuilder at(Angle angle) {
        return at(Optional.of(angle.degrees()));
    }

    /** The same in degrees; empty where it is held at none. */
    public StepBuilder at(Optional<Double> degrees) {
        angleDeg = degrees;
        return this;
    }

    /** Pressed with so much (N), or only in words. */
    public StepBuilder pressed(Optional<Double> newtons, String words) {
        forceN = newtons;
        pressure = words;
        return this;
    }

    /** Counted on these sides, so many strokes planned for each. */
    public StepBuilder counting(List<Step.Side> counted, int each) {
        return counting(counted, each, each, each);
    }

    /** The same, with the least and the most to be expected. */
    public StepBuilder counting(List<Step.Side> counted, int each, int least, int most) {
        sides = counted;
        strokes = each;
        strokesLow = least;
        strokesHigh = most;
        return this;
    }

    /** Takes so long (s). */
    public StepBuilder lasting(double time) {
        seconds = time;
        return this;
    }

    /** What to see before going on. */
    public StepBuilder look(String words) {
        look = words;
        return this;
    }

    /** The question that must be answered with yes, and what to do when it is not. */
    public StepBuilder gate(String question, String otherwise) {
        gate = question;
        ifNot = otherwise;
        return this;
    }

    /** Where the burr should be by the end. */
    public StepBuilder burr(String words) {
        burr = words;
        return this;
    }

    /** The same, and what the step does to it. */
    public StepBuilder burr(Step.BurrTask task, String words) {
        burrTask = task;
        return burr(words);
    }

    /** Why this step. */
    public StepBuilder because(String words) {
        why = words;
        return this;
    }

    /** One line of caution. */
    public StepBuilder caution(String words) {
        caution = words;
        return this;
    }

    /** How it is done, a line for each thing. */
    public StepBuilder how(List<String> lines) {
        how = lines;
        return this;
    }

    /** What the log multiplied the strokes by; 0 where the count goes by rule and teaches nothing. */
    public StepBuilder learned(double factor) {
        handFactor = factor;
        return this;
    }

    /** Strokes planned at each station; none where they are not dealt to stations. */
    public StepBuilder atStations(List<Integer> each) {
        stations = each;
        return this;
    }

    /** What it does to the angle that is there. */
    public StepBuilder meaning(Step.Intent meant) {
        intent = meant;
        return this;
    }

    /** Strokes that one side gets before the other has its turn; 0 for a whole side at a time. */
    public StepBuilder inSetsOf(int set) {
        setOf = set;
        return this;
    }

    /** Which act of a planned grinding it is. */
    public StepBuilder grinding(Optional<GrindAct.Kind> kind) {
        act = kind;
        return this;
    }

    /** Whether it makes the end square. */
    public StepBuilder squaring(boolean makesSquare) {
        squares = makesSquare;
        return this;
    }

    /** The step. */
    public Step done() {
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
                caution,
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
