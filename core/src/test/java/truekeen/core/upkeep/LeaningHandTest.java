package truekeen.core.upkeep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import truekeen.core.condition.EdgeSurvey.HighCorner;
import truekeen.core.condition.EdgeSurvey.Squareness;
import truekeen.core.message.Says;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

class LeaningHandTest {
    private static Squareness off(double left, boolean mend) {
        HighCorner high = left > 0 ? HighCorner.LEFT : left < 0 ? HighCorner.RIGHT : HighCorner.NONE;
        return new Squareness(high, Angle.ofDegrees(Math.abs(left)), mend);
    }

    private static List<Squareness> squared(double... left) {
        List<Squareness> all = new ArrayList<>(List.of(Squareness.SQUARE));
        for (double l : left) {
            all.add(off(l, true));
        }
        return all;
    }

    @Test
    void theSameCornerFiveTimesIsAHandThatLeans() {
        LeaningHand lean = LeaningHand.of(squared(0.3, 0.4, 0.2, 0.3, 0.3)).orElseThrow();
        assertThat(lean.corner()).isEqualTo(HighCorner.LEFT);
        assertThat(lean.each().degrees()).isCloseTo(0.3, within(1e-9));
        assertThat(lean.luck()).isEqualTo(2.0 / 32);
        assertThat(LeaningHand.of(squared(-0.3, -0.4, -0.2, -0.3, -0.3))
                        .orElseThrow()
                        .corner())
                .isEqualTo(HighCorner.RIGHT);
    }

    @Test
    void fourTimesMayBeLuckAndWhatIsSmallDoesNotMatter() {
        assertThat(LeaningHand.of(squared(0.3, 0.3, 0.3, 0.3))).isEmpty();
        assertThat(LeaningHand.of(squared(0.02, 0.03, 0.02, 0.03, 0.02, 0.03))).isEmpty();
        assertThat(LeaningHand.of(List.of())).isEmpty();
    }

    /** An edge that is left as it is leans further each time: only what came on counts. */
    @Test
    void whatStoodThereBeforeIsNotCountedTwice() {
        List<Squareness> left = new ArrayList<>();
        for (int i = 0; i <= 6; i++) {
            left.add(off(0.2 * i, false));
        }
        assertThat(LeaningHand.of(left).orElseThrow().each().degrees()).isCloseTo(0.2, within(1e-9));
        List<Squareness> kept = new ArrayList<>();
        for (int i = 0; i < 7; i++) {
            kept.add(off(0.5, false));
        }
        assertThat(LeaningHand.of(kept)).isEmpty();
    }

    @Test
    void onlyTheLastSurveyBeforeEachSharpeningCounts() {
        Instant noon = Instant.parse("2026-03-01T12:00:00Z");
        List<LeaningHand.Surveyed> surveys = new ArrayList<>();
        for (int hour = 0; hour < 8; hour++) {
            surveys.add(new LeaningHand.Surveyed(noon.plusSeconds(3600L * hour), off(0.1 * (hour + 1), true)));
        }
        List<Squareness> counted = LeaningHand.beforeEach(
                surveys, List.of(noon.plusSeconds(3600 * 2 + 60), noon.plusSeconds(3600 * 5 + 60)));
        assertThat(counted).extracting(s -> s.off().degrees()).satisfies(degrees -> {
            assertThat(degrees.get(0)).isCloseTo(0.3, within(1e-9));
            assertThat(degrees.get(1)).isCloseTo(0.6, within(1e-9));
            assertThat(degrees.get(2)).isCloseTo(0.8, within(1e-9));
            assertThat(degrees).hasSize(3);
        });
        assertThat(LeaningHand.beforeEach(surveys, List.of())).hasSize(1);
    }

    /** The wedge at the corner of 24 mm is 0.126 mm at 0.3°: half of it, against 0.1 mm a sharpening, is six of ten. */
    @Test
    void theCorrectionIsSaidInStrokes() {
        LeaningHand lean = LeaningHand.of(squared(0.3, 0.3, 0.3, 0.3, 0.3)).orElseThrow();
        assertThat(lean.moreOfTen(Length.ofMm(24), 0.1)).isCloseTo(6.28, within(0.01));
        assertThat(lean.words(Length.ofMm(24), 0.1))
                .matches(Says.the(UpkeepWords.HAND_LEANS, "each", "0.3°"))
                .matches(Says.the(UpkeepWords.MORE_OF_TEN, "more", "6"));
        assertThat(lean.words(Length.ofMm(24), 0.02)).matches(Says.the(UpkeepWords.AS_MANY_AGAIN));
    }

    @Test
    void aHandWithoutALeanIsAccusedInOneCaseOfTenAtMostAndOneThatLeansIsFound() {
        Random random = new Random(11);
        int accused = 0;
        int found = 0;
        for (int shop = 0; shop < 1000; shop++) {
            double[] fair = new double[8];
            double[] leans = new double[8];
            for (int i = 0; i < 8; i++) {
                fair[i] = 0.3 * random.nextGaussian();
                leans[i] = 0.3 + 0.2 * random.nextGaussian();
            }
            accused += LeaningHand.of(squared(fair)).isPresent() ? 1 : 0;
            found += LeaningHand.of(squared(leans))
                            .filter(l -> l.corner() == HighCorner.LEFT)
                            .isPresent()
                    ? 1
                    : 0;
        }
        assertThat(accused).isBetween(20, 120);
        assertThat(found).isGreaterThan(950);
    }
}
