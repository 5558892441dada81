package truekeen.app.survey;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.history.ToolChanged;
import truekeen.app.houserule.HouseRuleService;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.app.survey.SurveyRecords.LatestSurvey;
import truekeen.app.survey.SurveyRecords.ResultView;
import truekeen.app.survey.SurveyRecords.SurveyForm;
import truekeen.app.survey.SurveyRecords.SurveyView;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.app.tool.ToolWear;
import truekeen.core.condition.AskedWork;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.Finding;
import truekeen.core.condition.Occasion;
import truekeen.core.condition.Restoration;
import truekeen.core.condition.Restorer;
import truekeen.core.condition.StationCut;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.repair.BroadFaceDue;
import truekeen.core.section.TargetBevel;

/** Reads surveys, asks the core what must go, and keeps them. */
@Service
@Transactional
public class SurveyService {
    private final Surveys surveys;
    private final ToolService tools;
    private final ToolWear wear;
    private final EdgePastService past;
    private final HouseRuleService rules;
    private final BevelAdvice bevels;
    private final ApplicationEventPublisher publisher;
    private final BenchClock clock;

    SurveyService(
            Surveys surveys,
            EdgePastService past,
            ToolService tools,
            ToolWear wear,
            HouseRuleService rules,
            BevelAdvice bevels,
            ApplicationEventPublisher publisher,
            BenchClock clock) {
        this.surveys = surveys;
        this.past = past;
        this.tools = tools;
        this.wear = wear;
        this.rules = rules;
        this.bevels = bevels;
        this.publisher = publisher;
        this.clock = clock;
    }

    /** The choice to do the big shaping on stones although a machine is owned. */
    public static final String BY_HAND = "BY_HAND";

    /**
     * A survey as the core knows it.
     *
     * @param back what a person decided of the back; empty where the house does
     * @param grindOn machine that a person chose for the shaping, or {@link #BY_HAND}; empty where the house chooses
     * @param asked work that was asked for by name
     */
    public record CoreSurvey(
            UUID id,
            Instant takenAt,
            EdgeSurvey survey,
            Optional<Occasion.BackDecision> back,
            Optional<String> grindOn,
            Set<AskedWork> asked) {}

    /** What decides, beside the edge itself, which jobs a sharpening of a tool is made of; nothing is asked for by name. */
    @Transactional(readOnly = true)
    public Occasion occasion(CoreTool tool, EdgeSurvey survey, Optional<Occasion.BackDecision> decided) {
        return occasion(tool, survey, decided, Set.of());
    }

    private Occasion occasion(
            CoreTool tool, EdgeSurvey survey, Optional<Occasion.BackDecision> decided, Set<AskedWork> asked) {
        double thinAt = tool.trade().thinAtMm();
        Double stands = tool.geometry().measures().values().get("behindEdge");
        boolean thinRule = rules.core(tool.id()).thinRule();
        return new Occasion(
                thinRule,
                asked.contains(AskedWork.THIN)
                        ? AskedWork.thinAtMm(
                                thinAt, stands == null ? OptionalDouble.empty() : OptionalDouble.of(stands))
                        : thinAt > 0 ? OptionalDouble.of(thinAt) : OptionalDouble.empty(),
                asked.contains(AskedWork.BROAD_FACE)
                        || BroadFaceDue.of(tool.sinceBroadFace(), tool.loss()).due(),
                decided.orElseGet(() -> Occasion.BackDecision.usual(tool.geometry(), survey, thinRule)),
                true,
                tool.brings().hardLayer());
    }

    /** The same for the edge as it was kept, with what a person decided about it. */
    @Transactional(readOnly = true)
    public Occasion occasion(CoreTool tool, CoreSurvey survey) {
        return occasion(tool, survey.survey(), survey.back(), survey.asked());
    }

