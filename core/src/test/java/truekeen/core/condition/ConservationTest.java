package truekeen.core.condition;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import truekeen.core.quantity.Angle;
import truekeen.core.section.Cutter;
import truekeen.core.section.Facet;
import truekeen.core.section.FlatBackSection;
import truekeen.core.section.Section;
import truekeen.core.section.TargetBevel;
import truekeen.core.tool.Blades;
import truekeen.core.tool.Chisel;

/** The steel that goes is the steel before less the steel after, counted independently over many thin slices. */
class ConservationTest {
    private static final TargetBevel TARGET = new TargetBevel(Angle.ofDegrees(25), Angle.ofDegrees(31));
    private static final double FAR = 60;
    private final Random random = new Random(11);

    @Test
    void volumesOfRandomSurveysAreConserved() {
        for (int round = 0; round < 60; round++) {
            Chisel tool = tool();
            EdgeSurvey survey = survey(tool.edgeLengthMm());
            Restoration r = Restorer.restore(tool, survey, TARGET);
            if (r.secondary().isEmpty()) {
                continue;
            }
            double counted = slices(tool, survey, r);
            double planned = r.volumeMm3() - r.back().volumeMm3();
            assertThat(planned).as("round %s, %s", round, survey).isCloseTo(counted, within(0.004 * counted + 1e-4));
        }
    }

    @Test
    void theNewEdgeClearsEverythingThatIsToGoAndNoMore() {
        for (int round = 0; round < 200; round++) {
            Chisel tool = tool();
            EdgeSurvey survey = survey(tool.edgeLengthMm());
            Restoration r = Restorer.restore(tool, survey, TARGET);
            double edge = tool.edgeLengthMm();
            double needed = 0;
            for (int i = 0; i <= 20_000; i++) {
                double x = edge * i / 20_000;
                double behind = survey.square().behindAt(x, edge);
                double missing = survey.findings().stream()
                        .filter(f -> !f.leave())
                        .mapToDouble(f -> f.kind() == Finding.Kind.BRIGHT && x >= f.fromMm() && x <= f.toMm()
                                ? Dullness.LIGHT_VISIBLE.recessionMm()
                                : f.missingAt(x, edge))
                        .max()
                        .orElse(0);
                needed = Math.max(
                        needed, behind + Math.max(missing, survey.dullness().recessionMm()));
            }
            assertThat(r.newEdgeMm()).isGreaterThanOrEqualTo(needed - 1e-9);
            assertThat(r.newEdgeMm()).isCloseTo(needed, within(0.01));
            assertThat(r.lostMm()).isGreaterThanOrEqualTo(r.newEdgeMm() - 1e-12);
        }
    }

    @Test
    void whatIsLeftPlusWhatWentIsWhatThereWas() {
        for (int round = 0; round < 200; round++) {
            Chisel tool = tool();
            Restoration r = Restorer.restore(tool, survey(tool.edgeLengthMm()), TARGET);
            assertThat(r.usableAfterMm() + r.lostMm()).isCloseTo(tool.usable().mm(), within(1e-9));
            assertThat(r.steelLeftMm() + tool.retire().mm()).isCloseTo(r.usableAfterMm(), within(1e-9));
            assertThat(r.honingRecessionMm()).isNotNegative();
            r.after().forEach(piece -> assertThat(piece.area()).isPositive());
        }
    }

    private Chisel tool() {
        return Blades.chisel(
                6 + random.nextInt(40),
                2.5 + random.nextDouble() * 6,
                50,
                10,
                25,
                Blades.micro(random.nextBoolean() ? 31 : 29, 0.2 + random.nextDouble()));
    }

    private EdgeSurvey survey(double edge) {
        List<Finding> findings = new ArrayList<>();
        for (int i = random.nextInt(4); i > 0; i--) {
            double at = random.nextDouble() * (edge - 1.2);
            double wide = 0.2 + random.nextDouble();
            Finding.Kind kind = random.nextInt(3) == 0 ? Finding.Kind.BRIGHT : Finding.Kind.CHIP;
            double depth = kind == Finding.Kind.BRIGHT ? 0 : 0.02 + random.nextDouble() * 0.8;
            findings.add(new Finding(kind, at, at + wide, depth, false));
        }
        EdgeSurvey.HighCorner high = EdgeSurvey.HighCorner.values()[random.nextInt(3)];
        Angle off = high == EdgeSurvey.HighCorner.NONE ? Angle.ZERO : Angle.ofDegrees(random.nextDouble() * 2);
        return new EdgeSurvey(
                findings,
                new EdgeSurvey.Squareness(high, off, true),
                Dullness.values()[random.nextInt(3)],
                true,
                BackState.POLISHED,
                0);
    }

    /** Midpoint slices, thin enough, each cut by clipping alone. */
    private static double slices(Chisel tool, EdgeSurvey survey, Restoration r) {
        double edge = tool.edgeLengthMm();
        int n = 6000;
        Section intact = FlatBackSection.withSecondary(
                tool.thickness(),
                tool.primary(),
                tool.secondary().orElseThrow().angle(),
                tool.secondary().orElseThrow().width(),
                FAR);
        double sum = 0;
        for (int i = 0; i < n; i++) {
            double x = edge * (i + 0.5) / n;
            double tilt = survey.square().behindAt(x, edge);
            double missing = survey.findings().stream()
                    .mapToDouble(f -> f.missingAt(x, edge))
                    .max()
                    .orElse(0);
            List<Section> before = intact.movedAlongBack(tilt).within(Cutter.blunt(tilt + missing), Facet.BLUNT);
            List<Section> after = before;
            if (r.primary().isPresent()) {
                after = clip(after, Cutter.bevel(r.newEdgeMm(), TARGET.primary()));
            }
            after = clip(after, Cutter.bevel(r.lostMm(), TARGET.last()));
            sum += (area(before) - area(after)) * edge / n;
        }
        return sum;
    }

    private static List<Section> clip(List<Section> pieces, Cutter keep) {
        return pieces.stream()
                .flatMap(s -> s.within(keep, Facet.BLUNT).stream())
                .toList();
    }

    private static double area(List<Section> pieces) {
        return pieces.stream().mapToDouble(Section::area).sum();
    }
}
