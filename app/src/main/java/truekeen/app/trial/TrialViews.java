package truekeen.app.trial;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeSet;
import truekeen.app.trial.TrialRecords.AskedView;
import truekeen.app.trial.TrialRecords.CellView;
import truekeen.app.trial.TrialRecords.CoursePoint;
import truekeen.app.trial.TrialRecords.CourseView;
import truekeen.app.trial.TrialRecords.RuleOffer;
import truekeen.app.trial.TrialRecords.TrialEdgeView;
import truekeen.app.trial.TrialRecords.TrialLine;
import truekeen.app.trial.TrialRecords.TrialSheet;
import truekeen.app.trial.TrialRows.TrialRow;
import truekeen.app.trial.TrialStore.Kept;
import truekeen.app.trial.TrialStore.Whole;
import truekeen.core.trial.TrialEdge;
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
                                a.expected()))
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

    /** The checkpoint at which an edge is read next; null where it is done. */
    static Double next(TrialRow t, Kept k) {
        if (t.endedAt != null || k.edge().ended != TrialEdge.End.NONE) {
            return null;
        }
        return Arrays.stream(t.checkpoints)
                .filter(use -> k.readings().stream().noneMatch(r -> r.use == use))
                .boxed()
                .findFirst()
                .orElse(null);
    }

    private static List<CourseView> courses(Whole w) {
        List<CourseView> out = new ArrayList<>();
        for (int way = 0; way < w.ways().size(); way++) {
            int one = way;
            List<NavigableMap<Double, Double>> its = w.edges().stream()
                    .filter(k -> k.edge().way == one)
                    .map(k -> k.core().dulling())
                    .filter(d -> !d.isEmpty())
                    .toList();
            TreeSet<Double> uses = new TreeSet<>();
            its.forEach(d -> uses.addAll(d.keySet()));
            out.add(new CourseView(
                    way,
                    uses.stream()
                            .map(use -> {
                                double[] there = its.stream()
                                        .filter(d -> d.containsKey(use))
                                        .mapToDouble(d -> d.get(use))
                                        .sorted()
                                        .toArray();
                                return new CoursePoint(
                                        use,
                                        Arrays.stream(there).average().orElseThrow(),
                                        there[0],
                                        there[there.length - 1],
                                        there.length);
                            })
                            .toList()));
        }
        return out;
    }
}
