package truekeen.core.progression;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.message.RefusedException;
import truekeen.core.message.Says;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;

/** The answers beside the quickest, and what a person asks for, against every subset of the shelf. */
class AnswersTest {
    private static final SteelClass CARBON = Steels.byName("plain carbon").orElseThrow();
    private static final PlanRules RULES = PlanRules.USUAL;

    private static StoneWork randomJob(Random random) {
        return Shelves.job(
                        Math.exp(random.nextDouble() * 8 - 5),
                        10 + random.nextInt(200),
                        random.nextDouble() * 0.3,
                        random.nextDouble() * 6,
                        0.5 + random.nextDouble() * 12,
                        StoneWork.Forces.of(20))
                .on(new StoneWork.Bevel(25 + random.nextInt(10), 0.4 + random.nextDouble()));
    }

    private static List<Abrasive> stones(JobPath path) {
        return path.legs().stream().map(Leg::abrasive).toList();
    }

    private static Wish wish(Answer answer) {
        return new Wish(answer, Set.of(), Set.of(), List.of());
    }

    private static Wish through(Abrasive... asked) {
        return new Wish(
                Answer.LEAST_TIME,
                Set.of(),
                Set.copyOf(List.of(asked).stream().map(Abrasive::id).toList()),
                List.of());
    }

    @Test
    void everyAnswerIsTheBestOfAllSubsets() {
        Random random = new Random(6);
        int differ = 0;
        for (int round = 0; round < 120; round++) {
            List<Abrasive> shelf = Shelves.ofAllNatures(random, 3 + random.nextInt(9));
            compare(shelf, randomJob(random), random.nextBoolean(), round);
            differ++;
        }
        assertThat(differ).isEqualTo(120);
    }

    @Test
    void alsoOnFourteenAbrasives() {
        Random random = new Random(14);
        for (int round = 0; round < 12; round++) {
            compare(Shelves.ofAllNatures(random, 14), randomJob(random), random.nextBoolean(), round);
        }
    }

    private static void compare(List<Abrasive> shelf, StoneWork job, boolean oil, int round) {
        List<Abrasive> usable = ShelfRule.allowed(shelf, job, CARBON);
        if (usable.isEmpty()) {
            assertThatThrownBy(() -> ProgressionPlanner.plan(shelf, job, CARBON, RULES, oil))
                    .isInstanceOf(RefusedException.class);
            return;
        }
        List<BruteForce.Walk> walks = BruteForce.walks(usable, job, CARBON, RULES, oil, List.of());
        for (Answer answer : List.of(Answer.LEAST_TIME, Answer.FEWEST, Answer.GENTLEST)) {
            JobPath path = ProgressionPlanner.plan(shelf, job, CARBON, RULES, oil, wish(answer));
            BruteForce.Walk best =
                    switch (answer) {
                        case FEWEST -> BruteForce.fewest(walks, RULES);
                        case GENTLEST -> BruteForce.gentlest(walks);
                        default -> BruteForce.quickest(walks, RULES);
                    };
            assertThat(path.answered()).isEqualTo(answer);
            assertThat(stones(path)).as("%s in round %s", answer, round).isEqualTo(best.stones());
            assertThat(path.alternatives().get(answer.ordinal()).seconds()).isCloseTo(best.seconds(), within(1e-6));
            assertThat(path.alternatives().get(answer.ordinal()).volumeMm3()).isCloseTo(best.steel(), within(1e-9));
        }
    }

    @Test
    void theAnswersAreWhatTheyAreCalled() {
        Random random = new Random(9);
        for (int round = 0; round < 200; round++) {
            List<Abrasive> shelf = Shelves.random(random, 12);
            StoneWork job = randomJob(random);
            if (ShelfRule.allowed(shelf, job, CARBON).isEmpty()) {
                continue;
            }
            List<Alternative> all =
                    ProgressionPlanner.plan(shelf, job, CARBON, RULES, false).alternatives();
            Alternative quick = all.get(0);
            Alternative few = all.get(1);
            Alternative gentle = all.get(2);
            assertThat(few.legs().size()).isLessThanOrEqualTo(quick.legs().size());
            assertThat(cost(few)).isLessThanOrEqualTo(1.25 * cost(quick) + RULES.tieSeconds());
            assertThat(gentle.volumeMm3()).isLessThanOrEqualTo(quick.volumeMm3() + 1e-12);
            assertThat(cost(gentle)).isLessThanOrEqualTo(1.5 * cost(quick) + RULES.tieSeconds());
        }
    }

