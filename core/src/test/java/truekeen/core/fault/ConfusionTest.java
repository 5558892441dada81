package truekeen.core.fault;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/** Five hundred made-up cases, and what the verdict makes of them; the table in the docs is the one that comes out here. */
class ConfusionTest {
    private static final int CASES = 500;
    private static final long SEED = 18;
    private static final Path DOC = Path.of("../docs/verdicts.md");
    private static final String BEGIN = "<!-- table -->\n";
    private static final String END = "<!-- end of table -->\n";

    private static final class Row {
        private int cases;
        private int right;
        private int wrong;
        private int firstOfDoubt;
        private int secondOfDoubt;
        private int unnamed;
        /** Told right once the test that the verdict names was made, two of them at most. */
        private int rightThen;

        private int wrongThen;
        private final Map<String, Integer> instead = new TreeMap<>();
    }

    private static Map<String, Row> rows() {
        Map<String, Row> rows = new LinkedHashMap<>();
        for (SyntheticCases.Case c : SyntheticCases.of(CASES, SEED)) {
            Row row = rows.computeIfAbsent(c.fault(), k -> new Row());
            row.cases++;
            Diagnosis d = Diagnostician.of(c.subject(), c.seen(), c.ladder());
            List<String> named = d.findings().stream()
                    .map(Diagnosis.Finding::fault)
                    .distinct()
                    .toList();
            int at = named.indexOf(c.fault());
            if (d.told() && at == 0) {
                row.right++;
            } else if (d.told()) {
                row.wrong++;
                row.instead.merge(named.get(0), 1, Integer::sum);
            } else if (at == 0) {
                row.firstOfDoubt++;
            } else if (at == 1) {
                row.secondOfDoubt++;
            } else {
                row.unnamed++;
            }
            Diagnosis then = followed(c, d);
            boolean first =
                    !then.findings().isEmpty() && then.findings().get(0).fault().equals(c.fault());
            row.rightThen += then.told() && first ? 1 : 0;
            row.wrongThen += then.told() && !first ? 1 : 0;
        }
        return rows;
    }

    /** The verdict after the tests that it asks for were made. */
    private static Diagnosis followed(SyntheticCases.Case c, Diagnosis at) {
        Diagnosis now = at;
        List<Observation> seen = new ArrayList<>(c.seen());
        for (int i = 0; i < 2 && !now.told() && now.next().isPresent(); i++) {
            Observation more = c.others().get(now.next().get().check().key());
            if (more == null) {
                break;
            }
            seen.add(more);
            now = Diagnostician.of(c.subject(), seen, c.ladder());
        }
        return now;
    }

    private static String table(Map<String, Row> rows) {
        StringBuilder text = new StringBuilder(
                """
                | what is wrong | cases | told, right | told, wrong | cannot tell, first | cannot tell, second | not among them | after the tests named: right | wrong | told instead at first |
                |---|---|---|---|---|---|---|---|---|---|
                """);
        Row all = new Row();
        rows.forEach((fault, r) -> {
            text.append(line(fault, r));
            all.cases += r.cases;
            all.right += r.right;
            all.wrong += r.wrong;
            all.firstOfDoubt += r.firstOfDoubt;
            all.secondOfDoubt += r.secondOfDoubt;
            all.unnamed += r.unnamed;
            all.rightThen += r.rightThen;
            all.wrongThen += r.wrongThen;
        });
        return text.append(line("all", all)).toString();
    }

    private static String line(String fault, Row r) {
        String instead = String.join(
                ", ",
                r.instead.entrySet().stream()
                        .map(e -> e.getKey() + " " + e.getValue())
                        .toList());
        return "| " + fault + " | " + r.cases + " | " + r.right + " | " + r.wrong + " | " + r.firstOfDoubt + " | "
                + r.secondOfDoubt + " | " + r.unnamed + " | " + r.rightThen + " | " + r.wrongThen + " | " + instead
                + " |\n";
    }

    @Test
    void theTableInTheDocsIsTheOneThatComesOut() throws IOException {
        String table = table(rows());
        if (Boolean.getBoolean("truekeen.write-confusion")) {
            String doc = Files.readString(DOC);
            int from = doc.indexOf(BEGIN) + BEGIN.length();
            Files.writeString(DOC, doc.substring(0, from) + table + doc.substring(doc.indexOf(END)));
        }
        assertThat(Files.readString(DOC)).contains(BEGIN + table + END);
    }

    /** Rather no verdict than a wrong one, and the right one among the first two nearly always. */
    @Test
    void mostAreToldRightAndFewWrong() {
        int right = 0;
        int wrong = 0;
        int near = 0;
        for (Row r : rows().values()) {
            right += r.right;
            wrong += r.wrong;
            near += r.right + r.firstOfDoubt + r.secondOfDoubt;
        }
        System.out.println("CONFUSION right " + right + " wrong " + wrong + " near " + near);
        assertThat(right).isGreaterThan(CASES * 7 / 10);
        assertThat(wrong).isLessThan(CASES / 8);
        assertThat(near).isGreaterThan(CASES * 4 / 5);
    }
}
