package truekeen.core.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import truekeen.core.balance.Balancing.Case;
import truekeen.core.balance.Balancing.State;
import truekeen.core.message.InWords;
import truekeen.core.message.RefusedException;
import truekeen.core.message.Says;
import truekeen.core.quantity.Length;

class BalancingTest {
    private static final Length TIP = Length.ofMm(255);

    private static Case of(double resolution, double perMinute, double massKg) {
        return new Case(
                Length.ofMm(235),
                Length.ofMm(55),
                Length.ofMm(4),
                Length.ofMm(8),
                resolution,
                perMinute,
                massKg,
                p -> p == 1 ? "the left end" : "the right end");
    }

    private static BalanceTry hung(int on, double grams) {
        return BalanceTry.hung(on, 2, grams, Length.ofMm(250), TIP);
    }

    @Test
    void theWorkedBar() {
        Balancing b = Balancing.of(List.of(hung(2, 5)), of(125, 3000, 0.7));
        assertThat(b.state()).isEqualTo(State.GRIND);
        assertThat(b.heavy()).isEqualTo(1);
        assertThat(b.unbalanceGmm()).isEqualTo(1250);
        assertThat(b.correction()).hasValueSatisfying(c -> {
            assertThat(c.massG()).isCloseTo(5.32, within(0.005));
            assertThat(c.length().mm()).isCloseTo(3.08, within(0.005));
        });
        assertThat(b.forceN()).isCloseTo(123, within(0.5));
        assertThat(b.asWeightKg()).isCloseTo(12.6, within(0.05));
        assertThat(b.gradeGmm()).isCloseTo(35.7, within(0.05));
        assertThat(b.words())
                .startsWith(InWords.figures(
                        "Take 5.32\u202fg off the left end: 3.08\u202fmm of its trailing side at 55 × 4\u202fmm"));
    }

