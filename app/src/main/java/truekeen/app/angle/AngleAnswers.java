package truekeen.app.angle;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import truekeen.app.angle.AngleRecords.AngleAnswer;
import truekeen.app.angle.AngleRecords.AngleForm;
import truekeen.app.angle.AngleRecords.CandidateView;
import truekeen.app.angle.AngleRecords.SettingView;
import truekeen.app.angle.AngleRecords.StandsView;
import truekeen.app.angle.AngleRecords.StationsView;
import truekeen.app.kit.HolderService.CoreHolder;
import truekeen.app.platform.AdviceView;
import truekeen.app.platform.Form;
import truekeen.app.survey.EdgePastService;
import truekeen.app.survey.SurveyService;
import truekeen.app.tool.SectionDrawing;
import truekeen.app.tool.ToolRecords.Echo;
import truekeen.app.tool.ToolRecords.FaultView;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.core.advice.Advice;
import truekeen.core.advice.Formula;
import truekeen.core.condition.BackState;
import truekeen.core.condition.Dullness;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.MeanLoss;
import truekeen.core.condition.Occasion;
import truekeen.core.condition.Restoration;
import truekeen.core.condition.Restorer;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.quantity.QuantityReader;
import truekeen.core.section.TargetBevel;
import truekeen.core.setup.Camber;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Operation;
import truekeen.core.tool.PlaneIron;
import truekeen.core.tool.ToolUse;

/** The answer to what is asked at the angle stage: advice, its reasons, what each choice costs, what to set. */
@Component
class AngleAnswers {
    /** Taken where nothing was surveyed yet: a dull, square edge with a polished back. */
    private static final EdgeSurvey NOT_YET =
            new EdgeSurvey(List.of(), EdgeSurvey.Squareness.SQUARE, Dullness.DULL, false, BackState.POLISHED, 0);

    /** Shared over the stations of a camber until a plan says how many. */
    private static final int USUAL_STROKES = 25;

    private final SurveyService surveys;
    private final EdgePastService past;

    AngleAnswers(SurveyService surveys, EdgePastService past) {
        this.surveys = surveys;
        this.past = past;
    }

    AngleAnswer of(
            AngleReader read,
            CoreTool tool,
            AngleForm in,
            Optional<CoreHolder> holder,
            List<SettingView> settings,
            StandsView stands) {
        Form form = read.form;
        Blade blade = tool.geometry();
        ToolUse trade = read.trade;
        TargetBevel target = read.target();
        EdgeSurvey survey =
                surveys.core(tool.id()).map(SurveyService.CoreSurvey::survey).orElse(NOT_YET);
        Optional<Length> shaving = Figures.shaving(form, in.shaving(), read.camber);
        StationsView stations = read.rules.camberAtStations() ? stations(form, in, read) : null;
        Occasion occasion =
                surveys.occasion(tool, survey, surveys.core(tool.id()).flatMap(SurveyService.CoreSurvey::back));
        Restoration chosen = restore(form, blade, survey, target, occasion);
        Restoration other = restore(form, blade, survey, read.other, occasion);
        return new AngleAnswer(
                Echo.of(form),
                FaultView.of(form),
                trade.key(),
                blade.kind().convention().words(),
                read.advised.primary().degrees(),
                read.advised.last().degrees(),
                trade.primaryUsual().degrees(),
                trade.primaryLow().degrees(),
                trade.primaryHigh().degrees(),
                trade.stepMax().degrees(),
                read.advised.floor().map(Angle::degrees).orElse(null),
                tool.steel().name(),
                reasons(read),
                past.past(tool.id()),
                warnings(tool, read, holder),
                blade.kind().allows(Operation.CAMBER) && blade instanceof PlaneIron,
                blade.kind().allows(Operation.HOLLOW)
                        && blade.kind().dimension("wheelDiameter").isPresent(),
                blade.kind()
                        .refusal(Operation.SECONDARY, "last")
                        .map(Refusal::words)
                        .orElse(""),
                blade.kind().allows(Operation.BACK_BEVEL)
                        && blade.kind().dimension("backBevel").isPresent(),
                read.rules.thinRule() && blade instanceof PlaneIron,
                AngleReader.guided(blade),
                target == null || !trade.hasApex() ? null : lastBevel(tool, read),
                target == null || !trade.hasApex() ? null : included(blade, target),
                target == null ? null : perSide(blade, target),
                candidate(blade, target, chosen, tool.loss()),
                candidate(blade, read.other, other, tool.loss()),
                target == null
                        ? List.of()
                        : Figures.of(blade, target, trade, read.camber, shaving, chosen, tool.loss()),
                stations,
                holder.map(h -> h.id().toString()).orElse(AngleReader.HAND),
                settings,
                stands);
    }

    private static List<String> warnings(CoreTool tool, AngleReader read, Optional<CoreHolder> holder) {
        List<String> all = new ArrayList<>();
        read.notHeld()
                .ifPresent(wanted -> all.add(AngleWords.HELD_AS_IT_IS.fill(
                        "holder",
                        holder.map(CoreHolder::name).orElse(""),
                        "held",
                        read.target().last(),
                        "wanted",
                        wanted)));
        all.addAll(Warnings.of(tool, read.trade, read.advised, read.target()));
        return all;
    }

