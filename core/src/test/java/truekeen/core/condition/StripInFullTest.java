package truekeen.core.condition;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.condition.ShapeDeviations.StationMeasure;
import truekeen.core.message.Checks;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.Cut;
import truekeen.core.section.EdgeShape;
import truekeen.core.section.TargetBevel;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Blades;
import truekeen.core.tool.DoubleBevelKnife;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.PlaneIron;

/** Everything that can be found on an edge, and what it asks of the new one, against sums made in another way. */
class StripInFullTest {
    private final Random random = new Random(21);

    @Test
    void aChippedCurvedKnifeLosesWhatItsThicknessProfilesDiffer() {
        for (int round = 0; round < 12; round++) {
            Blade blade = Blades.blade(GeometryKind.KNIFE, "secondary", Double.NaN, "secondaryWidth", Double.NaN);
            List<StationMeasure> measures = round % 2 == 0
                    ? List.of()
                    : List.of(
                            new StationMeasure("behindEdge", 10, 0.3 + random.nextDouble() / 5),
                            new StationMeasure("behindEdge", 90, 0.4 + random.nextDouble() / 5),
                            new StationMeasure("behindEdge", 170, 0.3 + random.nextDouble() / 5));
            EdgeSurvey survey = survey(findings(180), departing(measures, null, null));
            TargetBevel target = new TargetBevel(Angle.ofDegrees(17), Angle.ofDegrees(17));
            Restoration r = Restorer.restore(blade, survey, target);
            double counted = byThickness((DoubleBevelKnife) blade, survey, r.lostMm(), 17);
            assertThat(r.volumeMm3()).as("round %s", round).isCloseTo(counted, within(0.004 * counted + 1e-3));
            assertThat(r.regions().stream().mapToDouble(Region::volumeMm3).sum())
                    .isCloseTo(r.volumeMm3(), within(1e-9 * r.volumeMm3()));
        }
    }

    /** Twice the half thickness that goes, summed in thin steps behind the edge and along it. */
    private static double byThickness(DoubleBevelKnife k, EdgeSurvey survey, double line, double degrees) {
        double tan = Math.tan(Math.toRadians(degrees));
        double sum = 0;
        int along = 900;
        for (int i = 0; i < along; i++) {
            double x = 180 * (i + 0.5) / along;
            double t = behindEdge(k, survey, x);
            double xs = t / 2 / tan;
            double taper = (k.spine().mm() - t) / 2 / (k.usable().mm() - xs);
            double missing = survey.findings().stream()
                    .mapToDouble(f -> f.missingAt(x, 180))
                    .max()
                    .orElse(0);
            DoubleUnaryOperator half = u -> u < missing ? 0 : u < xs ? u * tan : t / 2 + (u - xs) * taper;
            // until the new bevel meets the face
            double far = line + (t / 2 + (line + 3) * taper) / tan + 1;
            int steps = 400;
            for (int j = 0; j < steps; j++) {
                double u = far * (j + 0.5) / steps;
                double after = Math.min(half.applyAsDouble(u), Math.max(0, (u - line) * tan));
                sum += 2 * (half.applyAsDouble(u) - after) * far / steps * 180 / along;
            }
        }
        return sum;
    }

    private static double behindEdge(DoubleBevelKnife k, EdgeSurvey survey, double x) {
        List<StationMeasure> m = survey.departures().measures();
        if (m.isEmpty()) {
            return k.behindEdge().mm();
        }
        if (x <= m.get(0).xMm()) {
            return m.get(0).value();
        }
        for (int i = 1; i < m.size(); i++) {
            if (x <= m.get(i).xMm()) {
                double share = (x - m.get(i - 1).xMm())
                        / (m.get(i).xMm() - m.get(i - 1).xMm());
                return m.get(i - 1).value()
                        + share * (m.get(i).value() - m.get(i - 1).value());
            }
        }
        return m.get(m.size() - 1).value();
    }

