package truekeen.core.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import truekeen.core.advice.Formula;
import truekeen.core.heat.EdgeFin;
import truekeen.core.heat.HeatModel;
import truekeen.core.heat.HeatRun;
import truekeen.core.message.MessageCode;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

class CalculatorsTest {
    static Stream<Calculator> all() {
        return Calculators.all().stream();
    }

    private static Map<String, Object> ask(String id, Object... changes) {
        Calculator c = Calculators.byId(id).orElseThrow();
        Map<String, Object> given = new HashMap<>(c.example());
        for (int i = 0; i < changes.length; i += 2) {
            given.remove(changes[i]);
            if (changes[i + 1] != null) {
                given.put((String) changes[i], changes[i + 1]);
            }
        }
        return c.ask(given);
    }

    private static double num(Map<String, Object> answer, String name) {
        return (Double) answer.get(name);
    }

    @ParameterizedTest
    @EnumSource(Formula.class)
    void everyFormulaIsTypesetAndHasACalculator(Formula formula) {
        assertThat(Typeset.tex(formula)).isNotBlank();
        assertThat(Calculators.of(formula)).isNotEmpty();
    }

    @ParameterizedTest
    @MethodSource("all")
    void everyExampleIsAnswered(Calculator c) {
        Map<String, Object> answer = c.ask(c.example());
        assertThat(answer.keySet())
                .containsExactlyElementsOf(
                        c.outputs().stream().map(Calculator.Output::name).toList());
        c.outputs().forEach(o -> {
            if (o.list()) {
                assertThat((List<?>) answer.get(o.name())).isNotEmpty();
            } else {
                assertThat((Double) answer.get(o.name())).isFinite();
            }
        });
    }

    @ParameterizedTest
    @MethodSource("all")
    void everyInputIsMissedUnlessItMayBe(Calculator c) {
        for (Calculator.Input in : c.inputs()) {
            if (in.needed()) {
                Map<String, Object> given = new HashMap<>(c.example());
                given.remove(in.name());
                assertThatThrownBy(() -> c.ask(given))
                        .isInstanceOf(RefusedException.class)
                        .satisfies(e -> assertThat(
                                        ((RefusedException) e).refusals().get(0).field())
                                .isEqualTo(in.name()));
            }
        }
    }

    @ParameterizedTest
    @MethodSource("all")
    void everyNumberOutOfItsRangeIsRefusedAtItsName(Calculator c) {
        for (Calculator.Input in : c.inputs()) {
            if (in.kind() == Calculator.Kind.NUMBER || in.kind() == Calculator.Kind.WHOLE) {
                for (double wrong : new double[] {in.low() - 1, in.high() + 1, Double.NaN}) {
                    Map<String, Object> given = new HashMap<>(c.example());
                    given.put(in.name(), wrong);
                    assertThatThrownBy(() -> c.ask(given))
                            .as(c.id() + " " + in.name())
                            .isInstanceOf(RefusedException.class)
                            .satisfies(e -> assertThat(((RefusedException) e)
                                            .refusals()
                                            .get(0)
                                            .field())
                                    .isEqualTo(in.name()));
                }
            }
        }
    }

    /** Inputs that only bound the answer, or that count in another of its branches: the refusals and figures test them. */
    private static final Set<String> ONLY_BOUNDS = Set.of(
            "wheel-speed marked",
            "knife-edge-bevel width",
            "knife-edge-bevel spine",
            "cutting-angle last",
            "clearance back",
            "station-strokes width",
            "station-strokes bed",
            "station-strokes belowSole",
            "new-edge width",
            "new-edge thickness",
            "new-edge bevel",
            "least-time depth");

    /** No input is there for show: changing any of them changes some answer. */
    @ParameterizedTest
    @MethodSource("all")
    void everyNumberCounts(Calculator c) {
        for (Calculator.Input in : c.inputs()) {
            if (in.kind() != Calculator.Kind.NUMBER || ONLY_BOUNDS.contains(c.id() + " " + in.name())) {
                continue;
            }
            Map<String, Object> example = new HashMap<>(c.example());
            if (in.example() == null) {
                // What may be given instead of another: that other is left out.
                List.of("angle", "chord").forEach(example::remove);
            }
            Map<String, Object> plain = c.ask(c.example());
            boolean counts = false;
            double given = in.example() == null ? in.low() + (in.high() - in.low()) / 20 : (Double) in.example();
            for (double factor : new double[] {1.02, 0.98, 1.3, 0.7, 3}) {
                Map<String, Object> more = new HashMap<>(example);
                more.put(in.name(), given == 0 ? factor : given * factor);
                try {
                    counts |= !c.ask(more).equals(plain);
                } catch (RefusedException outside) {
                    continue;
                }
            }
            assertThat(counts).as(c.id() + " " + in.name()).isTrue();
        }
    }

