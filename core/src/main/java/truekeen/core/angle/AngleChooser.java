package truekeen.core.angle;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import truekeen.core.message.Numbers;
import truekeen.core.quantity.Angle;
import truekeen.core.steel.SteelClass;
import truekeen.core.table.Prior;
import truekeen.core.tool.Convention;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.Operation;
import truekeen.core.tool.ToolUse;

/**
 * Chooses primary and last bevel.
 *
 * <p>A present primary inside the trade's range is kept, else the usual one taken. The secondary adds its usual step.
 * What the tool's history asks moves the last bevel: raising goes to the step, then to the primary; lowering takes from
 * the step, though not below 1°, then from the primary; all within the bounds of the trade, and a bound that is reached
 * is said. Where the last bevel lies below the steel's lowest sound one, it is raised in the same order; what is still
 * too low is kept and warned of, since that floor warns and does not forbid. Source: workshop prior.
 */
public final class AngleChooser {
    private static final double SLACK_DEG = 1e-9;
    private static final double LEAST_STEP_DEG = Prior.ANGLE_CHOOSER_LEAST_STEP_DEG.value();
    /** Up to so far outside its range a bevel is left as it is without a word (°). */
    private static final double LEAVE_IT_DEG = Prior.ANGLE_LEAVE_IT_DEG.value();
    /** Up to so far it is kept with a word (°). */
    private static final double KEPT_OUTSIDE_DEG = Prior.ANGLE_KEPT_OUTSIDE_DEG.value();

    private static final double REPEAT_WITHIN_DEG = Prior.ANGLE_CHOOSER_REPEAT_WITHIN_DEG.value();

    private final ToolUse trade;
    private final SteelClass steel;
    private final OptionalDouble hardness;
    private final AngleHabits habits;
    private final List<String> reasons = new ArrayList<>();
    private double primary;
    private double step;
    private boolean kept;

    private AngleChooser(ToolUse trade, SteelClass steel, OptionalDouble hardness, AngleHabits habits) {
        this.trade = trade;
        this.steel = steel;
        this.hardness = hardness;
        this.habits = habits;
    }

    /** Chooses without a history, in the usual manner; {@code present} is the primary the tool has now, if any. */
    public static AngleChoice choose(ToolUse trade, SteelClass steel, Optional<Angle> present) {
        return choose(
                trade,
                steel,
                OptionalDouble.empty(),
                present,
                Optional.empty(),
                AngleHistory.of(List.of()),
                AngleHabits.USUAL);
    }

    /**
     * Chooses the angles for a tool with a history in a shop with habits.
     *
     * @param hardness of the blade (HRC), if it is known
     * @param presentLast the last bevel the tool has now, if it has a secondary
     */
    public static AngleChoice choose(
            ToolUse trade,
            SteelClass steel,
            OptionalDouble hardness,
            Optional<Angle> present,
            Optional<Angle> presentLast,
            AngleHistory history,
            AngleHabits habits) {
        return new AngleChooser(trade, steel, hardness, habits).choose(present, presentLast, history);
    }

    /** Lowest sound last bevel of a steel for a trade; empty where the tool has no apex. */
    public static Optional<Angle> floor(ToolUse trade, SteelClass steel) {
        return trade.hasApex()
                ? Optional.of(
                        trade.convention() == Convention.PER_SIDE ? steel.lowestPerSide() : steel.lowestFromBack())
                : Optional.empty();
    }

    private AngleChoice choose(Optional<Angle> present, Optional<Angle> presentLast, AngleHistory history) {
        kept = primary(present);
        step = step();
        Optional<Angle> floor = floor(trade, steel).map(this::heedHardness);
        double before = primary;
        history.wanted().ifPresent(w -> follow(w, history.evidence(), floor));
        floor.ifPresent(this::raiseToFloor);
        boolean sides = trade.convention() == Convention.PER_SIDE;
        Optional<Angle> lastNow = presentLast.or(() -> sides ? present : Optional.empty());
        if (kept && history.wanted().isEmpty()) {
            lastNow.ifPresent(l -> keepLast(l, floor));
        }
        boolean below = floor.filter(f -> last() < f.degrees() - SLACK_DEG).isPresent();
        if (below) {
            reasons.add(AngleWords.BELOW_THE_FLOOR.fill("last", degrees(last()), "floor", floor.get()));
        }
        return new AngleChoice(
                Angle.ofDegrees(primary),
                Angle.ofDegrees(step),
                floor,
                kept && primary == before,
                below,
                List.copyOf(reasons));
    }

