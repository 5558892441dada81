package truekeen.app.trial;

import java.util.Arrays;
import java.util.List;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import truekeen.app.trial.TrialRecords.AskedView;
import truekeen.app.trial.TrialRecords.CellView;
import truekeen.app.trial.TrialRecords.CourseView;
import truekeen.app.trial.TrialRecords.RuleOffer;
import truekeen.app.trial.TrialRecords.TrialEdgeView;
import truekeen.app.trial.TrialRecords.TrialLine;
import truekeen.app.trial.TrialRecords.TrialSheet;
import truekeen.app.trial.TrialRows.TrialRow;
import truekeen.app.trial.TrialStore.Kept;
import truekeen.app.trial.TrialStore.Whole;
import truekeen.core.trial.Course;
import truekeen.core.trial.TrialJudgement;
import truekeen.core.trial.TrialSays;

/** Trials in the form the screens read; nothing of a covered one tells which edge is which. */
final class TrialViews {
    private TrialViews() {}

    static TrialLine line(Whole w) {
        TrialRow t = w.trial();
        TrialJudgement j = w.judged();
        List<String> says = t.covered() ? List.of() : TrialSays.conclusion(j, w.ways());
        return new TrialLine(
                t.id,
                t.name,
                t.question,
                t.question.words(),
                w.ways(),
                t.at,
                t.endedAt,
                t.covered(),
                done(w),
                of(w),
                t.covered() ? TrialJudgement.Verdict.NOT_ENOUGH : j.verdict(),
                says.isEmpty() ? "" : says.get(0));
    }

    static TrialSheet sheet(Whole w, Optional<RuleOffer> rule) {
        TrialRow t = w.trial();
        TrialJudgement j = w.judged();
        boolean covered = t.covered();
        return new TrialSheet(
                t.id,
                t.name,
                t.question,
                t.question.words(),
                w.ways(),
                t.unit,
                t.unit.words(),
                Arrays.stream(t.checkpoints).boxed().toList(),
                t.stations,
                t.rounds,
                t.blind,
                covered,
                t.at,
                t.endedAt,
                t.person,
                done(w),
                of(w),
                w.edges().stream().map(k -> edge(t, k, covered)).toList(),
                w.edges().stream()
                        .filter(k -> next(t, k) != null)
                        .findFirst()
                        .map(k -> k.edge().id)
                        .orElse(null),
                j.surprises().stream()
                        .map(a -> new AskedView(
                                w.edges().get(a.edge()).edge().id,
                                w.edges().get(a.edge()).edge().place,
                                a.use(),
                                a.station(),
                                a.grams(),
                                a.expected(),
                                t.endedAt == null
                                        && w.edges().get(a.edge()).core().standsAt(a.use())))
                        .toList(),
                covered ? TrialJudgement.Verdict.NOT_ENOUGH : j.verdict(),
                covered || j.winner().isEmpty() ? null : j.winner().getAsInt(),
                covered ? List.of() : TrialSays.conclusion(j, w.ways()),
                covered ? List.of() : TrialSays.restsOn(j, t.unit),
                covered ? List.of() : courses(w),
                rule.orElse(null));
    }

    private static int of(Whole w) {
        return w.edges().size() * w.trial().checkpoints.length * w.trial().stations;
    }

    private static int done(Whole w) {
        return w.edges().stream().mapToInt(k -> k.readings().size()).sum();
    }

    private static TrialEdgeView edge(TrialRow t, Kept k, boolean covered) {
        NavigableMap<Double, Double> dulling = k.core().dulling();
        List<CellView> cells = Arrays.stream(t.checkpoints)
                .mapToObj(use -> {
                    Double[] grams = new Double[t.stations];
                    k.readings().stream()
                            .filter(r -> r.use == use && r.station <= t.stations)
                            .forEach(r -> grams[r.station - 1] = r.grams);
                    double[] read = Arrays.stream(grams)
                            .filter(java.util.Objects::nonNull)
                            .mapToDouble(g -> g)
                            .toArray();
                    return new CellView(
                            use,
                            Arrays.asList(grams),
                            read.length == 0
                                    ? null
                                    : Arrays.stream(read).average().orElseThrow(),
                            dulling.get(use));
                })
                .toList();
        return new TrialEdgeView(
                k.edge().id,
                k.edge().place,
                k.edge().round,
                covered ? null : k.edge().way,
                cells,
                k.edge().ended,
                k.edge().strokes,
                k.edge().regained,
                next(t, k));
    }

    private static Double next(TrialRow t, Kept k) {
        OptionalDouble next = t.endedAt == null ? k.core().next(t.checkpoints) : OptionalDouble.empty();
        return next.isPresent() ? next.getAsDouble() : null;
    }

    private static List<CourseView> courses(Whole w) {
        return IntStream.range(0, w.ways().size())
                .mapToObj(way -> new CourseView(
                        way,
                        Course.of(w.edges().stream()
                                        .filter(k -> k.edge().way == way)
                                        .map(Kept::core)
                                        .toList())
                                .points()))
                .toList();
    }
}
