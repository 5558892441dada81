package truekeen.core.benchmark;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import truekeen.core.rehearsal.Frame;
import truekeen.core.rehearsal.MadeUp;
import truekeen.core.rehearsal.PlanJudge;
import truekeen.core.rehearsal.PlanJudge.Judged;
import truekeen.core.rehearsal.RehearsedTool;
import truekeen.core.rehearsal.RemedyJudge;
import truekeen.core.tool.GeometryKind;

/** Judges plans for made-up tools on the virtual blade and prints the table. Run by {@code ./bench judge}. */
public final class JudgeBench {
    private static final int USUAL = 1000;
    private static final int EACH = 50;

    private JudgeBench() {}

    /** Arguments: how many blades; 1,000 where none is given. */
    public static void main(String[] arguments) {
        int blades = arguments.length > 0 ? Integer.parseInt(arguments[0]) : USUAL;
        List<GeometryKind> families =
                Stream.of(GeometryKind.values()).filter(RehearsedTool::can).toList();
        AtomicInteger done = new AtomicInteger();
        List<Judged> all = IntStream.range(0, blades)
                .parallel()
                .mapToObj(i -> {
                    Optional<Judged> judged =
                            MadeUp.of(families.get(i % families.size()), i).flatMap(m -> PlanJudge.judge(m, i, true));
                    int far = done.incrementAndGet();
                    if (far % EACH == 0) {
                        System.err.printf("%d of %d; Ctrl-C stops it%n", far, blades);
                    }
                    return judged;
                })
                .flatMap(Optional::stream)
                .toList();
        System.out.printf("%d blades, %d judged%n", blades, all.size());
        print("family", all, j -> j.family().key());
        print("damage", all, j -> j.damage().name().toLowerCase(Locale.ROOT));
        print("holder", all, j -> j.holder().words());
        print("all", all, j -> "all");
        remedies(families, blades);
    }

    /** Faults put into blades of which nothing else is wrong. */
    private static void remedies(List<GeometryKind> families, int blades) {
        List<RemedyJudge.Judged> all = IntStream.range(0, blades)
                .parallel()
                .mapToObj(i ->
                        MadeUp.of(families.get(i % families.size()), i)
                                .filter(m -> m.damage() == MadeUp.Damage.NONE)
                                .stream()
                                .flatMap(m -> Stream.of(RemedyJudge.PutIn.values())
                                        .flatMap(f -> RemedyJudge.judge(m, f, i).stream()))
                                .toList())
                .flatMap(List::stream)
                .toList();
        System.out.printf("%n%-26s%6s%20s%28s%n", "fault put in", "n", "named right, %", "mended at the first try, %");
        for (RemedyJudge.PutIn fault : RemedyJudge.PutIn.values()) {
            List<RemedyJudge.Judged> its =
                    all.stream().filter(j -> j.fault() == fault).toList();
            System.out.printf(
                    Locale.ROOT,
                    "%-26s%6d%20.0f%28.0f%n",
                    fault.name().toLowerCase(Locale.ROOT),
                    its.size(),
                    100.0 * its.stream().filter(RemedyJudge.Judged::right).count() / Math.max(1, its.size()),
                    100.0 * its.stream().filter(RemedyJudge.Judged::mended).count() / Math.max(1, its.size()));
        }
    }

    private static void print(String by, List<Judged> all, Function<Judged, String> key) {
        System.out.printf(
                "%n%-26s%6s%8s%8s%8s%8s%8s%9s%8s%9s%9s%12s%8s%n",
                by,
                "n",
                "keen%",
                "blind%",
                "burr%",
                "uneven%",
                "dull%",
                "strokes",
                "more%",
                "median x",
                "90% x",
                "hindsight x",
                "caught%");
        Map<String, List<Judged>> groups = all.stream().collect(Collectors.groupingBy(key));
        groups.keySet().stream().sorted().forEach(name -> {
            List<Judged> g = groups.get(name);
            List<Double> ratios = g.stream()
                    .filter(j -> j.least().isPresent())
                    .map(j -> j.worked().getAsDouble() / j.least().getAsDouble())
                    .sorted()
                    .toList();
            List<Double> known = g.stream()
                    .filter(j -> j.keen() && j.hindsight().isPresent())
                    .map(j -> j.strokes() / j.hindsight().getAsDouble())
                    .sorted()
                    .toList();
            List<Judged> failing =
                    g.stream().filter(j -> j.blind() != Frame.Outcome.KEEN).toList();
            System.out.printf(
                    Locale.ROOT,
                    "%-26s%6d%8.1f%8.1f%8.1f%8.1f%8.1f%9.0f%8.0f%9.2f%9.2f%12.2f%8.0f%n",
                    name,
                    g.size(),
                    share(g, Judged::keen),
                    share(g, j -> j.blind() == Frame.Outcome.KEEN),
                    share(g, j -> j.outcome() == Frame.Outcome.BURR_LEFT),
                    share(g, j -> j.outcome() == Frame.Outcome.UNEVEN),
                    share(g, j -> j.outcome() == Frame.Outcome.DULL),
                    g.stream().mapToInt(Judged::strokes).average().orElse(0),
                    100.0
                            * g.stream()
                                    .mapToDouble(j -> (double) j.strokes() / Math.max(1, j.planned()) - 1)
                                    .average()
                                    .orElse(0),
                    quantile(ratios, 0.5),
                    quantile(ratios, 0.9),
                    quantile(known, 0.5),
                    failing.isEmpty() ? 100 : share(failing, j -> j.held() || j.open()));
        });
    }

    private static double share(List<Judged> all, Predicate<Judged> which) {
        return 100.0 * all.stream().filter(which).count() / Math.max(1, all.size());
    }

    private static double quantile(List<Double> sorted, double share) {
        return sorted.isEmpty() ? Double.NaN : sorted.get((int) Math.min(sorted.size() - 1, share * sorted.size()));
    }
}
