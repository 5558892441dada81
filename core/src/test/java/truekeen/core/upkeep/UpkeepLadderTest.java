package truekeen.core.upkeep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import truekeen.core.message.Says;
import truekeen.core.rule.HouseRule;
import truekeen.core.rule.HouseRules;
import truekeen.core.rule.RuleOption;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ToolUse;
import truekeen.core.tool.ToolUses;

class UpkeepLadderTest {
    private static final UpkeepLadder.Standing KNIFE =
            new UpkeepLadder.Standing(true, true, true, true, false, false, false);
    private static final UpkeepLadder.Standing CHISEL =
            new UpkeepLadder.Standing(true, true, true, false, false, false, false);

    private static TouchUp touch(Rung rung, double atUse, boolean regained) {
        return new TouchUp(rung, atUse, 20, OptionalDouble.empty(), OptionalDouble.empty(), regained);
    }

    private static UpkeepLadder ladder(UpkeepLadder.Standing standing, TouchUp... done) {
        return UpkeepLadder.of(
                standing, List.of(done), UseUnit.MEALS, new TouchUpSchool(TouchUpSchool.SteelRod.IN_ITS_TURN, false));
    }

    @Test
    void theStropComesFirstAndRodsAreForKnives() {
        assertThat(ladder(KNIFE).next()).isEqualTo(Rung.STROP);
        assertThat(ladder(KNIFE).after()).isEqualTo(Rung.CERAMIC_ROD);
        UpkeepLadder chisel = ladder(CHISEL);
        assertThat(chisel.after()).isEqualTo(Rung.FINEST_STONE);
        assertThat(chisel.missing()).containsKeys(Rung.CERAMIC_ROD, Rung.STEEL_ROD);
        UpkeepLadder bare = ladder(new UpkeepLadder.Standing(false, false, false, true, false, false, false));
        assertThat(bare.next()).isEqualTo(Rung.FINEST_STONE);
    }

    /** Ninety meals the first time, thirty after the strop: the strop is spent, and the rod is next. */
    @Test
    void whatLastsLessThanHalfOfTheFirstLifeIsSpent() {
        UpkeepLadder l = ladder(KNIFE, touch(Rung.STROP, 90, true), touch(Rung.STROP, 120, true));
        assertThat(l.next()).isEqualTo(Rung.CERAMIC_ROD);
        assertThat(l.spent()).containsOnlyKeys(Rung.STROP);
        assertThat(l.spent().get(Rung.STROP)).matches(Says.the(UpkeepWords.LASTED_TOO_SHORT, "lasted", "30 meals"));
        assertThat(l.why()).matches(Says.the(UpkeepWords.SPENT_BELOW));
        assertThat(l.paysWhen()).matches(Says.the(UpkeepWords.NEXT_PAYS_UNDER, "least", "45 meals", "share", "50"));
        assertThat(ladder(KNIFE, touch(Rung.STROP, 90, true), touch(Rung.STROP, 140, true))
                        .next())
                .isEqualTo(Rung.STROP);
    }

    @Test
    void whatDidNotBringItBackIsSpentUntilAHigherRungHelped() {
        TouchUp failed = touch(Rung.STROP, 90, false);
        assertThat(ladder(KNIFE, failed).next()).isEqualTo(Rung.CERAMIC_ROD);
        assertThat(ladder(KNIFE, failed, touch(Rung.FINEST_STONE, 91, true)).next())
                .isEqualTo(Rung.STROP);
        assertThat(ladder(CHISEL, failed, touch(Rung.FINEST_STONE, 91, false)).next())
                .isEqualTo(Rung.PROGRESSION);
    }

    private static UpkeepLadder in(HouseRule rule, RuleOption option, UpkeepLadder.Standing standing) {
        return UpkeepLadder.of(standing, List.of(), UseUnit.MEALS, school(rule, option));
    }

    private static TouchUpSchool school(HouseRule rule, RuleOption option) {
        ToolUse kitchen =
                ToolUses.all().stream().filter(ToolUse::food).findFirst().orElseThrow();
        return TouchUpSchool.of(HouseRules.usual().with(Map.of(rule, option)), kitchen);
    }

    /** Whoever holds the edge for a fringe lays it straight first; whoever holds it for a burr takes it off. */
    @Test
    void theHouseSaysWhatASteelRodIsFor() {
        UpkeepLadder fringe = in(HouseRule.BURR_VIEW, RuleOption.BURR_VIEW_FRINGE, KNIFE);
        assertThat(fringe.next()).isEqualTo(Rung.STEEL_ROD);
        assertThat(fringe.after()).isEqualTo(Rung.STROP);
        assertThat(fringe.why()).isEqualTo(UpkeepWords.HOUSE_LAYS_STRAIGHT.words());
        assertThat(in(HouseRule.BURR_VIEW, RuleOption.BURR_VIEW_FRINGE, CHISEL).next())
                .isEqualTo(Rung.STROP);
        UpkeepLadder remnant = in(HouseRule.BURR_VIEW, RuleOption.BURR_VIEW_REMNANT, KNIFE);
        assertThat(remnant.missing()).containsOnlyKeys(Rung.STEEL_ROD);
        assertThat(in(HouseRule.BURR_VIEW, RuleOption.BURR_VIEW_REMOVED, KNIFE).next())
                .isEqualTo(Rung.STROP);
    }

