package truekeen.app.survey;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.survey.SurveyRecords.FindingForm;
import truekeen.app.survey.SurveyRecords.SurveyForm;
import truekeen.core.angle.EdgeOutcome;
import truekeen.core.condition.AskedWork;
import truekeen.core.condition.BackState;
import truekeen.core.condition.Dullness;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.Finding;
import truekeen.core.keenness.Stretch;
import truekeen.core.message.InWords;

/**
 * The edge as a test left it, put down as its newest survey, so that work which the test named can be planned: just honed,
 * its back as it was known or as it was worked, and nothing along it but what is named here.
 */
@Component
public class SurveyAfterTest {
    private final SurveyService surveys;

    SurveyAfterTest(SurveyService surveys) {
        this.surveys = surveys;
    }

    /**
     * What a test left.
     *
     * @param asked work asked for by name
     * @param colour where steel lost its temper, if it did; how far it reaches is taken as usual until it is measured
     * @param fared how the edge fared, where the test says so
     * @param backWorked whether the back was worked flat since the survey before
     */
    public record Left(
            Set<AskedWork> asked, List<Stretch> colour, Optional<EdgeOutcome.Result> fared, boolean backWorked) {}

    /** Puts it down. */
    @Transactional
    public void take(UUID toolId, Left left, String person) {
        Optional<SurveyService.CoreSurvey> before = surveys.core(toolId);
        List<FindingForm> findings = new ArrayList<>();
        double reach = Finding.Kind.COLOUR.firstDepthMm().orElseThrow();
        left.colour.forEach(where -> findings.add(
                new FindingForm(Finding.Kind.COLOUR.name(), mm(where.fromMm()), mm(where.toMm()), mm(reach), false)));
        BackState back = left.backWorked
                ? BackState.POLISHED
                : before.map(s -> s.survey().back()).orElse(BackState.POLISHED);
        surveys.take(
                toolId,
                new SurveyForm(
                        findings,
                        Dullness.TOUCH_UP.name(),
                        true,
                        back.name(),
                        "",
                        EdgeSurvey.HighCorner.NONE.name(),
                        "",
                        "",
                        false,
                        left.fared.map(Enum::name).orElse(""),
                        person,
                        before.map(s -> s.id().toString()).orElse("")));
        if (!left.asked.isEmpty()) {
            surveys.ask(toolId, EnumSet.copyOf(left.asked));
        }
    }

    private static String mm(double length) {
        return Math.round(length * 100) / 100.0 + InWords.MM;
    }
}
