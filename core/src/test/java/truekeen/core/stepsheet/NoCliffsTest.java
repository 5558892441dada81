package truekeen.core.stepsheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;
import org.junit.jupiter.api.Test;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.condition.BackState;
import truekeen.core.condition.Dullness;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.Finding;
import truekeen.core.condition.Occasion;
import truekeen.core.progression.PlanAsk;
import truekeen.core.progression.PlanRules;
import truekeen.core.progression.Shelves;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.TargetBevel;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ToolUse;
import truekeen.core.tool.ToolUses;

/**
 * A little more of anything asks for a little more work: no jump beyond twofold between neighbouring values that is not
 * announced with a cheaper choice beside it.
 */
class NoCliffsTest {
    private static final SteelClass STEEL =
            Steels.byName("low-alloy tool steel").orElseThrow();
    private static final ToolUse CHISEL_WORK =
            ToolUses.byKey("bench chisel / general bench work").orElseThrow();
    private static final ToolUse IRON_WORK =
            ToolUses.byKey("plane iron bevel down / smoothing").orElseThrow();
    private static final ToolUse KNIFE_WORK =
            ToolUses.byKey("kitchen knife / general").orElseThrow();

    private static final List<Abrasive> SHELF = List.of(
            on("coarse", "aluminium oxide water stone", 30),
            on("middle", "aluminium oxide water stone", 11.5),
            on("fine", "ceramic-bonded water stone", 3),
            Shelves.piece("leather", "strop with compound", 0.5, Abrasive.Shape.STROP, Abrasive.State.READY));

    private static Abrasive on(String name, String kind, double um) {
        return Shelves.piece(name, kind, um, Abrasive.Shape.BENCH, Abrasive.State.READY);
    }

    private static EdgeSurvey dull(Finding... findings) {
        return new EdgeSurvey(
                List.of(findings), EdgeSurvey.Squareness.SQUARE, Dullness.DULL, false, BackState.POLISHED, 0);
    }

    private static PlanCase on(Blade blade, EdgeSurvey survey, TargetBevel target, ToolUse work) {
        OptionalDouble thinAt = work.thinAtMm() > 0 ? OptionalDouble.of(work.thinAtMm()) : OptionalDouble.empty();
        Occasion occasion = new Occasion(false, thinAt, false, Occasion.BackDecision.FLATTEN, true);
        return new PlanCase(
                blade,
                survey,
                target,
                STEEL,
                work,
                WorkingMethod.of(blade.kind(), target, Optional.empty()),
                SHELF,
                PlanRules.USUAL,
                new PlanAsk(OptionalDouble.empty(), Optional.empty()).at(target),
                occasion);
    }

    private static TargetBevel bevels(double primary, double last) {
        return new TargetBevel(Angle.ofDegrees(primary), Angle.ofDegrees(last));
    }

    private static final Blade CHISEL = Blades.chisel(24, 3.2, 90, 20, 25, Blades.micro(30, 0.6));

    private static Blade iron(double camber) {
        return Blades.blade(GeometryKind.PLANE_IRON_DOWN, "camber", camber > 0 ? camber : Double.NaN);
    }

    /** Time at each value, and what is said first of it. */
    private record At(double value, double seconds, boolean announced) {}

    /** Walks a value over its range and lists the jumps nobody is told of. */
    private static List<String> cliffs(double from, double to, double step, DoubleFunction<PlanCase> on) {
        List<At> all = new ArrayList<>();
        for (double v = from; v <= to + 1e-9; v += step) {
            PlanCase asked = on.apply(v);
            PlanCase.Worked worked = asked.worked();
            boolean told = TooMuchByHand.of(asked, worked)
                    .filter(t -> t.ways().stream().anyMatch(w -> w.savesMinutes() > 0))
                    .isPresent();
            all.add(new At(v, worked.time().likely(), told));
        }
        assertThat(all).hasSizeGreaterThan(10);
        List<String> jumps = new ArrayList<>();
        for (int i = 1; i < all.size(); i++) {
            At a = all.get(i - 1);
            At b = all.get(i);
            At more = a.seconds > b.seconds ? a : b;
            At less = a.seconds > b.seconds ? b : a;
            if (more.seconds > 2 * less.seconds && !more.announced) {
                jumps.add(String.format("%.3f: %.0f s -> %.3f: %.0f s", a.value, a.seconds, b.value, b.seconds));
            }
        }
        return jumps;
    }

