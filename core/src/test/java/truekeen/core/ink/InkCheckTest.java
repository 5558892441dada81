package truekeen.core.ink;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.holding.Holder;
import truekeen.core.holding.HolderKind;
import truekeen.core.holding.RollerHolder;
import truekeen.core.holding.Seat;
import truekeen.core.holding.SpineStack;
import truekeen.core.ink.InkAnswer.Finding;
import truekeen.core.ink.InkCheck.Form;
import truekeen.core.ink.InkCheck.Intent;
import truekeen.core.ink.InkPattern.Place;
import truekeen.core.ink.InkPattern.Zone;
import truekeen.core.message.InWords;
import truekeen.core.message.Says;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.Cut;
import truekeen.core.section.Cutter;
import truekeen.core.section.EdgeShape;
import truekeen.core.section.Facet;
import truekeen.core.section.FlatBackSection;
import truekeen.core.section.Section;
import truekeen.core.section.TargetBevel;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;

class InkCheckTest {
    private static final InkPattern HEEL = InkPattern.zones(Zone.HEEL);
    private static final InkPattern EDGE = InkPattern.zones(Zone.EDGE);

    private static InkAnswer read(Intent intent, InkPattern pattern) {
        return new InkCheck(intent, pattern, false, Form.FLAT, Optional.empty()).read();
    }

    @ParameterizedTest
    @CsvSource({
        "MATCH, HEEL, TOO_LOW",
        "MATCH, HEEL MIDDLE, TOO_LOW",
        "MATCH, EDGE, TOO_HIGH",
        "MATCH, EDGE MIDDLE, TOO_HIGH",
        "MATCH, HEEL MIDDLE EDGE, FITS",
        "MATCH, HEEL EDGE, FITS",
        "MATCH, MIDDLE, ROUNDED",
        "LOWER, HEEL, GOING_WELL",
        "LOWER, HEEL MIDDLE, GOING_WELL",
        "LOWER, EDGE, TOO_HIGH",
        "LOWER, HEEL MIDDLE EDGE, DONE",
        "STEEPEN, EDGE, GOING_WELL",
        "STEEPEN, HEEL, TOO_LOW",
        "STEEPEN, HEEL MIDDLE EDGE, TOO_LOW",
        "STEEPEN, MIDDLE, TOO_LOW"
    })
    void whatBareSteelMeansDependsOnTheIntent(Intent intent, String zones, Finding finding) {
        Zone[] bare = List.of(zones.split(" ")).stream().map(Zone::valueOf).toArray(Zone[]::new);
        assertThat(read(intent, InkPattern.zones(bare)).finding()).isEqualTo(finding);
    }

    @Test
    void nothingBareYetIsNoAnswer() {
        assertThat(read(Intent.MATCH, new InkPattern(Set.of())).finding()).isEqualTo(Finding.NOTHING);
    }

    @Test
    void aHollowIsRecognisedWhetherKnownOrNot() {
        InkPattern both = InkPattern.zones(Zone.HEEL, Zone.EDGE);
        assertThat(read(Intent.MATCH, both).words()).contains(InkWords.RESTS_ON_BOTH_UNKNOWN.words());
        assertThat(new InkCheck(Intent.MATCH, both, false, Form.HOLLOW, Optional.empty())
                        .read()
                        .words())
                .contains(InkWords.RESTS_ON_BOTH.words());
        assertThat(new InkCheck(Intent.MATCH, InkPattern.zones(Zone.MIDDLE), false, Form.CONVEX, Optional.empty())
                        .read()
                        .words())
                .contains("convex");
    }

    @Test
    void oneCornerLeadsToPressureThenToTheSquare() {
        InkAnswer a = read(Intent.MATCH, new InkPattern(EnumSet.of(Place.HEEL_LEFT)));
        assertThat(a.finding()).isEqualTo(Finding.TOO_LOW);
        assertThat(a.also()).singleElement().asString().contains("left corner").contains("square");
        InkAnswer wider = read(
                Intent.MATCH,
                new InkPattern(EnumSet.of(Place.HEEL_LEFT, Place.HEEL_CENTRE, Place.HEEL_RIGHT, Place.MIDDLE_RIGHT)));
        assertThat(wider.also()).singleElement().asString().matches(Says.the(InkWords.WIDER_TOWARD));
    }