    /**
     * Keeps what a person decided on the repair page about the newest survey.
     *
     * @param back what becomes of the back; null to leave that as it is
     * @param grindOn machine, {@link #BY_HAND}, or empty for the house; null to leave that as it is
     */
    public void decide(UUID toolId, Occasion.BackDecision back, String grindOn) {
        SurveyRow row = newest(toolId)
                .orElseThrow(() -> new RefusedException(Refusal.of(MessageCode.SURVEY_FIRST, "", "")))
                .row;
        if (back != null) {
            row.backDecision = back;
        }
        if (grindOn != null) {
            row.grindOn = grindOn.isEmpty() ? null : grindOn;
        }
        surveys.saveAndFlush(row);
        publisher.publishEvent(new ToolChanged(toolId));
    }

    /** What must go, for the screens. */
    @Transactional(readOnly = true)
    public ResultView result(CoreTool tool, EdgeSurvey survey, TargetBevel target, Restoration restoration) {
        return RestorationView.of(
                restoration,
                survey,
                tool,
                target,
                occasion(tool, survey, core(tool.id()).flatMap(CoreSurvey::back), asked(tool.id())));
    }

    /** What must go by the newest survey and the bevels chosen; nothing where there is no survey. */
    @Transactional(readOnly = true)
    public Optional<Restoration> restoration(CoreTool tool) {
        return core(tool.id())
                .map(s -> Restorer.restore(tool.geometry(), s.survey(), bevels.target(tool), occasion(tool, s)));
    }

    /** Keeps a survey. One that was based on an older survey than the newest is refused. */
    public SurveyView take(UUID toolId, SurveyForm in) {
        CoreTool tool = tools.core(toolId);
        SurveyFormReader read = new SurveyFormReader(in, tool.geometry());
        read.form.checks().orThrow();
        Optional<Readable> before = newest(toolId);
        String newest = before.map(s -> s.row.id.toString()).orElse("");
        if (!newest.equals(Form.orEmpty(in.basedOn()))) {
            throw new RefusedException(Refusal.of(MessageCode.CHANGED_MEANWHILE, "", in.basedOn()));
        }
        Restoration restoration = Restorer.restore(
                tool.geometry(), read.survey, bevels.target(tool), occasion(tool, read.survey, Optional.empty()));
        SurveyRow row = new SurveyRow(toolId, clock.instant(), in, read.survey);
        row.scope = restoration.scope();
        row.lostMm = restoration.lostMm();
        row.volumeMm3 = restoration.volumeMm3();
        // Looked at once more before it was worked, what was asked for stays asked for.
        before.filter(b -> b.row.takenAt.isAfter(lastWorked(toolId))).ifPresent(b -> row.ask(b.row.asked()));
        SurveyRow saved = surveys.saveAndFlush(row);
        past.seen(tool, saved.id, lastWorked(toolId), read.fared);
        publisher.publishEvent(new ToolChanged(toolId));
        return view(new Readable(saved, read.survey, in));
    }

    private Instant lastWorked(UUID toolId) {
        return wear.of(toolId).stream()
                .map(ToolWear.Wear::at)
                .max(Instant::compareTo)
                .orElse(Instant.MIN);
    }

    /** The newest survey, for the screens. */
    @Transactional(readOnly = true)
    public LatestSurvey latest(UUID toolId) {
        CoreTool tool = tools.core(toolId);
        return new LatestSurvey(
                newest(toolId).map(SurveyService::view).orElse(null), SurveyViews.asks(tool.geometry(), tool.brings()));
    }

    /**
     * An edge as the newest survey found it.
     *
     * @param stations how far it lies back and must go back, place by place; none where the survey no longer fits
     */
    public record EdgeSeen(List<Finding> findings, List<StationCut> stations) {
        /** An edge of which nothing is known. */
        public static final EdgeSeen NOTHING = new EdgeSeen(List.of(), List.of());
    }

