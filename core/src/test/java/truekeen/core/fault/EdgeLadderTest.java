package truekeen.core.fault;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ToolUse;
import truekeen.core.tool.ToolUses;

/** Which tests a tool is given at its work, and that every sign comes of a test that is made. */
class EdgeLadderTest {
    private static final List<String> COMMON = List.of("LIGHT", "NAIL", "CLOTH");

    private static ToolUse use(String key) {
        return ToolUses.byKey(key).orElseThrow();
    }

    private static List<String> keys(String use) {
        return EdgeCheck.ladder(use(use)).stream().map(EdgeCheck::key).toList();
    }

    private static List<String> joined(List<String> first, String... more) {
        List<String> all = new ArrayList<>(first);
        all.addAll(Arrays.asList(more));
        return all;
    }

    @Test
    void aChiselParesAndAPlaneTakesShavings() {
        List<String> wood = joined(COMMON, "SQUARE", "PAPER", "THIN_PAPER", "END_GRAIN");
        assertThat(keys("bench chisel / paring soft wood"))
                .containsExactlyElementsOf(
                        joined(wood, "ARM_HAIR", "HANGING_HAIR", "TISSUE", "LOOK", "REFERENCE", "USE"));
        assertThat(keys("bench chisel / site work"))
                .containsExactlyElementsOf(joined(wood, "ARM_HAIR", "LOOK", "REFERENCE", "USE"));
        assertThat(keys("plane iron bevel down / jack and scrub"))
                .containsExactlyElementsOf(joined(wood, "ROUGH_SHAVING", "ARM_HAIR", "LOOK", "REFERENCE", "USE"));
        assertThat(keys("plane iron bevel down / smoothing")).contains("SHAVING", "TISSUE", "HANGING_HAIR");
    }

    @Test
    void aKnifeSlicesAndAnAxeDoesNotShave() {
        assertThat(keys("kitchen knife / general"))
                .startsWith("LIGHT", "NAIL", "CLOTH", "PAPER", "THIN_PAPER")
                .endsWith("LOOK", "REFERENCE", "THICKNESS", "USE")
                .doesNotContain("SQUARE", "END_GRAIN", "SHAVING");
        for (String chops : List.of("axe / felling", "axe / carving", "axe / splitting", "billhook / hedging")) {
            assertThat(keys(chops))
                    .containsExactlyElementsOf(joined(COMMON, "PAPER", "LOOK", "REFERENCE", "THICKNESS", "USE"));
        }
        assertThat(keys("single-bevel knife / edge bevel"))
                .contains("THIN_PAPER")
                .doesNotContain("END_GRAIN");
        assertThat(keys("grafting knife / clean cuts")).contains("THIN_PAPER").doesNotContain("END_GRAIN");
    }