    @Test
    void aCamberGroundOnAStraightIronTakesTheSegmentTimesTheThickness() {
        PlaneIron iron = (PlaneIron) Blades.blade(
                GeometryKind.PLANE_IRON_DOWN,
                "camber",
                Double.NaN,
                "secondary",
                Double.NaN,
                "secondaryWidth",
                Double.NaN,
                "primary",
                25);
        for (double c : new double[] {0.4, 1, 1.6}) {
            TargetBevel target = TargetBevel.of(iron).cambered(Length.ofMm(c));
            EdgeSurvey sharp =
                    new EdgeSurvey(List.of(), EdgeSurvey.Squareness.SQUARE, Dullness.DULL, true, BackState.POLISHED, 0);
            Restoration r = Restorer.restore(iron, sharp, target);
            double width = iron.width().mm();
            double rho = (width * width / 4 + c * c) / 2 / c;
            double half = Math.asin(width / 2 / rho);
            // what lies outside the arc: the rectangle as high as the camber, less the segment above its chord
            double outside = width * c - rho * rho * (half - Math.sin(half) * Math.cos(half));
            double expected = (outside + width * Dullness.DULL.recessionMm())
                    * iron.thickness().mm();
            assertThat(r.volumeMm3()).isCloseTo(expected, within(0.002 * expected));
            assertThat(r.lostMm()).isCloseTo(Dullness.DULL.recessionMm(), within(1e-12));
            assertThat(r.measuresAfter().values().get("camber")).isEqualTo(c);
            assertThat(r.demands()).extracting(Demand::subject).contains(Demand.Subject.CAMBER);
            // and once it is on, it asks no more
            Blade after = iron.kind().build(r.measuresAfter());
            Restoration again = Restorer.restore(after, sharp, target);
            assertThat(again.volumeMm3())
                    .isCloseTo(
                            width
                                    * Dullness.DULL.recessionMm()
                                    * iron.thickness().mm(),
                            within(0.02));
        }
    }

    @Test
    void aStraightEdgeOnACamberedIronMustGoBackAsFarAsItsCornersLie() {
        Blade jack = Blades.blade(GeometryKind.PLANE_IRON_DOWN, "camber", 1.2);
        TargetBevel straight = TargetBevel.of(jack).cambered(Length.ofMm(0));
        Restoration r = Restorer.restore(jack, survey(List.of(), ShapeDeviations.NONE), straight);
        assertThat(r.newEdgeMm()).isCloseTo(1.2 + Dullness.DULL.recessionMm(), within(1e-9));
        assertThat(r.measuresAfter().has("camber")).isFalse();
    }

    @Test
    void whatIsPlannedIsWhatTheToolAfterwardsIsShortOf() {
        for (int round = 0; round < 12; round++) {
            Blade before = Blades.chisel(
                    10 + random.nextInt(30), 2.5 + 4 * random.nextDouble(), 60, 10, 25, Blades.micro(30, 0.5));
            double edge = before.edgeLengthMm();
            EdgeSurvey survey = survey(findings(edge), ShapeDeviations.NONE);
            TargetBevel target = new TargetBevel(Angle.ofDegrees(25), Angle.ofDegrees(30));
            Restoration r = Restorer.restore(before, survey, target);
            Blade after = before.kind().build(r.measuresAfter());
            double was = Cut.area(List.of(EdgeShape.of(before).now())) * edge;
            // both are drawn to the end of the usable steel, which does not move
            double is = Cut.area(List.of(EdgeShape.of(after).now())) * edge;
            double missing = 0;
            int n = 12_000;
            for (int i = 0; i < n; i++) {
                double gone = 0;
                double x = edge * (i + 0.5) / n;
                for (Finding f : survey.findings()) {
                    gone = Math.max(gone, f.missingAt(x, edge));
                }
                missing += new Cut(
                                        List.of(),
                                        EdgeShape.of(before)
                                                .now()
                                                .within(
                                                        truekeen.core.section.Cutter.blunt(gone)
                                                                .complement(),
                                                        truekeen.core.section.Facet.BLUNT))
                                .removedArea()
                        * edge
                        / n;
            }
            assertThat(r.volumeMm3()).isCloseTo(was - missing - is, within(0.02));
        }
    }

    @Test
    void theDeepestDecidesAndLeftOnPurposeTheNextOneDoes() {
        Blade blade = Blades.blade(GeometryKind.KNIFE);
        List<Finding> all = List.of(
                new Finding(Finding.Kind.CHIP, 20, 22, 0.6, false),
                new Finding(Finding.Kind.DENT, 60, 64, 0.4, false),
                new Finding(Finding.Kind.ROLL, 90, 110, 0.2, false),
                new Finding(Finding.Kind.DOTS, 130, 150, 0, false));
        for (int left = 0; left < 4; left++) {
            List<Finding> findings = new ArrayList<>();
            for (int i = 0; i < all.size(); i++) {
                Finding f = all.get(i);
                findings.add(new Finding(f.kind(), f.fromMm(), f.toMm(), f.depthMm(), i < left));
            }
            Restoration r = Restorer.restore(blade, survey(findings, ShapeDeviations.NONE), TargetBevel.of(blade));
            int expected = left;
            assertThat(r.demands()).filteredOn(Demand::decides).singleElement().satisfies(d -> {
                assertThat(d.subject()).isEqualTo(Demand.Subject.finding(expected));
                assertThat(d.lineMm()).isCloseTo(r.newEdgeMm(), within(1e-12));
            });
            assertThat(r.demands()).filteredOn(Demand::left).hasSize(left);
        }
    }

