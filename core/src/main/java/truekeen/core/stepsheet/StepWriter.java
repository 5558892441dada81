package truekeen.core.stepsheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.care.PrepAct;
import truekeen.core.holding.HolderKind;
import truekeen.core.holding.StoneHolder;
import truekeen.core.job.Hold;
import truekeen.core.job.Job;
import truekeen.core.job.JobKind;
import truekeen.core.job.LiftedBack;
import truekeen.core.job.ThinRuleStrip;
import truekeen.core.keenness.Stretch;
import truekeen.core.message.Numbers;
import truekeen.core.progression.JobPath;
import truekeen.core.progression.Leg;
import truekeen.core.progression.PowerOffer;
import truekeen.core.quantity.Angle;
import truekeen.core.table.Prior;
import truekeen.core.tool.GeometryKind;

/** Words and figures of single steps. */
final class StepWriter {
    /** Prior: light strokes a side to take the burr off. */
    static final int DEBURR_STROKES = Prior.STEP_WRITER_DEBURR_STROKES.whole();
    /** Prior: light strokes a side to take it off between stones. */
    static final int BETWEEN_STROKES = Prior.STEP_WRITER_BETWEEN_STROKES.whole();
    /** Prior: strokes of a single-bevel knife's back, and of its bevel after it. */
    static final int LATE_BACK_STROKES = Prior.STEP_WRITER_LATE_BACK_STROKES.whole();
    /** Prior: strokes of the back on the finest stone at every honing. */
    static final int BACK_STROKES = Prior.STEP_WRITER_BACK_STROKES.whole();
    /** Prior: time of a stroke (s). */
    static final double SECONDS_PER_STROKE = Prior.STROKE_SECONDS.value();
    /** Prior: the weight of a chisel on the stone (N). */
    static final double TOOL_WEIGHT_N = Prior.STEP_WRITER_TOOL_WEIGHT_N.value();

    private static final double CIRCLE_ADVANCE_MM = Prior.CIRCLE_ADVANCE_MM.value();
    private static final double SECONDS_TO_CHANGE = Prior.CHANGE_SECONDS.value();

    static final double SECONDS_TO_SET = Prior.SETTING_SECONDS.value();
    private static final double SECONDS_OFF_STONE = Prior.STEP_WRITER_SECONDS_OFF_STONE.value();

    private final WorkingMethod manner;

    StepWriter(WorkingMethod manner) {
        this.manner = manner;
    }

    /** Time of a leg when so many whole strokes are taken in all (s): what is fixed, and the strokes as a hand counts them. */
    static double seconds(Leg leg, int strokes) {
        return leg.seconds() + (strokes - leg.strokes()) * SECONDS_PER_STROKE;
    }

    /** The burr off with the back lifted as it was worked: over the same rule, or over what lifted it for its bevel. */
    Step deburrLifted(LiftedBack back, Abrasive finest, Stretch edge) {
        boolean ruled = back instanceof ThinRuleStrip;
        String title = (ruled ? StepWords.DEBURR_UNDER_RULE : StepWords.DEBURR_LIFTED).fill("finest", finest.name());
        return light(Step.Kind.DEBURR, title, finest, edge, DEBURR_STROKES)
                .look(StepWords.CLOTH_CATCHES_NOTHING.words())
                .gate(StepWords.NAIL_SLIDES_OFF_ASKED.words(), StepWords.STUBBORN_BURR.words())
                .burr(Step.BurrTask.TAKE_OFF, StepWords.BURR_OFF.words())
                .because(StepWords.WHY_DEBURR.words())
                .caution((ruled ? StepWords.RULE_AGAIN : StepWords.LIFT_AGAIN).fill("angle", back.lift()))
                .how(List.of(manner.habits().lastLightStrokes()))
                .done();
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
        if (job.hold() == Hold.STONE_IN_CIRCLES && leg.abrasive().shape() == Abrasive.Shape.ROUND) {
            int circles = (int) Math.max(1, Math.round((edge.toMm() - edge.fromMm()) / CIRCLE_ADVANCE_MM));
            lines.add(StepWords.IN_ROUNDS.fill(
                    "circles", circles, "rounds", Math.max(1, Math.round((double) each / circles))));
        }
        return lines;
    }

    /** What a leg teaches of the hand: a count by rule teaches nothing. */
    static double learns(Leg leg) {
        return leg.leastCount() || leg.eased() ? 0 : leg.abrasive().effort().factor();
    }

