package truekeen.core.bench;

import static truekeen.core.fault.Sign.*;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import truekeen.core.fault.Sign;
import truekeen.core.fault.Sign.Says;
import truekeen.core.repair.GrindAct;
import truekeen.core.stepsheet.Step;

/** What can be put down at a step, and what it says there: the same sign is right at one step and wrong at another. */
public final class StepSigns {
    private StepSigns() {}

    private static final Map<Step.BurrTask, List<Sign>> BY_TASK = Map.of(
            Step.BurrTask.RAISE,
            List.of(BURR_WHOLE, BURR_PART, BURR_NONE, BURR_THICK, BURR_GROWING, OLD_SCRATCHES, BRIGHT, WOBBLE),
            Step.BurrTask.KEEP,
            List.of(SCRATCHES_EVEN, OLD_SCRATCHES, HAZY, BURR_WHOLE, BURR_PART, BURR_GROWING, BRIGHT, WOBBLE),
            Step.BurrTask.KEEP_UNFELT,
            List.of(SCRATCHES_EVEN, OLD_SCRATCHES, HAZY, BRIGHT, WOBBLE),
            Step.BurrTask.TURN,
            List.of(PATCHY, REFERENCE_DIRTY, REFERENCE_CLEAN, WOBBLE),
            Step.BurrTask.TAKE_OFF,
            List.of(NAIL_SMOOTH, NAIL_ONE_SIDE, NAIL_CATCHES, CLOTH_FREE, CLOTH_CAUGHT),
            Step.BurrTask.TAKE_OFF_BETWEEN,
            List.of(NAIL_SMOOTH, NAIL_ONE_SIDE, NAIL_CATCHES),
            Step.BurrTask.SHED,
            List.of(CLOTH_FREE, CLOTH_CAUGHT, POLISHED));

    /** What can be tapped at a step, the good answer first. */
    public static List<Sign> offers(Step step) {
        return step.squares() ? with(byKind(step), SQUARE_OFF, SQUARE_TRUE) : byKind(step);
    }

    /** Whether a step works a part of an edge of that length (mm) and not the whole of it. */
    static boolean onPart(Step step, double edgeMm) {
        return step.where().toMm() - step.where().fromMm() < edgeMm - 1e-6;
    }

    /** What a sign is called at a step: along a stretch that is worked alone a burr is along that stretch. */
    public static String words(Step step, Sign sign, double edgeMm) {
        return sign == BURR_WHOLE && onPart(step, edgeMm) ? BenchWords.BURR_ALONG_STRETCH.words() : sign.words();
    }

    private static List<Sign> byKind(Step step) {
        if (BY_TASK.containsKey(step.burrTask())) {
            return BY_TASK.get(step.burrTask());
        }
        return switch (step.kind()) {
            case SET_GUIDE -> inked(step.intent());
            case ADJUST -> step.angleDeg().isPresent() ? inked(step.intent()) : List.of();
            // A machine leaves no pattern of a stone to judge: what it can spoil is the temper.
            case GRIND -> ground(step);
            case ENDS, TEETH -> List.of(LAND_EVEN, LAND_UNEVEN, COLOUR, COLOUR_FREE, WOBBLE);
            case WORK ->
                List.of(SCRATCHES_EVEN, OLD_SCRATCHES, PATCHY, REFERENCE_DIRTY, REFERENCE_CLEAN, STEADY, WOBBLE);
            default -> List.of();
        };
    }

    /** What the ink may show, what is right for the intent first. */
    private static List<Sign> inked(Step.Intent intent) {
        return switch (intent) {
            case MATCH -> List.of(INK_EVEN, INK_HEEL, INK_EDGE, INK_END, STEADY, WOBBLE);
            case STEEPEN, ADD -> List.of(INK_EDGE, INK_EVEN, INK_HEEL, INK_END, STEADY, WOBBLE);
            case LOWER, THIN -> List.of(INK_HEEL, INK_EVEN, INK_EDGE, INK_END, STEADY, WOBBLE);
        };
    }

    /** What a sign says at a step: where the ink is to go depends on what the step does to the angle. */
    public static Says says(Step step, Sign sign) {
        Step.Intent intent = step.intent();
        return switch (sign) {
            case INK_EDGE -> intent.edgeFirst() ? Says.GOOD : Says.BAD;
            case INK_HEEL -> intent.heelFirst() ? Says.GOOD : Says.BAD;
            // Bare all over, a facet of its own has not begun: it still lies on the bevel.
            case INK_EVEN -> intent.edgeFirst() || intent == Step.Intent.THIN ? Says.BAD : Says.GOOD;
            // Steel that lost its temper is no edge: the step stays shut until it is ground past.
            case COLOUR -> Says.BAD;
            default -> sign.says();
        };
    }

    /** What there is to see at a machine: what it spoils is the temper, and each act has its own besides. */
    private static List<Sign> ground(Step step) {
        return switch (step.act().orElse(GrindAct.Kind.BEVEL)) {
            case MARK, READY -> List.of();
            case SET -> inked(step.intent());
            case LOOK -> List.of(COLOUR_FREE, COLOUR);
            case BLUNT, BEVEL, LIGHT -> List.of(COLOUR, COLOUR_FREE);
        };
    }

    private static List<Sign> with(List<Sign> signs, Sign... more) {
        return Stream.concat(signs.stream(), Stream.of(more)).toList();
    }

    /** What must stand for a step to be open by what was seen: its good answer, and that it is square where it squares. */
    static List<Sign> opens(Step step) {
        List<Sign> offered = offers(step);
        if (offered.isEmpty()) {
            return List.of();
        }
        boolean look = step.act().filter(a -> a == GrindAct.Kind.LOOK).isPresent();
        return look && step.squares() ? List.of(offered.get(0), SQUARE_TRUE) : List.of(offered.get(0));
    }
}