    @Test
    void namesAreOneOfAKind() {
        assertThat(new HashSet<>(all().map(Calculator::id).toList()))
                .hasSize(Calculators.all().size());
    }

    @Test
    void anUnknownInputIsNotPassedOverInSilence() {
        assertThatThrownBy(() -> ask("wheel-speed", "diametre", 150.0))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("diameter");
    }

    @Test
    void theWorkedFiguresOfSections() {
        assertThat(num(ask("knife-edge-bevel"), "face")).isCloseTo(0.599, within(5e-4));
        assertThat(num(ask("knife-recession"), "area")).isCloseTo(0.1433, within(5e-5));
        assertThat(num(ask("knife-recession"), "behindEdge")).isCloseTo(0.367, within(5e-4));
        assertThat(num(ask("knife-recession", "angle", 12.0, "wanted", 15.0, "recession", 0.1), "area"))
                .isCloseTo(0.01028, within(5e-6));
        assertThat(num(ask("flat-back-bevel"), "movedBack")).isCloseTo(0.960, within(5e-4));
        assertThat(num(ask("flat-back-bevel", "thickness", 3.6), "turned") * 24).isCloseTo(21.589, within(5e-4));
        assertThat(num(ask("square-correction"), "volume")).isCloseTo(60.5, within(0.05));
        assertThat(num(ask("square-correction"), "corner")).isCloseTo(0.995, within(5e-4));
        assertThat(num(ask("micro-bevel"), "recession")).isCloseTo(0.1237, within(5e-5));
        assertThat(num(ask("micro-bevel"), "area")).isCloseTo(0.01856, within(5e-6));
        assertThat(num(ask("hollow-grind"), "length")).isCloseTo(7.572, within(5e-4));
        assertThat(num(ask("hollow-grind"), "edge")).isCloseTo(22.83, within(5e-3));
        assertThat(num(ask("hollow-grind"), "depth")).isCloseTo(0.0717, within(5e-5));
        assertThat(num(ask("hollow-grind", "chord", null, "edge", 25.0), "chord"))
                .isCloseTo(27.02, within(5e-3));
        assertThat(num(ask("hollow-honings"), "recession")).isCloseTo(0.170, within(5e-4));
    }

    @Test
    void theWorkedFiguresOfHolding() {
        assertThat(num(ask("guide-projection"), "projection")).isCloseTo(31.75, within(5e-3));
        assertThat(num(ask("guide-projection"), "perMm")).isCloseTo(-0.644, within(5e-4));
        assertThat(num(ask("guide-projection", "angle", null, "projection", 38.0), "angle"))
                .isCloseTo(26.43, within(5e-3));
        assertThat(ask("stop-blocks").get("blocks")).satisfies(b -> {
            List<?> blocks = (List<?>) b;
            assertThat((Double) blocks.get(0)).isCloseTo(41.00, within(5e-3));
            assertThat((Double) blocks.get(2)).isCloseTo(25.06, within(5e-3));
        });
        Map<String, Object> fit = ask("guide-calibration");
        assertThat(num(fit, "axleBelowBack")).isCloseTo(13.716, within(5e-4));
        assertThat(num(fit, "axleSetback")).isCloseTo(7.871, within(5e-4));
        assertThat(num(fit, "condition")).isCloseTo(11, within(0.5));
        assertThat(num(ask("wheel-speed"), "speed")).isCloseTo(22.4, within(0.05));
        assertThat(num(ask("platform-rest"), "tilt")).isCloseTo(53.46, within(5e-3));
        assertThat(num(ask("platform-rest", "angle", null, "tilt", 53.463), "angle"))
                .isCloseTo(25, within(5e-3));
        assertThat(num(ask("support-bar"), "gap")).isCloseTo(99.22, within(5e-3));
        assertThat(num(ask("support-bar", "angle", null, "gap", 99.2246), "angle"))
                .isCloseTo(27, within(5e-3));
        assertThat(num(ask("spine-height"), "height")).isCloseTo(11.36, within(5e-3));
        assertThat(num(ask("spine-height", "angle", null, "height", 8.0), "angle"))
                .isCloseTo(10.90, within(5e-3));
        assertThat(num(ask("wedge"), "wedge")).isCloseTo(13.88, within(5e-3));
        assertThat(num(ask("dished-stone"), "angle")).isCloseTo(0.17, within(5e-3));
    }