    @Test
    void aKnifesEndsAreHeelAndTip() {
        InkAnswer a = new InkCheck(
                        Intent.MATCH,
                        new InkPattern(EnumSet.of(Place.EDGE_LEFT, Place.MIDDLE_LEFT, Place.HEEL_LEFT)),
                        true,
                        Form.FLAT,
                        Optional.empty())
                .read();
        assertThat(a.also()).singleElement().asString().contains(InkWords.ONLY_TOWARD_HEEL.words());
    }

    @Test
    void heelAtOneCornerAndEdgeAtTheOtherIsTwisted() {
        InkAnswer a = read(Intent.MATCH, new InkPattern(EnumSet.of(Place.HEEL_LEFT, Place.EDGE_RIGHT)));
        assertThat(a.finding()).isEqualTo(Finding.TWISTED);
        assertThat(a.words()).contains(InkWords.TWISTED_IN_THE_HOLDER.words());
    }

    private static Cut cutOff(Section section, double bevelDeg, double offDeg, boolean heel, double areaMm2) {
        Angle at = Angle.ofDegrees(bevelDeg + (heel ? -offDeg : offDeg));
        return Cut.byArea(List.of(section), x -> Cutter.bevel(x - 60, at), 120, areaMm2, Facet.JOIN);
    }

    /** Sections cut at a known wrong angle: the answer points the right way and its range holds the true error. */
    @Test
    void theRangeHoldsTheTrueErrorOfAFlatBevel() {
        Random random = new Random(4);
        for (int i = 0; i < 600; i++) {
            double bevel = 18 + random.nextDouble() * 24;
            double off = 0.3 + random.nextDouble() * 5;
            boolean heel = random.nextBoolean();
            double thickness = 2.5 + random.nextDouble() * 4;
            Section section = FlatBackSection.single(Length.ofMm(thickness), Angle.ofDegrees(bevel), 40);
            double face = thickness / Math.sin(Math.toRadians(bevel));
            double share = 0.1 + 0.35 * random.nextDouble();
            double area = 0.5 * Math.pow(share * face, 2) * Math.tan(Math.toRadians(off));
            Cut cut = cutOff(section, bevel, off, heel, area);
            double band = Cut.lengthOf(cut.kept(), Facet.JOIN);
            // The strokes' steel is only estimated, and the band only measured.
            double told = area * Math.exp((random.nextDouble() * 2 - 1) * Math.log(2));
            double seen = band * (0.87 + 0.26 * random.nextDouble());
            InkAnswer answer = new InkCheck(
                            Intent.MATCH,
                            heel ? HEEL : EDGE,
                            false,
                            Form.FLAT,
                            Optional.of(new InkAmount(
                                    section,
                                    Angle.ofDegrees(bevel),
                                    true,
                                    face,
                                    told,
                                    2.0,
                                    Optional.of(Length.ofMm(seen)),
                                    Optional.empty())))
                    .read();
            assertThat(answer.finding()).isEqualTo(heel ? Finding.TOO_LOW : Finding.TOO_HIGH);
            assertThat(answer.finding().direction()).isEqualTo(heel ? 1 : -1);
            if (answer.off().isPresent()) {
                InkAnswer.Off o = answer.off().get();
                assertThat(off).as("%s %s off %s", bevel, heel, off).isBetween(o.low(), o.high());
                assertThat(o.likely()).isBetween(o.low(), o.high());
            } else {
                assertThat(off).isGreaterThan(2);
            }
        }
    }

    /** A tap on a third of the bevel is a wider range, and holds the error as well. */
    @Test
    void aTappedThirdHoldsTheErrorToo() {
        double bevel = 25;
        Section section = FlatBackSection.single(Length.ofMm(4), Angle.ofDegrees(bevel), 40);
        double face = 4 / Math.sin(Math.toRadians(bevel));
        for (double off = 0.4; off <= 4; off += 0.2) {
            double area = 0.5 * Math.pow(face / 3, 2) * Math.tan(Math.toRadians(off));
            InkAnswer answer = new InkCheck(
                            Intent.MATCH,
                            HEEL,
                            false,
                            Form.FLAT,
                            Optional.of(new InkAmount(
                                    section,
                                    Angle.ofDegrees(bevel),
                                    true,
                                    face,
                                    area,
                                    2.0,
                                    Optional.empty(),
                                    Optional.empty())))
                    .read();
            assertThat(answer.off()).isPresent();
            assertThat(off)
                    .isBetween(answer.off().get().low(), answer.off().get().high());
        }
    }

