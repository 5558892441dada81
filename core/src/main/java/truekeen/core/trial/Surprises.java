package truekeen.core.trial;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import truekeen.core.quantity.Median;
import truekeen.core.upkeep.BrokenTrend;

/**
 * Readings of a trial that break the trend and want to be read again: a typing slip, a bad thread, a hair on the tester.
 * The trend is the level of each station times the course of the edge (of its way, where an edge has fewer than three
 * stations), by medians (median polish of the logarithms), so that a wild reading does not turn it. It takes three rows;
 * before that nothing is said.
 *
 * <p>Source: J. W. Tukey (1977) for the polish. Not robust: a way whose edges dull at very different paces looks wild.
 */
final class Surprises {
    private static final int LEAST_ROWS = 3;
    private static final int ROUNDS = 8;

    private final List<Surprise> all = new ArrayList<>();
    private final List<Double> left = new ArrayList<>();
    private int fitted;

    private Surprises() {}

    /**
     * A reading that surprises.
     *
     * @param edge its place in the list that was given
     * @param reading the reading
     * @param expected what the others make likely (g)
     */
    record Surprise(int edge, TrialReading reading, double expected) {}

    /** A row: one station of one edge. */
    private record Row(int edge, List<TrialReading> readings) {}

    /** The readings that break the trend and were not read again yet. */
    static List<Surprise> in(List<TrialEdge> edges) {
        Surprises looked = new Surprises();
        int ways = edges.stream().mapToInt(TrialEdge::way).max().orElse(-1) + 1;
        for (int way = 0; way < ways; way++) {
            int of = way;
            List<Row> rows = IntStream.range(0, edges.size())
                    .filter(i -> edges.get(i).way() == of)
                    .boxed()
                    .flatMap(i -> rows(i, edges.get(i)).stream())
                    .toList();
            Map<Integer, List<Row>> own = rows.stream().collect(Collectors.groupingBy(Row::edge));
            List<Row> together = rows.stream()
                    .filter(r -> own.get(r.edge()).size() < LEAST_ROWS
                            && r.readings().size() > 1)
                    .toList();
            own.values().stream().filter(of3 -> of3.size() >= LEAST_ROWS).forEach(looked::polish);
            if (together.size() >= LEAST_ROWS) {
                looked.polish(together);
            }
        }
        boolean[] breaks =
                BrokenTrend.breaks(looked.left.stream().mapToDouble(d -> d).toArray(), looked.fitted);
        return IntStream.range(0, breaks.length)
                .filter(i -> breaks[i])
                .mapToObj(looked.all::get)
                .filter(s -> !s.reading.repeated())
                .toList();
    }

    /** The stations of an edge; one that was read once says nothing, unless the whole edge was only read once. */
    private static List<Row> rows(int edge, TrialEdge of) {
        long checkpoints =
                of.readings().stream().map(TrialReading::use).distinct().count();
        return of.readings().stream()
                .map(TrialReading::station)
                .distinct()
                .sorted()
                .map(station -> new Row(
                        edge,
                        of.readings().stream()
                                .filter(r -> r.station() == station)
                                .toList()))
                .filter(row -> row.readings.size() > 1 || checkpoints == 1)
                .toList();
    }

    private void polish(List<Row> rows) {
        List<Double> uses = List.copyOf(new TreeSet<>(rows.stream()
                .flatMap(r -> r.readings.stream().map(TrialReading::use))
                .toList()));
        double[][] cells = new double[rows.size()][uses.size()];
        for (int i = 0; i < rows.size(); i++) {
            Arrays.fill(cells[i], Double.NaN);
            for (TrialReading r : rows.get(i).readings) {
                cells[i][uses.indexOf(r.use())] = Math.log(r.grams());
            }
        }
        for (int round = 0; round < ROUNDS; round++) {
            for (double[] row : cells) {
                // Stations that were read once are held against each other, not each against itself.
                if (uses.size() > 1) {
                    takeOff(row, level(row));
                }
            }
            for (int c = 0; c < uses.size(); c++) {
                int column = c;
                double[] down =
                        Arrays.stream(cells).mapToDouble(row -> row[column]).toArray();
                takeOff(down, median(down));
                for (int i = 0; i < cells.length; i++) {
                    cells[i][c] = down[i];
                }
            }
        }
        fitted += uses.size() > 1 ? rows.size() + uses.size() - 1 : 1;
        for (int i = 0; i < cells.length; i++) {
            for (TrialReading r : rows.get(i).readings) {
                double over = cells[i][uses.indexOf(r.use())];
                left.add(over);
                all.add(new Surprise(rows.get(i).edge, r, r.grams() / Math.exp(over)));
            }
        }
    }

    /**
     * The level of a station: the median of its readings. Of two it is the earlier: that one stood when it was read, and
     * it is the newest that is asked about.
     */
    private static double level(double... row) {
        double[] known = known(row);
        return known.length == 2 ? known[0] : median(row);
    }

    private static double median(double... line) {
        double[] known = known(line);
        return known.length == 0 ? 0 : Median.of(known);
    }

    private static double[] known(double... line) {
        return Arrays.stream(line).filter(v -> !Double.isNaN(v)).toArray();
    }

    private static void takeOff(double[] line, double level) {
        for (int i = 0; i < line.length; i++) {
            line[i] -= level;
        }
    }
}
