package truekeen.core.upkeep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class EdgeLifeTest {
    private static final Instant START = Instant.parse("2026-03-01T09:00:00Z");

    private static Instant day(int days) {
        return START.plus(Duration.ofDays(days));
    }

    private static EdgeLife.DatedTouchUp strop(int day) {
        return new EdgeLife.DatedTouchUp(
                day(day), Rung.STROP, 20, OptionalDouble.empty(), OptionalDouble.empty(), true);
    }

    private static EdgeLife at(int day, EdgeLife.Log log) {
        return EdgeLife.of(log, day(day), UseUnit.MEALS);
    }

    @Test
    void useIsCountedSinceTheLastSharpeningAndAReadingAfterATouchUpSpeaksOfThat() {
        EdgeLife life = at(
                30,
                new EdgeLife.Log(
                        List.of(day(0), day(20)),
                        List.of(new EdgeLife.Dated(day(0), 1.5), new EdgeLife.Dated(day(20), 1.6)),
                        List.of(
                                new EdgeLife.Use(day(5), 10),
                                new EdgeLife.Use(day(15), 20),
                                new EdgeLife.Use(day(25), 4)),
                        List.of(
                                new EdgeLife.Dated(day(6), 1.8),
                                new EdgeLife.Dated(day(16), 2.4),
                                new EdgeLife.Dated(day(18), 2.0),
                                new EdgeLife.Dated(day(26), 1.7)),
                        List.of(strop(17))));
        assertThat(life.pace().use()).isEqualTo(4);
        assertThat(life.pace().estimated()).isZero();
        assertThat(life.pace().paceKnown()).isTrue();
        assertThat(life.pace().perDay()).isCloseTo(34.0 / 25, within(1e-9));
        assertThat(life.counted())
                .containsExactlyInAnyOrder(
                        new UseReading(0, 1.5),
                        new UseReading(10, 1.8),
                        new UseReading(30, 2.4),
                        new UseReading(0, 1.6),
                        new UseReading(4, 1.7));
        assertThat(life.readings()).filteredOn(p -> !p.counts()).singleElement().satisfies(p -> assertThat(p.use())
                .isEqualTo(30));
        assertThat(life.touchUps()).isEmpty();
        assertThat(life.since()).isEqualTo(day(20));
    }

    @Test
    void whereNobodyPutsUseDownItIsReckonedFromDaysAndSaysSo() {
        EdgeLife life =
                at(10, new EdgeLife.Log(List.of(day(0)), List.of(), List.of(), List.of(), List.of(strop(4), strop(8))));
        double perDay = UseUnit.MEALS.perDay();
        assertThat(life.pace().paceKnown()).isFalse();
        assertThat(life.pace().use()).isCloseTo(10 * perDay, within(1e-9));
        assertThat(life.pace().estimated()).isEqualTo(life.pace().use());
        assertThat(life.touchUps()).extracting(TouchUp::atUse).containsExactly(4 * perDay, 8 * perDay);
    }

    @Test
    void aToolWithoutAnySharpeningBeginsWithItsFirstRecordAndOneWithNothingHasNoBeginning() {
        EdgeLife life = at(
                9, new EdgeLife.Log(List.of(), List.of(), List.of(new EdgeLife.Use(day(3), 5)), List.of(), List.of()));
        assertThat(life.since()).isEqualTo(day(3));
        assertThat(life.pace().use()).isEqualTo(5);
        EdgeLife none = at(9, new EdgeLife.Log(List.of(), List.of(), List.of(), List.of(), List.of()));
        assertThat(none.since()).isNull();
        assertThat(none.pace().use()).isZero();
    }
}
