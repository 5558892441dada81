package truekeen.app.survey;

import java.util.List;
import truekeen.app.platform.AdviceView;
import truekeen.app.survey.SurveyRecords.ResultView;
import truekeen.app.survey.SurveyRecords.StationView;
import truekeen.app.tool.SectionDrawing;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.core.advice.Advice;
import truekeen.core.advice.Formula;
import truekeen.core.condition.Restoration;
import truekeen.core.condition.Shaping;
import truekeen.core.section.EdgeShape;
import truekeen.core.section.TargetBevel;
import truekeen.core.tool.DoubleBevelKnife;

/** What the core worked out, for the screens. */
final class RestorationView {
    private RestorationView() {}

    static List<StationView> stations(Restoration r) {
        return r.stations().stream()
                .map(s -> new StationView(s.xMm(), s.presentMm(), s.recessionMm()))
                .toList();
    }

    /** Thickness behind the edge of a knife afterwards; null on tools where that is not asked. */
    private static AdviceView behindEdge(Restoration r, CoreTool tool, TargetBevel target) {
        if (!(tool.geometry() instanceof DoubleBevelKnife k)) {
            return null;
        }
        return AdviceView.of(Advice.exact(
                "behind the edge afterwards",
                r.measuresAfter().values().get("behindEdge"),
                "mm",
                Formula.BEHIND_EDGE,
                List.of(
                        new Advice.Given("behind the edge now", k.behindEdge().toString()),
                        new Advice.Given("blade width", k.usable().toString()),
                        new Advice.Given("spine", k.spine().toString()),
                        new Advice.Given("edge bevel", target.primary() + " a side"),
                        new Advice.Given("thinned from", tool.trade().thinAtMm() + " mm, workshop prior")),
                "Thinning the faces brings it back; each sharpening adds to it."));
    }

    static ResultView of(Restoration r, CoreTool tool, TargetBevel target) {
        List<Advice.Given> given = List.of(
                new Advice.Given("edge", tool.geometry().edgeLengthMm() + " mm"),
                new Advice.Given("new edge", r.newEdgeMm() + " mm behind the foremost point"),
                new Advice.Given("primary", target.primary().toString()),
                new Advice.Given("last bevel", target.last().toString()));
        return new ResultView(
                r.scope().name(),
                SurveyService.words(r.scope()),
                r.reasons(),
                r.newEdgeMm(),
                AdviceView.of(Advice.exact(
                        "off the length",
                        r.lostMm(),
                        "mm",
                        Formula.NEW_EDGE,
                        given,
                        "The deepest thing to be removed decides: leave it on purpose and the next one does.")),
                AdviceView.of(Advice.exact(
                        "steel to remove",
                        r.volumeMm3(),
                        "mm³",
                        Formula.STEEL_TO_GO,
                        given,
                        "Angles, thickness and everything marked on the strip.")),
                r.primary().map(Shaping::volumeMm3).orElse(0.0),
                r.secondary().map(Shaping::volumeMm3).orElse(0.0),
                r.back().volumeMm3(),
                r.usableAfterMm(),
                r.steelLeftMm(),
                AdviceView.of(Advice.estimate(
                        "honings before a re-grind",
                        r.honingsLeft(),
                        2,
                        "",
                        Formula.HONINGS_LEFT,
                        given,
                        "How much each honing takes: the log will know better.")),
                r.honingsLeft() > 0
                        || !EdgeShape.of(tool.geometry(), target).ground().isEmpty(),
                r.honedWidthMm(),
                target.primary().degrees(),
                target.last().degrees(),
                behindEdge(r, tool, target),
                stations(r),
                SectionDrawing.of(tool.geometry(), target, r));
    }
}