    @Test
    void theWorkedFiguresOfPlanesGritsAndTurningBlades() {
        assertThat(num(ask("thin-rule"), "back")).isCloseTo(0.48, within(5e-3));
        assertThat(num(ask("camber"), "onIron")).isCloseTo(0.0849, within(5e-5));
        assertThat(num(ask("camber", "bed", 12.0), "onIron")).isCloseTo(0.2886, within(5e-5));
        assertThat(num(ask("camber"), "radius")).isCloseTo(5300, within(50.0));
        assertThat(num(ask("shaving-width"), "shaving")).isCloseTo(35.4, within(0.05));
        assertThat(num(ask("grit-size", "standard", "JIS", "name", "#10000"), "d50"))
                .isCloseTo(0.81, within(5e-3));
        assertThat(num(ask("unbalance"), "unbalance")).isCloseTo(1250, within(1e-9));
        assertThat(num(ask("unbalance"), "mass")).isCloseTo(5.32, within(5e-3));
        assertThat(num(ask("unbalance"), "length")).isCloseTo(3.08, within(5e-3));
        assertThat(num(ask("shaking-force"), "force")).isCloseTo(123, within(0.5));
        assertThat(num(ask("shaking-force"), "weight")).isCloseTo(12.6, within(0.05));
        assertThat(num(ask("permissible-unbalance"), "permissible")).isCloseTo(35.7, within(0.05));
        assertThat(num(ask("tip-speed"), "speed")).isCloseTo(80.1, within(0.05));
        assertThat(num(ask("trimmer-strokes"), "strokes")).isEqualTo(648);
    }

    @Test
    void theWorkedFiguresOfHeat() {
        assertThat(num(ask("wheel-heat"), "reached")).isCloseTo(0.096, within(0.001));
        assertThat(num(ask("wheel-heat", "land", 1.0, "seconds", 2.0), "reached"))
                .isCloseTo(1.139, within(0.012));
        assertThat(num(ask("wheel-heat", "watts", 20.0, "seconds", 5.0), "reached"))
                .isCloseTo(3.04, within(0.031));
        assertThat(ask("wheel-heat", "seconds", 0.05).get("reached")).isNull();
        assertThatThrownBy(() -> ask("wheel-heat", "land", 6.0)).isInstanceOf(RefusedException.class);
    }

    @Test
    void eitherTheAngleOrTheSettingIsNeeded() {
        for (String id : List.of("guide-projection", "platform-rest", "support-bar", "spine-height")) {
            assertThatThrownBy(() -> ask(id, "angle", null))
                    .isInstanceOf(RefusedException.class)
                    .hasMessageContaining("Either the angle");
        }
    }

    @ParameterizedTest
    @CsvSource({
        "guide-projection, projection, 38",
        "platform-rest, tilt, 40",
        "support-bar, gap, 99",
        "spine-height, height, 8",
        "hollow-grind, edge, 25"
    })
    void ofTwoThatFollowFromEachOtherOneIsGiven(String id, String second, double value) {
        refused(id, MessageCode.ONE_OR_OTHER, second, second, value);
    }

