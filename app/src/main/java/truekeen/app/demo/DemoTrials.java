package truekeen.app.demo;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.springframework.stereotype.Component;
import truekeen.app.platform.BenchClock;
import truekeen.app.trial.TrialRecords.EffortForm;
import truekeen.app.trial.TrialRecords.PreparationLine;
import truekeen.app.trial.TrialRecords.TrialEdgeView;
import truekeen.app.trial.TrialRecords.TrialForm;
import truekeen.app.trial.TrialRecords.TrialReadingForm;
import truekeen.app.trial.TrialRecords.TrialSheet;
import truekeen.app.trial.TrialService;

/** Two trials: one that is settled, and one of which it is too early to say anything. */
@Component
class DemoTrials {
    private static final String HAND = "bench hand";

    private final TrialService trials;
    private final BenchClock clock;

    DemoTrials(TrialService trials, BenchClock clock) {
        this.trials = trials;
        this.clock = clock;
    }

    /**
     * How the edges of a way dull in the made-up shop.
     *
     * @param freshG force of a fresh edge (g)
     * @param riseG how much it rises in the end (g)
     * @param tau use in which two thirds of that are done
     * @param strokes that bring it back
     */
    private record Course(double freshG, double riseG, double tau, int strokes) {}

    void fill(Instant now) {
        clock.travelTo(now.minus(Duration.ofDays(75)));
        TrialSheet strop = trials.begin(new TrialForm(
                "Does the strop help on our chisels?",
                "STROP",
                List.of("off the finest stone", "stropped"),
                "SHAVINGS",
                "40",
                "5",
                "3",
                "5",
                true,
                HAND));
        Map<String, Course> dulls = Map.of(
                "off the finest stone", new Course(112, 70, 90, 26),
                "stropped", new Course(101, 66, 150, 9));
        read(strop.id(), dulls, 5, 17);
        trials.uncover(strop.id());
        trials.end(strop.id(), true);

        clock.travelTo(now.minus(Duration.ofDays(12)));
        TrialSheet polish = trials.begin(new TrialForm(
                "Does a polish pay on the jack?",
                "POLISH",
                List.of("medium finish", "high polish"),
                "METRES",
                "10",
                "4",
                "3",
                "4",
                false,
                HAND));
        Map<String, Course> even = Map.of(
                "medium finish", new Course(118, 80, 40, 20),
                "high polish", new Course(103, 84, 38, 24));
        read(polish.id(), even, 2, 5);
    }

    /** Reads the edges of so many rounds to their end, an edge every few hours. */
    private void read(UUID id, Map<String, Course> dulls, int rounds, long seed) {
        Random random = new Random(seed);
        List<PreparationLine> prepared = trials.preparation(id);
        TrialSheet sheet = trials.sheet(id);
        for (int i = 0; i < prepared.size(); i++) {
            PreparationLine line = prepared.get(i);
            if (line.round() > rounds) {
                continue;
            }
            TrialEdgeView edge = sheet.edges().get(i);
            Course course = dulls.get(line.way());
            double level = course.freshG * Math.exp(0.04 * random.nextGaussian());
            for (double use : sheet.checkpoints()) {
                clock.travelTo(clock.instant().plus(Duration.ofMinutes(50)));
                List<String> grams = new ArrayList<>();
                for (int s = 0; s < sheet.stations(); s++) {
                    double force = level + course.riseG * -Math.expm1(-use / course.tau);
                    grams.add(String.valueOf(Math.round(force * Math.exp(0.025 * random.nextGaussian()))));
                }
                trials.read(id, new TrialReadingForm(edge.id(), use, grams, HAND));
            }
            trials.effort(
                    id,
                    new EffortForm(
                            edge.id(),
                            String.valueOf(Math.max(1, Math.round(course.strokes + 3 * random.nextGaussian()))),
                            true));
        }
    }
}
