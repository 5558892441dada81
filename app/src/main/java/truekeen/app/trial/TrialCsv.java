package truekeen.app.trial;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import org.apache.commons.csv.CSVRecord;
import truekeen.app.platform.CsvList;
import truekeen.app.trial.TrialStore.Whole;
import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.trial.TrialDesign;
import truekeen.core.trial.TrialEdge;

/**
 * The readings of a trial as comma-separated values (RFC 4180): edge, way, use, station, grams, and what each edge came to.
 * Written and read alike.
 */
final class TrialCsv {
    private static final List<String> HEAD =
            List.of("edge", "way", "use", "station", "grams", "ended", "strokes", "regained");
    private static final List<String> NEEDED = List.of("edge", "way", "use", "grams");
    private static final int MOST_LINES = 5000;
    private static final int MOST_STROKES = 2000;
    static final int MOST_NAME = 80;
    static final double MOST_GRAMS = 5000;
    private static final double MOST_USE = 100_000;

    private TrialCsv() {}

    /** A reading of a list. */
    record Line(double use, int station, double grams) {}

    /** An edge of a list. */
    record Edge(String way, List<Line> lines, TrialEdge.End end, Integer strokes, Boolean regained) {}

    /** A list that was read. */
    record Read(List<String> ways, List<Double> checkpoints, int stations, Map<String, Edge> edges, int readings) {}

    /** Writes one; of a covered trial no line tells its way. */
    static String write(Whole w) {
        List<List<Object>> rows = new ArrayList<>();
        w.edges().forEach(k -> k.readings().stream()
                .sorted((a, b) -> a.use == b.use ? Integer.compare(a.station, b.station) : Double.compare(a.use, b.use))
                .forEach(r -> rows.add(List.of(
                        k.edge().place,
                        w.trial().covered()
                                ? TrialWords.COVERED.words()
                                : w.ways().get(k.edge().way),
                        Numbers.plain(r.use, 3),
                        r.station,
                        Numbers.plain(r.grams, 3),
                        k.edge().ended.name(),
                        k.edge().strokes == null ? "" : k.edge().strokes,
                        k.edge().regained == null ? "" : k.edge().regained))));
        return CsvList.write(HEAD, rows);
    }

    /** Reads one; every faulty line is named. */
    static Read read(String text) {
        Checks checks = new Checks();
        Map<String, Edge> edges = new LinkedHashMap<>();
        Set<String> ways = new LinkedHashSet<>();
        TreeSet<Double> uses = new TreeSet<>(List.of(0.0));
        int stations = 1;
        int readings = 0;
        for (CSVRecord row : CsvList.read(text, HEAD, NEEDED, MOST_LINES)) {
            String name = CsvList.at(row, "edge");
            String way = CsvList.at(row, "way");
            OptionalDouble use = number(CsvList.at(row, "use"), 0, MOST_USE);
            OptionalDouble grams = number(CsvList.at(row, "grams"), 1, MOST_GRAMS);
            String at = CsvList.at(row, "station");
            OptionalDouble station = at.isEmpty() ? OptionalDouble.of(1) : number(at, 1, TrialDesign.MOST_STATIONS);
            Edge known = edges.get(name);
            String fault = fault(name, way, use, station, grams, known);
            if (!fault.isEmpty()) {
                checks.refuse(Refusal.of(MessageCode.CSV_LINE, "text", name)
                        .with("line", row.getRecordNumber() + 1)
                        .with("what", fault));
                continue;
            }
            Edge edge = known == null ? edge(row, way) : known;
            edges.put(name, edge);
            ways.add(way);
            uses.add(use.getAsDouble());
            stations = Math.max(stations, (int) station.getAsDouble());
            edge.lines.add(new Line(use.getAsDouble(), (int) station.getAsDouble(), grams.getAsDouble()));
            readings++;
        }
        checks.require(
                checks.refusals().size() > 0 || ways.size() >= 2 && ways.size() <= TrialDesign.MOST_WAYS,
                () -> Refusal.of(MessageCode.WAYS_OF_A_TRIAL, "text", ways.size())
                        .with("most", TrialDesign.MOST_WAYS));
        checks.require(uses.size() <= TrialDesign.MOST_CHECKPOINTS + 1, () -> Refusal.of(
                        MessageCode.TOO_MANY, "text", uses.size())
                .with("high", TrialDesign.MOST_CHECKPOINTS + 1)
                .with("what", "checkpoints"));
        checks.orThrow();
        return new Read(List.copyOf(ways), List.copyOf(uses), stations, edges, readings);
    }

    private static Edge edge(CSVRecord row, String way) {
        OptionalDouble strokes = number(CsvList.at(row, "strokes"), 0, MOST_STROKES);
        String regained = CsvList.at(row, "regained");
        boolean told = strokes.isPresent() && !regained.isEmpty();
        TrialEdge.End end = TrialEdge.End.NONE;
        for (TrialEdge.End one : TrialEdge.End.values()) {
            end = one.name().equalsIgnoreCase(CsvList.at(row, "ended")) ? one : end;
        }
        return new Edge(
                way,
                new ArrayList<>(),
                end,
                told ? Integer.valueOf((int) strokes.getAsDouble()) : null,
                told ? Boolean.valueOf(regained) : null);
    }

    private static String fault(
            String name, String way, OptionalDouble use, OptionalDouble station, OptionalDouble grams, Edge known) {
        if (name.isBlank() || name.length() > MOST_NAME) {
            return TrialWords.AN_EDGE_NAME.fill("most", MOST_NAME);
        }
        if (way.isBlank() || way.length() > MOST_NAME) {
            return TrialWords.A_WAY_NAME.fill("most", MOST_NAME);
        }
        if (use.isEmpty()) {
            return TrialWords.A_USE.words();
        }
        if (grams.isEmpty()) {
            return TrialWords.A_FORCE.fill("most", Math.round(MOST_GRAMS));
        }
        if (station.isEmpty() || station.getAsDouble() != Math.rint(station.getAsDouble())) {
            return TrialWords.A_STATION.fill("most", TrialDesign.MOST_STATIONS);
        }
        if (known != null && !known.way.equals(way)) {
            return TrialWords.ONE_WAY.fill("edge", name);
        }
        boolean twice = known != null
                && known.lines.stream().anyMatch(l -> l.use == use.getAsDouble() && l.station == station.getAsDouble());
        return twice
                ? TrialWords.READ_TWICE.fill(
                        "edge",
                        name,
                        "use",
                        Numbers.plain(use.getAsDouble(), 1),
                        "station",
                        Math.round(station.getAsDouble()))
                : "";
    }

    private static OptionalDouble number(String text, double low, double high) {
        try {
            double value = Double.parseDouble(text);
            return value >= low && value <= high ? OptionalDouble.of(value) : OptionalDouble.empty();
        } catch (NumberFormatException none) {
            return OptionalDouble.empty();
        }
    }
}
