package truekeen.core.stepsheet;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import truekeen.core.holding.HolderKind;
import truekeen.core.holding.StoneHolder;
import truekeen.core.job.EdgeBevel;
import truekeen.core.job.Job;
import truekeen.core.job.JobKind;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.TargetBevel;
import truekeen.core.setup.Camber;
import truekeen.core.setup.CurveLift;
import truekeen.core.setup.SpineHeight;
import truekeen.core.table.Prior;
import truekeen.core.tool.Arrival;
import truekeen.core.tool.Blade;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ToolUse;

/**
 * How a tool is worked and what its faces are called at the bench.
 *
 * @param ground what the ground bevel is called
 * @param honed what the honed bevel is called
 * @param worked sides that are worked, in order: one bevel, or left and right
 * @param other where the burr is raised
 * @param back whether it has a back that is worked
 * @param angleWords words that say how its angle is measured
 * @param holder what holds it on the stones; empty where it is held by hand
 * @param narrow whether the bevel that is honed is so narrow that the nail finds it and touch does not
 * @param camber the camber an iron is to have, if any
 * @param brings what is known of the tool since it was taken in
 * @param closes whether it may close on the fingers
 * @param steepens whether the edge is set clearly steeper than it was: a thin one then raises a big burr
 * @param present the bevels that the tool has; empty where they are not known
 * @param blade the blade; empty where only its family is known
 * @param kind the family
 * @param habits what the house does at the stones
 */
