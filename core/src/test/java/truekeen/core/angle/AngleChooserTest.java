package truekeen.core.angle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import truekeen.core.quantity.Angle;
import truekeen.core.steel.Steels;
import truekeen.core.tool.Convention;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ToolUse;
import truekeen.core.tool.ToolUses;

class AngleChooserTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                // usual primary and step
                "bench chisel / general bench work|low-alloy tool steel||25|30|false",
                // a present primary in range is kept
                "bench chisel / general bench work|low-alloy tool steel|27|27|32|false",
                // out of range it is reground
                "bench chisel / general bench work|low-alloy tool steel|33|25|30|false",
                // 20+3 lies under the floor of 27: the step grows first
                "paring chisel / paring|air-hardening tool steel|20|20|27|false",
                // 17+10 still lies under 28: the primary follows
                "paring chisel / paring|soft stainless|17|18|28|false",
                "mortise chisel / chopping|high-chromium tool steel||30|35|false",
            })
    void choosesByToolWorkAndSteel(
            String trade, String steel, Double present, double primary, double last, boolean below) {
        AngleChoice choice = AngleChooser.choose(
                ToolUses.byKey(trade).orElseThrow(),
                Steels.byName(steel).orElseThrow(),
                Optional.ofNullable(present).map(Angle::ofDegrees));
        assertThat(choice.primary().degrees()).isCloseTo(primary, within(1e-9));
        assertThat(choice.last().degrees()).isCloseTo(last, within(1e-9));
        assertThat(choice.belowFloor()).isEqualTo(below);
        assertThat(choice.reasons()).isNotEmpty();
    }

    @Test
    void whatCannotReachTheFloorIsKeptAndWarnedOf() {
        ToolUse thin = new ToolUse(
                "bench chisel",
                "test",
                Convention.FROM_BACK,
                Angle.ofDegrees(15),
                Angle.ofDegrees(15),
                Angle.ofDegrees(17),
                Angle.ofDegrees(2),
                Angle.ofDegrees(4),
                1,
                1,
                1,
                "",
                0,
                0,
                GeometryKind.CHISEL,
                "",
                Set.of());
        AngleChoice choice =
                AngleChooser.choose(thin, Steels.byName("powder high-vanadium").orElseThrow(), Optional.empty());
        assertThat(choice.last().degrees()).isCloseTo(21, within(1e-9));
        assertThat(choice.belowFloor()).isTrue();
    }

    @Test
    void staysInTheTradesBoundsForEveryToolAndSteel() {
        for (ToolUse trade : ToolUses.all()) {
            for (var steel : Steels.all()) {
                for (double present = 10; present <= 45; present += 2.5) {
                    AngleChoice c = AngleChooser.choose(trade, steel, Optional.of(Angle.ofDegrees(present)));
                    assertThat(c.primary().degrees())
                            .isBetween(
                                    trade.primaryLow().degrees() - 1e-9,
                                    trade.primaryHigh().degrees() + 1e-9);
                    assertThat(c.step().degrees())
                            .isLessThanOrEqualTo(trade.stepMax().degrees() + 1e-9);
                    assertThat(c.belowFloor())
                            .isEqualTo(AngleChooser.floor(trade, steel)
                                    .filter(f -> c.last().degrees() < f.degrees() - 1e-6)
                                    .isPresent());
                }
            }
        }
    }
}
