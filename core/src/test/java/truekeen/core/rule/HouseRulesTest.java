package truekeen.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.HashSet;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.angle.AngleHabits;
import truekeen.core.quantity.Angle;
import truekeen.core.tool.GeometryKind;

class HouseRulesTest {

    @ParameterizedTest
    @EnumSource(HouseRule.class)
    void everyRuleSaysWhatItAsksAndWhatItChanges(HouseRule rule) {
        assertThat(rule.question()).isNotBlank();
        assertThat(rule.changes()).isNotBlank();
        assertThat(rule.options()).hasSizeGreaterThan(1);
        assertThat(new HashSet<>(rule.options().stream().map(RuleOption::key).toList()))
                .hasSameSizeAs(rule.options());
        assertThat(HouseRule.byName(rule.name())).contains(rule);
        assertThat(HouseRules.usual().of(rule)).isEqualTo(rule.usual());
    }

    @Test
    void anExceptionOfAToolStandsOverTheShop() {
        HouseRules shop = new HouseRules(Map.of(
                HouseRule.SECONDARY_STEP,
                RuleOption.SECONDARY_STEP_DEG_10,
                HouseRule.BEVEL_FORM,
                RuleOption.BEVEL_FORM_FLAT));
        HouseRules tool = shop.with(Map.of(HouseRule.SECONDARY_STEP, RuleOption.SECONDARY_STEP_DEG_2));
        assertThat(shop.angleHabits(GeometryKind.CHISEL).step()).contains(Angle.ofDegrees(10));
        assertThat(tool.angleHabits(GeometryKind.CHISEL).step()).contains(Angle.ofDegrees(2));
        assertThat(tool.angleHabits(GeometryKind.CHISEL).form()).isEqualTo(AngleHabits.Form.SINGLE_FLAT);
    }

    @Test
    void aFormThatAFamilyRefusesFallsBack() {
        HouseRules hollow = new HouseRules(Map.of(HouseRule.BEVEL_FORM, RuleOption.BEVEL_FORM_HOLLOW));
        assertThat(hollow.angleHabits(GeometryKind.CHISEL).form()).isEqualTo(AngleHabits.Form.HOLLOW);
        assertThat(hollow.angleHabits(GeometryKind.KNIFE).form()).isEqualTo(AngleHabits.Form.PRIMARY_AND_SECONDARY);
    }

    @Test
    void ironsGoByTheirOwnRules() {
        assertThat(HouseRules.usual().thinRule()).isTrue();
        assertThat(HouseRules.usual().cambers()).isTrue();
        assertThat(HouseRules.usual().camberAtStations()).isTrue();
        HouseRules other = new HouseRules(
                Map.of(HouseRule.IRON_BACK, RuleOption.IRON_BACK_FULL, HouseRule.CAMBER, RuleOption.CAMBER_NONE));
        assertThat(other.thinRule()).isFalse();
        assertThat(other.cambers()).isFalse();
    }

    @Test
    void everyOptionBelongsToOneRule() {
        assertThat(Arrays.stream(HouseRule.values())
                        .flatMap(r -> r.options().stream())
                        .toList())
                .containsExactlyInAnyOrder(RuleOption.values());
        assertThat(HouseRule.ACCURACY.option("GONE")).isEmpty();
    }
}
