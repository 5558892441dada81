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
import truekeen.core.fault.Observation;
import truekeen.core.fault.Remedy;
import truekeen.core.keenness.Verdict;
import truekeen.core.message.Numbers;

/** Tests as the log tells them. */
final class TestHistory {
    private TestHistory() {}

    static HistoryEntry entry(TestRow t, List<TrialRow> trials, boolean powered) {
        List<String> lines = new ArrayList<>();
        if (t.unreadable()) {
            lines.add("part of it is an older record that cannot be read");
        }
        Optional<Verdict> force = t.verdict();
        force.ifPresent(v -> lines.add("mean " + Numbers.plain(v.meanGrams(), 0) + " g, worst "
                + Numbers.plain(v.worst().grams(), 0) + " g at "
                + Numbers.plain(v.worst().xMm(), 1) + " mm"));
        t.seen().stream().map(Observation::words).forEach(lines::add);
        if (!t.keen && !t.found.isBlank()) {
            lines.add(t.found);
        }
        trials.forEach(r -> lines.add(r.finding().map(Diagnosis.Finding::title).orElse("An older record") + ", “"
                + Remedy.find(r.remedy).map(Remedy::words).orElse(r.remedy) + "” "
                + (r.worked == null ? "No test after it yet." : r.worked ? "It worked." : "It did not work.")));
        String index = force.map(v -> ": index " + Numbers.plain(v.meanIndex(), 2) + ", "
                        + Numbers.plain(v.indexTarget(), 2) + " wanted")
                .orElse("");
        return new HistoryEntry(t.takenAt, HistoryEntry.Kind.TEST, words(t.keen, powered) + index, lines);
    }

    /** A machine's blade passes; keenness is not asked of it. */
    private static String words(boolean passed, boolean powered) {
        return powered ? (passed ? "Passed" : "Not yet") : passed ? "Keen" : "Not keen yet";
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
