package truekeen.app.log;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.edgetest.TestService;
import truekeen.app.history.DatedFigure;
import truekeen.app.history.FigureSource;
import truekeen.app.log.LogRecords.SeriesPoint;
import truekeen.app.log.LogRecords.SeriesView;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolWear;
import truekeen.core.keenness.Verdict;

/** A tool's numbers over time, gathered from all places that know some. */
@Component
@Transactional(readOnly = true)
class LogCurves {
    /** Points below which nothing is drawn: one is no curve. */
    private static final int FEWEST = 2;

    private final ToolService tools;
    private final ToolWear wear;
    private final TestService tests;
    private final List<FigureSource> sources;

    LogCurves(ToolService tools, ToolWear wear, TestService tests, List<FigureSource> sources) {
        this.tools = tools;
        this.wear = wear;
        this.tests = tests;
        this.sources = sources;
    }

    List<SeriesView> of(UUID toolId) {
        List<DatedFigure> all = new ArrayList<>();
        sources.forEach(s -> all.addAll(s.figures(toolId)));
        tests.measured(toolId).forEach(t -> t.verdict().ifPresent(v -> all.add(keenness(t, v))));
        wear.of(toolId).forEach(w -> all.add(DatedFigure.of(DatedFigure.Kind.LENGTH, w.at(), w.usableAfterMm())));
        return Arrays.stream(DatedFigure.Kind.values())
                .flatMap(kind ->
                        curve(kind, all.stream().filter(f -> f.kind() == kind).toList()))
                .toList();
    }

    private static DatedFigure keenness(TestService.Measured test, Verdict v) {
        return new DatedFigure(
                DatedFigure.Kind.KEENNESS,
                test.takenAt(),
                v.meanIndex(),
                OptionalDouble.empty(),
                OptionalDouble.of(v.indexTarget()));
    }

    private static Stream<SeriesView> curve(DatedFigure.Kind kind, List<DatedFigure> figures) {
        if (figures.size() < FEWEST) {
            return Stream.empty();
        }
        CurveWords words = CurveWords.of(kind);
        return Stream.of(new SeriesView(
                kind,
                words.words(),
                kind.unit(),
                words.says(),
                figures.stream()
                        .sorted(Comparator.comparing(DatedFigure::at))
                        .map(f -> new SeriesPoint(f.at(), f.value(), value(f.low()), value(f.high())))
                        .toList()));
    }

    private static Double value(OptionalDouble x) {
        return x.isPresent() ? x.getAsDouble() : null;
    }
}
