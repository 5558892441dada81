package truekeen.app.repair;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.UUID;
import truekeen.app.platform.AdviceView;
import truekeen.app.repair.RepairRecords.ActView;
import truekeen.app.repair.RepairRecords.BackOptionView;
import truekeen.app.repair.RepairRecords.BackView;
import truekeen.app.repair.RepairRecords.CurveView;
import truekeen.app.repair.RepairRecords.GrindView;
import truekeen.app.repair.RepairRecords.MeansView;
import truekeen.app.repair.RepairRecords.MomentView;
import truekeen.app.repair.RepairRecords.SeenView;
import truekeen.app.survey.SurveyService;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.core.advice.Advice;
import truekeen.core.advice.Formula;
import truekeen.core.condition.Restoration;
import truekeen.core.heat.GrindHeat;
import truekeen.core.job.Job;
import truekeen.core.job.Shaping;
import truekeen.core.message.InWords;
import truekeen.core.message.Numbers;
import truekeen.core.repair.BackWork;
import truekeen.core.repair.Caution;
import truekeen.core.repair.DipRhythm;
import truekeen.core.repair.GrindPlan;
import truekeen.core.repair.Means;
import truekeen.core.repair.MeansEstimate;
import truekeen.core.repair.Overheated;
import truekeen.core.section.TargetBevel;

/** Grinding, means, back and heat as the screens show them. */
final class GrindViews {
    private GrindViews() {}

    static GrindView of(GrindPlan plan, Restoration r, String piece, CoreTool tool, TargetBevel target) {
        return new GrindView(
                plan.means(),
                piece,
                plan.lineMm(),
                r.bluntMm3(),
                plan.acts().stream()
                        .map(a -> new ActView(
                                a.kind(),
                                a.title(),
                                a.words(),
                                a.until(),
                                a.volumeMm3(),
                                boxed(a.leastSeconds()),
                                boxed(a.mostSeconds()),
                                a.dip(),
                                a.cautions().stream().map(Caution::words).toList()))
                        .toList(),
                plan.dip().passes(),
                plan.dip().passSeconds(),
                plan.dip().words(),
                plan.heat()
                        .map(h -> HeatViews.of(
                                h,
                                plan.dip(),
                                plan.means().kind().orElseThrow(),
                                tool.geometry(),
                                target.primary(),
                                tool.steel()))
                        .orElse(null),
                plan.heat().map(GrindViews::curves).orElse(List.of()));
    }

    private static List<CurveView> curves(GrindHeat heat) {
        List<CurveView> all = new ArrayList<>();
        all.add(curve(RepairWords.SHARP_TOUCH.words(), heat.sharp()));
        all.add(curve(RepairWords.BLUNT_TOUCH.words(), heat.bluntAlike()));
        return all;
    }

    private static CurveView curve(String name, GrindHeat.Contact contact) {
        return new CurveView(
                name,
                contact.hotMm(),
                contact.curve().stream()
                        .map(m -> new MomentView(m.seconds(), m.edgeC()))
                        .toList());
    }

    static MeansView means(MeansEstimate m, Restoration r, double aboveMm3) {
        return new MeansView(
                m.means(),
                m.means().words(),
                m.pieceId().map(UUID::fromString).orElse(null),
                m.pieceName(),
                m.allowed(),
                m.reason(),
                time(m, r),
                m.risk(),
                m.risk().words(),
                boxed(m.contactSeconds()),
                m.profile(),
                m.means().powered(),
                m.advised(),
                decides(m, r, aboveMm3));
    }

    /** A means may be decided on where a machine or a file is owned for what is much to shape, and by hand then too. */
    private static String decides(MeansEstimate m, Restoration r, double aboveMm3) {
        boolean much =
                r.byMachine().filter(j -> j.shaping().volumeMm3() > aboveMm3).isPresent();
        if (!much || !m.allowed()) {
            return "";
        }
        return m.means() == Means.STONES
                ? SurveyService.BY_HAND
                : m.means().byHand() ? "" : m.pieceId().orElse("");
    }

