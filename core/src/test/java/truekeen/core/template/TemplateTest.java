package truekeen.core.template;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.Point;
import truekeen.core.setup.Camber;

class TemplateTest {
    static List<Page.Path> tagged(List<Page> pages, String start) {
        return pages.stream()
                .flatMap(p -> p.marks().stream())
                .filter(Page.Path.class::isInstance)
                .map(Page.Path.class::cast)
                .filter(p -> p.tag().startsWith(start))
                .toList();
    }

    private static double length(Page.Path path) {
        return path.points().get(0).distance(path.points().get(path.points().size() - 1));
    }

    private static List<Angle> degrees(double... values) {
        return DoubleStream.of(values).mapToObj(Angle::ofDegrees).toList();
    }

    private static void fits(List<Page> pages) {
        for (Page page : pages) {
            assertThat(tagged(List.of(page), "check")).singleElement().satisfies(c -> assertThat(length(c))
                    .isCloseTo(100, within(1e-12)));
            for (Page.Mark mark : page.marks()) {
                if (mark instanceof Page.Path path) {
                    assertThat(path.points()).allSatisfy(p -> {
                        assertThat(p.x()).isBetween(0.0, page.widthMm());
                        assertThat(p.y()).isBetween(0.0, page.heightMm());
                    });
                } else if (mark instanceof Page.Words w) {
                    assertThat(w.at().y()).isBetween(0.0, page.heightMm());
                }
            }
        }
    }