    /** Hollow and convex bevels are cut in the section itself: with exact strokes and band the error comes out exact. */
    @ParameterizedTest
    @EnumSource(
            value = GeometryKind.class,
            names = {"CHISEL", "CONVEX_BLADE"})
    void bevelsThatAreNotFlatGoThroughTheirOwnSection(GeometryKind kind) {
        Blade blade = kind == GeometryKind.CHISEL ? Blades.blade(kind, "wheelDiameter", 150.0) : Blades.blade(kind);
        Section section = EdgeShape.of(blade, TargetBevel.of(blade)).now();
        double bevel = blade.primary().degrees();
        double face = 8;
        boolean heel = kind == GeometryKind.CHISEL;
        for (double off : new double[] {0.5, 1, 2}) {
            InkAmount amount = new InkAmount(
                    section, blade.primary(), false, face, 0.006, 1.1, Optional.empty(), Optional.empty());
            double band = amount.band(heel, 0.006, off);
            InkAnswer answer = new InkCheck(
                            Intent.MATCH,
                            heel ? HEEL : EDGE,
                            false,
                            heel ? Form.HOLLOW : Form.CONVEX,
                            Optional.of(new InkAmount(
                                    section,
                                    blade.primary(),
                                    false,
                                    face,
                                    0.006,
                                    1.1,
                                    Optional.of(Length.ofMm(band)),
                                    Optional.empty())))
                    .read();
            assertThat(cutOff(section, bevel, off, heel, 0.006).removedArea()).isCloseTo(0.006, within(1e-9));
            assertThat(answer.off()).as("%s off %s band %s", kind, off, band).isPresent();
            assertThat(answer.off().get().likely()).isCloseTo(off, within(1e-6));
            assertThat(off)
                    .isBetween(answer.off().get().low(), answer.off().get().high());
        }
    }

    @Test
    void withoutStrokesOnlyTheDirectionIsTold() {
        InkAnswer a = read(Intent.MATCH, HEEL);
        assertThat(a.off()).isEmpty();
        assertThat(a.unknown()).contains(InkWords.HOW_FAR_UNKNOWN.words());
    }

    @Test
    void aSecondaryWiderThanPlannedIsEnough() {
        Section section = FlatBackSection.single(Length.ofMm(4), Angle.ofDegrees(25), 40);
        for (double band : new double[] {0.6, 1.1}) {
            InkAnswer a = new InkCheck(
                            Intent.STEEPEN,
                            EDGE,
                            false,
                            Form.FLAT,
                            Optional.of(new InkAmount(
                                    section,
                                    Angle.ofDegrees(25),
                                    true,
                                    9.4,
                                    0.02,
                                    2.0,
                                    Optional.of(Length.ofMm(band)),
                                    Optional.of(Length.ofMm(0.7)))))
                    .read();
            assertThat(a.finding()).isEqualTo(band > 1 ? Finding.DONE : Finding.GOING_WELL);
        }
    }

    @Test
    void tooLowAShorterProjectionTooHighALongerOne() {
        Seat seat = Seat.of(Blades.blade(GeometryKind.CHISEL));
        Holder guide = new RollerHolder(
                HolderKind.ROLLER_GUIDE,
                Length.ofMm(9.5),
                Length.ofMm(14),
                Length.ofMm(11.5),
                false,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of());
        InkAnswer.Off off = new InkAnswer.Off(0.8, 1.5, 2.6);
        InkCorrection up = InkCorrection.of(guide, seat, Angle.ofDegrees(30), off, 1);
        assertThat(up.to()).isLessThan(up.from());
        assertThat(up.words()).startsWith(InWords.figures("Shorten the projection by 2.2\u202fmm"));
        assertThat(guide.gives(seat, up.to()).degrees()).isCloseTo(31.5, within(1e-9));
        InkCorrection down = InkCorrection.of(guide, seat, Angle.ofDegrees(30), off, -1);
        assertThat(down.words()).startsWith("Lengthen the projection");
        assertThat(down.low()).isLessThan(down.to());
        assertThat(down.high()).isGreaterThan(down.to());
        Seat knife = Seat.of(Blades.blade(GeometryKind.KNIFE));
        Holder hand = new SpineStack(Optional.empty(), Optional.empty());
        assertThat(InkCorrection.of(hand, knife, Angle.ofDegrees(15), off, 1).words())
                .startsWith("Raise the spine height");
    }
}
