package truekeen.core.machine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.tool.GeometryKind;

class IsolationTest {
    private static Set<String> keys(PowerSource power, GeometryKind kind) {
        return Isolation.acts(power, kind).stream().map(SafetyAct::key).collect(Collectors.toSet());
    }

    @ParameterizedTest
    @CsvSource({
        "PETROL, MOWER_BAR, SPARK, BATTERY",
        "BATTERY, MOWER_BAR, BATTERY, SPARK",
        "MAINS, TRIMMER, PLUG, SPARK",
        "TOWED, MOWER_BAR, SHAFT, TILT",
        "PETROL, BRUSH_CUTTER, SPARK, TILT"
    })
    void eachIsCutOffInItsOwnWay(PowerSource power, GeometryKind kind, String has, String hasNot) {
        assertThat(keys(power, kind))
                .contains("STOPPED", "BLOCK", "GLOVES", has)
                .doesNotContain(hasNot);
    }

    @ParameterizedTest
    @EnumSource(PowerSource.class)
    void powerIsCutBeforeTheBladeIsBlockedAndGlovesComeLast(PowerSource power) {
        for (GeometryKind kind : List.of(GeometryKind.MOWER_BAR, GeometryKind.TRIMMER, GeometryKind.BRUSH_CUTTER)) {
            List<String> order =
                    Isolation.acts(power, kind).stream().map(SafetyAct::key).toList();
            assertThat(order).startsWith("STOPPED").endsWith("BLOCK", "GLOVES").doesNotHaveDuplicates();
            assertThat(Isolation.acts(power, kind)).allSatisfy(a -> assertThat(List.of(a.title(), a.how(), a.why()))
                    .noneMatch(String::isBlank));
        }
    }

    @Test
    void everyActCounts() {
        Set<String> all = keys(PowerSource.PETROL, GeometryKind.MOWER_BAR);
        assertThat(Isolation.missing(PowerSource.PETROL, GeometryKind.MOWER_BAR, all))
                .isEmpty();
        for (String one : all) {
            Set<String> some = all.stream().filter(k -> !k.equals(one)).collect(Collectors.toSet());
            assertThat(Isolation.missing(PowerSource.PETROL, GeometryKind.MOWER_BAR, some))
                    .extracting(SafetyAct::key)
                    .containsExactly(one);
        }
        assertThat(Isolation.missing(PowerSource.MAINS, GeometryKind.MOWER_BAR, all))
                .as("what makes a petrol engine safe does not pull a plug")
                .extracting(SafetyAct::key)
                .containsExactly("PLUG");
    }

    @Test
    void aPetrolMowerIsTiltedFilterUp() {
        assertThat(Isolation.acts(PowerSource.PETROL, GeometryKind.MOWER_BAR))
                .filteredOn(a -> a.key().equals("TILT"))
                .singleElement()
                .satisfies(a -> assertThat(a.how()).contains("Air filter and carburettor upward"));
    }
}
