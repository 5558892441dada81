package truekeen.app.plan;

import java.util.List;
import java.util.Optional;
import truekeen.app.plan.PlanRecords.AnswerView;
import truekeen.app.plan.PlanRecords.JobView;
import truekeen.app.plan.PlanRecords.LegView;
import truekeen.app.plan.PlanRecords.PassedView;
import truekeen.app.platform.AdviceView;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.advice.Advice;
import truekeen.core.advice.Formula;
import truekeen.core.message.InWords;
import truekeen.core.message.Numbers;
import truekeen.core.progression.FinishWindow;
import truekeen.core.progression.JobPath;
import truekeen.core.progression.Leg;
import truekeen.core.progression.PlanRules;
import truekeen.core.progression.StoneWork;
import truekeen.core.progression.WorkPlan;
import truekeen.core.removal.StockRemoval;
import truekeen.core.steel.SteelClass;
import truekeen.core.stepsheet.SheetTime;

/** The jobs of a plan as the screens show them. */
final class JobViews {
    private JobViews() {}

    /** The time at the bench, with where it comes from. */
    static AdviceView minutes(WorkPlan plan, SheetTime time) {
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

    /** A job with its stones, those passed over and what else would do. */
    static JobView of(JobPath path, SteelClass steel, SheetTime time) {
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
                                p.tooWide(),
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
