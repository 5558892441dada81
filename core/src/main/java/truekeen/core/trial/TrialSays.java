package truekeen.core.trial;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import truekeen.core.message.Numbers;
import truekeen.core.table.Prior;
import truekeen.core.upkeep.UseUnit;

/** A judgement of a trial in sentences, each with its certainty. */
public final class TrialSays {
    private static final double LONGEST_ODDS = 1000;
    private static final double AS_TIMES = 1.75;

    private TrialSays() {}

    /**
     * The sentences of conclusion, the weightiest first.
     *
     * @param ways their names, in order
     */
    public static List<String> conclusion(TrialJudgement j, List<String> ways) {
        if (j.verdict() == TrialJudgement.Verdict.NOT_ENOUGH) {
            int fewest = j.compared().stream().mapToInt(n -> n).min().orElse(0);
            int least = Comparison.Spread.least(ways.size() * (ways.size() - 1) / 2);
            return fewest == 0
                    ? List.of(TrialWords.NO_EDGE_YET.words())
                    : List.of(more(j), TrialWords.ROUNDS_AT_LEAST.fill("least", least, "fewest", fewest));
        }
        List<String> out = new ArrayList<>();
        if (j.verdict() == TrialJudgement.Verdict.EFFORT_DECIDES) {
            out.add(TrialWords.EFFORT_DECIDES.words());
        }
        List<Comparison> sorted = new ArrayList<>(j.comparisons());
        sorted.sort(java.util.Comparator.comparingDouble(Comparison::luck));
        for (Comparison c : sorted) {
            out.addAll(keeping(c, ways));
            c.effort().filter(Comparison.EffortApart::settled).ifPresent(e -> out.add(effort(c, e, ways)));
        }
        return out;
    }

    /** What the comparison rests on: how far it goes and what was left out. */
    public static List<String> restsOn(TrialJudgement j, UseUnit unit) {
        if (j.upTo() == 0) {
            return List.of();
        }
        List<String> out = new ArrayList<>();
        out.add(TrialWords.COMPARED_UP_TO.fill(
                "use",
                Numbers.plain(j.upTo(), 1),
                "unit",
                unit.words(),
                "count",
                j.compared().stream().mapToInt(n -> n).min().orElse(0)));
        if (j.noStart() > 0) {
            out.add(TrialWords.LEFT_OUT_NO_START.fill("count", j.noStart()));
        }
        if (j.tooShort() > 0) {
            out.add(TrialWords.LEFT_OUT_SHORT.fill("count", j.tooShort()));
        }
        if (j.countedAsDull() > 0) {
            out.add(TrialWords.COUNTED_AS_DULL.fill("count", j.countedAsDull()));
        }
        return out;
    }

    /** How many rounds more, while there are too few. */
    private static String more(TrialJudgement j) {
        return j.roundsMore().isEmpty()
                ? TrialWords.LOOK_ALIKE_SO_FAR.words()
                : j.roundsMore().getAsInt() == 1
                        ? TrialWords.NOT_ENOUGH_ONE.words()
                        : TrialWords.NOT_ENOUGH.fill("n", j.roundsMore().getAsInt());
    }

    private static List<String> keeping(Comparison c, List<String> ways) {
        if (c.differs()) {
            return differs(c, ways);
        }
        if (c.alike()) {
            double most = Math.max(
                    c.lasting().high().orElseThrow(), 1 / c.lasting().low().orElseThrow());
            return List.of(TrialWords.LAST_ALIKE.fill(
                    "a", ways.get(c.a()), "b", ways.get(c.b()), "percent", Math.round(100 * (most - 1))));
        }
        List<String> out = new ArrayList<>();
        Lasting lasting = c.lasting();
        out.add(
                lasting.low().isPresent() && lasting.high().isPresent()
                        ? TrialWords.NOTHING_PROVEN.fill(
                                "a",
                                ways.get(c.a()),
                                "b",
                                ways.get(c.b()),
                                "low",
                                Numbers.plain(lasting.low().getAsDouble(), 1),
                                "high",
                                Numbers.plain(lasting.high().getAsDouble(), 1))
                        : TrialWords.NOTHING_PROVEN_OPEN.fill("a", ways.get(c.a()), "b", ways.get(c.b())));
        out.add(
                c.roundsMore().isEmpty()
                        ? TrialWords.TOO_MANY_ROUNDS.fill("n", Prior.TRIAL_MOST_ROUNDS.whole())
                        : c.roundsMore().getAsInt() == 1
                                ? TrialWords.ONE_ROUND_MORE.words()
                                : TrialWords.ROUNDS_MORE.fill(
                                        "n", c.roundsMore().getAsInt()));
        return out;
    }

