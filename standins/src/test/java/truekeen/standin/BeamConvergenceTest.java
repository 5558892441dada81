package truekeen.standin;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import truekeen.core.balance.BalanceTry;
import truekeen.core.balance.Balancing;
import truekeen.core.quantity.Length;

/** A hand, the stand-in and the sums of the core together: hung, corrected, hung again. */
class BeamConvergenceTest {
    private static final double TIP = 255;
    private static final double STICKS = 60;
    /** Off what was asked, either way, as a grinder and a kitchen scale are. */
    private static final double HAND = 0.15;

    private static final Balancing.Case BAR = new Balancing.Case(
            Length.ofMm(235), Length.ofMm(40), Length.ofMm(4), Length.ofMm(8), 0.5 * 250, 3000, 0.7, p -> "end " + p);

    /** What a hand does: a mass on the light end that tips it the other way, moved in until it stays level. */
    private static BalanceTry hang(BalanceStand stand) {
        double dips = stand.tiltDeg();
        if (dips == 0) {
            return BalanceTry.level();
        }
        int light = dips > 0 ? 2 : 1;
        for (double grams : new double[] {0.5, 1, 2, 5, 10, 20, 50}) {
            for (double radius = 250; radius >= 20; radius -= 1) {
                stand.hang(light, grams, radius);
                if (stand.tiltDeg() == 0) {
                    stand.hang(light, 0, 1);
                    return BalanceTry.hung(light, 2, grams, Length.ofMm(radius), Length.ofMm(TIP));
                }
            }
        }
        throw new AssertionError("nothing keeps it level");
    }

    private static int tries(BalanceStand stand, Random random) {
        List<BalanceTry> tries = new ArrayList<>();
        while (true) {
            tries.add(hang(stand));
            Balancing b = Balancing.of(tries, BAR);
            if (b.state() == Balancing.State.LEVEL) {
                return tries.size();
            }
            assertThat(tries).as("tries without end").hasSizeLessThan(10);
            double off = 1 + HAND * (2 * random.nextDouble() - 1);
            double mass = b.correction().orElseThrow().massG() * off;
            stand.grind(b.heavy(), mass, 235);
            tries.set(tries.size() - 1, tries.get(tries.size() - 1).removing(mass, b.heavy(), 235));
        }
    }

    @Test
    void levelWithinThreeTriesFromAnyStartUpToTenGramsAtTheTip() {
        Random random = new Random(42);
        for (int i = 0; i < 500; i++) {
            double start = (2 * random.nextDouble() - 1) * 10 * TIP;
            assertThat(tries(new BalanceStand(start, STICKS), random))
                    .as("from %.0f g·mm", start)
                    .isLessThanOrEqualTo(3);
        }
        assertThat(tries(new BalanceStand(10 * TIP, STICKS), random)).isLessThanOrEqualTo(3);
        assertThat(tries(new BalanceStand(-10 * TIP, STICKS), random)).isLessThanOrEqualTo(3);
    }

    @Test
    void steelOffTheWrongEndIsNoticedFromAnyStart() {
        Random random = new Random(7);
        for (int i = 0; i < 200; i++) {
            double start = (random.nextBoolean() ? 1 : -1) * (2 + 8 * random.nextDouble()) * TIP;
            BalanceStand stand = new BalanceStand(start, STICKS);
            BalanceTry first = hang(stand);
            Balancing b = Balancing.of(List.of(first), BAR);
            int wrong = 3 - b.heavy();
            double mass = b.correction().orElseThrow().massG();
            stand.grind(wrong, mass, 235);
            Balancing next = Balancing.of(List.of(first.removing(mass, wrong, 235), hang(stand)), BAR);
            assertThat(next.state()).isEqualTo(Balancing.State.OTHER_END);
            assertThat(next.heavy()).isEqualTo(b.heavy());
            assertThat(next.words()).contains("It got worse: the other end");
        }
    }

    @Test
    void aBeamThatSticksStaysAsItIsPut() {
        assertThat(new BalanceStand(STICKS, STICKS).tiltDeg()).isZero();
        assertThat(new BalanceStand(STICKS + 1, STICKS).tiltDeg()).isPositive();
        BalanceStand stand = new BalanceStand(-500, STICKS);
        assertThat(stand.tiltDeg()).isNegative();
        stand.hang(1, 2, 250);
        assertThat(stand.tiltDeg()).isZero();
    }
}
