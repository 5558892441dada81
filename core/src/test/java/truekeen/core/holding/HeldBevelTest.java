package truekeen.core.holding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.HollowGrind;
import truekeen.core.section.TargetBevel;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.Measures;

/** What is set for each bevel, and what cannot be set. */
class HeldBevelTest {
    private static final Seat CHISEL = Seat.of(Blades.blade(GeometryKind.CHISEL));
    private static final Seat KNIFE = Seat.of(Blades.blade(GeometryKind.KNIFE));

    private static TargetBevel bevels(double primary, double last) {
        return new TargetBevel(Angle.ofDegrees(primary), Angle.ofDegrees(last));
    }

    private static RollerHolder cammed(double eccentric) {
        return (RollerHolder) HolderKind.ROLLER_GUIDE.build(
                new Measures(Map.of(
                        "rollerRadius", 9.5, "axleBelowBack", 40.0, "axleSetback", 11.5, "eccentric", eccentric)),
                List.of(),
                Optional.empty());
    }

    private static List<HeldBevel> held(Holder holder, Seat seat, TargetBevel target) {
        return HeldBevel.of(holder, seat, target, Angle.ZERO);
    }

    @Test
    void aCamThatComesNearIsTakenForWhatItGivesAndTheBladeStaysClamped() {
        RollerHolder guide = cammed(2);
        TargetBevel wanted = bevels(25, 26.5);
        TargetBevel taken = guide.held(CHISEL, wanted);
        assertThat(taken.primary()).isEqualTo(wanted.primary());
        assertThat(taken.last().degrees()).isNotEqualTo(26.5).isCloseTo(26.5, within(1.0));
        List<HeldBevel> both = held(guide, CHISEL, taken);
        assertThat(both).extracting(HeldBevel::which).containsExactly(SetBevel.PRIMARY, SetBevel.SECONDARY);
        assertThat(both.get(1).setting().value())
                .isEqualTo(both.get(0).setting().value());
        assertThat(guide.setting(CHISEL, taken.last()).value())
                .isLessThan(both.get(0).setting().value() - 0.5);
        Setup setup = new Setup(
                "usual",
                taken,
                Optional.empty(),
                HolderKind.ROLLER_GUIDE,
                "guide",
                both.stream().map(HeldBevel::saved).toList(),
                Angle.ZERO);
        assertThat(setup.onStone()).contains(new StoneHolder("guide", HolderKind.ROLLER_GUIDE, true, true));
    }

    @Test
    void aCamThatComesNowhereNearLeavesTheSecondaryAsAsked() {
        RollerHolder guide = cammed(2);
        TargetBevel wanted = bevels(25, 32);
        assertThat(guide.held(CHISEL, wanted)).isEqualTo(wanted);
        assertThat(guide.held(CHISEL, bevels(30, 30))).isEqualTo(bevels(30, 30));
        List<HeldBevel> both = held(guide, CHISEL, wanted);
        assertThat(both.get(1).setting().value())
                .isLessThan(both.get(0).setting().value() - 1);
    }

    @ParameterizedTest
    @CsvSource({"15, 20, 20", "15, 12, 18", "20, 15, 20"})
    void aWedgeThatIsOwnedDecidesTheLastBevel(double wedge, double primary, double last) {
        WedgeBlock block = new WedgeBlock(Optional.of(Angle.ofDegrees(wedge)));
        TargetBevel taken = block.held(KNIFE, bevels(primary, last));
        assertThat(taken.last().degrees())
                .isCloseTo(KNIFE.edgeBevel(Angle.ofDegrees(wedge)).degrees(), within(1e-9));
        assertThat(taken.hasSecondary()).isEqualTo(last > primary);
        List<HeldBevel> all = held(block, KNIFE, taken);
        assertThat(all).singleElement().satisfies(h -> assertThat(h.angle()).isEqualTo(taken.last()));
        assertThat(new WedgeBlock(Optional.empty()).held(KNIFE, bevels(primary, last)))
                .isEqualTo(bevels(primary, last));
    }

