package truekeen.core.stepsheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.care.PrepAct;
import truekeen.core.job.EdgeBevel;
import truekeen.core.job.Hold;
import truekeen.core.job.Job;
import truekeen.core.keenness.Stretch;
import truekeen.core.message.Numbers;
import truekeen.core.progression.JobPath;
import truekeen.core.progression.Leg;
import truekeen.core.quantity.Angle;
import truekeen.core.setup.CurveLift;
import truekeen.core.table.Prior;
import truekeen.core.tool.GeometryKind;

/** Words and figures of single steps. */
final class StepWriter {
    /** Prior: light strokes a side to take the burr off. */
    static final int DEBURR_STROKES = Prior.STEP_WRITER_DEBURR_STROKES.whole();
    /** Prior: strokes of the back on the finest stone at every honing. */
    static final int BACK_STROKES = Prior.STEP_WRITER_BACK_STROKES.whole();
    /** Prior: time of a stroke (s). */
    static final double SECONDS_PER_STROKE = Prior.STROKE_SECONDS.value();
    /** Prior: the weight of a chisel on the stone (N). */
    static final double TOOL_WEIGHT_N = Prior.STEP_WRITER_TOOL_WEIGHT_N.value();

    private static final double CIRCLE_ADVANCE_MM = Prior.CIRCLE_ADVANCE_MM.value();

    static final double SECONDS_TO_SET = Prior.SETTING_SECONDS.value();

    private final WorkingMethod manner;

    StepWriter(WorkingMethod manner) {
        this.manner = manner;
    }

    /** Time of a leg when so many whole strokes are taken in all (s): what is fixed, and the strokes as a hand counts them. */
    static double seconds(Leg leg, int strokes) {
        return leg.seconds() + (strokes - leg.strokes()) * SECONDS_PER_STROKE;
    }

    /** How it is done; a curve in rounds of so many circles. */
    private List<String> how(Job job, Leg leg, boolean shapes, boolean last, int each, Stretch edge) {
        List<String> lines = new ArrayList<>(manner.habits()
                .lines(new SheetHabits.LegAsked(
                        leg.abrasive(),
                        shapes,
                        last,
                        manner.worked().size() == 2,
                        each,
                        job.hold() == Hold.STONE_IN_CIRCLES ? SheetHabits.Grip.STONE_IN_HAND : manner.grip())));
        job.angle()
                .filter(a -> job.hold() != Hold.STONE_IN_CIRCLES)
                .flatMap(manner::lift)
                .ifPresent(l -> lines.add(curved(l)));
        if (job.hold() == Hold.STONE_IN_CIRCLES && leg.abrasive().shape().inHand()) {
            lines.add(inRounds(leg.abrasive(), each, edge));
        }
        return lines;
    }

    /** A stone that is longer in the hand makes more circles for each count. */
    private static String inRounds(Abrasive stone, int each, Stretch edge) {
        long circles = Math.max(1, Math.round(stone.strokeMm() / Prior.CIRCLE_STROKE_MM.value()));
        long counts = Math.max(1, Math.round((edge.toMm() - edge.fromMm()) / (circles * CIRCLE_ADVANCE_MM)));
        long rounds = Math.max(1, Math.round((double) each / counts));
        return StepWords.IN_ROUNDS.fill(
                "count",
                circles == 1 ? StepWords.A_CIRCLE.words() : StepWords.CIRCLES.fill("circles", circles),
                "counts",
                counts,
                "rounds",
                rounds == 1 ? StepWords.A_ROUND.words() : StepWords.ROUNDS.fill("rounds", rounds));
    }

    /** How the hand follows a belly; where the edge is curved from its heel on, nothing of the stroke is straight. */
    private static String curved(CurveLift l) {
        String lift = Numbers.plain(l.lift().mm(), 0);
        return l.from().mm() < 0.5
                ? StepWords.CURVED_STROKES.fill("lift", lift)
                : StepWords.J_STROKES.fill("from", Numbers.plain(l.from().mm(), 0), "lift", lift);
    }

    /** What a leg teaches of the hand: a count by rule teaches nothing. */
    static double learns(Leg leg) {
        return leg.leastCount() || leg.eased() ? 0 : leg.abrasive().effort().factor();
    }

    /** What to heed with the first strokes on a face; a small stone in the hand makes none that could dig in. */
    private StepWords firstStrokes(Job job) {
        return job.hold() == Hold.STONE_IN_CIRCLES
                ? StepWords.CURVE_CAUTION
                : manner.steepens() ? StepWords.BIG_BURR : StepWords.FIRST_STROKES_PULLED;
    }

