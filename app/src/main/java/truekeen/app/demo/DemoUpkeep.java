package truekeen.app.demo;

import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import org.springframework.stereotype.Component;
import truekeen.app.platform.BenchClock;
import truekeen.app.upkeep.UpkeepRecords.TouchUpForm;
import truekeen.app.upkeep.UpkeepRecords.UseForm;
import truekeen.app.upkeep.UpkeepRecords.UseReadingForm;
import truekeen.app.upkeep.UpkeepService;

/** What the chisel that lies on the bench did between its sharpenings, and how it dulled. */
@Component
class DemoUpkeep {
    private static final String HAND = "bench hand";
    private static final String REFERENCE = "118";

    private final UpkeepService upkeep;
    private final BenchClock clock;

    DemoUpkeep(UpkeepService upkeep, BenchClock clock) {
        this.upkeep = upkeep;
        this.clock = clock;
    }

    /**
     * A month of work after a sharpening.
     *
     * @param shavings how many each time
     * @param grams what the tester read then; 0 where nobody read it
     * @param stropped the time after which it was stropped; -1 for none
     */
    void month(UUID tool, Instant sharpened, int[] shavings, int[] grams, int stropped) {
        for (int i = 0; i < shavings.length; i++) {
            clock.travelTo(sharpened.plus(Duration.ofDays(3 + 7L * i)));
            upkeep.use(tool, new UseForm(String.valueOf(shavings[i]), HAND));
            if (grams[i] > 0) {
                upkeep.read(tool, new UseReadingForm(String.valueOf(grams[i]), REFERENCE, HAND));
            }
            if (i == stropped) {
                upkeep.touchUp(
                        tool,
                        new TouchUpForm(
                                "STROP",
                                "20",
                                true,
                                String.valueOf(grams[i]),
                                String.valueOf(grams[i] - 16),
                                REFERENCE,
                                HAND));
            }
        }
    }
}
