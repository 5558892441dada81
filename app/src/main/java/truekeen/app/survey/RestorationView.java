package truekeen.app.survey;

import java.util.List;
import truekeen.app.platform.AdviceView;
import truekeen.app.survey.SurveyRecords.DemandView;
import truekeen.app.survey.SurveyRecords.MissedView;
import truekeen.app.survey.SurveyRecords.RegionView;
import truekeen.app.survey.SurveyRecords.ResultView;
import truekeen.app.survey.SurveyRecords.SparedView;
import truekeen.app.survey.SurveyRecords.StationView;
import truekeen.app.tool.SectionDrawing;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.core.advice.Advice;
import truekeen.core.advice.Formula;
import truekeen.core.condition.Demand;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.MeanLoss;
import truekeen.core.condition.Occasion;
import truekeen.core.condition.Restoration;
import truekeen.core.condition.Restorer;
import truekeen.core.condition.StationCut;
import truekeen.core.job.Shaping;
import truekeen.core.message.InWords;
import truekeen.core.message.Numbers;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.repair.SharpeningsLeft;
import truekeen.core.repair.ThinningAhead;
import truekeen.core.section.EdgeShape;
import truekeen.core.section.FlatBackSection;
import truekeen.core.section.TargetBevel;
import truekeen.core.tool.DoubleBevelKnife;

/** What the core worked out, for the screens. */
final class RestorationView {
    private RestorationView() {}

    static List<StationView> stations(List<StationCut> stations) {
        return stations.stream()
                .map(s -> new StationView(s.xMm(), s.presentMm(), s.recessionMm()))
                .toList();
    }

    /** Thickness behind the edge of a knife afterwards; null on tools where that is not asked. */
    private static AdviceView behindEdge(Restoration r, CoreTool tool, TargetBevel target) {
        if (!(tool.geometry() instanceof DoubleBevelKnife k)) {
            return null;
        }
        return AdviceView.of(Advice.exact(
                SurveyWords.BEHIND_AFTER.words(),
                r.measuresAfter().values().get("behindEdge"),
                "mm",
                Formula.BEHIND_EDGE,
                List.of(
                        new Advice.Given(
                                SurveyWords.BEHIND_NOW.words(), k.behindEdge().toString()),
                        new Advice.Given(
                                SurveyWords.BLADE_WIDTH.words(), k.usable().toString()),
                        new Advice.Given("spine", k.spine().toString()),
                        new Advice.Given(
                                SurveyWords.EDGE_BEVEL.words(), SurveyWords.A_SIDE.fill("angle", target.primary())),
                        new Advice.Given(
                                SurveyWords.THINNED_FROM.words(),
                                SurveyWords.THINNED_FROM_PRIOR.fill(
                                        "limit", tool.trade().thinAtMm()))),
                SurveyWords.THINNING_BRINGS_BACK.words()));
    }

    /** Two figures are as much as can be said of an estimate. */
    private static double rounded(double count) {
        double unit = Math.pow(10, Math.max(0, Math.floor(Math.log10(Math.max(1, count))) - 1));
        return Math.rint(count / unit) * unit;
    }

    private static AdviceView sharpenings(Restoration r, CoreTool tool) {
        SharpeningsLeft left = SharpeningsLeft.of(r.steelLeftMm(), tool.loss());
        AdviceView view = AdviceView.of(new Advice(
                SurveyWords.SHARPENINGS_LEFT.words(),
                rounded(left.number().likely()),
                rounded(left.number().low()),
                rounded(left.number().high()),
                "",
                Formula.SHARPENINGS_LEFT,
                List.of(
                        new Advice.Given(
                                SurveyWords.STEEL_LEFT.words(), Numbers.plain(r.steelLeftMm(), 2) + InWords.MM),
                        new Advice.Given(
                                SurveyWords.EACH_TAKES.words(), Numbers.plain(left.eachMm() * 1000, 0) + " µm")),
                left.evidence(),
                SurveyWords.REPAIR_COSTS_MANY.words()));
        return left.number().many()
                ? view.saying(SurveyWords.MORE_THAN_ANYONE_NEEDS.fill("many", MeanLoss.Sharpenings.MANY))
                : view;
    }

    private static AdviceView honings(Restoration r, CoreTool tool, List<Advice.Given> given) {
        MeanLoss.Sharpenings left = tool.loss().in(r.honingRecessionMm());
        return AdviceView.of(new Advice(
                SurveyWords.HONINGS_BEFORE_REGRIND.words(),
                Math.floor(left.likely()),
                Math.floor(left.low()),
                Math.floor(left.high()),
                "",
                Formula.HONINGS_LEFT,
                given,
                SharpeningsLeft.of(r.steelLeftMm(), tool.loss()).evidence(),
                SurveyWords.LOG_KNOWS_BETTER.words()));
    }

