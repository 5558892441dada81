package truekeen.app.backup;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class RotationTest {
    private static final Instant NOW = Instant.parse("2026-11-29T18:00:00Z");

    private static KeptBackup at(KeptBackup.Why why, Instant at) {
        return KeptBackup.of(KeptBackup.name(why, at), 1).orElseThrow();
    }

    @Test
    void aYearOfDaysLeavesAWeekOfDaysAndEightWeeks() {
        List<KeptBackup> kept = new ArrayList<>();
        for (int day = 365; day >= 0; day--) {
            Instant at = NOW.minus(Duration.ofDays(day));
            kept.add(at(KeptBackup.Why.DAILY, at));
            kept.add(at(KeptBackup.Why.STOP, at.plusSeconds(3600)));
            kept.removeAll(Rotation.surplus(kept));
        }
        // The newest of each of seven days, which are one week, and of each of seven weeks before.
        assertThat(kept).hasSize(14).allMatch(b -> b.why() == KeptBackup.Why.STOP);
        assertThat(kept).extracting(KeptBackup::at).contains(NOW.plusSeconds(3600));
        assertThat(kept.get(0).at()).isAfter(NOW.minus(Duration.ofDays(57)));
        assertThat(Rotation.surplus(kept)).isEmpty();
    }

    @Test
    void whatWasWrittenBeforeAMigrationIsNotPushedOutByDays() {
        List<KeptBackup> all = new ArrayList<>();
        for (int i = 0; i < 7; i++) {
            all.add(at(KeptBackup.Why.MIGRATION, NOW.minus(Duration.ofDays(100 + i))));
        }
        for (int i = 0; i < 10; i++) {
            all.add(at(KeptBackup.Why.DAILY, NOW.minus(Duration.ofDays(i))));
        }
        List<KeptBackup> surplus = Rotation.surplus(all);
        assertThat(surplus.stream().filter(b -> b.why() == KeptBackup.Why.MIGRATION))
                .hasSize(2);
        assertThat(surplus).doesNotContain(all.get(0), all.get(7));
    }

    @Test
    void onlyFilesOfOursAreSeen() {
        assertThat(KeptBackup.of("truekeen-daily-20261129-180000.zip", 3)).hasValueSatisfying(b -> {
            assertThat(b.at()).isEqualTo(NOW);
            assertThat(b.why()).isEqualTo(KeptBackup.Why.DAILY);
        });
        assertThat(KeptBackup.of("holiday.zip", 3)).isEmpty();
        assertThat(KeptBackup.of("truekeen-daily-20261345-180000.zip", 3)).isEmpty();
    }
}