    /** The edge as the newest survey found it. */
    @Transactional(readOnly = true)
    public EdgeSeen edge(UUID toolId) {
        Optional<Readable> newest = newest(toolId);
        if (newest.isEmpty()) {
            return EdgeSeen.NOTHING;
        }
        CoreTool tool = tools.core(toolId);
        List<Finding> findings = newest.get().survey.findings();
        try {
            Restoration r = Restorer.restore(
                    tool.geometry(),
                    newest.get().survey,
                    bevels.target(tool),
                    occasion(
                            tool,
                            newest.get().survey,
                            Optional.ofNullable(newest.get().row.backDecision),
                            newest.get().row.asked()));
            return new EdgeSeen(findings, r.stations());
        } catch (RefusedException noLongerFits) {
            // The tool was changed at the door since; its marks are shown, what must go is not.
            return new EdgeSeen(findings, List.of());
        }
    }

    /** What the newest survey of a tool found along the edge. */
    @Transactional(readOnly = true)
    public List<Finding> found(UUID toolId) {
        return newest(toolId).map(s -> s.survey.findings()).orElse(List.of());
    }

    /** What a survey found along the edge; nothing where it cannot be read any more. */
    @Transactional(readOnly = true)
    public List<Finding> findings(UUID surveyId) {
        return surveys.findById(surveyId)
                .flatMap(SurveyRow::toCore)
                .map(EdgeSurvey::findings)
                .orElse(List.of());
    }

    /** How far the edge had to go back by what a survey found (mm). */
    @Transactional(readOnly = true)
    public double lostMm(UUID surveyId) {
        return surveys.findById(surveyId).orElseThrow(() -> Form.notFound("survey", surveyId)).lostMm;
    }

    private Set<AskedWork> asked(UUID toolId) {
        return newest(toolId).map(s -> s.row.asked()).orElse(Set.of());
    }

    /** Puts down work that is asked for by name with the newest survey. */
    void ask(UUID toolId, Set<AskedWork> works) {
        SurveyRow row = newest(toolId)
                .orElseThrow(() -> new RefusedException(Refusal.of(MessageCode.SURVEY_FIRST, "", "")))
                .row;
        row.ask(works);
        surveys.saveAndFlush(row);
    }

    /** The newest survey, for the core. */
    @Transactional(readOnly = true)
    public Optional<CoreSurvey> core(UUID toolId) {
        return newest(toolId)
                .map(s -> new CoreSurvey(
                        s.row.id,
                        s.row.takenAt,
                        s.survey,
                        Optional.ofNullable(s.row.backDecision),
                        Optional.ofNullable(s.row.grindOn),
                        s.row.asked()));
    }

    /** A survey whose record can be read. */
    private record Readable(SurveyRow row, EdgeSurvey survey, SurveyForm form) {}

    /** The newest survey; one that cannot be read any more counts as none, so that the edge is surveyed again. */
    private Optional<Readable> newest(UUID toolId) {
        return surveys.newest(toolId)
                .flatMap(row -> row.toCore().flatMap(s -> row.typed().map(form -> new Readable(row, s, form))));
    }

    private static SurveyView view(Readable r) {
        SurveyRow s = r.row;
        return new SurveyView(
                s.id,
                s.toolId,
                s.takenAt,
                s.person,
                s.scope,
                s.lostMm,
                s.volumeMm3,
                r.form,
                SurveyViews.findings(r.survey.findings()),
                s.squareOffDeg,
                s.asked().stream().map(AskedWork::words).toList());
    }

    interface Surveys extends JpaRepository<SurveyRow, UUID> {
        // Plain SQL: asked with every move of a slider, and a limit would have it translated anew each time.
        @Query(
                value = "select * from survey where tool_id = :toolId order by taken_at desc limit 1",
                nativeQuery = true)
        Optional<SurveyRow> newest(UUID toolId);

        List<SurveyRow> findByToolIdOrderByTakenAt(UUID toolId);
    }
}
