package truekeen.core.day;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class LearnedChangesTest {
    private static final LearnedChanges.Taken TWICE = new LearnedChanges.Taken(40, 80);

    @Test
    void nothingLearnedIsAsUsual() {
        LearnedChanges nothing = LearnedChanges.of(List.of());
        assertThat(nothing.factor()).isEqualTo(1);
        assertThat(nothing.changes()).isZero();
        assertThat(nothing.low()).isLessThan(1);
        assertThat(nothing.high()).isGreaterThan(1);
    }

    @Test
    void asManyChangesAsTheUsualWeighsGoHalfTheWay() {
        // Eight changes of twice as long, weighed with eight of once: the square root of two.
        LearnedChanges learned = LearnedChanges.of(Collections.nCopies(8, TWICE));
        assertThat(learned.factor()).isCloseTo(Math.sqrt(2), within(1e-12));
        assertThat(Math.log(learned.high() / learned.factor()))
                .as("1.2816 * 0.7 / 4")
                .isCloseTo(0.22428, within(1e-5));
    }

    @Test
    void aBreakAndStrokesPutDownLateTeachNothing() {
        List<LearnedChanges.Taken> taken = new ArrayList<>(Collections.nCopies(20, TWICE));
        LearnedChanges without = LearnedChanges.of(taken);
        taken.add(new LearnedChanges.Taken(40, 1800));
        taken.add(new LearnedChanges.Taken(40, 1));
        taken.add(new LearnedChanges.Taken(40, -5));
        taken.add(new LearnedChanges.Taken(0, 30));
        assertThat(LearnedChanges.of(taken)).isEqualTo(without);
    }

    @Test
    void whatABenchReallyTakesIsFoundAgainAndLiesInItsBand() {
        Random random = new Random(5);
        int inside = 0;
        for (int shop = 0; shop < 400; shop++) {
            // A bench's own pace scatters about the usual as much as eight changes of weight say.
            double pace = Math.exp(0.7 / Math.sqrt(8) * random.nextGaussian());
            List<LearnedChanges.Taken> taken = new ArrayList<>();
            for (int i = 0; i < 40; i++) {
                taken.add(new LearnedChanges.Taken(100, 100 * pace * Math.exp(0.7 * random.nextGaussian())));
            }
            LearnedChanges learned = LearnedChanges.of(taken);
            inside += learned.low() <= pace && pace <= learned.high() ? 1 : 0;
        }
        assertThat(inside / 400.0).as("an 80 % band").isBetween(0.75, 0.87);
    }

    @Test
    void timesAreScaledToWholeSeconds() {
        assertThat(new ChangeTimes(40, 15, 25, 20).times(1.5)).isEqualTo(new ChangeTimes(60, 23, 38, 30));
    }
}