    @Test
    void whatHoldsTheLastBevelOnlyLeavesThePrimaryToTheHand() {
        WedgeBlock block = new WedgeBlock(Optional.of(Angle.ofDegrees(15)));
        TargetBevel taken = block.held(KNIFE, bevels(12, 18));
        Setup setup = new Setup(
                "usual",
                taken,
                Optional.empty(),
                HolderKind.WEDGE_BLOCK,
                "wedge",
                held(block, KNIFE, taken).stream().map(HeldBevel::saved).toList(),
                Angle.ZERO);
        assertThat(setup.onStone()).contains(new StoneHolder("wedge", HolderKind.WEDGE_BLOCK, false, false));
        assertThat(setup.settingFor(taken.primary())).isEmpty();
        assertThat(setup.settingFor(taken.last())).isPresent();
    }

    @Test
    void aFootThatIsFixedAndPiecesThatAreWholeAreTakenForWhatTheyGive() {
        SpineHone fixed = new SpineHone(Optional.of(Length.ofMm(12)));
        assertThat(fixed.held(KNIFE, bevels(15, 15)).last()).isEqualTo(fixed.gives(KNIFE, 12));
        SpineStack bricks = new SpineStack(Optional.of(Length.ofMm(3)), Optional.empty());
        TargetBevel taken = bricks.held(KNIFE, bevels(15, 15));
        double pieces = bricks.setting(KNIFE, taken.last()).value() / 3;
        assertThat(pieces).isCloseTo(Math.round(pieces), within(1e-6));
        assertThat(taken.last().degrees()).isCloseTo(15, within(3.0));
    }

    @ParameterizedTest
    @CsvSource({"PLATFORM_REST", "SUPPORT_BAR"})
    void aWheelIsSetForTheEdgeOfTheHollowAndSavedForItsChord(HolderKind kind) {
        Holder holder = HolderTest.sample(kind);
        Angle chord = Angle.ofDegrees(25);
        TargetBevel hollow =
                new TargetBevel(chord, Angle.ofDegrees(30), Optional.empty(), Optional.of(Length.ofMm(225)));
        List<HeldBevel> both = held(holder, CHISEL, hollow);
        Angle edge = new HollowGrind(CHISEL.thickness(), Length.ofMm(225), chord).edge();
        assertThat(both.get(0).held()).isEqualTo(edge);
        assertThat(both.get(0).hollow()).isTrue();
        assertThat(both.get(0).saved().angle()).isEqualTo(chord);
        assertThat(holder.gives(CHISEL, both.get(0).setting().value()).degrees())
                .isCloseTo(edge.degrees(), within(1e-6))
                .isLessThan(chord.degrees() - 0.5);
        assertThat(both.get(1).hollow()).isFalse();
        HeldBevel flat = held(holder, CHISEL, bevels(25, 30)).get(0);
        assertThat(holder.gives(CHISEL, flat.setting().value()).degrees()).isCloseTo(25, within(1e-6));
    }

    @Test
    void aBevelThatWouldSpanTheWheelIsRefused() {
        Wheel small = new Wheel(
                "small",
                Wheel.Kind.DRY_STONE,
                Length.ofMm(9),
                java.util.OptionalDouble.empty(),
                java.util.OptionalDouble.empty());
        RestHolder rest = new RestHolder(small, Length.ofMm(0));
        TargetBevel hollow = new TargetBevel(
                Angle.ofDegrees(15), Angle.ofDegrees(30), Optional.empty(), Optional.of(Length.ofMm(9)));
        assertThatThrownBy(() -> held(rest, CHISEL, hollow)).isInstanceOf(RefusedException.class);
    }

    @Test
    void whatStandsBeforeAWheelHoldsNothingOnAStone() {
        Setting setting = HolderTest.sample(HolderKind.SUPPORT_BAR).setting(CHISEL, Angle.ofDegrees(25));
        for (HolderKind kind : HolderKind.values()) {
            Setup setup = new Setup(
                    "usual",
                    bevels(25, 25),
                    Optional.empty(),
                    kind,
                    "it",
                    List.of(SavedSetting.of(SetBevel.ONLY, Angle.ofDegrees(25), setting)),
                    Angle.ZERO);
            boolean onStone = !kind.atMachine() && kind != HolderKind.HAND;
            assertThat(setup.onStone().isPresent()).as(kind.words()).isEqualTo(onStone);
        }
        assertThat(HolderKind.BELT_TABLE.atMachine()).isTrue();
        assertThat(HolderKind.ROLLER_GUIDE.atMachine()).isFalse();
    }
}