    @Test
    void primary() {
        assertThat(cliffs(20, 29.5, 0.25, v -> on(CHISEL, dull(), bevels(v, 30), CHISEL_WORK)))
                .isEmpty();
    }

    @Test
    void lastBevel() {
        assertThat(cliffs(26, 38, 0.25, v -> on(CHISEL, dull(), bevels(25, v), CHISEL_WORK)))
                .isEmpty();
    }

    @Test
    void depthOfAChip() {
        assertThat(cliffs(
                        0.02,
                        1.2,
                        0.02,
                        v -> on(
                                CHISEL,
                                dull(new Finding(Finding.Kind.CHIP, 8, 10, v, false)),
                                bevels(25, 30),
                                CHISEL_WORK)))
                .isEmpty();
    }

    @Test
    void camber() {
        Blade straight = iron(0);
        assertThat(cliffs(
                        0.02,
                        1,
                        0.02,
                        v -> on(straight, dull(), TargetBevel.of(straight).cambered(Length.ofMm(v)), IRON_WORK)))
                .isEmpty();
    }

    @Test
    void camberItHasAlready() {
        assertThat(cliffs(0.02, 1, 0.02, v -> on(iron(v), dull(), TargetBevel.of(iron(v)), IRON_WORK)))
                .isEmpty();
    }

    @Test
    void width() {
        assertThat(cliffs(
                        3,
                        60,
                        1,
                        v -> on(
                                Blades.chisel(v, 3.2, 90, 20, 25, Blades.micro(30, 0.6)),
                                dull(),
                                bevels(25, 30),
                                CHISEL_WORK)))
                .isEmpty();
    }

    @Test
    void thicknessBehindTheEdge() {
        assertThat(cliffs(0.3, 1.5, 0.02, v -> {
                    Blade knife = Blades.blade(GeometryKind.KNIFE, "behindEdge", v);
                    return on(knife, dull(), TargetBevel.of(knife), KNIFE_WORK);
                }))
                .isEmpty();
    }

    private static List<TooMuchByHand.Way> spared(PlanCase asked) {
        TooMuchByHand said = TooMuchByHand.of(asked, asked.worked()).orElseThrow();
        assertThat(said.tooMuch()).isFalse();
        assertThat(said.ways()).allSatisfy(w -> assertThat(w.savesMinutes() * 60)
                .isGreaterThanOrEqualTo(0.5 * asked.worked().time().likely()));
        return said.ways().stream().map(TooMuchByHand.WayOut::way).toList();
    }

    @Test
    void whatMakesTheJumpIsNamedWithWhatSparesIt() {
        assertThat(spared(on(CHISEL, dull(), bevels(24.5, 30), CHISEL_WORK)))
                .containsExactly(TooMuchByHand.Way.KEEP_THE_ANGLE);
        assertThat(spared(on(CHISEL, dull(), bevels(25, 27), CHISEL_WORK)))
                .containsExactly(TooMuchByHand.Way.KEEP_THE_ANGLE);
        Finding chip = new Finding(Finding.Kind.CHIP, 8, 10, 0.2, false);
        assertThat(spared(on(CHISEL, dull(chip), bevels(25, 30), CHISEL_WORK)))
                .containsExactly(TooMuchByHand.Way.LEAVE_A_FINDING);
        PlanCase plain = on(CHISEL, dull(), bevels(25, 30), CHISEL_WORK);
        assertThat(TooMuchByHand.of(plain, plain.worked())).isEmpty();
    }
}