    @Test
    void boundsAreHeldFromBothSides() {
        assertThat(Balancing.of(List.of(hung(2, 0.5)), of(125, 0, 0)).state()).isEqualTo(State.LEVEL);
        assertThat(Balancing.of(List.of(hung(2, 0.501)), of(125, 0, 0)).state()).isEqualTo(State.GRIND);
        BalanceTry corrected = hung(2, 5).removing(1, 1, 235);
        assertThat(Balancing.of(List.of(corrected, hung(2, 5.5)), of(125, 0, 0)).state())
                .isEqualTo(State.GRIND);
        assertThat(Balancing.of(List.of(corrected, hung(2, 5.51)), of(125, 0, 0))
                        .state())
                .isEqualTo(State.OTHER_END);
        Balancing noSpeed = Balancing.of(List.of(hung(2, 5)), of(125, 0, 0.7));
        assertThat(noSpeed.forceN()).isZero();
        assertThat(noSpeed.gradeGmm()).isZero();
        assertThatThrownBy(() -> BalanceTry.hung(1, 2, 0.04, Length.ofMm(250), TIP))
                .isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> BalanceTry.weighed(350, 0.5, Length.ofMm(200), TIP))
                .isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> BalanceTry.weighed(350, 340, Length.ofMm(0.5), TIP))
                .isInstanceOf(RefusedException.class);
        BalanceTry even = BalanceTry.weighed(350, 350, Length.ofMm(200), TIP);
        assertThat(even.heavy()).isZero();
        assertThat(BalanceTry.weighed(351, 350, Length.ofMm(200), TIP).heavy()).isEqualTo(1);
        assertThat(BalanceTry.weighed(350, 351, Length.ofMm(200), TIP).heavy()).isEqualTo(2);
    }

    @Test
    void levelIsWhatThisBalancerCanTellNotWhatAnEngineerWould() {
        Balancing b = Balancing.of(List.of(hung(2, 0.4)), of(125, 3000, 0.7));
        assertThat(b.state()).isEqualTo(State.LEVEL);
        assertThat(b.unbalanceGmm()).isGreaterThan(b.gradeGmm());
        assertThat(b.words()).matches(Says.the(BalanceWords.LEVEL, "resolution", "125"));
        assertThat(b.correction()).isEmpty();
        assertThat(Balancing.of(List.of(BalanceTry.level()), of(125, 0, 0)).state())
                .isEqualTo(State.LEVEL);
    }

    @Test
    void aCorrectionOffTheLightEndIsNoticed() {
        BalanceTry first = hung(2, 5).removing(5.32, 2, 235);
        Balancing b = Balancing.of(List.of(first, hung(2, 10)), of(125, 3000, 0.7));
        assertThat(b.state()).isEqualTo(State.OTHER_END);
        assertThat(b.heavy()).as("the end that was heavy all along").isEqualTo(1);
        assertThat(b.words()).matches(Says.the(BalanceWords.WORSE)).contains("off the left end");
    }

    @ParameterizedTest
    @CsvSource({
        "2, 2, GRIND", // less, still the same end: go on
        "2, 5.3, GRIND", // no better and no worse within what a hand repeats
        "2, 5.6, OTHER_END",
        "1, 1, OVERSHOT",
        "1, 7, OVERSHOT"
    })
    void whatTheNextTrySaysOfTheCorrection(int hungOn, double grams, State state) {
        BalanceTry first = hung(2, 5).removing(5.32, 1, 235);
        assertThat(Balancing.of(List.of(first, hung(hungOn, grams)), of(125, 3000, 0.7))
                        .state())
                .isEqualTo(state);
    }

    @Test
    void hangingItTwiceWithoutGrindingBlamesNobody() {
        assertThat(Balancing.of(List.of(hung(2, 5), hung(2, 9)), of(125, 0, 0)).state())
                .isEqualTo(State.GRIND);
    }

    @Test
    void bothEndsWeighedAgreeWithATrialMass() {
        // Half of 700 g and 1250 g·mm over two supports 200 mm out: 350 ± 3.125 g.
        BalanceTry w = BalanceTry.weighed(353.125, 346.875, Length.ofMm(200), TIP);
        assertThat(w.heavy()).isEqualTo(1);
        assertThat(w.unbalanceGmm()).isCloseTo(hung(2, 5).unbalanceGmm(), within(1e-6));
        assertThat(BalanceTry.weighed(350, 350, Length.ofMm(200), TIP).heavy()).isZero();
        assertThat(BalanceTry.weighed(349, 351, Length.ofMm(200), TIP).heavy()).isEqualTo(2);
    }

    @ParameterizedTest
    @CsvSource({"1,2,2", "2,2,1", "1,8,5", "5,8,1", "3,80,43", "2,3,1"})
    void theHeavyPlaceIsAcrossFromTheLightOne(int place, int places, int across) {
        assertThat(BalanceTry.opposite(place, places)).isEqualTo(across);
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatThrownBy(() -> hung(1, -2)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> BalanceTry.hung(1, 2, 5, Length.ofMm(300), TIP))
                .hasMessageContaining("255\u202fmm");
        assertThatThrownBy(() -> BalanceTry.weighed(0, 350, Length.ofMm(200), TIP))
                .isInstanceOf(RefusedException.class);
    }

    @Test
    void unknownSpeedAndMassGiveNoForceAndNoGrade() {
        Balancing b = Balancing.of(List.of(hung(1, 5)), of(125, 0, 0));
        assertThat(b.heavy()).isEqualTo(2);
        assertThat(b.forceN()).isZero();
        assertThat(b.gradeGmm()).isZero();
    }

    @Test
    void aBladeDoesNotBecomeLevelByItself() {
        // 1500 g·mm, nothing off, and then level: it is asked for once more, and believed the second time
        BalanceTry six = hung(2, 6);
        Balancing doubted = Balancing.of(List.of(six, BalanceTry.level()), of(125, 0, 0));
        assertThat(doubted.state()).isEqualTo(State.DOUBTFUL);
        assertThat(doubted.correction()).isEmpty();
        assertThat(doubted.words()).contains("1500\u202fg·mm").matches(Says.the(BalanceWords.DOUBTFUL));
        assertThat(Balancing.of(List.of(six, BalanceTry.level(), BalanceTry.level()), of(125, 0, 0))
                        .state())
                .isEqualTo(State.LEVEL);
        // after steel came off it is what was wanted; so is a little that the balancer hardly tells
        assertThat(Balancing.of(List.of(six.removing(6, 1, 235), BalanceTry.level()), of(125, 0, 0))
                        .state())
                .isEqualTo(State.LEVEL);
        assertThat(Balancing.of(List.of(hung(2, 1), BalanceTry.level()), of(125, 0, 0))
                        .state())
                .isEqualTo(State.LEVEL);
        assertThat(Balancing.of(List.of(hung(2, 1.01), BalanceTry.level()), of(125, 0, 0))
                        .state())
                .isEqualTo(State.DOUBTFUL);
    }

    @Test
    void moreThanTheTrailingSideCanGiveIsSaid() {
        // 8 mm at 55 × 4 mm and 235 mm out: 8 · 55 · 4 · 7.85 mg · 235 mm = 3247 g·mm, 12.99 g at 250 mm
        assertThat(Balancing.of(List.of(hung(2, 12.9)), of(125, 0, 0)).words())
                .doesNotContain("more than its trailing");
        assertThat(Balancing.of(List.of(hung(2, 13.1)), of(125, 0, 0)).words())
                .matches(Says.the(BalanceWords.DEEPER_THAN_IT_CAN, "deepest", "8"));
    }
}
