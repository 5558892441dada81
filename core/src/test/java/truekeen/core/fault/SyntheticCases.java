package truekeen.core.fault;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ToolUse;
import truekeen.core.tool.ToolUses;

/**
 * Made-up cases of edges whose fault is known: how each fault shows is a table of its own, written down from the bench and
 * not from the weights that are to be judged by it. Every test that the work needs is made, others now and then; a test
 * that the fault does not show in gives its good answer, and once in a while a wrong one.
 */
final class SyntheticCases {
    /** How often a test is made that the work does not need. */
    private static final double MORE_TESTS = 0.35;
    /** How often a test says something that is not so. */
    private static final double NOISE = 0.03;

    /**
     * A case: what is wrong, what is put down, and what every test would give that was not made.
     *
     * @param others by the key of the test
     */
    record Case(
            String fault,
            Subject subject,
            List<EdgeCheck> ladder,
            List<Observation> seen,
            Map<String, Observation> others) {}

    private record Shows(String check, String sign, double probability) {}

    private static final class Fault {
        private String kinds = "";
        private final List<Shows> shows = new ArrayList<>();
    }

    private SyntheticCases() {}

    /** So many cases, the faults in turn. */
    static List<Case> of(int count, long seed) {
        Map<String, Fault> faults = read();
        List<String> names = List.copyOf(faults.keySet());
        Random random = new Random(seed);
        List<Case> cases = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            String name = names.get(i % names.size());
            Case made = one(name, faults.get(name), random);
            // Nobody asks what is wrong where nothing was found wrong.
            while (made.seen.stream().noneMatch(SyntheticCases::complains)) {
                made = one(name, faults.get(name), random);
            }
            cases.add(made);
        }
        return cases;
    }

    private static boolean complains(Observation o) {
        return o.sign().observed() && o.sign().says() != Sign.Says.GOOD
                || o.sign().says() == Sign.Says.BAD;
    }

    private static Case one(String name, Fault fault, Random random) {
        String[] kinds = fault.kinds.split("\\|");
        String chosen = kinds[random.nextInt(kinds.length)];
        boolean cambered = chosen.endsWith("~");
        GeometryKind kind = GeometryKind.valueOf(chosen.replace("~", ""));
        Subject subject = Subject.of(Blades.blade(kind), cambered);
        ToolUse use = ToolUses.all().stream()
                .filter(u -> u.geometry() == kind)
                .findFirst()
                .orElseThrow();
        double[] place = place(name, subject, random);
        List<EdgeCheck> needed = EdgeCheck.needed(use);
        List<Observation> seen = new ArrayList<>();
        Map<String, Observation> others = new LinkedHashMap<>();
        for (EdgeCheck check : EdgeCheck.ladder(use)) {
            boolean made = needed.contains(check) || random.nextDouble() < MORE_TESTS;
            Optional<Sign> outcome = outcome(check, fault, random);
            outcome.map(s -> at(s, place)).ifPresent(o -> {
                if (made) {
                    seen.add(o);
                } else {
                    others.put(check.key(), o);
                }
            });
        }
        for (Shows shows : fault.shows) {
            boolean told = random.nextDouble() < shows.probability;
            Optional<Sign> sign = sign(shows.sign);
            if (told && sign.isPresent() && List.of("BENCH", "SESSION", "FORCE").contains(shows.check)) {
                Observation o = at(sign.get(), place);
                seen.add(shows.check.equals("BENCH") ? o.whileWorked() : o);
            }
        }
        return new Case(name, subject, EdgeCheck.ladder(use), seen, others);
    }

    private static Observation at(Sign sign, double[] place) {
        return sign.placed() ? Observation.of(sign, place[0], place[1]) : Observation.of(sign);
    }

    /** What a test gives: what the fault shows, else its good answer, else now and then anything. */
    private static Optional<Sign> outcome(EdgeCheck check, Fault fault, Random random) {
        double drawn = random.nextDouble();
        double noise = random.nextDouble();
        int any = random.nextInt(check.signs().size());
        double sum = 0;
        for (Shows shows : fault.shows) {
            if (shows.check.equals(check.key())) {
                sum += shows.probability;
                if (drawn < sum) {
                    return sign(shows.sign);
                }
            }
        }
        if (noise < NOISE) {
            return Optional.of(check.signs().get(any));
        }
        return Optional.of(check.signs().get(0)).filter(s -> s.says() == Sign.Says.GOOD);
    }

    private static double[] place(String fault, Subject subject, Random random) {
        double length = subject.lengthMm();
        double from = 0;
        double to = subject.bellyFromMm();
        if (fault.equals("TIP_MISSED")) {
            from = subject.tipFromMm();
            to = length;
        } else if (fault.equals("BELLY_MISSED")) {
            from = subject.bellyFromMm();
            to = subject.tipFromMm();
        }
        double wide = Math.min(to - from, length * (0.02 + 0.08 * random.nextDouble()));
        double at = from + random.nextDouble() * (to - from - wide);
        return new double[] {at, at + wide};
    }

    /** A sign by its name; one that is not there any more, or not yet, is never seen. */
    private static Optional<Sign> sign(String name) {
        return Arrays.stream(Sign.values()).filter(s -> s.name().equals(name)).findFirst();
    }

    private static Map<String, Fault> read() {
        try (var in = SyntheticCases.class.getResourceAsStream("/fault_shows.csv")) {
            Map<String, Fault> faults = new LinkedHashMap<>();
            new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .skip(1)
                    .forEach(line -> {
                        String[] cells = line.split(",");
                        Fault fault = faults.computeIfAbsent(cells[0], k -> new Fault());
                        if (!cells[1].isEmpty()) {
                            fault.kinds = cells[1];
                        }
                        fault.shows.add(new Shows(cells[2], cells[3], Double.parseDouble(cells[4])));
                    });
            return faults;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