    private static double cost(Alternative a) {
        return a.seconds() + a.penaltySeconds();
    }

    @Test
    void aRungAskedForIsOnTheBestPathThroughIt() {
        Random random = new Random(3);
        int forced = 0;
        for (int round = 0; round < 150; round++) {
            List<Abrasive> shelf = Shelves.random(random, 8);
            StoneWork job = randomJob(random);
            List<Abrasive> usable = ShelfRule.allowed(shelf, job, CARBON);
            if (usable.size() < 3) {
                continue;
            }
            Abrasive last = ProgressionPlanner.finishing(usable, job.finish().orElseThrow());
            List<Abrasive> coarser =
                    usable.stream().filter(a -> a.d50Um() > last.d50Um()).toList();
            if (coarser.size() < 2) {
                continue;
            }
            List<Abrasive> asked = List.of(coarser.get(0), coarser.get(coarser.size() - 1));
            BruteForce.Walk best =
                    BruteForce.quickest(BruteForce.walks(usable, job, CARBON, RULES, false, asked), RULES);
            JobPath path =
                    ProgressionPlanner.plan(shelf, job, CARBON, RULES, false, through(asked.get(0), asked.get(1)));
            if (best == null) {
                assertThat(path.flags()).anyMatch(f -> f.contains(ProgressionWords.NOT_ALL_ASKED.words()));
            } else {
                assertThat(stones(path)).isEqualTo(best.stones()).containsAll(asked);
                assertThat(cost(path.alternatives().get(0))).isCloseTo(best.cost(), within(1e-6));
                forced++;
            }
        }
        assertThat(forced).isGreaterThan(20);
    }

    private static final StoneWork HONE = Shelves.job(1.5, 16, 0.02, 1, 2, StoneWork.Forces.of(20));
    private static final Abrasive COARSE = Shelves.oxide("coarse", 30);
    private static final Abrasive MIDDLE = Shelves.oxide("middle", 9.5);
    private static final Abrasive FINE = Shelves.oxide("fine", 2);
    private static final Abrasive FINEST = Shelves.oxide("finest", 0.9);
    private static final List<Abrasive> FOUR = List.of(COARSE, MIDDLE, FINE, FINEST);

    @Test
    void aRungLeftOnTheShelfIsNotUsedAndCostsTime() {
        JobPath free = ProgressionPlanner.plan(FOUR, HONE, CARBON, RULES, false);
        assertThat(stones(free)).contains(MIDDLE);
        JobPath without = ProgressionPlanner.plan(
                FOUR, HONE, CARBON, RULES, false, new Wish(Answer.LEAST_TIME, Set.of("middle"), Set.of(), List.of()));
        assertThat(stones(without)).doesNotContain(MIDDLE);
        assertThat(cost(without.alternatives().get(0)))
                .isGreaterThan(cost(free.alternatives().get(0)));
        assertThat(without.freelySeconds()).isCloseTo(free.seconds(), within(1e-9));
        assertThat(without.passedOver())
                .anySatisfy(p -> assertThat(p.why()).matches(Says.the(ProgressionWords.LEFT_BY_YOU)));
    }

    @Test
    void aRungFinerThanTheFinishBecomesTheEndAndIsSaidToBeFiner() {
        JobPath path = ProgressionPlanner.plan(
                FOUR, Shelves.job(0.5, 16, 0.02, 1, 4, StoneWork.Forces.of(20)), CARBON, RULES, false, through(FINEST));
        assertThat(stones(path)).endsWith(FINEST);
        assertThat(path.flags()).anyMatch(Says.the(ProgressionWords.ENDS_TOO_FINE));
    }

