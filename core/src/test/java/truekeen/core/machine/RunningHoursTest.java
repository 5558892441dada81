package truekeen.core.machine;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.Month;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import truekeen.core.machine.RunningHours.Run;
import truekeen.core.machine.RunningHours.Season;
import truekeen.core.message.Says;
import truekeen.core.tool.GeometryKind;

class RunningHoursTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 6, 15);

    private static RunningHours bar(Season season, List<Run> runs, LocalDate... sharpened) {
        return RunningHours.of(GeometryKind.MOWER_BAR, TODAY, season, runs, List.of(sharpened));
    }

    private static Run run(int daysAgo, double hours, Ground ground) {
        return new Run(TODAY.minusDays(daysAgo), hours, ground);
    }

    @Test
    void withoutHoursThereIsAFirstIntervalAndNoDay() {
        RunningHours r = bar(Season.ALWAYS, List.of());
        assertThat(r.interval()).isEqualTo(25);
        assertThat(r.intervals()).isZero();
        assertThat(r.due()).isEmpty();
        assertThat(r.words()).matches(Says.the(MachineWords.FIRST_ESTIMATE)).contains(MachineWords.NO_DAY_YET.words());
    }

    @Test
    void thePaceOfTheSeasonGivesTheDay() {
        // Ten hours on clean ground in ten days: one a day, fifteen of twenty-five left.
        RunningHours r = bar(Season.ALWAYS, List.of(run(9, 5, Ground.CLEAN), run(2, 5, Ground.CLEAN)));
        assertThat(r.perDay()).hasValue(1.0);
        assertThat(r.worn()).isEqualTo(10);
        assertThat(r.due()).hasValue(TODAY.plusDays(15));
    }

    @Test
    void sandAndStonesBringItForward() {
        LocalDate clean =
                bar(Season.ALWAYS, List.of(run(9, 8, Ground.CLEAN))).due().orElseThrow();
        LocalDate stony =
                bar(Season.ALWAYS, List.of(run(9, 8, Ground.STONY))).due().orElseThrow();
        LocalDate sandy =
                bar(Season.ALWAYS, List.of(run(9, 8, Ground.SANDY))).due().orElseThrow();
        assertThat(sandy).isBefore(stony);
        assertThat(stony).isBefore(clean);
        assertThat(bar(Season.ALWAYS, List.of(run(3, 11, Ground.SANDY))).due()).hasValue(TODAY);
    }

    @Test
    void moreHoursNeverPutItOff() {
        List<Run> runs = new ArrayList<>(List.of(run(20, 1, Ground.CLEAN)));
        LocalDate before = bar(Season.ALWAYS, runs).due().orElse(LocalDate.MAX);
        for (int i = 0; i < 12; i++) {
            runs.add(run(19 - i, 2, Ground.CLEAN));
            LocalDate now = bar(Season.ALWAYS, runs).due().orElseThrow();
            assertThat(now).isBeforeOrEqualTo(before);
            before = now;
        }
        assertThat(before).isEqualTo(TODAY);
    }

    @Test
    void whatRanBeforeItWasSharpenedIsWornOff() {
        List<Run> runs = List.of(run(30, 20, Ground.CLEAN), run(5, 4, Ground.CLEAN));
        assertThat(bar(Season.ALWAYS, runs, TODAY.minusDays(10)).worn()).isEqualTo(4);
        assertThat(bar(Season.ALWAYS, runs).worn()).isEqualTo(24);
    }

    @Test
    void twoIntervalsOfItsOwnTakeOverFromTheFirstEstimate() {
        List<Run> runs = List.of(
                run(90, 12, Ground.CLEAN),
                run(60, 16, Ground.CLEAN),
                run(30, 14, Ground.CLEAN),
                run(3, 2, Ground.CLEAN));
        RunningHours r = bar(
                Season.ALWAYS,
                runs,
                TODAY.minusDays(100),
                TODAY.minusDays(80),
                TODAY.minusDays(50),
                TODAY.minusDays(20));
        assertThat(r.interval()).isEqualTo(14);
        assertThat(r.intervalLow()).isEqualTo(12);
        assertThat(r.intervalHigh()).isEqualTo(16);
        assertThat(r.intervals()).isEqualTo(3);
        assertThat(r.words())
                .matches(Says.the(MachineWords.WORN_SO_FAR, "range", "12 h to 16 h"))
                .matches(Says.the(MachineWords.FROM_ITS_OWN, "count", "3"));
        assertThat(bar(Season.ALWAYS, runs, TODAY.minusDays(100), TODAY.minusDays(80))
                        .intervals())
                .as("one interval is no rule")
                .isZero();
    }

    @Test
    void aSeasonHoldsItsMonthsAndMayGoOverTheNewYear() {
        Season mowing = new Season(Month.MARCH, Month.NOVEMBER);
        assertThat(mowing.holds(LocalDate.of(2026, 3, 1))).isTrue();
        assertThat(mowing.holds(LocalDate.of(2026, 11, 30))).isTrue();
        assertThat(mowing.holds(LocalDate.of(2026, 12, 1))).isFalse();
        Season hedges = new Season(Month.OCTOBER, Month.FEBRUARY);
        assertThat(hedges.holds(LocalDate.of(2026, 12, 24))).isTrue();
        assertThat(hedges.holds(LocalDate.of(2026, 6, 1))).isFalse();
        assertThat(hedges.daysBetween(LocalDate.of(2026, 9, 29), LocalDate.of(2026, 10, 3)))
                .isEqualTo(2);
    }

    @Test
    void daysOutOfSeasonWearNothing() {
        Season ended = new Season(Month.APRIL, Month.JUNE);
        RunningHours r = bar(ended, List.of(run(9, 5, Ground.CLEAN), run(2, 5, Ground.CLEAN)));
        // Fifteen season days are left in June with today, the sixteenth is the first of April.
        assertThat(r.due()).hasValue(LocalDate.of(2026, 6, 30));
        RunningHours slower = bar(ended, List.of(run(9, 5, Ground.CLEAN)));
        assertThat(slower.due()).hasValueSatisfying(d -> assertThat(d).isAfter(LocalDate.of(2027, 3, 31)));
    }
}