    Step work(JobPath path, int index, Job job, Step.Intent intent, Stretch edge, boolean squares) {
        Angle angle = job.angle().orElseThrow();
        Leg leg = path.legs().get(index);
        boolean shapes = index == 0;
        boolean last = index == path.legs().size() - 1;
        String bevel = job.hold() == Hold.STONE_IN_CIRCLES
                ? StepWords.THE_CURVE.words()
                : manner.bevelOf(path.job().kind());
        int each = manner.eachSide(leg.wholeStrokes());
        boolean late = manner.kind() == GeometryKind.SINGLE_BEVEL_KNIFE;
        boolean fresh = !late && (manner.habits().freshBurr() || manner.habits().burrEachStone(manner.kind()));
        String stone = leg.abrasive().name();
        String title = shapes
                ? StepWords.SHAPE_THE_BEVEL.fill("bevel", bevel, "stone", stone)
                : StepWords.REFINE_THE_BEVEL.fill("bevel", bevel, "stone", stone);
        List<Integer> dealt = manner.stationStrokes(leg.wholeStrokes(), shapes, job);
        StepBuilder step = onStone(Step.Kind.WORK, title, leg.abrasive(), edge)
                .at(angle)
                .pressed(Optional.of(leg.forceN()), pressure(leg.forceN()))
                .lasting(seconds(leg, each * manner.worked().size()))
                .how(how(job, leg, shapes, last, each, edge))
                .learned(learns(leg))
                .meaning(shapes ? intent : Step.Intent.MATCH)
                .squaring(shapes && squares)
                .atStations(dealt)
                .inSetsOf(manner.setOf());
        learnedCount(step, leg.abrasive(), manner.worked(), each);
        String stations = manner.stations(dealt);
        if (shapes) {
            boolean facet = job instanceof EdgeBevel bevelled && bevelled.secondary();
            return step.look((facet ? StepWords.SHAPED_A_FACET : StepWords.SHAPED)
                            .fill("other", manner.other(), "stations", stations))
                    .gate(StepWords.BURR_END_TO_END.words(), StepWords.STAY_FOR_THE_BURR.words())
                    .burr(Step.BurrTask.RAISE, StepWords.BURR_RAISED.fill("other", manner.other()))
                    .because(StepWords.WHY_SHAPE.words())
                    .caution(firstStrokes(job).words())
                    .done();
        }
        step.because(StepWords.WHY_REFINE.fill("before", um(leg.scratchBeforeUm()), "after", um(leg.scratchAfterUm())));
        String otherwise = StepWords.GO_BACK_ONE_STONE.words();
        String burr = StepWords.BURR_FINER.fill("other", manner.other());
        if (fresh) {
            return step.look(StepWords.REFINED_WITH_A_FRESH_BURR.fill("stations", stations))
                    .gate(StepWords.SCRATCHES_GONE_AND_FRESH_BURR.words(), otherwise)
                    .burr(Step.BurrTask.RAISE, burr)
                    .done();
        }
        if (late) {
            return step.look(StepWords.REFINED_WITHOUT_FEELING.fill("stations", stations))
                    .gate(StepWords.SCRATCHES_GONE.words(), otherwise)
                    .burr(Step.BurrTask.KEEP_UNFELT, burr)
                    .done();
        }
        return step.look(StepWords.REFINED.fill("stations", stations))
                .gate(StepWords.SCRATCHES_GONE_AND_BURR_UNBROKEN.words(), otherwise)
                .burr(Step.BurrTask.KEEP, burr)
                .done();
    }

    /** Its time is part of the stones' own: flattening and soaking are counted where they are used. */
    Step prepare(List<PrepAct> acts, Stretch edge) {
        return Step.of(Step.Kind.PREPARE, StepWords.MAKE_READY.words(), edge)
                .look(StepWords.IN_THIS_ORDER.words())
                .because(StepWords.WHY_THIS_ORDER.words())
                .how(acts.stream().map(PrepAct::words).toList())
                .done();
    }

    /** Something set or cleaned away from the stones. */
    Step adjust(String title, String look, Stretch where) {
        return Step.of(Step.Kind.ADJUST, title, where)
                .lasting(SECONDS_TO_SET)
                .look(look)
                .because(StepWords.WHY_ADJUST.words())
                .done();
    }

    /** A back worked flat: the whole count on one side. */
    StepBuilder back(String title, Abrasive stone, Stretch where, double forceN, int strokes) {
        StepBuilder step = onStone(Step.Kind.WORK, title, stone, where)
                .pressed(Optional.of(forceN), pressure(forceN))
                .how(stone.kind().trailingOnly() ? List.of(StepWords.TRAILING_ONLY.words()) : List.of())
                .lasting(strokes * SECONDS_PER_STROKE);
        return learnedCount(step, stone, List.of(Step.Side.BACK), strokes);
    }

    /** Work at an angle on a part of the edge, the sides each with its share of the strokes. */
    StepBuilder stretch(String title, Abrasive stone, Stretch where, double forceN, int strokes) {
        StepBuilder step = onStone(Step.Kind.WORK, title, stone, where)
                .pressed(Optional.of(forceN), pressure(forceN))
                .lasting(strokes * SECONDS_PER_STROKE)
                .inSetsOf(manner.setOf());
        return learnedCount(step, stone, manner.worked(), manner.eachSide(strokes));
    }

    static StepBuilder onStone(Step.Kind kind, String title, Abrasive on, Stretch where) {
        return Step.of(kind, title, where).on(on);
    }

    /** An estimate: the count is as good as what is known of this stone. */
    static StepBuilder learnedCount(StepBuilder step, Abrasive on, List<Step.Side> sides, int strokes) {
        double spread = on.effort().spread();
        return step.counting(
                sides, strokes, (int) Math.max(1, Math.floor(strokes / spread)), (int) Math.ceil(strokes * spread));
    }

    static String pressure(double newton) {
        if (newton >= 30) {
            return StepWords.FORCE_FIRM.words();
        }
        if (newton >= 15) {
            return "steady";
        }
        return newton > TOOL_WEIGHT_N ? "light" : StepWords.FORCE_OF_THE_TOOL.words();
    }

    private static String um(double um) {
        return Numbers.plain(um, 2) + " µm";
    }
}