    Step work(JobPath path, int index, Job job, Stretch edge) {
        Angle angle = job.angle().orElseThrow();
        Leg leg = path.legs().get(index);
        boolean shapes = index == 0;
        boolean last = index == path.legs().size() - 1;
        String bevel = job.hold() == Hold.STONE_IN_CIRCLES
                ? StepWords.THE_CURVE.words()
                : face(path.job().kind());
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
                .atStations(dealt)
                .inSetsOf(manner.setOf());
        learnedCount(step, leg.abrasive(), manner.worked(), each);
        String stations = manner.stations(dealt);
        if (shapes) {
            return step.look(StepWords.SHAPED.fill("other", manner.other(), "stations", stations))
                    .gate(StepWords.BURR_END_TO_END.words(), StepWords.STAY_FOR_THE_BURR.words())
                    .burr(Step.BurrTask.RAISE, StepWords.BURR_RAISED.fill("other", manner.other()))
                    .because(StepWords.WHY_SHAPE.words())
                    .caution(StepWords.FIRST_STROKES_PULLED.words())
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

    /** The burr off on a stone that is not the last, where the house does so at each. */
    Step deburrBetween(Abrasive stone, Stretch edge) {
        return light(Step.Kind.DEBURR, StepWords.DEBURR_BETWEEN.words(), stone, edge, BETWEEN_STROKES)
                .look(StepWords.NAIL_SLIDES_OFF.words())
                .gate(StepWords.BURR_GONE.words(), StepWords.A_FEW_MORE_LIGHTER.words())
                .burr(Step.BurrTask.TAKE_OFF_BETWEEN, StepWords.BURR_GONE_BETWEEN.words())
                .because(StepWords.WHY_DEBURR_BETWEEN.words())
                .how(List.of(manner.habits().lastLightStrokes()))
                .done();
    }

    /** The back of a single-bevel knife, late and once. */
    Step lateBack(Abrasive finest, Stretch edge) {
        String title = StepWords.TURN_OVER_ONCE.fill("finest", finest.name());
        return light(Step.Kind.DEBURR, title, finest, edge, LATE_BACK_STROKES)
                .counting(List.of(Step.Side.BACK, Step.Side.BEVEL), LATE_BACK_STROKES)
                .look(StepWords.LATE_BACK_FLAT.words())
                .gate(StepWords.NAIL_SLIDES_OFF_ASKED.words(), StepWords.LATE_BACK_MORE.words())
                .burr(Step.BurrTask.TAKE_OFF, StepWords.BURR_OFF.words())
                .because(StepWords.WHY_LATE_BACK.words())
                .caution(StepWords.LATE_BACK_CAUTION.words())
                .how(List.of(StepWords.LATE_BACK_HOLD.words(), StepWords.LATE_BACK_THEN.words()))
                .done();
    }

    Step grind(PowerOffer offer, Angle primary, Stretch edge) {
        String title = StepWords.GRIND_THE_BEVEL.fill(
                "ground", manner.ground(), "machine", offer.machine().name());
        return Step.of(Step.Kind.GRIND, title, edge)
                .on(offer.machine())
                .at(primary)
                .pressed(Optional.empty(), StepWords.LIGHT_HAND.words())
                .lasting(PowerOffer.clockSeconds((offer.leastSeconds() + offer.mostSeconds()) / 2))
                .look(StepWords.GRIND_TO_THE_LAND.words())
                .gate(StepWords.LAND_GONE.words(), StepWords.LIGHT_PASSES_ONLY.words())
                .burr(StepWords.NO_BURR_YET.words())
                .because(StepWords.WHY_NOT_HOT.words())
                .caution(StepWords.GRIND_CAUTION.words())
                .done();
    }

    /** The edge done on a slow wet wheel, however little there is to do. */
    Step onWheel(PowerOffer offer, Job job, boolean first, Stretch edge) {
        double contact = (offer.leastSeconds() + offer.mostSeconds()) / 2;
        double clock = PowerOffer.clockSeconds(contact);
        // The jig is clamped once: for the next bevel it is only set anew.
        double seconds = first ? clock : clock - PowerOffer.clockSeconds(0) + SECONDS_TO_SET;
        String bevel = face(job.kind());
        String wheel = offer.machine().name();
        return Step.of(Step.Kind.GRIND, StepWords.SHAPE_THE_BEVEL.fill("bevel", bevel, "stone", wheel), edge)
                .on(offer.machine())
                .at(job.angle().orElseThrow())
                .pressed(Optional.empty(), StepWords.LIGHT_HAND.words())
                .lasting(seconds)
                .look(StepWords.WHEEL_LOOK.fill("other", manner.other()))
                .gate(StepWords.BURR_END_TO_END.words(), StepWords.WHEEL_STAY.words())
                .burr(Step.BurrTask.RAISE, StepWords.BURR_RAISED.fill("other", manner.other()))
                .because(StepWords.WHY_WHEEL.words())
                .caution(StepWords.WHEEL_CAUTION.words())
                .how(manner.worked().size() == 2 ? List.of(StepWords.WHEEL_SIDES.words()) : List.of())
                .done();
    }

    /** The burr of a wheel comes off with the back flat: the bevel is hollow, and is not laid on a stone for it. */
    Step burrOffFlat(Abrasive finest, Stretch edge) {
        String title = StepWords.KEEP_THE_BACK.fill("abrasive", finest.name());
        return light(Step.Kind.DEBURR, title, finest, edge, BACK_STROKES)
                .counting(List.of(Step.Side.BACK), BACK_STROKES)
                .lasting(SECONDS_TO_CHANGE + BACK_STROKES * SECONDS_PER_STROKE)
                .look(StepWords.CLOTH_CATCHES_NOTHING.words())
                .gate(StepWords.NAIL_SLIDES_OFF_ASKED.words(), StepWords.A_FEW_MORE_FLAT.words())
                .burr(Step.BurrTask.TAKE_OFF, StepWords.BURR_OFF.words())
                .because(StepWords.WHY_BURR_FLAT.words())
                .caution(StepWords.BACK_SLID_ON.words())
                .done();
    }

    Step file(PowerOffer offer, Job job, Angle angle, Stretch edge) {
        String face = job.hold() == Hold.STONE_IN_CIRCLES ? StepWords.THE_CURVE.words() : manner.ground();
        String title = StepWords.FILE_THE_FACE.fill(
                "face", face, "file", offer.machine().name());
        return Step.of(Step.Kind.GRIND, title, edge)
                .on(offer.machine())
                .at(angle)
                .pressed(Optional.empty(), StepWords.FORCE_FIRM.words())
                .lasting(PowerOffer.clockSeconds((offer.leastSeconds() + offer.mostSeconds()) / 2))
                .look(StepWords.FILE_LOOK.words())
                .gate(StepWords.FILE_ASKED.words(), StepWords.FILE_IF_NOT.words())
                .burr(StepWords.NO_BURR_YET.words())
                .because(StepWords.WHY_FILE.words())
                .caution(StepWords.FILE_CAUTION.words())
                .done();
    }

    /** The step that finds the angle of a bevel: by what holds it, or by hand. */
    Step setGuide(JobKind kind, Angle angle, Stretch edge) {
        if (manner.kind().powered()) {
            return clamp(face(kind), angle, edge);
        }
        Optional<StoneHolder> holds = manner.holder().filter(h -> h.primary() || kind != JobKind.PRIMARY);
        if (holds.isEmpty()) {
            return holdByHand(kind, angle, edge);
        }
        return holds.get().cam() && kind != JobKind.PRIMARY
                ? turnCam(angle, holds.get(), edge)
                : setGuide(face(kind), angle, holds.get(), edge);
    }

    /** A blade of a machine is not laid on a stone: it is clamped, and the file comes to it. */
    private Step clamp(String bevel, Angle angle, Stretch edge) {
        String title =
                StepWords.CLAMP_THE_BLADE.fill("angle", angle, "angleWords", manner.angleWords(), "bevel", bevel);
        return Step.of(Step.Kind.SET_GUIDE, title, edge)
                .at(angle)
                .lasting(SECONDS_TO_SET)
                .look(StepWords.CLAMP_HOW.words())
                .gate(StepWords.INK_EVEN.words(), StepWords.CLAMP_NOT_EVEN.words())
                .because(StepWords.WHY_SAME_ANGLE.words())
                .done();
    }

    private Step turnCam(Angle angle, StoneHolder guide, Stretch edge) {
        String title = StepWords.TURN_THE_CAM.fill("guide", guide.name(), "bevel", manner.honed());
        return Step.of(Step.Kind.SET_GUIDE, title, edge)
                .at(angle)
                .lasting(SECONDS_TO_SET)
                .look(StepWords.CAM_HOW.words())
                .gate(StepWords.CAM_ASKED.words(), StepWords.CAM_IF_NOT.words())
                .because(StepWords.WHY_CAM.words())
                .done();
    }

    private Step holdByHand(JobKind kind, Angle angle, Stretch edge) {
        boolean narrow = manner.narrow() && kind == JobKind.SECONDARY;
        String title =
                StepWords.FIND_THE_ANGLE.fill("angle", angle, "angleWords", manner.angleWords(), "bevel", face(kind));
        return Step.of(Step.Kind.SET_GUIDE, title, edge)
                .at(angle)
                .lasting(SECONDS_TO_SET)
                .look((narrow ? StepWords.FIND_BY_NAIL : StepWords.FIND_BY_HAND).words())
                .gate(StepWords.INK_EVEN.words(), StepWords.HAND_NOT_EVEN.words())
                .because(StepWords.WHY_SAME_ANGLE.words())
                .done();
    }

    private String face(JobKind kind) {
        return kind == JobKind.PRIMARY ? manner.ground() : manner.honed();
    }

    private Step setGuide(String bevel, Angle angle, StoneHolder holder, Stretch edge) {
        HolderKind kind = holder.kind();
        String title = StepWords.SET_THE_GUIDE.fill("guideName", holder.name(), "bevel", bevel);
        return Step.of(Step.Kind.SET_GUIDE, title, edge)
                .at(angle)
                .lasting(SECONDS_TO_SET)
                .look(StepWords.SEAT_AND_INK.fill("seating", kind.seating()))
                .gate(
                        StepWords.INK_EVEN.words(),
                        StepWords.GUIDE_NOT_EVEN.fill(
                                "toRaise", kind.toRaise(), "toLower", kind.toLower(), "toEven", kind.toEven()))
                .because(StepWords.WHY_SAME_SETTING.words())
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

    Step deburr(Abrasive finest, Stretch edge, int strokes) {
        return deburr(finest, edge, strokes, false);
    }

    /** The burr off on the finest, with the strokes the other way than the house has them where that is asked for. */
    Step deburr(Abrasive finest, Stretch edge, int strokes, boolean otherWay) {
        SheetHabits habits = manner.habits();
        return light(Step.Kind.DEBURR, StepWords.DEBURR_ON.fill("finest", finest.name()), finest, edge, strokes)
                .look(StepWords.CLOTH_CATCHES_NOTHING.words())
                .gate(StepWords.NAIL_SLIDES_OFF_ASKED.words(), StepWords.STUBBORN_BURR.words())
                .burr(Step.BurrTask.TAKE_OFF, StepWords.BURR_OFF.words())
                .because(StepWords.WHY_DEBURR.words())
                .caution(manner.worked().size() == 2 ? "" : StepWords.BACK_SLID_ON.words())
                .how(List.of(otherWay ? habits.otherWay() : habits.lastLightStrokes()))
                .done();
    }

    /** The edge finished off the stone, where the house does not strop. */
    Step offTheStone(Stretch edge) {
        return Step.of(Step.Kind.ADJUST, StepWords.DRAW_ALONG_WOOD.words(), edge)
                .lasting(SECONDS_OFF_STONE)
                .look(StepWords.NOTHING_CLINGS.words())
                .burr(Step.BurrTask.SHED, StepWords.BURR_OFF.words())
                .because(StepWords.WHY_OFF_THE_STONE.words())
                .done();
    }

    Step strop(Abrasive strop, String note, Stretch edge, int strokes) {
        boolean turns = strop.shape() == Abrasive.Shape.WHEEL;
        StepBuilder step = light(Step.Kind.STROP, StepWords.STROP_ON.fill("strop", strop.name()), strop, edge, strokes);
        if (turns) {
            step.counting(manner.worked(), strokes);
        }
        return step.lasting(SECONDS_TO_CHANGE + 2 * strokes * SECONDS_PER_STROKE)
                .look(StepWords.STROP_FEW.words())
                .burr(Step.BurrTask.SHED, StepWords.BURR_OFF.words())
                .because(note.isEmpty() ? StepWords.WHY_STROP.words() : note)
                .caution((turns ? StepWords.LEATHER_WHEEL : StepWords.STROP_TRAILING).words())
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

    /** A few light strokes a side under the weight of the tool; how many goes by rule. */
    private StepBuilder light(Step.Kind kind, String title, Abrasive on, Stretch where, int strokes) {
        return onStone(kind, title, on, where)
                .pressed(Optional.of(TOOL_WEIGHT_N), pressure(TOOL_WEIGHT_N))
                .counting(manner.burrSides(), strokes)
                .lasting(2 * strokes * SECONDS_PER_STROKE);
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