    @ParameterizedTest
    @CsvSource({
        "turnscrew / fit the slot, LOOK|FIT",
        "shears / garden, LIGHT|NAIL|CLOTH|LOOK|REFERENCE|USE",
        "secateurs / bypass, LIGHT|NAIL|CLOTH|LOOK|REFERENCE|USE",
        "rotary mower bar / grass, LAND|BALANCE",
        "hedge trimmer / teeth, TEETH|TWIG|GAP",
        "brush-cutter blade / woody growth, TEETH|BALANCE"
    })
    void whatIsNotHeldToPaperHasTestsOfItsOwn(String use, String expected) {
        assertThat(String.join("|", keys(use))).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({
        "plane iron bevel down / smoothing, SHAVING",
        "plane iron bevel down / jack and scrub, ROUGH_SHAVING",
        "bench chisel / general bench work, USE",
        "kitchen knife / general, USE",
        "turnscrew / fit the slot, ''",
        "rotary mower bar / grass, ''"
    })
    void theFirstCutIsAShavingOrTheFirstMinutesOfUse(String use, String expected) {
        assertThat(EdgeCheck.firstCut(use(use)).map(EdgeCheck::key).orElse("")).isEqualTo(expected);
    }

    static Stream<ToolUse> uses() {
        return ToolUses.all().stream();
    }

    @ParameterizedTest
    @MethodSource("uses")
    void everyWorkHasALadderInRisingOrder(ToolUse use) {
        List<EdgeCheck> ladder = EdgeCheck.ladder(use);
        assertThat(ladder).isNotEmpty().isSubsetOf(EdgeCheck.all());
        assertThat(ladder)
                .isSortedAccordingTo((a, b) -> Integer.compare(
                        EdgeCheck.all().indexOf(a), EdgeCheck.all().indexOf(b)));
    }

    /** Few, in order, and among them one that proves that the tool does its work. */
    @ParameterizedTest
    @MethodSource("uses")
    void theTestsThatAWorkNeedsAreFewAndOneOfThemProves(ToolUse use) {
        List<EdgeCheck> needed = EdgeCheck.needed(use);
        assertThat(needed).hasSizeBetween(1, 4).isSubsetOf(EdgeCheck.ladder(use));
        assertThat(needed).anyMatch(c -> c.signs().stream().anyMatch(s -> EdgeState.proves(s.group(), use)));
        assertThat(needed)
                .isSortedAccordingTo((a, b) -> Integer.compare(
                        EdgeCheck.all().indexOf(a), EdgeCheck.all().indexOf(b)));
    }

    @ParameterizedTest
    @CsvSource({
        "bench chisel / general bench work, LIGHT|CLOTH|END_GRAIN",
        "plane iron bevel down / smoothing, LIGHT|CLOTH|SHAVING",
        "plane iron bevel down / jack and scrub, LIGHT|CLOTH|ROUGH_SHAVING",
        "kitchen knife / general, LIGHT|CLOTH|PAPER",
        "axe / felling, LIGHT|NAIL",
        "shears / garden, LIGHT|NAIL|USE",
        "turnscrew / fit the slot, FIT",
        "rotary mower bar / grass, LAND|BALANCE",
        "hedge trimmer / teeth, TEETH|GAP",
        "brush-cutter blade / woody growth, TEETH|BALANCE"
    })
    void whatAWorkNeedsIsItsOwn(String use, String expected) {
        assertThat(EdgeCheck.needed(use(use)).stream().map(EdgeCheck::key).toList())
                .containsExactly(expected.split("\\|"));
    }

    @Test
    void onlyAnEndThatIsToBeSquareIsHeldToTheSquare() {
        for (ToolUse use : ToolUses.all()) {
            if (!use.geometry().powered() && use.geometry() != GeometryKind.TURNSCREW) {
                assertThat(keys(use.key()).contains("SQUARE"))
                        .as(use.key())
                        .isEqualTo(use.geometry().square());
            }
        }
    }

    @ParameterizedTest
    @EnumSource(Sign.class)
    void aSignComesOfTheTestThatLooksForIt(Sign sign) {
        assertThat(sign.words()).isNotBlank();
        EdgeCheck.of(sign).ifPresent(check -> {
            assertThat(check.signs()).contains(sign);
            assertThat(EdgeCheck.named(check.key())).contains(check);
            assertThat(check.signs().get(0).says()).isEqualTo(Sign.Says.GOOD);
            assertThat(sign.observed()).isTrue();
        });
        assertThat(EdgeCheck.of(Sign.BRIGHT).orElseThrow().key()).isEqualTo("LIGHT");
        assertThat(EdgeCheck.of(Sign.FORCE_KEEN)).isEmpty();
        assertThat(EdgeCheck.named("NO_SUCH")).isEmpty();
    }

    @Test
    void whatFollowsFromATestOrAToolIsNotPutDownByPeople() {
        for (Sign sign : List.of(
                Sign.FORCE_KEEN, Sign.FORCE_HIGH_ALL, Sign.AT_TIP, Sign.LOCAL, Sign.ANGLE_LOW, Sign.FEW_SHARPENINGS)) {
            assertThat(sign.observed()).as(sign.name()).isFalse();
        }
        assertThat(Sign.BAR_DIPS.observed()).isTrue();
        assertThat(Sign.BRIGHT.placed()).isTrue();
        assertThat(Sign.NAIL_SMOOTH.placed()).isFalse();
    }
}