    @Test
    void leavingEverythingOnTheShelfIsRefusedWithTheReason() {
        Set<String> all = Set.of("coarse", "middle", "fine", "finest");
        assertThatThrownBy(() -> ProgressionPlanner.plan(
                        FOUR, HONE, CARBON, RULES, false, new Wish(Answer.LEAST_TIME, all, Set.of(), List.of())))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("left on the shelf by you");
    }

    @Test
    void theWayIAlwaysDoItIsScoredAsItIs() {
        Wish mine = new Wish(Answer.MY_WAY, Set.of(), Set.of(), List.of("coarse", "fine"));
        JobPath path = ProgressionPlanner.plan(FOUR, HONE, CARBON, RULES, false, mine);
        assertThat(path.answered()).isEqualTo(Answer.MY_WAY);
        assertThat(stones(path)).containsExactly(COARSE, FINE);
        Alternative quick = path.alternatives().get(0);
        Alternative own = path.alternatives().get(3);
        assertThat(cost(own)).isGreaterThanOrEqualTo(cost(quick) - RULES.tieSeconds());
        assertThat(own.strokes()).isPositive();
    }

    @Test
    void aSavedWayThatCannotBeWalkedSaysWhy() {
        JobPath upside = ProgressionPlanner.plan(
                FOUR,
                HONE,
                CARBON,
                RULES,
                false,
                new Wish(Answer.MY_WAY, Set.of(), Set.of(), List.of("fine", "coarse")));
        assertThat(upside.alternatives().get(3).note()).contains(ProgressionWords.SAVED_NOT_IN_ORDER.words());
        assertThat(upside.answered()).isEqualTo(Answer.LEAST_TIME);
        JobPath gone = ProgressionPlanner.plan(
                FOUR, HONE, CARBON, RULES, false, new Wish(Answer.MY_WAY, Set.of(), Set.of(), List.of("lost", "fine")));
        assertThat(gone.alternatives().get(3).note()).contains(ProgressionWords.STONE_GONE.words());
        assertThat(stones(gone)).containsExactly(FINE);
        JobPath none = ProgressionPlanner.plan(FOUR, HONE, CARBON, RULES, false, wish(Answer.MY_WAY));
        assertThat(none.flags()).anyMatch(f -> f.contains(ProgressionWords.NOTHING_SAVED.words()));
    }

    @Test
    void favouritesWinWhereAllElseIsEqualAndOnlyThere() {
        Abrasive twin = Shelves.oxide("twin", 9.5);
        Abrasive loved = twin.with(new Abrasive.Nature(
                Abrasive.Firmness.UNKNOWN,
                true,
                Abrasive.Slurry.HOUSE,
                java.util.OptionalDouble.empty(),
                java.util.Optional.empty()));
        assertThat(stones(ProgressionPlanner.plan(List.of(MIDDLE, twin, FINE), HONE, CARBON, RULES, false)))
                .contains(MIDDLE);
        assertThat(stones(ProgressionPlanner.plan(List.of(MIDDLE, loved, FINE), HONE, CARBON, RULES, false)))
                .contains(loved);
        Abrasive slow = loved.with(new Abrasive.Effort(3, 0.2, 5, 0));
        assertThat(stones(ProgressionPlanner.plan(List.of(MIDDLE, slow, FINE), HONE, CARBON, RULES, false)))
                .doesNotContain(slow);
    }

    @Test
    void tinyChangesOfInputDoNotFlapBetweenEqualPlans() {
        List<Abrasive> shelf = new ArrayList<>(FOUR);
        shelf.add(1, Shelves.oxide("twin", 9.5));
        List<Abrasive> before = null;
        for (int i = 0; i < 300; i++) {
            double jitter = 1 + (i % 7 - 3) * 1e-5;
            StoneWork job = Shelves.job(1.5 * jitter, 16 / jitter, 0.02, 1 * jitter, 2, StoneWork.Forces.of(20));
            List<Abrasive> now = stones(ProgressionPlanner.plan(shelf, job, CARBON, RULES, false));
            assertThat(before == null || before.equals(now)).isTrue();
            before = now;
        }
    }
}
