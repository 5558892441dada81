package truekeen.app.survey;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import truekeen.app.platform.Form;
import truekeen.app.survey.SurveyRecords.FindingForm;
import truekeen.app.survey.SurveyRecords.MeasureForm;
import truekeen.app.survey.SurveyRecords.SquareAs;
import truekeen.app.survey.SurveyRecords.SurveyForm;
import truekeen.core.angle.EdgeOutcome;
import truekeen.core.condition.BackState;
import truekeen.core.condition.Dullness;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.Finding;
import truekeen.core.condition.ShapeDeviations;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.tool.Blade;

/** Reads what was put down about an edge. */
final class SurveyFormReader {
    private static final int MOST_READ = 60;

    final Form form = new Form();
    /** The survey, or null while something in it is wrong. */
    final EdgeSurvey survey;
    /** How the edge fared since it was last sharpened, if that is known. */
    final Optional<EdgeOutcome.Result> fared;

    SurveyFormReader(SurveyForm in, Blade tool) {
        Dullness dullness = form.oneOf("dullness", SurveyWords.HOW_DULL.words(), in.dullness(), Dullness.class);
        // What a family does not have is not asked: a knife has no back and no square end.
        BackState back = tool.kind().back()
                ? form.oneOf("backState", SurveyWords.STATE_OF_BACK.words(), in.backState(), BackState.class)
                : BackState.POLISHED;
        EdgeSurvey.HighCorner high = tool.kind().square()
                ? form.oneOf(
                        "highCorner", SurveyWords.HIGH_CORNER.words(), in.highCorner(), EdgeSurvey.HighCorner.class)
                : EdgeSurvey.HighCorner.NONE;
        fared = Form.blank(in.fared())
                ? Optional.empty()
                : Optional.ofNullable(
                        form.oneOf("fared", SurveyWords.HOW_IT_FARED.words(), in.fared(), EdgeOutcome.Result.class));
        double backDepth = tool.kind().back()
                ? form.lengthIfAny("backDepth", in.backDepth()).map(Length::mm).orElse(0.0)
                : 0;
        Angle off = high == EdgeSurvey.HighCorner.NONE ? Angle.ZERO : off(in, tool);
        List<Finding> findings = findings(in, tool);
        ShapeDeviations departures = departures(in, tool);
        form.checks().text("person", SurveyWords.A_NAME.words(), in.person(), false, 80);
        if (!form.checks().clean() || dullness == null || back == null || high == null || off == null) {
            survey = null;
            return;
        }
        EdgeSurvey read = new EdgeSurvey(
                findings,
                new EdgeSurvey.Squareness(high, off, in.squareMend()),
                dullness,
                in.stropTried(),
                back,
                backDepth,
                departures);
        read.check(form.checks(), tool);
        survey = form.checks().clean() ? read : null;
    }

    private ShapeDeviations departures(SurveyForm in, Blade tool) {
        List<ShapeDeviations.StationMeasure> measures = new ArrayList<>();
        for (int i = 0; i < Math.min(in.measures().size(), MOST_READ + 1); i++) {
            MeasureForm m = in.measures().get(i);
            Length place = form.length("measures[" + i + "].at", m.at());
            Length value = form.length("measures[" + i + "].value", m.value());
            if (place != null && value != null) {
                measures.add(new ShapeDeviations.StationMeasure(Form.orEmpty(m.field()), place.mm(), value.mm()));
            }
        }
        return new ShapeDeviations(measures, uneven(in, tool), oldBack(in, tool), bend(in));
    }

    private Optional<ShapeDeviations.Uneven> uneven(SurveyForm in, Blade tool) {
        boolean none = Form.blank(in.unevenLeft()) && Form.blank(in.unevenRight());
        if (none || !ShapeDeviations.canBeUneven(tool)) {
            return Optional.empty();
        }
        Angle left = form.angle("uneven.left", in.unevenLeft());
        Angle right = form.angle("uneven.right", in.unevenRight());
        return left == null || right == null || left.equals(right)
                ? Optional.empty()
                : Optional.of(new ShapeDeviations.Uneven(left, right));
    }