    private Angle heedHardness(Angle floor) {
        Angle more = steel.hardnessAllowance(hardness);
        if (more.radians() > 0) {
            boolean hard = hardness.getAsDouble() > steel.hardnessHigh().getAsDouble();
            String hrc = Numbers.plain(hardness.getAsDouble(), 1);
            String usual = steel.hardness();
            reasons.add(
                    hard
                            ? AngleWords.HARDER_THAN_USUAL.fill("hrc", hrc, "usual", usual, "more", more)
                            : AngleWords.SOFTER_THAN_USUAL.fill("hrc", hrc, "usual", usual, "more", more));
        }
        return floor.plus(more);
    }

    /**
     * The ground bevel. One that the tool has is kept where it lies in the range of its work or near it, and one that is
     * flatter is steepened by the secondary: nothing is ground anew unless it is far too steep, or far too flat where no secondary
     * may be put on it.
     *
     * @return whether the present one stays
     */
    private boolean primary(Optional<Angle> present) {
        String range = trade.primaryLow() + " to " + trade.primaryHigh();
        if (present.isEmpty()) {
            primary = trade.primaryUsual().degrees();
            reasons.add(AngleWords.PRIMARY_USUAL.fill("usual", trade.primaryUsual()));
            return false;
        }
        double now = present.get().degrees();
        double outside =
                outside(now, trade.primaryLow().degrees(), trade.primaryHigh().degrees());
        boolean flatter = now < trade.primaryLow().degrees();
        boolean kept = outside <= KEPT_OUTSIDE_DEG + SLACK_DEG || flatter && !curved() && secondary();
        primary = kept ? now : trade.primaryUsual().degrees();
        AngleWords words = outside <= SLACK_DEG
                ? AngleWords.PRIMARY_KEPT
                : !kept
                        ? AngleWords.PRIMARY_REGROUND
                        : outside <= LEAVE_IT_DEG + SLACK_DEG
                                ? AngleWords.PRIMARY_LEFT
                                : flatter && outside > KEPT_OUTSIDE_DEG + SLACK_DEG
                                        ? AngleWords.PRIMARY_STEEPENED
                                        : AngleWords.PRIMARY_NEARLY;
        reasons.add(
                words == AngleWords.PRIMARY_REGROUND
                        ? words.fill("present", present.get(), "range", range, "usual", trade.primaryUsual())
                        : words.fill("present", present.get(), "range", range));
        return kept;
    }

    private boolean secondary() {
        return trade.geometry().allows(Operation.SECONDARY);
    }

    private boolean curved() {
        return trade.geometry() == GeometryKind.CONVEX_BLADE;
    }

    /** How far an angle lies outside a range (°); 0 within it. */
    private static double outside(double angle, double low, double high) {
        return Math.max(0, Math.max(low - angle, angle - high));
    }

    private double step() {
        double usual = trade.stepUsual().degrees();
        double most = trade.stepMax().degrees();
        if (most == 0) {
            return 0;
        }
        if (curved()) {
            reasons.add(AngleWords.CURVE_KEPT.words());
            return 0;
        }
        if (habits.form() == AngleHabits.Form.SINGLE_FLAT) {
            reasons.add(AngleWords.ONE_FLAT_BEVEL.words());
            return 0;
        }
        if (habits.form() == AngleHabits.Form.HOLLOW) {
            reasons.add(AngleWords.HOLLOW_GROUND.words());
            return 0;
        }
        if (habits.step().isPresent()) {
            double wanted = habits.step().get().degrees();
            double taken = Math.min(wanted, most);
            String adds = degrees(wanted);
            reasons.add(
                    taken < wanted
                            ? AngleWords.SECONDARY_BOUNDED.fill("adds", adds, "most", degrees(most))
                            : AngleWords.SECONDARY_BY_HOUSE.fill("adds", adds));
            return taken;
        }
        reasons.add(AngleWords.SECONDARY_USUAL.fill("usual", trade.stepUsual()));
        return usual;
    }