public record WorkingMethod(
        String ground,
        String honed,
        List<Step.Side> worked,
        String other,
        boolean back,
        String angleWords,
        Optional<StoneHolder> holder,
        boolean narrow,
        Optional<Camber> camber,
        Arrival brings,
        boolean closes,
        boolean steepens,
        Optional<TargetBevel> present,
        Optional<Blade> blade,
        GeometryKind kind,
        SheetHabits habits) {

    /** The manner of a family that is not cambered. */
    public static WorkingMethod of(GeometryKind kind, TargetBevel target, Optional<String> guide) {
        return of(kind, target, guide, Optional.empty());
    }

    /** The manner of a family, in a roller guide where it is held by anything. */
    public static WorkingMethod of(
            GeometryKind kind, TargetBevel target, Optional<String> guide, Optional<Camber> camber) {
        return heldBy(kind, target, guide.map(g -> StoneHolder.of(g, HolderKind.ROLLER_GUIDE)), camber);
    }

    /** The manner of a family, held by whatever there is. */
    public static WorkingMethod heldBy(
            GeometryKind kind, TargetBevel target, Optional<StoneHolder> holder, Optional<Camber> camber) {
        boolean both = kind.bothSides();
        boolean single = kind == GeometryKind.SINGLE_BEVEL_KNIFE;
        String honed = single
                ? StepWords.EDGE_BEVEL.words()
                : target.hasSecondary() ? (both ? "micro-bevels" : "secondary") : both ? "bevels" : "bevel";
        return new WorkingMethod(
                single ? StepWords.BROAD_FACE.words() : both ? StepWords.EDGE_BEVELS.words() : "primary",
                kind == GeometryKind.TURNSCREW ? "faces" : honed,
                both ? List.of(Step.Side.LEFT, Step.Side.RIGHT) : List.of(Step.Side.BEVEL),
                both ? StepWords.THE_OTHER_SIDE.words() : StepWords.THE_BACK.words(),
                kind.back(),
                kind.convention().words(),
                holder,
                single || kind.spined() && both && target.hasSecondary(),
                camber,
                Arrival.UNKNOWN,
                false,
                false,
                Optional.empty(),
                Optional.empty(),
                kind,
                SheetHabits.USUAL);
    }

    /** The same in a house of other habits. */
    public WorkingMethod with(SheetHabits changed) {
        return new WorkingMethod(
                ground,
                honed,
                worked,
                other,
                back,
                angleWords,
                holder,
                narrow,
                camber,
                brings,
                closes,
                steepens,
                present,
                blade,
                kind,
                changed);
    }

    private boolean both() {
        return worked.size() == 2;
    }

    /**
     * The same of a tool of which this is known.
     *
     * @param of the blade
     * @param now its bevels as they are
     * @param then its bevels as they are to be
     */
    public WorkingMethod bringing(Blade of, Arrival known, ToolUse use, TargetBevel now, TargetBevel then) {
        return new WorkingMethod(
                ground,
                honed,
                worked,
                other,
                back,
                angleWords,
                holder,
                narrow,
                camber,
                known,
                known.mayClose(use),
                kind.spined() && both() && then.last().minus(now.last()).degrees() >= Prior.STEEPENS_FROM_DEG.value(),
                Optional.of(now),
                Optional.of(of),
                kind,
                habits);
    }

    /**
     * What a job does to the angle that is there; matching where that is not known.
     *
     * @param ground whether the bevel under it was ground before
     */
    Step.Intent intent(JobKind kind, Angle angle, boolean ground) {
        if (kind == JobKind.THINNING) {
            return Step.Intent.THIN;
        }
        if (kind == JobKind.BACK_BEVEL) {
            return Step.Intent.ADD;
        }
        if (present.isEmpty()) {
            return Step.Intent.MATCH;
        }
        TargetBevel now = present.get();
        boolean fresh = kind == JobKind.SECONDARY && (ground || !now.hasSecondary() && steeper(angle, now.primary()));
        if (fresh) {
            return Step.Intent.ADD;
        }
        Angle there = kind == JobKind.PRIMARY ? now.primary() : now.last();
        return steeper(angle, there)
                ? Step.Intent.STEEPEN
                : steeper(there, angle) ? Step.Intent.LOWER : Step.Intent.MATCH;
    }

    private static boolean steeper(Angle one, Angle other) {
        return one.minus(other).degrees() > Prior.SAME_ANGLE_DEG.value();
    }

    /** Whether its end is to be square to its side, straight across. */
    boolean squares() {
        return kind.square() && camber.isEmpty();
    }

    /** What a bevel is called: the ground one, or the honed one. */
    String bevelOf(JobKind kind) {
        return kind == JobKind.PRIMARY ? ground : honed;
    }

    /** How far the hand rises through belly and tip of a blade that is laid on a stone by hand. */
    Optional<CurveLift> lift(Angle leans) {
        return grip() == SheetHabits.Grip.HAND ? blade.flatMap(b -> CurveLift.of(b.layout(), leans)) : Optional.empty();
    }

    /** How high the lower corner of a knife's spine stands above the stone, where the hand alone holds it. */
    Optional<Length> spineHeight(Angle leans) {
        boolean byHand = holder.filter(h -> h.kind() != HolderKind.HAND).isEmpty();
        Optional<Double> spine = blade.map(b -> b.measures().values().get("spineThickness"));
        return byHand && kind.spined() && both() && spine.isPresent()
                ? Optional.of(new SpineHeight(blade.get().usable(), Length.ofMm(spine.get())).height(leans))
                        .filter(h -> h.mm() > 0)
                : Optional.empty();
    }

    /** Whether it is so narrow that its back rocks when it is worked along the stone. */
    boolean narrowBack() {
        return blade.filter(b -> b.edgeLengthMm() < Prior.BACK_WORK_NARROW_MM.value())
                .isPresent();
    }

    /** What moves over what. */
    SheetHabits.Grip grip() {
        if (kind.powered()) {
            return SheetHabits.Grip.FILE;
        }
        return holder.map(h -> switch (h.kind()) {
                    case ROLLER_GUIDE, FACE_GUIDE -> SheetHabits.Grip.ROLLER;
                    case HAND_STONE -> SheetHabits.Grip.STONE_IN_HAND;
                    default -> SheetHabits.Grip.HAND;
                })
                .orElse(SheetHabits.Grip.HAND);
    }

    /** How strokes are shared over a cambered edge, in words; empty on a straight one. */
    String stations(List<Integer> dealt) {
        return dealt.isEmpty()
                ? ""
                : StepWords.CAMBER_STROKES.fill(
                        "dealt", dealt.stream().map(String::valueOf).collect(Collectors.joining(", ")));
    }

    /** Strokes at each station of a cambered edge, by the depth to go there; none on a straight one. */
    List<Integer> stationStrokes(int strokes, boolean shapes, Job job) {
        if (camber.isEmpty()) {
            return List.of();
        }
        if (!shapes) {
            return Camber.refiningStrokes(strokes);
        }
        return job instanceof EdgeBevel edge
                ? Camber.strokesByDepth(strokes, edge.stationDepthsMm())
                : camber.get().shapingStrokes(strokes);
    }

    /** Strokes one side gets before the other has its turn; 0 for a whole side at a time. */
    int setOf() {
        return worked.size() == 2 ? habits.setOf() : 1;
    }

    /** The sides that the burr is taken off on. */
    List<Step.Side> burrSides() {
        return worked.size() == 2 ? worked : List.of(Step.Side.BEVEL, Step.Side.BACK);
    }

    /** Strokes on each side, of so many in all. */
    int eachSide(int strokes) {
        return (strokes + worked.size() - 1) / worked.size();
    }
}
