package truekeen.core.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import truekeen.core.message.Says;
import truekeen.core.trial.TrialEdge.End;
import truekeen.core.trial.TrialJudgement.Verdict;
import truekeen.core.upkeep.UseUnit;

class TrialJudgementTest {
    private static final List<String> TWO = List.of("off the stone", "stropped");

    /** One station, fresh at 100 g, then so many grams at 10, 20, … */
    private static TrialEdge edge(int way, double... after) {
        List<TrialReading> readings = new ArrayList<>();
        readings.add(new TrialReading(0, 1, 100, false));
        for (int i = 0; i < after.length; i++) {
            readings.add(new TrialReading(10 * (i + 1), 1, after[i], false));
        }
        return new TrialEdge(way, readings, Optional.empty(), End.NONE);
    }

    private static TrialEdge with(TrialEdge edge, int strokes, boolean regained) {
        return new TrialEdge(edge.way(), edge.readings(), Optional.of(new Effort(strokes, regained)), edge.end());
    }

    private static String said(TrialJudgement j, List<String> ways) {
        return String.join(" ", TrialSays.conclusion(j, ways));
    }

    /** Dulling straight by 1 g a use and by 2 g a use: areas 1.15 and 1.3 of 30 uses, the first lasts twice as long. */
    @Test
    void aClosedCase() {
        List<TrialEdge> edges = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            edges.add(edge(0, 110 + i, 120 + i, 130 + i));
            edges.add(edge(1, 120 + i, 140 + i, 160 + i));
        }
        TrialEdge first = edges.get(0);
        assertThat(first.meanDullness(30).orElseThrow()).isCloseTo(1.15, within(1e-12));
        assertThat(first.meanDullness(15).orElseThrow()).isCloseTo(1.075, within(1e-12));
        assertThat(first.meanDullness(30.1)).isEmpty();
        TrialJudgement j = TrialJudgement.of(2, edges);
        Comparison c = j.comparisons().get(0);
        assertThat(j.verdict()).isEqualTo(Verdict.DIFFERENT);
        assertThat(j.winner()).hasValue(0);
        assertThat(j.upTo()).isEqualTo(30);
        assertThat(c.luck()).isEqualTo(2.0 / 70);
        assertThat(c.apart()).isCloseTo(-0.15, within(1e-9));
        assertThat(c.lasting().times().orElseThrow()).isCloseTo(2, within(0.15));
        assertThat(said(j, TWO)).matches(Says.the(TrialWords.ONE_CHANCE_IN, "n", 35));
        assertThat(TrialSays.restsOn(j, UseUnit.SHAVINGS).get(0))
                .matches(Says.the(TrialWords.COMPARED_UP_TO, "use", 30, "count", 4));
    }

    @Test
    void threeRoundsAreNotEnoughAndItSaysHowManyAre() {
        TrialJudgement j = TrialJudgement.of(2, new Simulated(1, 0.05).trial(3, 1, 3));
        assertThat(j.verdict()).isEqualTo(Verdict.NOT_ENOUGH);
        assertThat(said(j, TWO)).matches(Says.the(TrialWords.ROUNDS_AT_LEAST, "least", 4, "fewest", 3));
        List<String> three = List.of("a", "b", "c");
        assertThat(said(TrialJudgement.of(3, new Simulated(1, 0.05).trial(3, 1, 1, 1)), three))
                .as("three comparisons take a round more: 3 × 2/70 is over one in twenty")
                .matches(Says.the(TrialWords.ROUNDS_AT_LEAST, "least", 5));
        assertThat(said(TrialJudgement.of(2, List.of()), TWO)).matches(Says.the(TrialWords.NO_EDGE_YET));
    }

    @Test
    void waysThatAreAlikeAreSaidToBe() {
        TrialJudgement j = TrialJudgement.of(2, new Simulated(5, 0.02).trial(12, 1, 1));
        assertThat(j.verdict()).isEqualTo(Verdict.ALIKE);
        assertThat(j.winner()).isEmpty();
        assertThat(said(j, TWO)).matches(Says.the(TrialWords.LAST_ALIKE));
        TrialJudgement few = TrialJudgement.of(2, new Simulated(6, 0.08).trial(4, 1, 1));
        assertThat(few.verdict()).isEqualTo(Verdict.NOT_PROVEN);
        assertThat(said(few, TWO)).matches(Says.the(TrialWords.NOTHING_PROVEN));
    }

    /** What it promises: with as many rounds more as it says, most trials that are real come out. */
    @Test
    void theRoundsThatWouldTellDoTell() {
        int asked = 0;
        int told = 0;
        for (int seed = 0; seed < 150; seed++) {
            TrialJudgement early = TrialJudgement.of(2, new Simulated(seed, 0.06).trial(4, 1, 1.5));
            if (early.verdict() != Verdict.NOT_PROVEN
                    || early.comparisons().get(0).roundsMore().isEmpty()) {
                continue;
            }
            int more = early.comparisons().get(0).roundsMore().getAsInt();
            asked++;
            told += TrialJudgement.of(2, new Simulated(seed, 0.06).trial(4 + more, 1, 1.5))
                                    .verdict()
                            == Verdict.DIFFERENT
                    ? 1
                    : 0;
        }
        assertThat(asked).isGreaterThan(30);
        assertThat((double) told / asked).isGreaterThan(0.6);
    }

    /** The interval of how many times as long holds the true one nine times in ten. */
    @Test
    void theIntervalHoldsWhatItSays() {
        int held = 0;
        int cases = 300;
        for (int seed = 0; seed < cases; seed++) {
            TrialJudgement j = TrialJudgement.of(2, new Simulated(seed, 0.04).trial(6, 1, 1.4));
            Lasting lasting = j.comparisons().get(0).lasting();
            double truth = 1 / 1.4;
            held += lasting.low().orElse(0) <= truth && truth <= lasting.high().orElse(Double.MAX_VALUE) ? 1 : 0;
        }
        assertThat((double) held / cases).isBetween(0.87, 0.93);
    }

    @Test
    void likeWaysAreToldApartNoMoreOftenThanItSays() {
        int wrong = 0;
        int cases = 300;
        for (int seed = 0; seed < cases; seed++) {
            wrong += TrialJudgement.of(3, new Simulated(seed, 0.05).trial(5, 1, 1, 1))
                                    .verdict()
                            == Verdict.DIFFERENT
                    ? 1
                    : 0;
        }
        assertThat((double) wrong / cases).isLessThan(0.06);
    }

    @Test
    void effortDecidesWhereKeennessDoesNot() {
        List<TrialEdge> edges = new ArrayList<>();
        double[] alike = {0, 3, 1, 4, 2};
        for (int i = 0; i < 5; i++) {
            edges.add(with(edge(0, 120 + alike[i], 140 + alike[i]), 30 + i, true));
            edges.add(with(edge(1, 120 + alike[4 - i], 140 + alike[4 - i]), 10 + i, true));
        }
        TrialJudgement j = TrialJudgement.of(2, edges);
        assertThat(j.verdict()).isEqualTo(Verdict.EFFORT_DECIDES);
        assertThat(j.winner()).hasValue(1);
        assertThat(said(j, TWO))
                .matches(Says.the(TrialWords.EFFORT_DECIDES))
                .matches(Says.the(TrialWords.LESS_EFFORT, "better", "stropped", "few", 12, "many", 32));
        // Not regained counts as more than any strokes.
        List<TrialEdge> lost =
                edges.stream().map(e -> e.way() == 0 ? with(e, 5, false) : e).toList();
        assertThat(said(TrialJudgement.of(2, lost), TWO))
                .matches(Says.the(TrialWords.COMES_BACK, "better", "stropped", "worse", "off the stone"));
    }

    @Test
    void anEdgeGivenUpForBeingDullCountsAndOneThatChippedDoesNot() {
        List<TrialEdge> edges = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            edges.add(edge(0, 105 + i, 110 + i, 115 + i));
            TrialEdge given = edge(1, 150 + i);
            edges.add(new TrialEdge(1, given.readings(), Optional.empty(), End.TOO_DULL));
        }
        TrialEdge chipped = edge(1, 102);
        edges.add(new TrialEdge(1, chipped.readings(), Optional.empty(), End.OTHER));
        edges.add(new TrialEdge(0, List.of(new TrialReading(10, 1, 90, false)), Optional.empty(), End.NONE));
        TrialJudgement j = TrialJudgement.of(2, edges);
        assertThat(j.upTo()).isEqualTo(30);
        assertThat(j.compared()).containsExactly(4, 4);
        assertThat(j.countedAsDull()).isEqualTo(4);
        assertThat(j.tooShort()).isEqualTo(1);
        assertThat(j.noStart()).isEqualTo(1);
        assertThat(j.winner()).hasValue(0);
        assertThat(TrialSays.restsOn(j, UseUnit.CUTS))
                .anyMatch(Says.the(TrialWords.COUNTED_AS_DULL, "count", 4))
                .anyMatch(Says.the(TrialWords.LEFT_OUT_SHORT, "count", 1))
                .anyMatch(Says.the(TrialWords.LEFT_OUT_NO_START, "count", 1));
    }

    @Test
    void edgesThatHardlyDullLeaveTheStretchOpen() {
        List<TrialEdge> edges = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            edges.add(edge(0, 100, 100));
            edges.add(edge(1, 130 + i, 160 + i));
        }
        TrialJudgement j = TrialJudgement.of(2, edges);
        assertThat(j.verdict()).isEqualTo(Verdict.DIFFERENT);
        assertThat(j.comparisons().get(0).lasting().times()).isEmpty();
        assertThat(said(j, TWO)).matches(Says.the(TrialWords.STAYS_KEENER, "better", "off the stone"));
    }

    /** 260 g typed as 620, and one in a trial of three edges: found; the same read again stands. */
    @Test
    void aMistypedReadingIsAskedForAgain() {
        List<TrialEdge> edges = new ArrayList<>(new Simulated(11, 0.04).trial(2, 1, 1.3));
        assertThat(TrialJudgement.of(2, edges).surprises()).isEmpty();
        TrialEdge hit = edges.get(1);
        List<TrialReading> readings = new ArrayList<>(hit.readings());
        int at = IntStream.range(0, readings.size())
                .filter(i -> readings.get(i).use() == 40)
                .findFirst()
                .orElseThrow();
        TrialReading right = readings.get(at);
        readings.set(at, new TrialReading(right.use(), right.station(), 2.4 * right.grams(), false));
        edges.set(1, new TrialEdge(hit.way(), readings, Optional.empty(), End.NONE));
        List<TrialJudgement.Asked> asked = TrialJudgement.of(2, edges).surprises();
        assertThat(asked).hasSize(1);
        assertThat(asked.get(0).edge()).isEqualTo(1);
        assertThat(asked.get(0).use()).isEqualTo(40);
        assertThat(asked.get(0).expected()).isCloseTo(right.grams(), within(0.15 * right.grams()));
        readings.set(at, new TrialReading(right.use(), right.station(), 2.4 * right.grams(), true));
        edges.set(1, new TrialEdge(hit.way(), readings, Optional.empty(), End.NONE));
        assertThat(TrialJudgement.of(2, edges).surprises()).isEmpty();
    }

    /** The slip is asked about while the edge is still where it was: at the first checkpoint, and even fresh. */
    @Test
    void aSlipIsFoundAtOnce() {
        List<TrialReading> fresh = List.of(
                new TrialReading(0, 1, 120, false),
                new TrialReading(0, 2, 118, false),
                new TrialReading(0, 3, 480, false));
        List<TrialJudgement.Asked> asked = TrialJudgement.of(
                        2, List.of(new TrialEdge(0, fresh, Optional.empty(), End.NONE)))
                .surprises();
        assertThat(asked).hasSize(1);
        assertThat(asked.get(0).station()).isEqualTo(3);
        assertThat(asked.get(0).expected()).isCloseTo(120, within(1e-6));
        List<TrialReading> used = List.of(
                new TrialReading(0, 1, 120, false),
                new TrialReading(0, 2, 118, false),
                new TrialReading(0, 3, 140, false),
                new TrialReading(20, 1, 150, false),
                new TrialReading(20, 2, 480, false),
                new TrialReading(20, 3, 172, false));
        TrialEdge edge = new TrialEdge(0, used, Optional.empty(), End.NONE);
        asked = TrialJudgement.of(2, List.of(edge)).surprises();
        assertThat(asked).extracting(TrialJudgement.Asked::grams).containsExactly(480.0);
        assertThat(edge.standsAt(20)).isTrue();
        assertThat(edge.standsAt(0)).isFalse();
        assertThat(edge.next(0, 20, 40)).hasValue(40);
        assertThat(edge.next(0, 20)).isEmpty();
        assertThat(new TrialEdge(0, used.subList(0, 3), Optional.empty(), End.NONE).meanDullness(1))
                .isEmpty();
        assertThat(TrialJudgement.of(2, List.of(new TrialEdge(0, used.subList(0, 3), Optional.empty(), End.NONE)))
                        .surprises())
                .as("an edge that is keener at one end is no slip")
                .isEmpty();
    }

    @Test
    void theCourseOfAWay() {
        Course course = Course.of(List.of(edge(0, 110, 120), edge(0, 130), edge(0)));
        assertThat(course.points()).hasSize(3);
        Course.AtCheckpoint first = course.points().get(1);
        assertThat(first.use()).isEqualTo(10);
        assertThat(first.mean()).isCloseTo(1.2, within(1e-9));
        assertThat(first.low()).isEqualTo(1.1);
        assertThat(first.high()).isEqualTo(1.3);
        assertThat(first.edges()).isEqualTo(2);
        assertThat(course.points().get(2).edges()).isEqualTo(1);
        assertThat(Course.of(List.of()).points()).isEmpty();
    }

    /** Readings in order that are asked for again all the same: no more than two of a hundred. */
    @Test
    void falseAlarmsAreFew() {
        int alarms = 0;
        int readings = 0;
        for (int seed = 0; seed < 200; seed++) {
            List<TrialEdge> edges = new Simulated(seed, 0.06).trial(3, 1, 1.4);
            alarms += TrialJudgement.of(2, edges).surprises().size();
            readings += edges.stream().mapToInt(e -> e.readings().size()).sum();
        }
        assertThat((double) alarms / readings).isBetween(0.0001, 0.02);
    }
}
