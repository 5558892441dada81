package truekeen.core.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static truekeen.core.machine.InspectionItem.*;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.machine.Inspection.Found;
import truekeen.core.machine.Inspection.Verdict;
import truekeen.core.machine.InspectionItem.Way;
import truekeen.core.message.InWords;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.Measures;

class InspectionTest {
    private static final Blade BAR = blade(
            GeometryKind.MOWER_BAR,
            Map.of(
                    "span", 510.0,
                    "edgeLength", 95.0,
                    "usableLength", 55.0,
                    "retireLength", 42.0,
                    "thickness", 4.0,
                    "primary", 30.0,
                    "land", 0.5,
                    "bore", 12.7));
    private static final Blade TRIMMER = blade(
            GeometryKind.TRIMMER,
            Map.of(
                    "teeth", 27.0,
                    "edgeLength", 22.0,
                    "usableLength", 7.0,
                    "retireLength", 4.0,
                    "thickness", 2.4,
                    "primary", 40.0));

    private static Blade blade(GeometryKind kind, Map<String, Double> values) {
        return kind.build(new Measures(values));
    }

    /** Everything on the good side of its limit. */
    private static Map<InspectionItem, Found> sound(Blade blade) {
        Map<InspectionItem, Found> all = new EnumMap<>(InspectionItem.class);
        for (InspectionItem item : InspectionItem.of(blade)) {
            if (item.way() == Way.QUESTION) {
                all.put(item, Found.answer(false));
            } else {
                Map<String, Double> measured = new HashMap<>();
                double good = item.way() == Way.AT_LEAST ? item.usualLimit(blade) * 1.3 : 0;
                item.inputs().forEach(i -> measured.put(i.key(), good));
                all.put(item, Found.of(measured));
            }
        }
        return all;
    }

    private static Blade having(InspectionItem item) {
        return Stream.of(BAR, TRIMMER, Blades.blade(GeometryKind.BRUSH_CUTTER))
                .filter(b -> InspectionItem.of(b).contains(item))
                .findFirst()
                .orElseThrow();
    }

    private static Inspection judge(Blade blade, InspectionItem item, Found found) {
        Map<InspectionItem, Found> all = sound(blade);
        all.put(item, found);
        return Inspection.of(blade, all, Map.of());
    }

    @Test
    void aSoundBladeIsFitAndItsLimitsAreCalledRulesOfThumb() {
        Inspection i = Inspection.of(BAR, sound(BAR), Map.of());
        assertThat(i.verdict()).isEqualTo(Verdict.FIT);
        assertThat(i.reasons()).isEmpty();
        assertThat(i.notes()).hasSize(3).allMatch(n -> n.contains("as a rule of thumb"));
        assertThat(Inspection.of(TRIMMER, sound(TRIMMER), Map.of()).verdict()).isEqualTo(Verdict.FIT);
    }

    @ParameterizedTest
    @EnumSource(InspectionItem.class)
    void eachThingAloneRejects(InspectionItem item) {
        Blade blade = having(item);
        Map<String, Double> bad = new HashMap<>();
        item.inputs().forEach(i -> bad.put(i.key(), item.way() == Way.AT_LEAST ? 0.1 : 0));
        if (item.way() != Way.QUESTION && item.way() != Way.AT_LEAST) {
            bad.put(item.inputs().get(0).key(), item.usualLimit(blade) + 1);
        }
        Inspection i = judge(blade, item, item.way() == Way.QUESTION ? Found.answer(true) : Found.of(bad));
        assertThat(i.verdict()).isEqualTo(Verdict.REJECT);
        assertThat(i.reasons()).singleElement().asString().contains(item.reason());
        assertThat(String.join(" ", i.reasons()) + i.notes())
                .as("nothing bent, cracked or worn is ever to be mended")
                .doesNotContainIgnoringCase("straighten")
                .doesNotContainIgnoringCase("weld")
                .doesNotContainIgnoringCase("heat it");
    }

    @ParameterizedTest
    @EnumSource(InspectionItem.class)
    void whatWasNotLookedAtStaysOpenUnlessSomethingElseRejects(InspectionItem item) {
        Blade blade = having(item);
        Map<InspectionItem, Found> some = sound(blade);
        some.remove(item);
        Inspection open = Inspection.of(blade, some, Map.of());
        assertThat(open.verdict()).isEqualTo(Verdict.OPEN);
        assertThat(open.open()).containsExactly(item);
        if (item != CRACKS) {
            some.put(CRACKS, Found.answer(true));
            assertThat(Inspection.of(blade, some, Map.of()).verdict()).isEqualTo(Verdict.REJECT);
        }
    }

    @Test
    void theBendIsHowTheTipsDifferWhicheverIsHigher() {
        assertThat(judge(BAR, BEND, Found.of(Map.of("left", 41.0, "right", 44.0)))
                        .verdict())
                .isEqualTo(Verdict.FIT);
        assertThat(judge(BAR, BEND, Found.of(Map.of("left", 44.1, "right", 41.0)))
                        .reasons())
                .containsExactly("its tips differ in height by 3.1\u202fmm; at most 3\u202fmm as a rule of thumb");
        assertThat(judge(BAR, BEND, Found.of(Map.of("left", 41.0))).verdict())
                .as("one height says nothing")
                .isEqualTo(Verdict.OPEN);
    }

    @Test
    void theMakersLimitGoesBeforeTheRuleOfThumbEitherWay() {
        Map<InspectionItem, Found> all = sound(BAR);
        all.put(WING, Found.of(Map.of("wing", 2.4)));
        assertThat(Inspection.of(BAR, all, Map.of()).verdict()).isEqualTo(Verdict.FIT);
        assertThat(Inspection.of(BAR, all, Map.of(WING, 2.5)).reasons())
                .containsExactly("its lift wing is worn down to 2.4\u202fmm; at least "
                        + InWords.figures("2.5\u202fmm by its maker"));
        all.put(BEND, Found.of(Map.of("left", 4.0, "right", 0.0)));
        assertThat(Inspection.of(BAR, all, Map.of(BEND, 5.0)).verdict()).isEqualTo(Verdict.FIT);
    }

    @Test
    void whatIsNearItsLimitIsSaid() {
        assertThat(judge(BAR, CENTRE, Found.of(Map.of("centre", 3.3))).notes()).anyMatch(n -> n.contains("near it"));
    }

    @Test
    void limitsFollowTheBlade() {
        assertThat(WING.usualLimit(BAR)).isEqualTo(2);
        assertThat(CENTRE.usualLimit(BAR)).isEqualTo(3.2);
        assertThat(InspectionItem.of(TRIMMER))
                .contains(ROOT_CRACK, TEETH_BROKEN)
                .doesNotContain(HOLE, BEND);
        assertThat(InspectionItem.of(BAR)).contains(HOLE, BEND, TRACK).doesNotContain(ROOT_CRACK);
    }
}
