package truekeen.app.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import truekeen.core.stepsheet.Step;
import truekeen.core.stepsheet.Step.BurrTask;

/** Steps that were stored by earlier versions. */
class StoredStepsTest {
    private static final String OLD =
            """
            [{"kind": "%s", "title": "a step", "abrasiveId": "", "abrasiveName": "", "where": {"fromMm": 0, "toMm": 24},
              "angleDeg": null, "forceN": 20, "pressure": "", "sides": ["BEVEL"], "strokes": 5, "strokesLow": 3,
              "strokesHigh": 9, "seconds": 6, "lubricant": "", "look": "", "gate": "%s", "ifNot": "", "burr": "",
              "why": "", "caution": ""}]
            """;

    @ParameterizedTest
    @CsvSource({
        "WORK, 'Is there a burr along the whole edge, end to end?', RAISE",
        "WORK, 'Are the old scratches gone and is the burr still unbroken?', KEEP",
        "WORK, 'Is the strip evenly scratched?', NOTHING",
        "DEBURR, '', TAKE_OFF",
        "STROP, '', SHED",
        "PROTECT, '', NOTHING",
    })
    void aStepOfTheFirstVersionIsReadByTheQuestionItAsks(String kind, String gate, BurrTask task) {
        List<Step> steps =
                StoredSteps.STEPS.read(OLD.formatted(kind, gate)).value().orElseThrow();
        assertThat(steps).singleElement().satisfies(s -> {
            assertThat(s.burrTask()).isEqualTo(task);
            assertThat(s.forceN()).hasValue(20.0);
            assertThat(s.angleDeg()).isEmpty();
            assertThat(s.how()).isEmpty();
            assertThat(s.handFactor()).as("it teaches nothing").isZero();
        });
        assertThat(StoredSteps.STEPS.read(StoredSteps.STEPS.write(steps)).value())
                .hasValue(steps);
    }
}