    private static List<String> differs(Comparison c, List<String> ways) {
        boolean turned = c.better() == c.b();
        OptionalDouble times = turned(c.lasting().times(), turned);
        OptionalDouble low =
                turned ? turned(c.lasting().high(), true) : c.lasting().low();
        OptionalDouble high =
                turned ? turned(c.lasting().low(), true) : c.lasting().high();
        String better = ways.get(c.better());
        String worse = ways.get(c.worse());
        String luck = luck(c.luck());
        List<String> out = new ArrayList<>();
        if (times.isEmpty()) {
            out.add(TrialWords.STAYS_KEENER.fill("better", better, "worse", worse, "luck", luck));
        } else if (times.getAsDouble() >= AS_TIMES) {
            out.add(TrialWords.LASTS_TIMES.fill(
                    "better", better, "worse", worse, "luck", luck, "times", Numbers.plain(times.getAsDouble(), 1)));
        } else {
            out.add(TrialWords.LASTS_LONGER.fill(
                    "better",
                    better,
                    "worse",
                    worse,
                    "luck",
                    luck,
                    "percent",
                    Math.round(100 * (times.getAsDouble() - 1))));
        }
        if (low.isPresent()) {
            out.add(
                    high.isPresent()
                            ? TrialWords.NINE_IN_TEN.fill(
                                    "low", longer(low.getAsDouble()), "high", longer(high.getAsDouble()))
                            : TrialWords.NINE_IN_TEN_FROM.fill("low", longer(low.getAsDouble())));
        }
        return out;
    }

    private static String longer(double times) {
        return times >= AS_TIMES
                ? TrialWords.AS_LONG.fill("times", Numbers.plain(times, 1))
                : Math.round(100 * (times - 1)) + " %";
    }

    private static OptionalDouble turned(OptionalDouble times, boolean turn) {
        return times.isEmpty() || !turn ? times : OptionalDouble.of(1 / times.getAsDouble());
    }

    private static String effort(Comparison c, Comparison.EffortApart e, List<String> ways) {
        int better = e.lessForA() ? c.a() : c.b();
        int worse = e.lessForA() ? c.b() : c.a();
        boolean strokesTell = e.strokesA().isPresent()
                && e.strokesB().isPresent()
                && e.strokesA().getAsDouble() < e.strokesB().getAsDouble() == e.lessForA()
                && e.backA() * e.triedB() == e.backB() * e.triedA();
        if (strokesTell) {
            double few = Math.min(e.strokesA().getAsDouble(), e.strokesB().getAsDouble());
            double many = Math.max(e.strokesA().getAsDouble(), e.strokesB().getAsDouble());
            return TrialWords.LESS_EFFORT.fill(
                    "better",
                    ways.get(better),
                    "few",
                    Math.round(few),
                    "many",
                    Math.round(many),
                    "luck",
                    luck(e.luck()));
        }
        String ofA = TrialWords.BACK_OF.fill("back", e.backA(), "tried", e.triedA());
        String ofB = TrialWords.BACK_OF.fill("back", e.backB(), "tried", e.triedB());
        return TrialWords.COMES_BACK.fill(
                "better",
                ways.get(better),
                "worse",
                ways.get(worse),
                "back",
                e.lessForA() ? ofA : ofB,
                "other",
                e.lessForA() ? ofB : ofA,
                "luck",
                luck(e.luck()));
    }

    private static String luck(double chance) {
        double odds = 1 / chance;
        return odds > LONGEST_ODDS
                ? TrialWords.LESS_THAN_ONE_IN.fill("n", (int) LONGEST_ODDS)
                : TrialWords.ONE_CHANCE_IN.fill("n", Math.round(odds));
    }
}