    private void follow(Angle wanted, String evidence, Optional<Angle> floor) {
        double before = last();
        double asked = wanted.degrees();
        String wants = degrees(asked);
        if (asked > before + SLACK_DEG) {
            raiseTo(asked);
        } else if (asked < before - SLACK_DEG) {
            double sound = floor.map(Angle::degrees).orElse(0.0);
            lowerTo(Math.max(asked, Math.min(sound, before)));
        }
        if (Math.abs(last() - asked) <= SLACK_DEG) {
            reasons.add(
                    asked == before
                            ? AngleWords.HISTORY_HAS_IT.fill("evidence", evidence, "wants", wants)
                            : AngleWords.HISTORY_ASKS.fill("evidence", evidence, "wants", wants));
        } else if (last() < asked) {
            reasons.add(AngleWords.HISTORY_MOST.fill("evidence", evidence, "wants", wants, "last", degrees(last())));
        } else {
            reasons.add(AngleWords.HISTORY_LEAST.fill("evidence", evidence, "wants", wants, "last", degrees(last())));
        }
    }

    private void raiseToFloor(Angle floor) {
        if (last() >= floor.degrees() - SLACK_DEG) {
            return;
        }
        double stepBefore = step;
        double primaryBefore = primary;
        if (kept && !secondary()) {
            // One bevel is all it may have: it is not ground anew for a warning.
            reasons.add(AngleWords.FLOOR_AT_THE_NEXT_GRIND.fill("floor", floor));
            return;
        }
        if (kept) {
            // Steepening is a secondary on the bevel that is there, not a re-grind.
            step = Math.max(step, floor.degrees() - primary);
        } else {
            raiseTo(floor.degrees());
        }
        if (step > stepBefore) {
            reasons.add(
                    AngleWords.STEP_RAISED_TO_FLOOR.fill("steel", steel.name(), "floor", floor, "step", degrees(step)));
        }
        if (primary > primaryBefore) {
            String raised = degrees(primary);
            reasons.add(
                    step > stepBefore
                            ? AngleWords.PRIMARY_RAISED_TOO.fill("raised", raised)
                            : AngleWords.PRIMARY_RAISED_TO_FLOOR.fill(
                                    "steel", steel.name(), "floor", floor, "raised", raised));
        }
    }

    private void raiseTo(double last) {
        double most = habits.form() == AngleHabits.Form.PRIMARY_AND_SECONDARY
                ? trade.stepMax().degrees()
                : step;
        step = Math.max(step, Math.min(last - primary, most));
        primary = Math.max(primary, Math.min(last - step, trade.primaryHigh().degrees()));
    }

    private void lowerTo(double last) {
        double least = Math.min(step, LEAST_STEP_DEG);
        step = Math.min(step, Math.max(last - primary, least));
        primary = Math.min(primary, Math.max(last - step, trade.primaryLow().degrees()));
    }

    private double last() {
        return primary + step;
    }

    /**
     * A present last bevel within the range of last bevels stays as it is, and one near it too: a new angle every time costs
     * more than it gives.
     */
    private void keepLast(Angle now, Optional<Angle> floor) {
        double last = now.degrees();
        boolean sound = floor.isEmpty() || last >= floor.get().degrees() - SLACK_DEG;
        boolean asked = habits.form() != AngleHabits.Form.PRIMARY_AND_SECONDARY
                || habits.step().isPresent();
        double low = trade.primaryLow().degrees() + LEAST_STEP_DEG;
        double high = trade.primaryHigh().degrees() + trade.stepMax().degrees();
        boolean near = outside(last, low, high) <= KEPT_OUTSIDE_DEG + SLACK_DEG;
        boolean repeated = Math.abs(last - last()) <= REPEAT_WITHIN_DEG;
        if (habits.repeat()
                && sound
                && last >= primary - SLACK_DEG
                && (near && !asked || repeated)
                && Math.abs(last - last()) > SLACK_DEG) {
            reasons.add(AngleWords.SETTING_REPEATED.fill("presentLast", now, "last", degrees(last())));
            step = last - primary;
        }
    }

    private static String degrees(double value) {
        return Angle.ofDegrees(value).toString();
    }
}