    private Optional<ShapeDeviations.OldBack> oldBack(SurveyForm in, Blade tool) {
        boolean none = Form.blank(in.oldBackWidth()) && Form.blank(in.oldBackAngle());
        if (none || !ShapeDeviations.canHaveOldBack(tool)) {
            return Optional.empty();
        }
        Length width = form.length("oldBack.width", in.oldBackWidth());
        Angle angle = form.angle("oldBack.angle", in.oldBackAngle());
        ShapeDeviations.OldBackGoes goes = form.oneOf(
                "oldBack.goes",
                SurveyWords.OLD_BACK_BEVEL.words(),
                in.oldBackGoes(),
                ShapeDeviations.OldBackGoes.class);
        return width == null || angle == null || goes == null
                ? Optional.empty()
                : Optional.of(new ShapeDeviations.OldBack(width, angle, goes));
    }

    private Optional<ShapeDeviations.Bend> bend(SurveyForm in) {
        return form.lengthIfAny("bend", in.bend())
                .filter(g -> g.mm() != 0)
                .map(gap -> new ShapeDeviations.Bend(gap, in.bendAccepted()));
    }

    private Angle off(SurveyForm in, Blade tool) {
        SquareAs as = Form.blank(in.squareAs())
                ? SquareAs.ANGLE
                : form.oneOf("square.as", SurveyWords.HOW_MEASURED.words(), in.squareAs(), SquareAs.class);
        if (as != SquareAs.GAP) {
            return as == null ? null : form.angle("square.off", in.squareOff());
        }
        Length gap = form.length("square.off", in.squareOff());
        if (gap == null) {
            return null;
        }
        Angle angle = EdgeSurvey.Squareness.fromGap(
                gap, Length.ofMm(tool.measures().values().get("width")));
        form.echoes().put("square.off", SurveyWords.GAP_IS_ANGLE.fill("gap", gap, "angle", angle));
        return angle;
    }

    private List<Finding> findings(SurveyForm in, Blade tool) {
        List<Finding> findings = new ArrayList<>();
        List<FindingForm> given = in.findings() == null ? List.of() : in.findings();
        if (given.size() > MOST_READ) {
            form.checks()
                    .refuse(Refusal.of(MessageCode.TOO_MANY, "findings", given.size())
                            .with("high", MOST_READ)
                            .with("what", "findings"));
            return findings;
        }
        for (int i = 0; i < given.size(); i++) {
            FindingForm f = given.get(i);
            String at = "findings[" + i + "].";
            Finding.Kind kind =
                    form.oneOf(at + "kind", SurveyWords.WHAT_WAS_FOUND.words(), f.kind(), Finding.Kind.class);
            Length from = form.length(at + "fromMm", f.from());
            Length to = form.length(at + "toMm", f.to());
            boolean seen = kind != null && !kind.measured();
            Length depth = seen ? Length.ofMm(0) : form.length(at + "depthMm", f.depth());
            Length behind = kind == null || !kind.pit()
                    ? Length.ofMm(0)
                    : form.lengthIfAny(at + "behindMm", f.behind()).orElse(Length.ofMm(0));
            if (kind != null && from != null && to != null && depth != null) {
                if (kind == Finding.Kind.ROUNDED_CORNER) {
                    atACorner(at, from.mm(), to.mm(), tool.edgeLengthMm());
                }
                findings.add(new Finding(kind, from.mm(), to.mm(), depth.mm(), behind.mm(), f.leave()));
            }
        }
        return findings;
    }

    private void atACorner(String at, double from, double to, double edge) {
        form.checks().require(from <= 1e-6 || to >= edge - 1e-6, () -> Refusal.of(
                        MessageCode.OUT_OF_RANGE, at + "fromMm", Length.ofMm(from))
                .with("what", SurveyWords.CORNER_AT_A_PLACE.words())
                .with("low", SurveyWords.LEFT_CORNER.words())
                .with("high", SurveyWords.RIGHT_CORNER.words()));
    }
}
