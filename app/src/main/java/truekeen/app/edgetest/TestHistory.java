package truekeen.app.edgetest;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.JdbcTemplate;
import truekeen.app.history.ExportSource;
import truekeen.app.history.HistoryEntry;
import truekeen.app.history.TableExport;
import truekeen.core.fault.Diagnosis;
import truekeen.core.fault.EdgeState;
import truekeen.core.fault.Observation;
import truekeen.core.fault.Remedy;
import truekeen.core.keenness.Verdict;
import truekeen.core.message.Numbers;

/** Tests as the log tells them. */
final class TestHistory {
    private TestHistory() {}

    static HistoryEntry entry(TestRow t, List<TriedRemedyRow> tried, EdgeState state, boolean powered) {
        List<String> lines = new ArrayList<>();
        if (t.unreadable()) {
            lines.add(TestWords.PART_UNREADABLE.words());
        }
        Optional<Verdict> force = t.verdict();
        force.ifPresent(v -> lines.add(TestWords.MEAN_AND_WORST.fill(
                "mean",
                Numbers.plain(v.meanGrams(), 0),
                "worst",
                Numbers.plain(v.worst().grams(), 0),
                "place",
                Numbers.plain(v.worst().xMm(), 1))));
        t.seen().stream().map(Observation::words).forEach(lines::add);
        if (!t.keen && !t.found.isBlank()) {
            lines.add(t.found);
        }
        tried.forEach(
                r -> lines.add(r.finding().map(Diagnosis.Finding::title).orElse(TestWords.OLDER_RECORD.words()) + ", “"
                        + Remedy.find(r.remedy).map(Remedy::words).orElse(r.remedy) + "” "
                        + (r.worked == null
                                ? TestWords.NO_TEST_YET.words()
                                : r.worked ? TestWords.IT_WORKED.words() : TestWords.IT_DID_NOT.words())));
        String index = force.map(v -> TestWords.INDEX_AND_WANTED.fill(
                        "index", Numbers.plain(v.meanIndex(), 2), "wanted", Numbers.plain(v.indexTarget(), 2)))
                .orElse("");
        return new HistoryEntry(t.takenAt, HistoryEntry.Kind.TEST, words(state, powered) + index, lines);
    }

    /** A machine's blade passes; keenness is not asked of it. */
    private static String words(EdgeState state, boolean powered) {
        return switch (state) {
            case KEEN -> powered ? "Passed" : "Keen";
            case NOT_YET -> (powered ? TestWords.NOT_YET : TestWords.NOT_KEEN).words();
            case NOT_TESTED -> TestWords.NOT_TESTED.words();
        };
    }

    /** What this place writes into the file of a tool. */
    @Configuration
    static class Exports {
        @Bean
        ExportSource testExport(JdbcTemplate jdbc) {
            return TableExport.ofTool(jdbc, "tests", "edge_test", "taken_at");
        }

        @Bean
        ExportSource trialExport(JdbcTemplate jdbc) {
            return TableExport.ofTool(jdbc, "remedies", "remedy_trial", "at");
        }
    }
}
