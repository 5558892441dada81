package truekeen.app.survey;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.app.survey.SurveyRecords.HistoryView;
import truekeen.app.survey.SurveyRecords.OutcomeForm;
import truekeen.app.survey.SurveyRecords.OutcomeView;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.core.angle.AngleHistory;
import truekeen.core.angle.EdgeOutcome;
import truekeen.core.quantity.Angle;

/** How a tool's edges fared: held, chipped or rolled, as a survey saw it or as somebody told it. */
@Service
@Transactional
public class EdgePastService {
    private final Outcomes outcomes;
    private final ToolService tools;
    private final BenchClock clock;

    EdgePastService(Outcomes outcomes, ToolService tools, BenchClock clock) {
        this.outcomes = outcomes;
        this.tools = tools;
        this.clock = clock;
    }

    /**
     * Puts down how an edge fared as a survey saw it. One that is surveyed again before it was worked has one past, not two.
     *
     * @param worked when it was worked last
     */
    void seen(CoreTool tool, UUID surveyId, Instant worked, Optional<EdgeOutcome.Result> fared) {
        outcomes.deleteAll(outcomes.ofTool(tool.id()).stream()
                .filter(o -> o.surveyId != null && o.at.isAfter(worked))
                .toList());
        outcomes.flush();
        fared.ifPresent(result -> outcomes.save(new OutcomeRow(
                tool.id(),
                surveyId,
                clock.instant(),
                tool.geometry().lastBevel().degrees(),
                result)));
    }

    /** What a tool's own history asks of its last bevel. */
    @Transactional(readOnly = true)
    public AngleHistory fared(UUID toolId) {
        return AngleHistory.of(outcomes.ofTool(toolId).stream()
                .map(o -> new EdgeOutcome(Angle.ofDegrees(o.lastDeg), o.result))
                .toList());
    }

    /** The past of an edge, for the screens. */
    @Transactional(readOnly = true)
    public HistoryView past(UUID toolId) {
        tools.core(toolId);
        AngleHistory history = fared(toolId);
        return new HistoryView(
                outcomes.ofTool(toolId).stream()
                        .map(o -> new OutcomeView(o.id, o.at, o.result, o.lastDeg, o.surveyId == null))
                        .toList(),
                history.evidence(),
                history.wanted().map(Angle::degrees).orElse(null));
    }

    /** Puts down something that was told of an edge's past. */
    public HistoryView tell(UUID toolId, OutcomeForm in) {
        CoreTool tool = tools.core(toolId);
        Form form = new Form();
        EdgeOutcome.Result result =
                form.oneOf("result", SurveyWords.WHAT_CAME_OF_IT.words(), in.result(), EdgeOutcome.Result.class);
        Angle last = Form.blank(in.last()) ? tool.geometry().lastBevel() : form.angle("last", in.last());
        form.checks()
                .within("last", SurveyWords.A_LAST_BEVEL.words(), last == null ? null : last.degrees(), 4, 80, "°");
        form.checks()
                .within(
                        "outcomes",
                        SurveyWords.NUMBER_OF_OUTCOMES.words(),
                        (double) outcomes.ofTool(toolId).size(),
                        0,
                        199,
                        "");
        form.checks().orThrow();
        outcomes.saveAndFlush(new OutcomeRow(toolId, null, clock.instant(), last.degrees(), result));
        return past(toolId);
    }

    /** Takes back something that was told by mistake; what came with a survey stays. */
    public HistoryView takeBack(UUID toolId, UUID outcomeId) {
        OutcomeRow row = outcomes.findById(outcomeId)
                .filter(o -> o.toolId.equals(toolId) && o.surveyId == null)
                .orElseThrow(() -> Form.notFound("told outcome", outcomeId));
        outcomes.delete(row);
        outcomes.flush();
        return past(toolId);
    }
}
