package truekeen.core.keenness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import truekeen.core.message.RefusedException;

class JudgeTest {
    private static final KeennessPurpose GENERAL =
            KeennessPurpose.byName("general woodwork").orElseThrow();

    private static EdgeTest test(double... grams) {
        List<Double> at = EdgeTest.stations(25, grams.length);
        List<Reading> readings = new ArrayList<>();
        for (int i = 0; i < grams.length; i++) {
            readings.add(new Reading(at.get(i), grams[i]));
        }
        return new EdgeTest(readings, 100, 25);
    }

    @Test
    void anEvenKeenEdgePasses() {
        Verdict v = Judge.judge(test(80, 85, 88, 84, 83), GENERAL);
        assertThat(v.keen()).isTrue();
        assertThat(v.meanIndex()).isCloseTo(0.84, within(1e-9));
        assertThat(v.worst().grams()).isEqualTo(88);
        assertThat(v.sdGrams()).isCloseTo(2.9155, within(1e-4));
        assertThat(v.uneven()).isEmpty();
        assertThat(v.dullElsewhere()).isFalse();
    }

    @Test
    void oneBadStationIsNamedWithTheStretchItStandsFor() {
        Verdict v = Judge.judge(test(70, 72, 71, 73, 130), GENERAL);
        assertThat(v.keen()).isFalse();
        assertThat(v.uneven()).containsExactly(new Stretch(20, 25));
        assertThat(v.dullElsewhere()).isFalse();
    }

    @Test
    void evenButDullIsNotUneven() {
        Verdict v = Judge.judge(test(120, 121, 122, 121, 120), GENERAL);
        assertThat(v.keen()).isFalse();
        assertThat(v.uneven()).isEmpty();
        assertThat(v.dullElsewhere()).isTrue();
    }

    @Test
    void theLimitsThemselvesPass() {
        assertThat(Judge.judge(test(90, 90, 90), GENERAL).keen()).isTrue();
        assertThat(Judge.judge(test(90.1, 90.1, 90.1), GENERAL).keen()).isFalse();
        assertThat(Judge.judge(test(60, 60, 60, 60, 80), GENERAL).keen()).isTrue();
    }

    @Test
    void neighbouringBadStationsAreOneStretch() {
        Verdict v = Judge.judge(test(40, 40, 40, 120, 120), GENERAL);
        assertThat(v.uneven()).containsExactly(new Stretch(15, 25));
    }

    @Test
    void aStationMayStandOutByAQuarterAndNoMore() {
        // the mean is 80: 100 is a quarter over it
        assertThat(Judge.judge(test(75, 75, 75, 75, 100), GENERAL).uneven()).isEmpty();
        assertThat(Judge.judge(test(74.9, 75, 75, 75, 100.1), GENERAL).uneven()).hasSize(1);
        // one bad station; the others at the limit are keen enough, above it dull too
        assertThat(Judge.judge(test(90, 90, 90, 90, 200), GENERAL).dullElsewhere())
                .isFalse();
        assertThat(Judge.judge(test(90.1, 90.1, 90.1, 90.1, 200), GENERAL).dullElsewhere())
                .isTrue();
    }

    @Test
    void badStationsApartAreStretchesApart() {
        assertThat(Judge.judge(test(120, 40, 40, 40, 120), GENERAL).uneven())
                .containsExactly(new Stretch(0, 5), new Stretch(20, 25));
    }

    @Test
    void aStretchHoldsItsEndsAndStopsAtTheEdge() {
        Stretch stretch = new Stretch(5, 10);
        assertThat(stretch.holds(5)).isTrue();
        assertThat(stretch.holds(10)).isTrue();
        assertThat(stretch.holds(4.99)).isFalse();
        assertThat(stretch.holds(10.01)).isFalse();
        assertThat(stretch.widened(3, 24)).isEqualTo(new Stretch(2, 13));
        assertThat(stretch.widened(30, 24)).isEqualTo(new Stretch(0, 24));
    }

    @Test
    void aStationLiesOnTheEdge() {
        List<Reading> off = List.of(new Reading(1, 80), new Reading(2, 80), new Reading(25.1, 80));
        assertThatThrownBy(() -> Judge.judge(new EdgeTest(off, 100, 25), GENERAL))
                .isInstanceOf(RefusedException.class);
    }

    @Test
    void refusesWhatCannotBeJudged() {
        assertThatThrownBy(() -> Judge.judge(test(80, 85), GENERAL))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("3 stations");
        assertThatThrownBy(() -> Judge.judge(
                        new EdgeTest(List.of(new Reading(1, 80), new Reading(2, 80), new Reading(3, 80)), 0, 25),
                        GENERAL))
                .isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> Judge.judge(
                        test(80, 85, 80),
                        KeennessPurpose.byName("mower and trimmer").orElseThrow()))
                .isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> Judge.judge(test(80, -5, 80), GENERAL)).isInstanceOf(RefusedException.class);
    }
}