    @Test
    void everyBlockLiesItsProjectionBehindTheFront() {
        List<StopBoard.Lane> lanes = new ArrayList<>();
        for (int i = 0; i < 7; i++) {
            lanes.add(new StopBoard.Lane(Angle.ofDegrees(20 + 3 * i), 55 - 5.5 * i));
        }
        List<Page> pages = StopBoard.pages("guide", lanes);
        assertThat(pages).hasSize(2);
        fits(pages);
        List<Page.Path> spans = tagged(pages, "projection");
        assertThat(spans).hasSize(7);
        for (int i = 0; i < 7; i++) {
            assertThat(length(spans.get(i))).isCloseTo(lanes.get(i).projectionMm(), within(1e-9));
        }
        assertThatThrownBy(() -> StopBoard.pages("guide", List.of())).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> StopBoard.pages("guide", List.of(new StopBoard.Lane(Angle.ofDegrees(5), 400))))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("believable");
    }

    @Test
    void everyWedgeHasItsAngle() {
        List<Page> pages = WedgeSheet.pages(degrees(10, 13.88, 15, 20, 30, 45, 60));
        fits(pages);
        List<Page.Path> wedges = tagged(pages, "wedge");
        double[] wanted = {10, 13.88, 15, 20, 30, 45, 60};
        for (int i = 0; i < wanted.length; i++) {
            List<Point> p = wedges.get(i).points();
            double slope = Math.toDegrees(Math.atan2(
                    p.get(2).y() - p.get(0).y(), p.get(2).x() - p.get(0).x()));
            assertThat(slope).isCloseTo(wanted[i], within(1e-9));
        }
        assertThatThrownBy(() -> WedgeSheet.pages(degrees(75))).isInstanceOf(RefusedException.class);
    }

    /** The block is closed (every edge is shared by two triangles, run through opposite ways), outside out, and as steep. */
    @Test
    void theSolidIsClosedAndAsSteepAsWanted() {
        for (double angle : new double[] {1, 13.88, 30, 60}) {
            List<WedgeSheet.Triangle> block = WedgeSheet.block(Angle.ofDegrees(angle));
            Map<List<WedgeSheet.Corner>, Integer> edges = new HashMap<>();
            double volume = 0;
            double high = 0;
            for (WedgeSheet.Triangle t : block) {
                edges.merge(List.of(t.a(), t.b()), 1, Integer::sum);
                edges.merge(List.of(t.b(), t.c()), 1, Integer::sum);
                edges.merge(List.of(t.c(), t.a()), 1, Integer::sum);
                volume += (t.a().x() * (t.b().y() * t.c().z() - t.b().z() * t.c().y())
                                - t.a().y() * (t.b().x() * t.c().z() - t.b().z() * t.c().x())
                                + t.a().z() * (t.b().x() * t.c().y() - t.b().y() * t.c().x()))
                        / 6;
                high = Math.max(high, Math.max(t.a().z(), Math.max(t.b().z(), t.c().z())));
            }
            assertThat(block).hasSize(12);
            edges.forEach((e, n) -> {
                assertThat(n).isEqualTo(1);
                assertThat(edges).containsKey(List.of(e.get(1), e.get(0)));
            });
            assertThat(Math.toDegrees(Math.atan((high - 1.2) / 80))).isCloseTo(angle, within(1e-9));
            assertThat(volume).isCloseTo(30 * 80 * (1.2 + high) / 2, within(1e-6));
        }
    }

    @Test
    void theCamberIsTheArcOfItsRadius() {
        Camber camber = new Camber(Length.ofMm(50), Angle.ofDegrees(45), Length.ofMm(1.2));
        Page page = Cards.camber("jack iron", camber);
        fits(List.of(page));
        List<Point> arc = tagged(List.of(page), "camber").get(0).points();
        Point left = arc.get(0);
        Point middle = arc.get(arc.size() / 2);
        assertThat(middle.y() - left.y()).isCloseTo(camber.onIron().mm(), within(1e-9));
        assertThat(arc.get(arc.size() - 1).x() - left.x()).isCloseTo(50, within(1e-9));
        double rho = camber.radius().mm();
        assertThat(arc).allSatisfy(p -> assertThat(Math.hypot(p.x() - middle.x(), p.y() - middle.y() + rho))
                .isCloseTo(rho, within(1e-6)));
    }

    @Test
    void theProtractorsRaysAndNotchesStandAtTheirAngles() {
        Page page = Cards.protractor(degrees(25, 30, 35));
        fits(List.of(page));
        for (Page.Path ray : tagged(List.of(page), "ray")) {
            Point a = ray.points().get(0);
            Point b = ray.points().get(1);
            assertThat(Math.toDegrees(Math.atan2(b.y() - a.y(), b.x() - a.x())))
                    .isCloseTo(Double.parseDouble(ray.tag().substring(4)), within(1e-9));
        }
        List<Page.Path> notches = tagged(List.of(page), "notch");
        assertThat(notches).hasSize(3);
        for (Page.Path n : notches) {
            Point top = n.points().get(1);
            double half = Math.toDegrees(Math.atan2(
                    top.x() - n.points().get(0).x(), top.y() - n.points().get(0).y()));
            assertThat(2 * half).isCloseTo(Double.parseDouble(n.tag().substring(6)), within(1e-9));
        }
    }

    @Test
    void aSetUpCardDrawsItsLengthsOut() {
        Page page = Cards.setup(
                "chisel",
                "bench",
                "guide",
                List.of(new Cards.Line("secondary 30°", "31.75 mm", 31.75)),
                List.of("note"));
        fits(List.of(page));
        assertThat(length(tagged(List.of(page), "length").get(0))).isCloseTo(31.75, within(1e-9));
    }

    @Test
    void wordsAreBrokenBetweenThemAndNeverWithin() {
        assertThat(Wrapped.lines("24 mm bench chisel of the boat shed", 12))
                .containsExactly("24 mm bench", "chisel of", "the boat", "shed");
        assertThat(Wrapped.lines("counterbalanced", 4)).containsExactly("counterbalanced");
        assertThat(Wrapped.lines("", 4)).containsExactly("");
    }

    @Test
    void aLabelsCodeStandsWholeAndEveryTwentyOneLabelsMakeASheet() {
        List<List<Boolean>> code =
                List.of(List.of(true, false, true), List.of(false, false, false), List.of(true, true, true));
        List<Page> sheets =
                Labels.sheets(Collections.nCopies(22, new Labels.Label("jack iron", List.of("mine"), code)));
        assertThat(sheets).hasSize(2);
        List<Page.Path> dark = sheets.get(1).marks().stream()
                .filter(m -> m instanceof Page.Path p && p.tag().equals("code"))
                .map(Page.Path.class::cast)
                .toList();
        assertThat(dark).as("runs of dark squares").hasSize(3);
        assertThat(dark.get(2).points().get(1).x() - dark.get(2).points().get(0).x())
                .isCloseTo(24, within(1e-9));
    }

    @Test
    void aCardOfManyStepsGoesOnOverSheetsAndLosesNone() {
        List<BenchCard.Row> rows = IntStream.rangeClosed(1, 40)
                .mapToObj(i -> new BenchCard.Row("step " + i, List.of("six strokes a side")))
                .toList();
        List<Page> pages = BenchCard.of("24 mm chisel", "boat shed", rows);
        assertThat(pages.size()).isGreaterThan(1);
        List<String> words = pages.stream()
                .flatMap(p -> p.marks().stream())
                .filter(m -> m instanceof Page.Words)
                .map(m -> ((Page.Words) m).text())
                .toList();
        assertThat(IntStream.rangeClosed(1, 40))
                .allSatisfy(i -> assertThat(words).contains(i + "  step " + i));
        pages.forEach(p -> p.marks().forEach(m -> {
            if (m instanceof Page.Words w) {
                assertThat(w.at().y()).isBetween(0.0, p.heightMm());
            }
        }));
    }

    /** Letters of the printed face: the wide ones nine tenths of their height, others a bit over half of it. */
    private static double widthMm(Page.Words w) {
        return w.sizeMm()
                * w.text()
                        .chars()
                        .mapToDouble(c -> "mwMW".indexOf(c) >= 0 ? 0.9 : 0.56)
                        .sum();
    }

    @Test
    void nothingOfALabelReachesIntoTheNext() {
        List<String> lines = List.of("dairy and kitchen", "single-bevel knife", "mower and spring steel");
        List<Page.Words> words = Stream.of("10 mm mortise chisel of the clock room", "51 cm mower bar")
                .map(name -> new Labels.Label(name, lines, List.of(List.of(true))))
                .flatMap(label -> Labels.sheets(List.of(label)).get(0).marks().stream())
                .filter(m -> m instanceof Page.Words)
                .map(Page.Words.class::cast)
                .filter(w -> w.at().y() > 40)
                .toList();
        assertThat(words).hasSizeGreaterThan(4).allSatisfy(w -> {
            assertThat(w.at().x() + widthMm(w)).as(w.text()).isLessThan(12 + 62);
            assertThat(w.at().y()).as(w.text()).isGreaterThan(297 - 12 - 34);
        });
    }
}
