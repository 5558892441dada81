package truekeen.app.plan;

import java.util.List;
import java.util.Optional;
import truekeen.app.kit.KitService;
import truekeen.app.plan.PlanRecords.AnswerView;
import truekeen.app.plan.PlanRecords.ChosenJobView;
import truekeen.app.plan.PlanRecords.ChosenLegView;
import truekeen.app.plan.PlanRecords.ChosenPlanView;
import truekeen.app.plan.PlanRecords.JobView;
import truekeen.app.plan.PlanRecords.LegView;
import truekeen.app.plan.PlanRecords.OfferView;
import truekeen.app.plan.PlanRecords.PassedView;
import truekeen.app.plan.PlanRecords.PlanView;
import truekeen.app.plan.PlanRecords.PredictedView;
import truekeen.app.plan.PlanRecords.SchoolView;
import truekeen.app.plan.PlanRecords.StepView;
import truekeen.app.plan.PlanRecords.StropView;
import truekeen.app.platform.AdviceView;
import truekeen.app.repair.HeatViews;
import truekeen.app.survey.SurveyViews;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.advice.Advice;
import truekeen.core.advice.Formula;
import truekeen.core.care.PrepAct;
import truekeen.core.condition.Restoration;
import truekeen.core.holding.SavedSetting;
import truekeen.core.holding.Setup;
import truekeen.core.message.InWords;
import truekeen.core.message.Numbers;
import truekeen.core.progression.FinishWindow;
import truekeen.core.progression.JobPath;
import truekeen.core.progression.Leg;
import truekeen.core.progression.PlanRules;
import truekeen.core.progression.StoneWork;
import truekeen.core.progression.WorkPlan;
import truekeen.core.quantity.Angle;
import truekeen.core.removal.StockRemoval;
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
                minutes(plan, time),
                plan.jobs().stream().map(p -> job(p, steel, time)).toList(),
                plan.offers().stream()
                        .map(o -> new OfferView(
                                o.machine().id(),
                                o.machine().name(),
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

    private static AdviceView minutes(WorkPlan plan, SheetTime time) {
        int sessions = plan.fewestSessions();
        String evidence = PlanWords.TWO_IN_THREE.fill(
                "evidence",
                (sessions == 0
                        ? PlanWords.FIRST_ESTIMATE.words()
                        : PlanWords.FROM_SESSIONS.fill(
                                "count", sessions, "sessions", (sessions == 1 ? " session" : " sessions"))));
        return AdviceView.of(new Advice(
                PlanWords.TIME_AT_BENCH.words(),
                time.likely() / 60,
                time.low() / 60,
                time.high() / 60,
                "min",
                Formula.LEAST_TIME,
                List.of(
                        new Advice.Given(
                                PlanWords.STEEL_TO_REMOVE.words(), Numbers.plain(plan.volumeMm3(), 2) + InWords.MM3),
                        new Advice.Given("jobs", String.valueOf(plan.all().size())),
                        new Advice.Given(PlanWords.RESETTINGS.words(), String.valueOf(plan.settings()))),
                evidence,
                PlanWords.TIME_CHANGES.words()));
    }

    private static JobView job(JobPath path, SteelClass steel, SheetTime time) {
        double beside = time.likely() - path.seconds();
        StoneWork job = path.job();
        Optional<FinishWindow> finish = job.finish();
        return new JobView(
                job.kind(),
                job.kind().words(),
                job.shaping().volumeMm3(),
                job.shaping().workedAreaMm2(),
                job.shaping().depthMm() * 1000,
                job.startScratchUm(),
                job.shaping().depthMm() * 1000 / PlanRules.USUAL.startRule(),
                finish.map(FinishWindow::finestUm).orElse(null),
                finish.map(FinishWindow::usualUm).orElse(null),
                finish.map(FinishWindow::coarsestUm).orElse(null),
                path.legs().stream().map(l -> leg(l, steel)).toList(),
                path.passedOver().stream()
                        .map(p -> new PassedView(
                                p.abrasive().id(),
                                p.abrasive().name(),
                                p.abrasive().d50Um(),
                                p.usable(),
                                p.wouldCostSeconds(),
                                p.why(),
                                p.askable(),
                                p.outOfUse()))
                        .toList(),
                path.flags(),
                path.seconds(),
                path.freelySeconds(),
                path.answered(),
                path.alternatives().stream()
                        .map(a -> new AnswerView(
                                a.answer(),
                                a.answer().words(),
                                a.answer().meaning(),
                                a.legs().stream().map(l -> l.abrasive().name()).toList(),
                                a.strokes(),
                                a.workedSeconds(),
                                beside + a.workedSeconds(),
                                a.volumeMm3(),
                                a.note(),
                                a.answer() == path.answered()))
                        .toList());
    }

    private static LegView leg(Leg leg, SteelClass steel) {
        Abrasive a = leg.abrasive();
        double spread = a.effort().spread();
        Advice why = new Advice(
                PlanWords.STROKES_ON.fill("stone", a.name()),
                leg.wholeStrokes(),
                leg.wholeStrokes() / spread,
                leg.wholeStrokes() * spread,
                "strokes",
                Formula.STROKES,
                List.of(
                        new Advice.Given(PlanWords.STEEL_HERE.words(), Numbers.plain(leg.volumeMm3(), 3) + InWords.MM3),
                        new Advice.Given("force", Numbers.plain(leg.forceN(), 0) + InWords.N),
                        new Advice.Given("stroke", Numbers.plain(a.strokeMm(), 0) + InWords.MM),
                        new Advice.Given("grain", Numbers.plain(a.d50Um(), 2) + " µm"),
                        new Advice.Given(
                                PlanWords.RESISTANCE.words(),
                                PlanWords.TIMES_PLAIN_CARBON.fill(
                                        "steel", Numbers.plain(StockRemoval.resistance(a, steel), 2))),
                        new Advice.Given(
                                PlanWords.YOUR_HAND.words(),
                                "× " + Numbers.plain(a.effort().factor(), 2))),
                PlanWords.TWO_IN_THREE.fill("evidence", a.effort().evidence()),
                PlanWords.STROKES_CHANGE.words());
        int strokes = leg.wholeStrokes();
        return new LegView(
                a.id(),
                a.name(),
                a.d50Um(),
                strokes,
                (int) Math.max(1, Math.floor(strokes / spread)),
                (int) Math.ceil(strokes * spread),
                leg.seconds(),
                leg.forceN(),
                leg.volumeMm3(),
                leg.scratchBeforeUm(),
                leg.scratchAfterUm(),
                leg.flattenings(),
                leg.waitSeconds(),
                leg.degrease(),
                a.effort().evidence(),
                AdviceView.of(why));
    }
}