    private static AdviceView thinning(Restoration r, CoreTool tool) {
        return ThinningAhead.of(r, tool.geometry(), tool.trade())
                .filter(t -> t.afterMm() > t.nowMm())
                .map(t -> AdviceView.of(new Advice(
                        t.needed() ? SurveyWords.THINNING_NEEDED.words() : SurveyWords.THINNING_WHEN.words(),
                        t.reliefMm3(),
                        t.reliefMm3(),
                        t.facesMm3(),
                        "mm³",
                        Formula.THINNING,
                        List.of(
                                new Advice.Given(
                                        SurveyWords.BEHIND_NOW.words(), Numbers.plain(t.nowMm(), 3) + InWords.MM),
                                new Advice.Given("afterwards", Numbers.plain(t.afterMm(), 3) + InWords.MM),
                                new Advice.Given(
                                        SurveyWords.THINNED_FROM.words(),
                                        SurveyWords.THINNED_FROM_PRIOR.fill("limit", Numbers.plain(t.limitMm(), 2)))),
                        SurveyWords.THINNING_RANGE.fill("relief", Numbers.plain(ThinningAhead.RELIEF_MM, 0)),
                        SurveyWords.LESS_NOW_LESS_LATER.words())))
                .orElse(null);
    }

    private static AdviceView squaring(EdgeSurvey survey, CoreTool tool) {
        double width = tool.geometry().edgeLengthMm();
        Angle off = survey.square().off();
        Double thickness = tool.geometry().measures().values().get("thickness");
        if (off.radians() == 0 || !survey.square().mend() || thickness == null) {
            return null;
        }
        return AdviceView.of(Advice.exact(
                SurveyWords.SQUARING_WEDGE.words(),
                FlatBackSection.squaringVolume(Length.ofMm(width), off, Length.ofMm(thickness)),
                "mm³",
                Formula.SQUARING,
                List.of(
                        new Advice.Given("width", Numbers.plain(width, 1) + InWords.MM),
                        new Advice.Given("thickness", Numbers.plain(thickness, 2) + InWords.MM),
                        new Advice.Given(SurveyWords.OUT_OF_SQUARE.words(), off.toString()),
                        new Advice.Given(
                                SurveyWords.OFF_THE_HIGH_CORNER.words(),
                                Numbers.plain(width * off.tan(), 3) + InWords.MM)),
                SurveyWords.SQUARING_CHANGES.words()));
    }

    /** What would be spared if the deciding thing were left; null where it cannot be left or decides nothing. */
    private static SparedView spared(
            Restoration r, EdgeSurvey survey, CoreTool tool, TargetBevel target, Occasion occasion) {
        Demand decides =
                r.demands().stream().filter(Demand::decides).findFirst().orElse(null);
        if (decides == null || !decides.subject().mayBeLeft()) {
            return null;
        }
        Restoration without = Restorer.restore(tool.geometry(), survey.leaving(decides.subject()), target, occasion);
        return new SparedView(
                decides.subject().field(),
                decides.words(),
                r.lostMm() - without.lostMm(),
                r.volumeMm3() - without.volumeMm3());
    }

    static ResultView of(Restoration r, EdgeSurvey survey, CoreTool tool, TargetBevel target, Occasion occasion) {
        List<Advice.Given> given = List.of(
                new Advice.Given("edge", tool.geometry().edgeLengthMm() + InWords.MM),
                new Advice.Given(
                        SurveyWords.NEW_EDGE.words(), SurveyWords.NEW_EDGE_BEHIND.fill("behind", r.newEdgeMm())),
                new Advice.Given("primary", target.primary().toString()),
                new Advice.Given(SurveyWords.LAST_BEVEL.words(), target.last().toString()));
        return new ResultView(
                r.scope(),
                SurveyViews.words(r.scope()),
                r.reasons(),
                r.newEdgeMm(),
                AdviceView.of(Advice.exact(
                        SurveyWords.OFF_THE_LENGTH.words(),
                        r.lostMm(),
                        "mm",
                        Formula.NEW_EDGE,
                        given,
                        SurveyWords.DEEPEST_DECIDES.words())),
                AdviceView.of(Advice.exact(
                        SurveyWords.STEEL_TO_REMOVE.words(),
                        r.volumeMm3(),
                        "mm³",
                        Formula.STEEL_TO_GO,
                        given,
                        SurveyWords.STEEL_CHANGES.words())),
                r.primary().map(Shaping::volumeMm3).orElse(0.0),
                r.secondary().map(Shaping::volumeMm3).orElse(0.0),
                r.back().volumeMm3(),
                r.usableAfterMm(),
                r.steelLeftMm(),
                honings(r, tool, given),
                r.honingRecessionMm() > 0
                        || !EdgeShape.of(tool.geometry(), target).ground().isEmpty(),
                r.honedWidthMm(),
                target.primary().degrees(),
                target.last().degrees(),
                behindEdge(r, tool, target),
                thinning(r, tool),
                squaring(survey, tool),
                sharpenings(r, tool),
                r.demands().stream()
                        .map(d -> new DemandView(
                                d.subject().field(), d.words(), d.ownMm(), d.lineMm(), d.decides(), d.left()))
                        .toList(),
                spared(r, survey, tool, target, occasion),
                r.regions().stream()
                        .map(g -> new RegionView(g.name(), g.fromMm(), g.toMm(), g.volumeMm3()))
                        .toList(),
                stations(r.stations()),
                survey.departures()
                        .bend()
                        .flatMap(b -> b.missed(tool.geometry().edgeLengthMm()))
                        .map(m -> new MissedView(m.fromMm(), m.toMm(), m.depthMm()))
                        .orElse(null),
                SectionDrawing.of(tool.geometry(), target, r));
    }
}