    @ParameterizedTest
    @EnumSource(Finding.Kind.class)
    void everyKindOfFindingChangesWhatComesOut(Finding.Kind kind) {
        Blade blade = Blades.blade(GeometryKind.CHISEL);
        double to = kind == Finding.Kind.ROUNDED_CORNER ? 24 : 15;
        Finding f = new Finding(kind, to - 3, to, kind.measured() ? 0.2 : 0, false);
        Restoration without = Restorer.restore(blade, survey(List.of(), ShapeDeviations.NONE), TargetBevel.of(blade));
        Restoration with = Restorer.restore(blade, survey(List.of(f), ShapeDeviations.NONE), TargetBevel.of(blade));
        assertThat(with.volumeMm3()).isGreaterThan(without.volumeMm3() + 0.01);
        assertThat(kind.words()).isNotBlank();
    }

    @Test
    void aPitBehindTheEdgeAsksNothingUntilTheEdgeComesToIt() {
        Blade blade = Blades.blade(GeometryKind.CHISEL);
        TargetBevel as = TargetBevel.of(blade);
        Finding far = new Finding(Finding.Kind.PIT_BEVEL, 8, 10, 0.3, 1.0, false);
        Restoration spared = Restorer.restore(blade, survey(List.of(far), ShapeDeviations.NONE), as);
        assertThat(spared.newEdgeMm()).isCloseTo(Dullness.DULL.recessionMm(), within(1e-12));
        Finding chip = new Finding(Finding.Kind.CHIP, 4, 6, 1.2, false);
        // a chip of 1.2 would put the edge into a pit that is 0.3 deep into a bevel of 25°: gone after 0.3/sin 25°
        Finding deep = new Finding(Finding.Kind.PIT_BEVEL, 8, 10, 0.6, 1.0, false);
        Restoration reached = Restorer.restore(blade, survey(List.of(chip, deep), ShapeDeviations.NONE), as);
        assertThat(reached.newEdgeMm()).isCloseTo(0.6 / Math.sin(Math.toRadians(25)), within(1e-9));
        assertThat(reached.demands())
                .filteredOn(Demand::decides)
                .extracting(Demand::subject)
                .containsExactly(Demand.Subject.finding(1));
        Finding left = new Finding(Finding.Kind.PIT_BEVEL, 8, 10, 0.6, 1.0, true);
        assertThat(Restorer.restore(blade, survey(List.of(chip, left), ShapeDeviations.NONE), as)
                        .newEdgeMm())
                .isCloseTo(1.2, within(1e-9));
    }

    @Test
    void unevenSidesLoseSteelOnlyWhereTheyAreSteeper() {
        Blade blade = Blades.blade(GeometryKind.KNIFE, "secondary", Double.NaN, "secondaryWidth", Double.NaN);
        TargetBevel target = new TargetBevel(Angle.ofDegrees(17), Angle.ofDegrees(17));
        EdgeSurvey keen =
                new EdgeSurvey(List.of(), EdgeSurvey.Squareness.SQUARE, Dullness.DULL, true, BackState.POLISHED, 0);
        double even = Restorer.restore(blade, keen, target).volumeMm3();
        double leftSteep = uneven(blade, target, 21, 17).volumeMm3();
        double rightSteep = uneven(blade, target, 17, 21).volumeMm3();
        assertThat(leftSteep).isCloseTo(rightSteep, within(1e-9)).isGreaterThan(even);
        assertThat(uneven(blade, target, 23, 17).volumeMm3()).isGreaterThan(leftSteep);
        assertThat(uneven(blade, target, 21, 17).scope()).isNotEqualTo(Scope.STROP_ONLY);
    }

    private static Restoration uneven(Blade blade, TargetBevel target, double left, double right) {
        ShapeDeviations d =
                departing(List.of(), new ShapeDeviations.Uneven(Angle.ofDegrees(left), Angle.ofDegrees(right)), null);
        return Restorer.restore(blade, survey(List.of(), d), target);
    }

    @Test
    void anOldBackBevelGoesByTheEdgeOrByTheBack() {
        Blade blade = Blades.blade(GeometryKind.CHISEL);
        TargetBevel as = TargetBevel.of(blade);
        ShapeDeviations.OldBack edge = old(ShapeDeviations.OldBackGoes.BY_THE_EDGE);
        Restoration byEdge = Restorer.restore(blade, survey(List.of(), departing(List.of(), null, edge)), as);
        assertThat(byEdge.newEdgeMm()).isCloseTo(edge.recessionMm(), within(1e-12));
        Restoration byBack = Restorer.restore(
                blade, survey(List.of(), departing(List.of(), null, old(ShapeDeviations.OldBackGoes.BY_THE_BACK))), as);
        assertThat(byBack.newEdgeMm()).isCloseTo(Dullness.DULL.recessionMm(), within(1e-12));
        assertThat(byBack.back().depthMm()).isCloseTo(edge.depthMm(), within(1e-12));
        Restoration kept = Restorer.restore(
                blade, survey(List.of(), departing(List.of(), null, old(ShapeDeviations.OldBackGoes.KEPT))), as);
        assertThat(kept.volumeMm3()).isLessThan(Math.min(byEdge.volumeMm3(), byBack.volumeMm3()));
    }