    private static AdviceView time(MeansEstimate m, Restoration r) {
        OptionalDouble middle = RepairService.middle(m.leastSeconds(), m.mostSeconds());
        if (middle.isEmpty()) {
            return null;
        }
        double volume = r.byMachine()
                .map(Job::shaping)
                .or(r::secondary)
                .map(Shaping::volumeMm3)
                .orElse(0.0);
        return AdviceView.of(new Advice(
                "time, " + m.means().words().toLowerCase(java.util.Locale.ROOT),
                middle.getAsDouble() / 60,
                m.leastSeconds().getAsDouble() / 60,
                m.mostSeconds().getAsDouble() / 60,
                "min",
                m.means().byHand() ? Formula.STROKES : Formula.GRINDING_TIME,
                List.of(
                        new Advice.Given(RepairWords.STEEL_TO_GO.words(), Numbers.plain(volume, 1) + InWords.MM3),
                        new Advice.Given(
                                "on", m.pieceName().isEmpty() ? RepairWords.NONE_OWNED.words() : m.pieceName())),
                m.means().byHand() ? RepairWords.TWO_IN_THREE.words() : RepairWords.HANDS_DIFFER.words(),
                RepairWords.GRIND_CHANGES.words()));
    }

    static BackView back(BackWork b, Restoration r, CoreTool tool) {
        return new BackView(
                b.stripMm(),
                b.depthMm(),
                b.depthMm() <= 0
                        ? null
                        : AdviceView.of(Advice.exact(
                                RepairWords.STEEL_OFF_BACK.words(),
                                r.back().volumeMm3(),
                                "mm³",
                                Formula.BACK_FLATTENING,
                                List.of(
                                        new Advice.Given("depth", Numbers.plain(b.depthMm(), 3) + InWords.MM),
                                        new Advice.Given("strip", Numbers.plain(b.stripMm(), 0) + InWords.MM),
                                        new Advice.Given(
                                                "edge",
                                                Numbers.plain(tool.geometry().edgeLengthMm(), 1) + InWords.MM)),
                                RepairWords.TRIAL_GRIND.words())),
                b.acts(),
                b.options().stream()
                        .map(o -> new BackOptionView(
                                o.way(),
                                o.words(),
                                o.allowed(),
                                o.reason(),
                                o.depthMm(),
                                o.volumeMm3(),
                                o.lostMm(),
                                boxed(o.angleDeg()),
                                boxed(o.leastSeconds()),
                                boxed(o.mostSeconds()),
                                o.decided(),
                                o.way().decision().orElse(null)))
                        .toList());
    }

    static SeenView seen(Overheated o, CoreTool tool, TargetBevel target, int passes) {
        AdviceView past = o.mostMm() <= 0
                ? null
                : AdviceView.of(new Advice(
                        RepairWords.SOFT_REACH.words(),
                        o.mostMm(),
                        o.leastMm(),
                        o.mostMm(),
                        "mm",
                        Formula.OVERHEATED,
                        List.of(
                                new Advice.Given("seen", o.sign().words()),
                                new Advice.Given(
                                        "steel",
                                        RepairWords.DRAWN_FROM.fill(
                                                "steel",
                                                tool.steel().name(),
                                                "limit",
                                                Numbers.plain(tool.steel().temperLimitC(), 0))),
                                new Advice.Given("bevel", target.primary().toString())),
                        RepairWords.CONTACT_ESTIMATE.fill(
                                "short",
                                Numbers.plain(Overheated.SHORT_S, 1),
                                "long",
                                Numbers.plain(Overheated.LONG_S, 1)),
                        RepairWords.REACH_CHANGES.words()));
        String dip = passes <= 0 ? "" : new DipRhythm(passes, 1, "").halved().words();
        return new SeenView(o.drawn(), past, o.act(), o.why(), dip);
    }

    private static Double boxed(OptionalDouble value) {
        return value.isPresent() ? (Double) value.getAsDouble() : null;
    }
}