    @Test
    void theHouseSaysWhetherATouchUpLeavesTeeth() {
        assertThat(school(HouseRule.POLISH_LASTS, RuleOption.POLISH_LASTS_LONGER)
                        .medium())
                .isFalse();
        assertThat(school(HouseRule.POLISH_LASTS, RuleOption.POLISH_LASTS_SHORTER)
                        .medium())
                .isTrue();
        TouchUpSchool depends = school(HouseRule.POLISH_LASTS, RuleOption.POLISH_LASTS_DEPENDS);
        assertThat(depends.medium()).as("food wants teeth").isTrue();
        assertThat(depends.how(Rung.FINEST_STONE)).isNotEqualTo(Rung.FINEST_STONE.how());
        assertThat(depends.how(Rung.STROP)).isEqualTo(Rung.STROP.how());
        ToolUse chisel = ToolUses.all().stream()
                .filter(t -> t.geometry() == GeometryKind.CHISEL)
                .findFirst()
                .orElseThrow();
        assertThat(TouchUpSchool.of(HouseRules.usual(), chisel).medium()).isFalse();
    }

    @Test
    void aChipAWideFacetAndAThickEdgeGoToTheStones() {
        assertThat(ladder(new UpkeepLadder.Standing(true, true, true, true, true, false, false))
                        .next())
                .isEqualTo(Rung.PROGRESSION);
        UpkeepLadder wide = ladder(new UpkeepLadder.Standing(true, true, true, true, false, true, false));
        assertThat(wide.next()).isEqualTo(Rung.REGRIND);
        assertThat(wide.why()).matches(Says.the(UpkeepWords.FACET_TOO_WIDE));
        assertThat(ladder(new UpkeepLadder.Standing(true, true, true, true, false, false, true))
                        .next())
                .isEqualTo(Rung.THIN);
        assertThat(Rung.FINEST_STONE.touchUp()).isTrue();
        assertThat(Rung.PROGRESSION.touchUp()).isFalse();
    }

    @Test
    void eachTouchUpLastsLessUntilItsOwnLogKnows() {
        assertThat(NextTouchUp.lasting(List.of())).isEqualTo(1);
        assertThat(NextTouchUp.lasting(List.of(touch(Rung.STROP, 90, true)))).isCloseTo(0.7, within(1e-9));
        assertThat(NextTouchUp.lasting(List.of(touch(Rung.STROP, 90, true), touch(Rung.STROP, 135, true))))
                .isCloseTo(0.5 * 0.7, within(1e-9));
    }

    @Test
    void theNextTouchUpIsSaidByWorkAndByDate() {
        DullingCurve curve = DullingCurve.of(
                List.of(
                        new UseReading(0, 1.6),
                        new UseReading(20, 1.8),
                        new UseReading(40, 2.0),
                        new UseReading(60, 2.2)),
                1);
        LocalDate today = LocalDate.of(2026, 3, 2);
        NextTouchUp next = NextTouchUp.of(curve, 2.6, new NextTouchUp.Pace(60, 0, 2, true), 1, 0, today, UseUnit.MEALS);
        assertThat(next.likely().orElseThrow()).isCloseTo(100, within(0.01));
        assertThat(next.latest()).contains(today.plusDays(20));
        assertThat(next.words()).matches(Says.the(UpkeepWords.AT_ITS_PACE, "pace", "2"));
        NextTouchUp touched =
                NextTouchUp.of(curve, 2.6, new NextTouchUp.Pace(100, 0, 2, true), 0.7, 100, today, UseUnit.MEALS);
        assertThat(touched.likely().orElseThrow()).isCloseTo(170, within(0.01));
        assertThat(touched.latest()).contains(today.plusDays(35));
        NextTouchUp overdue =
                NextTouchUp.of(curve, 1.9, new NextTouchUp.Pace(60, 0, 2, false), 1, 0, today, UseUnit.MEALS);
        assertThat(overdue.day()).contains(today);
        assertThat(overdue.words()).matches(Says.the(UpkeepWords.AT_USUAL_PACE));
    }

    @Test
    void everyWorkIsCountedInItsOwnUnit() {
        assertThat(ToolUses.all()).allSatisfy(u -> assertThat(UseUnit.of(u)).isNotNull());
        assertThat(unit("kitchen knife")).isEqualTo(UseUnit.MEALS);
        assertThat(unit("bench chisel")).isEqualTo(UseUnit.SHAVINGS);
        assertThat(unit("plane iron bevel down")).isEqualTo(UseUnit.METRES);
        assertThat(unit("axe")).isEqualTo(UseUnit.HOURS);
        assertThat(unit("grafting knife")).isEqualTo(UseUnit.CUTS);
        assertThat(unit("rotary mower bar")).isEqualTo(UseUnit.HOURS);
    }

    private static UseUnit unit(String tool) {
        ToolUse use = ToolUses.all().stream()
                .filter(u -> u.tool().equals(tool))
                .findFirst()
                .orElseThrow();
        return UseUnit.of(use);
    }
}