    private static ShapeDeviations.OldBack old(ShapeDeviations.OldBackGoes goes) {
        return new ShapeDeviations.OldBack(Length.ofMm(0.8), Angle.ofDegrees(6), goes);
    }

    @Test
    void theSectionAtAPlaceIsWhatTheStationSays() {
        Blade blade = Blades.blade(GeometryKind.KNIFE);
        EdgeSurvey survey = survey(List.of(new Finding(Finding.Kind.CHIP, 40, 44, 0.7, false)), ShapeDeviations.NONE);
        Restoration r = Restorer.restore(blade, survey, TargetBevel.of(blade));
        for (StationCut s : r.stations()) {
            StationSection at = Restorer.section(blade, survey, TargetBevel.of(blade), Occasion.PLAIN, s.xMm());
            assertThat(Cut.area(at.removed())).isCloseTo(s.removedMm2(), within(1e-9));
            assertThat(EdgeShape.shoulderThickness(at.after())).isCloseTo(s.behindAfterMm(), within(1e-9));
        }
    }

    @Test
    void everyDepartureThatCannotBeIsRefusedAtItsField() {
        Blade chisel = Blades.blade(GeometryKind.CHISEL);
        ShapeDeviations wrong = new ShapeDeviations(
                List.of(new StationMeasure("behindEdge", 4, 0.3), new StationMeasure("secondaryWidth", 99, 0.3)),
                Optional.of(new ShapeDeviations.Uneven(Angle.ofDegrees(20), Angle.ofDegrees(21))),
                Optional.of(new ShapeDeviations.OldBack(
                        Length.ofMm(0.001), Angle.ofDegrees(60), ShapeDeviations.OldBackGoes.KEPT)),
                Optional.of(new ShapeDeviations.Bend(Length.ofMm(50))));
        Checks checks = new Checks();
        survey(List.of(), wrong).check(checks, chisel);
        assertThat(checks.refusals())
                .extracting(f -> f.field())
                .contains(
                        "measures[0].field", "measures[1].at", "uneven.left", "oldBack.width", "oldBack.angle", "bend");
        Checks knife = new Checks();
        survey(List.of(new Finding(Finding.Kind.PIT_BACK, 1, 2, 0.1, false)), ShapeDeviations.NONE)
                .check(knife, Blades.blade(GeometryKind.KNIFE));
        assertThat(knife.refusals()).extracting(f -> f.field()).containsExactly("findings[0].kind");
        // a measure at a station that makes no blade: thicker behind the edge than the spine
        Checks thick = new Checks();
        survey(List.of(), departing(List.of(new StationMeasure("behindEdge", 40, 2.5)), null, null))
                .check(thick, Blades.blade(GeometryKind.KNIFE));
        assertThat(thick.clean()).isFalse();
    }

    @Test
    void aCamberThatTakesMoreThanThereIsIsRefused() {
        Blade iron = Blades.blade(GeometryKind.PLANE_IRON_DOWN, "usableLength", 8, "retireLength", 2);
        TargetBevel deep = TargetBevel.of(iron).cambered(Length.ofMm(12));
        assertThatThrownBy(() -> Restorer.restore(iron, survey(List.of(), ShapeDeviations.NONE), deep))
                .isInstanceOf(RefusedException.class);
    }

    private List<Finding> findings(double edge) {
        List<Finding> all = new ArrayList<>();
        for (int i = 1 + random.nextInt(4); i > 0; i--) {
            double at = random.nextDouble() * (edge - 3);
            Finding.Kind kind = random.nextBoolean()
                    ? Finding.Kind.CHIP
                    : random.nextBoolean() ? Finding.Kind.DENT : Finding.Kind.ROLL;
            all.add(new Finding(kind, at, at + 0.5 + 2 * random.nextDouble(), 0.1 + 0.5 * random.nextDouble(), false));
        }
        return all;
    }

    private static EdgeSurvey survey(List<Finding> findings, ShapeDeviations departures) {
        return new EdgeSurvey(
                findings, EdgeSurvey.Squareness.SQUARE, Dullness.DULL, true, BackState.POLISHED, 0, departures);
    }

    private static ShapeDeviations departing(
            List<StationMeasure> measures, ShapeDeviations.Uneven uneven, ShapeDeviations.OldBack old) {
        return new ShapeDeviations(measures, Optional.ofNullable(uneven), Optional.ofNullable(old), Optional.empty());
    }
}
