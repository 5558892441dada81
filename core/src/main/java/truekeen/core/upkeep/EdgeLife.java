package truekeen.core.upkeep;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import truekeen.core.table.Prior;

/**
 * What an edge did and how keen it was meanwhile, by its sharpenings, in the unit of its work.
 *
 * @param pace use since the last sharpening, and how fast it goes
 * @param readings all readings in use, oldest first
 * @param touchUps touch-ups since the last sharpening, oldest first
 * @param since when it was last sharpened; its first record where it never was; null where there is nothing
 */
public record EdgeLife(NextTouchUp.Pace pace, List<Placed> readings, List<TouchUp> touchUps, Instant since) {
    /** Some work put down. */
    public record Use(Instant at, double amount) {}

    /** A reading of the tester, as an index. */
    public record Dated(Instant at, double index) {}

    /** A touch-up on its day. */
    public record DatedTouchUp(
            Instant at, Rung rung, int strokes, OptionalDouble before, OptionalDouble after, boolean regained) {}

    /**
     * What is known of an edge, each in any order.
     *
     * @param sharpened ends of its sharpenings
     * @param fresh readings right from the stones
     * @param uses work put down
     * @param readings readings in use
     * @param touchUps touch-ups of all times
     */
    public record Log(
            List<Instant> sharpened,
            List<Dated> fresh,
            List<Use> uses,
            List<Dated> readings,
            List<DatedTouchUp> touchUps) {}

    /**
     * A reading with the use before it.
     *
     * @param counts whether it speaks of an edge as the stones left it: no touch-up lay between
     */
    public record Placed(Instant at, double use, double index, boolean counts) {}

    /** A use, and how much of it nobody put down. */
    private record Amount(double use, double estimated) {}

    /** What a log says at a moment. */
    public static EdgeLife of(Log log, Instant now, UseUnit unit) {
        Known known = new Known(log, now, unit);
        List<Placed> placed = new ArrayList<>();
        log.fresh.forEach(r -> placed.add(new Placed(r.at, 0, r.index, true)));
        for (Dated r : log.readings) {
            Instant start = known.start(r.at);
            boolean touched = log.touchUps.stream().anyMatch(t -> t.at.isBefore(r.at) && !t.at.isBefore(start));
            placed.add(new Placed(r.at, known.use(r.at).use, r.index, !touched));
        }
        placed.sort(Comparator.comparing(Placed::at));
        Instant since = known.start(now);
        List<TouchUp> since0 = log.touchUps.stream()
                .filter(t -> !t.at.isBefore(since))
                .sorted(Comparator.comparing(DatedTouchUp::at))
                .map(t -> new TouchUp(t.rung, known.use(t.at).use, t.strokes, t.before, t.after, t.regained))
                .toList();
        Amount use = known.use(now);
        return new EdgeLife(
                new NextTouchUp.Pace(use.use, use.estimated, known.perDay, known.paceKnown),
                placed,
                since0,
                since.equals(now) ? null : since);
    }

    /** Readings that the curve of a fresh edge rests on, the newest of them where they are very many. */
    public List<UseReading> counted() {
        List<UseReading> all = readings.stream()
                .filter(Placed::counts)
                .map(p -> new UseReading(p.use, p.index))
                .toList();
        // An edge of years ago is another edge: it has been honed back since.
        return all.subList(Math.max(0, all.size() - Prior.DULLING_MOST_READINGS.whole()), all.size());
    }

    /** Looked up by halving: a tool that is read every day has thousands of uses. */
    private static final class Known {
        private final Log log;
        private final Instant now;
        private final double perDay;
        private final boolean paceKnown;
        private final Instant[] usedAt;
        private final double[] usedBefore;
        private final Instant[] sharpened;
        private final Instant[] all;

        Known(Log log, Instant now, UseUnit unit) {
            this.log = log;
            this.now = now;
            List<Use> sorted =
                    log.uses.stream().sorted(Comparator.comparing(Use::at)).toList();
            this.usedAt = sorted.stream().map(Use::at).toArray(Instant[]::new);
            this.usedBefore = new double[sorted.size() + 1];
            for (int i = 0; i < sorted.size(); i++) {
                usedBefore[i + 1] = usedBefore[i] + sorted.get(i).amount;
            }
            this.sharpened = log.sharpened.stream().sorted().toArray(Instant[]::new);
            this.all = Stream.of(
                            log.uses.stream().map(Use::at),
                            log.readings.stream().map(Dated::at),
                            log.touchUps.stream().map(DatedTouchUp::at))
                    .flatMap(s -> s)
                    .sorted()
                    .toArray(Instant[]::new);
            double days = log.uses.stream()
                    .map(Use::at)
                    .min(Comparator.naturalOrder())
                    .map(first -> days(first, now))
                    .orElse(0.0);
            this.paceKnown = log.uses.size() > 1 && days >= Prior.PACE_LEAST_DAYS.value();
            this.perDay = paceKnown ? log.uses.stream().mapToDouble(Use::amount).sum() / days : unit.perDay();
        }

        /** The sharpening before a moment; without one the first record, or the moment itself. */
        Instant start(Instant at) {
            int before = notAfter(sharpened, at);
            if (before > 0) {
                return sharpened[before - 1];
            }
            return all.length > 0 && !all[0].isAfter(at) ? all[0] : at;
        }

        /** How many of these sorted moments are not after one. */
        private static int notAfter(Instant[] sorted, Instant at) {
            int low = 0;
            int high = sorted.length;
            while (low < high) {
                int middle = (low + high) >>> 1;
                if (sorted[middle].isAfter(at)) {
                    high = middle;
                } else {
                    low = middle + 1;
                }
            }
            return low;
        }

        Amount use(Instant at) {
            Instant start = start(at);
            int from = notAfter(usedAt, start.minusNanos(1));
            int until = notAfter(usedAt, at);
            double put = usedBefore[until] - usedBefore[from];
            if (until > from || log.sharpened.isEmpty()) {
                return new Amount(put, 0);
            }
            double estimated = perDay * days(start, at);
            return new Amount(estimated, estimated);
        }

        private static double days(Instant from, Instant to) {
            return Duration.between(from, to).toSeconds() / 86_400.0;
        }
    }
}
