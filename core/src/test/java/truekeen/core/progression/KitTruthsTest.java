package truekeen.core.progression;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveClass;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.condition.BackState;
import truekeen.core.condition.Dullness;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.Restorer;
import truekeen.core.section.TargetBevel;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ToolUses;

/** What strops, ceramic rods and the like do in a plan. */
class KitTruthsTest {
    private static final Blade KNIFE = Blades.blade(GeometryKind.KNIFE);
    private static final SteelClass CARBON = Steels.byName("plain carbon").orElseThrow();
    private static final SteelClass VANADIUM =
            Steels.byName("powder high-vanadium").orElseThrow();

    private static Abrasive on(String name, AbrasiveKind kind, double um, Abrasive.Shape shape) {
        return Shelves.piece(name, kind.key(), um, shape, Abrasive.State.READY);
    }

    private static Abrasive strop(String name, double um, AbrasiveClass grain) {
        Abrasive made = on(name, AbrasiveKind.CHARGED_STROP, um, Abrasive.Shape.STROP);
        return new Abrasive(name, name, made.kind(), grain, um, false, made.shape(), made.lubricant(), made.state());
    }

    private static WorkPlan plan(Blade blade, Dullness dull, SteelClass steel, PlanAsk ask, Abrasive... shelf) {
        EdgeSurvey survey = new EdgeSurvey(List.of(), EdgeSurvey.Squareness.SQUARE, dull, true, BackState.POLISHED, 0);
        return WorkPlanner.plan(
                Restorer.restore(blade, survey, TargetBevel.of(blade)),
                survey,
                ToolUses.all().stream()
                        .filter(t -> t.geometry() == blade.kind())
                        .findFirst()
                        .orElseThrow(),
                steel,
                new ArrayList<>(List.of(shelf)),
                PlanRules.USUAL,
                ask);
    }

    private static PlanAsk asked(StropWish wish) {
        return new PlanAsk(
                OptionalDouble.empty(),
                Optional.empty(),
                Map.of(),
                Optional.empty(),
                Optional.ofNullable(wish),
                OptionalDouble.empty());
    }

    private static final Abrasive DIAMOND = on("diamond", AbrasiveKind.RESIN_DIAMOND, 9, Abrasive.Shape.BENCH);
    private static final Abrasive FINE_DIAMOND = on("fine", AbrasiveKind.RESIN_DIAMOND, 3, Abrasive.Shape.BENCH);
    private static final Abrasive GREEN = strop("green", 0.5, AbrasiveClass.OXIDE);
    private static final Abrasive PASTE = strop("paste", 1, AbrasiveClass.SUPER);

    @Test
    void oxideOnLeatherIsLeftOutOnVanadiumSteelAndSaid() {
        WorkPlan without = plan(KNIFE, Dullness.DULL, VANADIUM, asked(null), DIAMOND, FINE_DIAMOND, GREEN);
        assertThat(without.strops()).isEmpty();
        assertThat(without.stropNote()).isEqualTo(ProgressionWords.OXIDE_STROP_LEFT.fill("strop", "green"));
        WorkPlan both = plan(KNIFE, Dullness.DULL, VANADIUM, asked(null), DIAMOND, FINE_DIAMOND, GREEN, PASTE);
        assertThat(both.strops()).containsExactly(PASTE);
        assertThat(plan(KNIFE, Dullness.DULL, CARBON, asked(null), DIAMOND, FINE_DIAMOND, GREEN)
                        .strops())
                .containsExactly(GREEN);
    }

    @Test
    void aStropIsChosenByHandOrLeftOut() {
        Abrasive[] shelf = {DIAMOND, FINE_DIAMOND, GREEN, PASTE};
        WorkPlan chosen = plan(KNIFE, Dullness.DULL, VANADIUM, asked(new StropWish("green")), shelf);
        assertThat(chosen.strops()).containsExactly(GREEN);
        assertThat(chosen.stropNote()).isEqualTo(ProgressionWords.OXIDE_STROP_ASKED.fill("strop", "green"));
        WorkPlan none = plan(KNIFE, Dullness.DULL, CARBON, asked(StropWish.NONE), shelf);
        assertThat(none.strops()).isEmpty();
        assertThat(none.stropStrokes()).isZero();
        assertThat(none.stropNote()).isEqualTo(ProgressionWords.NO_STROP_ASKED.words());
    }

    @Test
    void aCeramicRodEndsTheWorkOnAKnifeAndNeverBeginsIt() {
        Abrasive stone = on("stone", AbrasiveKind.CERAMIC_WATER_STONE, 14, Abrasive.Shape.BENCH);
        Abrasive rod = on("rod", AbrasiveKind.FUSED_CERAMIC, 8, Abrasive.Shape.ROD);
        List<String> knife = stones(plan(KNIFE, Dullness.DULL, CARBON, asked(null), rod, stone));
        assertThat(knife).containsExactly("stone", "rod");
        Abrasive finer = on("finer", AbrasiveKind.CERAMIC_WATER_STONE, 2, Abrasive.Shape.BENCH);
        assertThat(stones(plan(
                        KNIFE,
                        Dullness.DULL,
                        CARBON,
                        asked(null),
                        on("coarse rod", AbrasiveKind.FUSED_CERAMIC, 30, Abrasive.Shape.ROD),
                        stone,
                        finer)))
                .doesNotContain("coarse rod");
        Blade chisel = Blades.blade(GeometryKind.CHISEL);
        assertThat(stones(plan(chisel, Dullness.DULL, CARBON, asked(null), rod, stone)))
                .containsExactly("stone");
        Abrasive steel = on("smooth", AbrasiveKind.PAPER_ON_STICK, 5, Abrasive.Shape.ROD);
        assertThat(stones(plan(KNIFE, Dullness.DULL, CARBON, asked(null), steel, stone)))
                .containsExactly("stone");
    }

    @Test
    void aRodTouchesUpAKnifeByItself() {
        Abrasive rod = on("rod", AbrasiveKind.FUSED_CERAMIC, 8, Abrasive.Shape.ROD);
        Abrasive stone = on("stone", AbrasiveKind.CERAMIC_WATER_STONE, 30, Abrasive.Shape.BENCH);
        assertThat(stones(plan(KNIFE, Dullness.TOUCH_UP, CARBON, asked(null), rod, stone)))
                .containsExactly("rod");
    }

    private static List<String> stones(WorkPlan plan) {
        return plan.edgePath().orElseThrow().legs().stream()
                .map(l -> l.abrasive().name())
                .toList();
    }
}