    /** What lies outside a formula's range is refused at the field that takes it there. */
    @Test
    void answersOutsideAFormulasRangeAreRefused() {
        refused("clearance", MessageCode.NO_CLEARANCE, "last", "last", 45.0);
        refused("clearance", MessageCode.NO_CLEARANCE, "back", "bevel", "up", "bed", 12.0, "back", 13.0);
        refused("marked-loss", MessageCode.GREW, "first", "first", 55.5);
        refused("marked-loss", MessageCode.GREW, "second", "second", 56.0);
        assertThat(num(ask("marked-loss", "first", 55.0, "second", 55.0), "volume"))
                .isZero();
        refused(
                "guide-projection",
                MessageCode.GUIDE_NO_SOLUTION,
                "projection",
                "angle",
                null,
                "projection",
                2.0,
                "axleSetback",
                -30.0);
        refused("guide-projection", MessageCode.PROJECTION_NONE, "angle", "axleSetback", 60.0);
        refused("stop-blocks", MessageCode.PROJECTION_NONE, "angles", "axleSetback", 60.0);
        refused("platform-rest", MessageCode.ANGLE_NOT_HELD, "angle", "contact", 70.0);
        refused("spine-height", MessageCode.SPINE_TOO_LOW, "angle", "angle", 4.0, "width", 12.0, "spine", 8.0);
        refused("stack-of-objects", MessageCode.SPINE_TOO_LOW, "angle", "angle", 4.0, "width", 12.0, "spine", 8.0);
        refused("spine-hone-foot", MessageCode.SPINE_TOO_LOW, "angle", "angle", 4.0);
        refused("wedge", MessageCode.BEHIND_EDGE_ABOVE_SPINE, "behindEdge", "behindEdge", 2.3);
        refused("wedge", MessageCode.WEDGE_TOO_LOW, "angle", "angle", 4.0, "width", 10.0, "spine", 8.0);
        refused("hand-stone-gap", MessageCode.STONE_TOO_LOW, "angle", "taper", 25.0, "crosses", -5.0);
        refused("hand-stone-gap", MessageCode.STONE_TOO_LOW, "angle", "angle", 4.0, "crosses", 20.0);
        refused("knife-recession", MessageCode.EDGE_PAST_SPINE, "recession", "recession", 49.0);
        refused("trimmer-strokes", MessageCode.NOT_WHOLE, "teeth", "teeth", 53.5);
        refused("grit-size", MessageCode.GRIT_UNKNOWN, "name", "standard", "FEPA-P", "name", "F1000");
    }

    @Test
    void theSensitivityOfABevelsLengthIsInDegrees() {
        double now = num(ask("angle-from-bevel-length"), "angle");
        double longer = num(ask("angle-from-bevel-length", "bevel", 7.58), "angle");
        assertThat(num(ask("angle-from-bevel-length"), "perMm")).isCloseTo((longer - now) / 0.01, within(0.01));
    }

    /** Between two nodes of the mesh, not at the last hot one: that would always be short. */
    @Test
    void theLineOfBoilingWaterLiesWhereTheSteelIsThatHot() {
        double line = num(ask("wheel-heat"), "hot");
        EdgeFin fin =
                EdgeFin.flatBack(Length.ofMm(0), Angle.ofDegrees(25), Length.ofMm(4), Length.ofMm(20), Length.ofMm(80));
        HeatRun run = new HeatModel(fin, 43).contact(60, 20, 140, 0.5);
        assertThat(run.at(line)).isCloseTo(100, within(1e-6));
    }

    private static void refused(String id, MessageCode code, String field, Object... changes) {
        assertThatThrownBy(() -> ask(id, changes)).as(id).isInstanceOfSatisfying(RefusedException.class, e -> {
            assertThat(e.refusals().get(0).code()).isEqualTo(code);
            assertThat(e.refusals().get(0).field()).isEqualTo(field);
        });
    }

    @Test
    void aPlaneIronsBevelsCountByTheSideTheyFace() {
        assertThat(num(ask("cutting-angle", "bevel", "up", "bed", 12.0, "last", 38.0), "cutting"))
                .isCloseTo(50, within(1e-9));
        assertThat(num(ask("clearance", "bevel", "up", "bed", 12.0, "back", 2.0), "clearance"))
                .isCloseTo(10, within(1e-9));
        assertThatThrownBy(() -> ask("knife-edge-bevel", "behindEdge", 3.0)).isInstanceOf(RefusedException.class);
    }

    @Test
    void aWheelAboveItsMarkingAndABodyInTheStoneAreRefused() {
        assertThatThrownBy(() -> ask("wheel-speed", "marked", 20.0)).hasMessageContaining("marking");
        assertThatThrownBy(() -> ask("guide-body-clearance", "drop", 40.0)).hasMessageContaining("rub");
        assertThatThrownBy(() -> ask("guide-calibration", "angles", List.of(25.0, 30.0)))
                .hasMessageContaining("pairs");
    }
}