    private static List<String> reasons(AngleReader read) {
        List<String> all = new ArrayList<>(read.advised.reasons());
        read.usualCamber()
                .ifPresent(c -> all.add(AngleWords.CAMBER_IS_A_CHOICE.fill("camber", Numbers.plain(c.mm(), 2))));
        return all;
    }

    private static Restoration restore(
            Form form, Blade blade, EdgeSurvey survey, TargetBevel target, Occasion occasion) {
        return target == null ? null : form.checks().attempt(() -> Restorer.restore(blade, survey, target, occasion));
    }

    private static StationsView stations(Form form, AngleForm in, AngleReader read) {
        if (read.camber.isEmpty()) {
            return null;
        }
        Double strokes = Form.blank(in.strokes())
                ? (Double) (double) USUAL_STROKES
                : form.checks().attempt(() -> QuantityReader.number("strokes", in.strokes(), ""));
        form.checks().within("strokes", AngleWords.NUMBER_OF_STROKES.words(), strokes, 0, 2000, "");
        if (strokes == null || !(strokes >= 0 && strokes <= 2000)) {
            return null;
        }
        int whole = (int) Math.round(strokes);
        return new StationsView(
                AdviceView.of(Advice.exact(
                        AngleWords.STROKES_ACROSS.words(),
                        whole,
                        "",
                        Formula.STATION_STROKES,
                        List.of(
                                new Advice.Given(
                                        "iron", read.camber.get().width().toString()),
                                new Advice.Given(
                                        AngleWords.CAMBER_ON_IRON.words(),
                                        read.camber.get().onIron().toString())),
                        AngleWords.MORE_STROKES_SHARE.words())),
                read.camber.get().shapingStrokes(whole),
                Camber.refiningStrokes(whole));
    }

    private static CandidateView candidate(Blade blade, TargetBevel target, Restoration r, MeanLoss loss) {
        return target == null || r == null
                ? null
                : new CandidateView(
                        target.primary().degrees(),
                        target.last().degrees(),
                        blade.kind()
                                .convention()
                                .included(target.last(), target.back().orElse(Angle.ZERO))
                                .degrees(),
                        r.honedWidthMm(),
                        amount(AngleWords.OFF_THE_LENGTH.words(), r.lostMm(), "mm", Formula.NEW_EDGE, target),
                        amount(AngleWords.STEEL_TO_GO.words(), r.volumeMm3(), "mm³", Formula.STEEL_TO_GO, target),
                        (int) loss.in(r.honingRecessionMm()).likely(),
                        r.primary().isPresent()
                                ? AngleWords.PRIMARY_IS_GROUND.words()
                                : AngleWords.ONLY_HONED_BEVEL.words(),
                        SectionDrawing.of(blade, target, r));
    }

    private static AdviceView lastBevel(CoreTool tool, AngleReader read) {
        List<Advice.Given> given = new ArrayList<>(List.of(
                new Advice.Given("work", read.trade.use()),
                new Advice.Given("steel", tool.steel().name()),
                new Advice.Given(
                        AngleWords.PRIMARY_NOW.words(),
                        tool.geometry().primary().toString())));
        read.advised.floor().ifPresent(f -> given.add(new Advice.Given(AngleWords.LOWEST_SOUND.words(), f.toString())));
        double last = read.target().last().degrees();
        return AdviceView.of(new Advice(
                AngleWords.LAST_BEVEL.words(),
                last,
                last,
                last,
                "°",
                read.history.wanted().isPresent() ? Formula.ANGLE_HISTORY : Formula.ANGLE_CHOICE,
                given,
                AngleWords.EVIDENCE_ON_TOP.fill("evidence", read.history.evidence()),
                AngleWords.WORK_ASKS_MORE.words()));
    }

    private static AdviceView included(Blade blade, TargetBevel target) {
        Angle back = target.back().orElse(Angle.ZERO);
        return AdviceView.of(Advice.exact(
                AngleWords.INCLUDED_ANGLE.words(),
                blade.kind().convention().included(target.last(), back).degrees(),
                "°",
                Formula.INCLUDED_ANGLE,
                List.of(
                        new Advice.Given(
                                AngleWords.LAST_BEVEL.words(),
                                target.last() + " " + blade.kind().convention().words()),
                        new Advice.Given(AngleWords.BACK_BEVEL.words(), back.toString())),
                AngleWords.EITHER_BEVEL.words()));
    }

    private static double perSide(Blade blade, TargetBevel target) {
        return blade.kind()
                .convention()
                .perSide(target.last(), target.back().orElse(Angle.ZERO))
                .degrees();
    }

    private static AdviceView amount(String label, double value, String unit, Formula formula, TargetBevel target) {
        return AdviceView.of(Advice.exact(
                label,
                value,
                unit,
                formula,
                List.of(
                        new Advice.Given("primary", target.primary().toString()),
                        new Advice.Given(
                                AngleWords.LAST_BEVEL.words(), target.last().toString())),
                AngleWords.SURVEY_DECIDES.words()));
    }
}
