package truekeen.app.edgetest;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import truekeen.app.edgetest.TestRecords.CheckView;
import truekeen.app.edgetest.TestRecords.ClueView;
import truekeen.app.edgetest.TestRecords.FindingOfTest;
import truekeen.app.edgetest.TestRecords.ForceView;
import truekeen.app.edgetest.TestRecords.OutcomeOfCheck;
import truekeen.app.edgetest.TestRecords.ReadingView;
import truekeen.app.edgetest.TestRecords.RemedyView;
import truekeen.app.edgetest.TestRecords.SignSeen;
import truekeen.app.edgetest.TestRecords.TestView;
import truekeen.app.edgetest.TestRecords.TriedView;
import truekeen.app.edgetest.TestRecords.VerdictView;
import truekeen.app.platform.AdviceView;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.advice.Advice;
import truekeen.core.advice.Formula;
import truekeen.core.fault.Diagnosis;
import truekeen.core.fault.EdgeCheck;
import truekeen.core.fault.EdgeState;
import truekeen.core.fault.Observation;
import truekeen.core.fault.Remedy;
import truekeen.core.fault.RemedyRecord;
import truekeen.core.keenness.Stretch;
import truekeen.core.keenness.Verdict;
import truekeen.core.message.InWords;
import truekeen.core.message.Numbers;
import truekeen.core.stepsheet.RemedySheet;
import truekeen.core.tool.ToolUse;

/** Tests for the screens. */
public final class TestViews {
    /** So many tests are named where none was made. */
    private static final int MOST_NAMED = 3;

    private TestViews() {}

    /**
     * A test.
     *
     * @param state what it came to
     * @param path abrasives the edge was honed on, to name where a remedy comes in; empty where that is not wanted
     */
    static TestView of(
            TestRow t,
            ToolUse use,
            EdgeState state,
            List<TriedRemedyRow> tried,
            List<TriedRemedyRow> judged,
            List<RemedyRecord> records,
            List<Abrasive> path) {
        Map<String, RemedyRecord> byRemedy =
                records.stream().collect(Collectors.toMap(RemedyRecord::remedy, Function.identity()));
        Diagnosis d = t.diagnosis().orElse(null);
        boolean cuts = state == EdgeState.NOT_YET && EdgeState.cuts(use, t.verdict(), t.seen());
        Verdict byForce = t.verdict().orElse(null);
        List<Diagnosis.Finding> proposed = d == null
                ? List.of()
                : RemedyChoice.likeliest(d).stream()
                        .map(RemedySheet.Chosen::finding)
                        .toList();
        return new TestView(
                t.id,
                t.sessionId,
                t.takenAt,
                t.person,
                t.referenceG,
                t.readings().stream()
                        .map(r -> new ReadingView(r.xMm(), r.grams()))
                        .toList(),
                t.seen().stream().map(TestViews::seen).toList(),
                new VerdictView(
                        t.keen,
                        state,
                        cuts,
                        state == EdgeState.KEEN || cuts ? restsOn(t, use) : List.of(),
                        byForce == null || t.referenceG == null ? null : force(byForce, t.referenceG),
                        state == EdgeState.NOT_TESTED ? notTested(use) : t.found,
                        d != null && d.told(),
                        d == null ? "" : d.next().map(Diagnosis.Telling::words).orElse(""),
                        d == null
                                ? List.of()
                                : d.findings().stream()
                                        .map(f -> finding(f, proposed.contains(f), byRemedy, path))
                                        .toList()),
                t.remedied,
                tried(tried),
                tried(judged));
    }

    private static List<TriedView> tried(List<TriedRemedyRow> tried) {
        return tried.stream()
                .map(r -> new TriedView(
                        r.finding().map(Diagnosis.Finding::title).orElse(TestWords.UNREADABLE.words()),
                        Remedy.find(r.remedy).map(Remedy::words).orElse(r.remedy),
                        r.worked))
                .toList();
    }

    static CheckView check(EdgeCheck c, boolean needed) {
        return new CheckView(c.key(), c.title(), c.how(), c.safety(), outcomes(c), needed);
    }

    /** What may come of a check. */
    public static List<OutcomeOfCheck> outcomes(EdgeCheck c) {
        return c.signs().stream()
                .map(s -> new OutcomeOfCheck(s, s.words(), s.says(), s.placed()))
                .toList();
    }

    private static SignSeen seen(Observation o) {
        return new SignSeen(
                o.sign(),
                o.words(),
                o.sign().says(),
                o.where().map(Stretch::fromMm).orElse(null),
                o.where().map(Stretch::toMm).orElse(null));
    }

    private static FindingOfTest finding(
            Diagnosis.Finding f, boolean proposed, Map<String, RemedyRecord> records, List<Abrasive> path) {
        return new FindingOfTest(
                f.fault(),
                f.title(),
                f.where().fromMm(),
                f.where().toMm(),
                f.whole(),
                f.sure(),
                f.how().words(),
                f.evidence().stream()
                        .map(c -> new ClueView(c.words(), c.weight()))
                        .toList(),
                f.telling().map(Diagnosis.Telling::words).orElse(""),
                proposed,
                f.remedies().stream()
                        .map(r -> {
                            RemedyRecord record = records.getOrDefault(r.key(), RemedyRecord.none(r.key()));
                            String stone = path.isEmpty() ? "" : RemedySheet.entryStone(r, path);
                            return new RemedyView(
                                    r.key(),
                                    r.words(),
                                    stone.isEmpty() ? r.entry().words() : "the " + stone,
                                    r.whole(),
                                    record.tried(),
                                    record.worked(),
                                    r.leads().orElse(null));
                        })
                        .toList());
    }

    private static ForceView force(Verdict v, double referenceG) {
        AdviceView index = AdviceView.of(Advice.exact(
                TestWords.KEENNESS_INDEX.words(),
                v.meanIndex(),
                "",
                Formula.KEENNESS_INDEX,
                List.of(
                        new Advice.Given(TestWords.MEAN_READING.words(), Numbers.plain(v.meanGrams(), 1) + InWords.G),
                        new Advice.Given("reference", Numbers.plain(referenceG, 1) + InWords.G),
                        new Advice.Given(TestWords.WANTED_AT_MOST.words(), Numbers.plain(v.indexTarget(), 2))),
                TestWords.READING_CHANGES.words()));
        return new ForceView(
                v.meanGrams(),
                v.sdGrams(),
                new ReadingView(v.worst().xMm(), v.worst().grams()),
                v.spreadRatio(),
                index,
                v.indexTarget());
    }

    /** What a judgement of keen rests on, in words. */
    private static List<String> restsOn(TestRow t, ToolUse use) {
        List<String> all = new ArrayList<>();
        t.verdict()
                .ifPresent(v -> all.add(
                        TestWords.FORCE_READ.fill("stations", t.readings().size())));
        EdgeState.proofs(use, t.seen()).forEach(o -> all.add(o.sign().words()));
        return all;
    }

    /** What would say that such a tool does its work. */
    private static String notTested(ToolUse use) {
        String tests = EdgeCheck.ladder(use).stream()
                .filter(c -> c.signs().stream().anyMatch(g -> EdgeState.proves(g.group(), use)))
                .map(c -> c.title().toLowerCase(Locale.ROOT))
                .limit(MOST_NAMED)
                .collect(Collectors.joining(", "));
        return TestWords.NOTHING_CUT.fill("tests", tests);
    }
}
