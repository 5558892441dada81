package truekeen.app.plan;

import java.util.List;
import java.util.Optional;
import truekeen.app.kit.KitService;
import truekeen.app.plan.PlanRecords.ChosenJobView;
import truekeen.app.plan.PlanRecords.ChosenLegView;
import truekeen.app.plan.PlanRecords.ChosenPlanView;
import truekeen.app.plan.PlanRecords.OfferView;
import truekeen.app.plan.PlanRecords.PlanView;
import truekeen.app.plan.PlanRecords.PredictedView;
import truekeen.app.plan.PlanRecords.SchoolView;
import truekeen.app.plan.PlanRecords.StepView;
import truekeen.app.plan.PlanRecords.StropView;
import truekeen.app.repair.HeatViews;
import truekeen.app.survey.SurveyViews;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.care.PrepAct;
import truekeen.core.condition.Restoration;
import truekeen.core.holding.SavedSetting;
import truekeen.core.holding.Setup;
import truekeen.core.progression.WorkPlan;
import truekeen.core.quantity.Angle;
import truekeen.core.steel.SteelClass;
import truekeen.core.stepsheet.ChosenPlan;
import truekeen.core.stepsheet.SchoolTrial;
import truekeen.core.stepsheet.SheetTime;
import truekeen.core.stepsheet.Step;
import truekeen.core.stepsheet.TooMuchByHand;
import truekeen.core.tool.Blade;

/** The core's plan, for the screens. */
public final class PlanViews {
    private PlanViews() {}

    static PlanView of(
            Restoration r,
            WorkPlan plan,
            List<Step> steps,
            Setup setup,
            SteelClass steel,
            Blade blade,
            double edgeLengthMm,
            List<Abrasive> shelf,
            List<PrepAct> preparation,
            Optional<TooMuchByHand> tooMuch) {
        SheetTime time = SheetTime.of(steps, plan.powered());
        return new PlanView(
                false,
                r.scope(),
                SurveyViews.words(r.scope()),
                r.reasons(),
                edgeLengthMm,
                setup.bevels().primary().degrees(),
                setup.bevels().last().degrees(),
                r.lostMm(),
                r.honedWidthMm(),
                r.measuresAfter().values(),
                plan.volumeMm3(),
                JobViews.minutes(plan, time),
                plan.jobs().stream().map(p -> JobViews.of(p, steel, time)).toList(),
                plan.offers().stream()
                        .map(o -> new OfferView(
                                o.machine().id(),
                                o.machine().name(),
                                true,
                                o.leastClockSeconds(),
                                o.mostClockSeconds(),
                                plan.grind().filter(o::equals).isPresent(),
                                HeatViews.of(
                                        o.machine().kind(),
                                        blade,
                                        setup.bevels().primary(),
                                        steel)))
                        .toList(),
                plan.strop().map(Abrasive::id).orElse(""),
                plan.strop().map(Abrasive::name).orElse(""),
                plan.stropNote(),
                shelf.stream()
                        .filter(a -> a.kind().use() == AbrasiveKind.Use.STROP
                                && !a.state().retired())
                        .map(a -> new StropView(a.id(), a.name()))
                        .toList(),
                preparation.stream().map(KitService::care).toList(),
                steps.stream().map(s -> step(s, setup)).toList(),
                tooMuch.map(PieceViews::tooMuch).orElse(null),
                plan.all().stream().map(j -> PieceViews.piece(j, plan, steps)).toList());
    }

    /** A step, with what to set where the holder is set. */
    public static StepView step(Step s, Setup setup) {
        Optional<SavedSetting> set = setting(s, setup);
        return new StepView(
                s.kind(),
                s.title(),
                s.abrasiveId(),
                s.abrasiveName(),
                s.where().fromMm(),
                s.where().toMm(),
                s.angleDeg().orElse(null),
                set.map(SavedSetting::label).orElse(""),
                set.map(SavedSetting::value).orElse(null),
                set.map(k -> k.unit().symbol()).orElse(""),
                set.flatMap(SavedSetting::scheme).orElse(null),
                s.forceN().orElse(null),
                s.pressure(),
                s.sides(),
                s.strokes(),
                s.strokesLow(),
                s.strokesHigh(),
                s.seconds(),
                s.lubricant(),
                s.look(),
                s.gate(),
                s.ifNot(),
                s.burr(),
                s.why(),
                s.caution(),
                s.how(),
                s.stations(),
                s.setOf(),
                s.intent());
    }

    /** What is set at a step that sets what holds the tool. */
    static Optional<SavedSetting> setting(Step s, Setup setup) {
        boolean sets = s.kind() == Step.Kind.SET_GUIDE && !setup.holder().atMachine()
                || s.kind() == Step.Kind.GRIND && setup.holder().atMachine();
        return sets ? s.angleDeg().map(Angle::ofDegrees).flatMap(setup::settingFor) : Optional.empty();
    }

    /** What of a plan is kept when it is chosen. */
    static ChosenPlan chosen(PlanView v, Restoration r, List<Step> steps) {
        return new ChosenPlan(
                r.scope(),
                Angle.ofDegrees(v.primaryDeg()),
                Angle.ofDegrees(v.lastDeg()),
                v.edgeLengthMm(),
                v.lostMm(),
                v.secondaryWidthMm(),
                v.volumeMm3(),
                v.after(),
                new ChosenPlan.Predicted(
                        v.minutes().low(), v.minutes().value(), v.minutes().high()),
                v.jobs().stream()
                        .map(j -> new ChosenPlan.PlannedJob(
                                j.kind(),
                                j.volumeMm3(),
                                j.legs().stream()
                                        .map(l -> new ChosenPlan.PlannedLeg(
                                                l.abrasiveId(),
                                                l.name(),
                                                l.d50Um(),
                                                l.strokes(),
                                                l.strokesLow(),
                                                l.strokesHigh(),
                                                l.seconds(),
                                                l.volumeMm3(),
                                                l.scratchAfterUm()))
                                        .toList()))
                        .toList(),
                Optional.of(v.stropId()).filter(id -> !id.isEmpty()),
                steps);
    }

    /** A chosen plan, for the screens. */
    static ChosenPlanView of(ChosenPlan p, Setup setup) {
        return new ChosenPlanView(
                p.scope(),
                SurveyViews.words(p.scope()),
                p.edgeLengthMm(),
                p.primary().degrees(),
                p.last().degrees(),
                p.lostMm(),
                p.honedWidthMm(),
                p.after(),
                p.volumeMm3(),
                new PredictedView(
                        p.minutes().low(), p.minutes().value(), p.minutes().high()),
                p.jobs().stream()
                        .map(j -> new ChosenJobView(
                                j.kind(),
                                j.volumeMm3(),
                                j.legs().stream()
                                        .map(l -> new ChosenLegView(
                                                l.abrasiveId(),
                                                l.name(),
                                                l.d50Um(),
                                                l.strokes(),
                                                l.strokesLow(),
                                                l.strokesHigh(),
                                                l.seconds(),
                                                l.volumeMm3(),
                                                l.scratchAfterUm()))
                                        .toList()))
                        .toList(),
                p.stropId().orElse(""),
                p.steps().stream().map(s -> step(s, setup)).toList());
    }

    /** One school's trial. */
    static SchoolView school(SchoolTrial t, Setup setup) {
        return new SchoolView(
                t.school(),
                t.school().words(),
                t.school().meaning(),
                t.seconds() / 60,
                t.strokes(),
                t.honedMm2(),
                t.worksOn(),
                t.because(),
                t.steps().stream().map(s -> step(s, setup)).toList(),
                t.refused());
    }
}
