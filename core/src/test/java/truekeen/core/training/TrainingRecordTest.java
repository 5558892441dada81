package truekeen.core.training;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class TrainingRecordTest {
    private static TrainingRecord of(Exercise exercise, String answers) {
        List<TrainingRecord.Round> rounds = new ArrayList<>();
        for (char c : answers.toCharArray()) {
            rounds.add(new TrainingRecord.Round(exercise, 1, c == '+'));
        }
        return new TrainingRecord(rounds);
    }

    @Test
    void threeRightInARowMakeItHarderAndTwoWrongEasier() {
        assertThat(of(Exercise.INK, "").grade(Exercise.INK)).isEqualTo(1);
        assertThat(of(Exercise.INK, "++").grade(Exercise.INK)).isEqualTo(1);
        assertThat(of(Exercise.INK, "+++").grade(Exercise.INK)).isEqualTo(2);
        assertThat(of(Exercise.INK, "++-+++").grade(Exercise.INK)).isEqualTo(2);
        assertThat(of(Exercise.INK, "+++++++++++").grade(Exercise.INK)).isEqualTo(3);
        assertThat(of(Exercise.INK, "+++--").grade(Exercise.INK)).isEqualTo(1);
        assertThat(of(Exercise.INK, "+++-+-").grade(Exercise.INK)).isEqualTo(2);
        assertThat(of(Exercise.INK, "----").grade(Exercise.INK)).isEqualTo(1);
        assertThat(of(Exercise.INK, "+++").grade(Exercise.BURR)).isEqualTo(1);
    }

    @Test
    void whatWasNeverTriedComesFirstThenWhatGoesWorst() {
        assertThat(new TrainingRecord(List.of()).next()).isEqualTo(Exercise.INK);
        assertThat(of(Exercise.INK, "+").next()).isEqualTo(Exercise.BURR);
        List<TrainingRecord.Round> all = new ArrayList<>();
        for (Exercise e : Exercise.values()) {
            all.add(new TrainingRecord.Round(e, 1, true));
            all.add(new TrainingRecord.Round(e, 1, e != Exercise.SIDES));
        }
        TrainingRecord record = new TrainingRecord(all);
        assertThat(record.next()).isEqualTo(Exercise.SIDES);
        assertThat(record.tried(Exercise.SIDES)).isEqualTo(2);
        assertThat(record.right(Exercise.SIDES)).isEqualTo(1);
    }
}
