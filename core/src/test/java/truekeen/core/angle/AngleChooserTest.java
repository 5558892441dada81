package truekeen.core.angle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import truekeen.core.quantity.Angle;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;
import truekeen.core.tool.Convention;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.Operation;
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
                // the bevel it has is steepened by the secondary, never ground anew
                "paring chisel / paring|soft stainless|17|17|28|false",
                "bench chisel / general bench work|low-alloy tool steel|22|22|27|false",
                // up to two degrees outside is kept
                "bench chisel / general bench work|low-alloy tool steel|32|32|37|false",
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
                    // What it has is kept, or it is ground to what is usual, or steeper where the steel wants that.
                    boolean kept = Math.abs(c.primary().degrees() - present) < 1e-9;
                    assertThat(kept
                                    || c.primary().compareTo(trade.primaryUsual()) >= 0
                                            && c.primary().compareTo(trade.primaryHigh()) <= 0)
                            .isTrue();
                    boolean steep = present > trade.primaryHigh().degrees() + 2;
                    boolean one = !trade.geometry().allows(Operation.SECONDARY);
                    assertThat(kept || steep || one || trade.geometry() == GeometryKind.CONVEX_BLADE)
                            .isTrue();
                    assertThat(one && c.step().radians() > 0)
                            .as("a bevel that may not be put on it")
                            .isFalse();
                    assertThat(c.belowFloor())
                            .isEqualTo(AngleChooser.floor(trade, steel)
                                    .filter(f -> c.last().degrees() < f.degrees() - 1e-6)
                                    .isPresent());
                }
            }
        }
    }

    @Test
    void aShearBladeKeepsItsOneBevelAndIsWarnedOf() {
        ToolUse secateurs = ToolUses.byKey("secateurs / bypass").orElseThrow();
        SteelClass steel = Steels.byName("hard stainless").orElseThrow();
        AngleChoice now = AngleChooser.choose(secateurs, steel, Optional.of(Angle.ofDegrees(22)));
        assertThat(now.last().degrees()).isCloseTo(22, within(1e-9));
        assertThat(now.belowFloor()).isTrue();
        // Once it is ground anew anyway it gets what the steel holds.
        AngleChoice flat = AngleChooser.choose(secateurs, steel, Optional.of(Angle.ofDegrees(12)));
        assertThat(flat.last().degrees()).isCloseTo(25, within(1e-9));
        assertThat(flat.belowFloor()).isFalse();
    }

    @Test
    void aTenthOfADegreeNeverTurnsAHoningIntoAGrinding() {
        for (ToolUse trade : ToolUses.all()) {
            SteelClass steel = Steels.byName("plain carbon").orElseThrow();
            int jumps = 0;
            AngleChoice before = null;
            for (double present = 8; present < 46; present += 0.1) {
                AngleChoice now = AngleChooser.choose(trade, steel, Optional.of(Angle.ofDegrees(present)));
                if (before != null && before.primaryKept() != now.primaryKept()) {
                    // Only far outside the range, and it is said.
                    assertThat(Math.abs(present - trade.primaryHigh().degrees() - 2) < 0.11
                                    || Math.abs(present - trade.primaryLow().degrees() + 2) < 0.11)
                            .isTrue();
                    jumps++;
                }
                before = now;
            }
            assertThat(jumps).isLessThanOrEqualTo(2);
        }
    }
}
