package truekeen.core.reference;

import static truekeen.core.reference.Calculator.gives;
import static truekeen.core.reference.Calculator.in;
import static truekeen.core.reference.Calculator.num;
import static truekeen.core.reference.Calculator.nums;
import static truekeen.core.reference.Calculator.opt;
import static truekeen.core.reference.Calculator.out;
import static truekeen.core.reference.Calculator.outs;
import static truekeen.core.reference.Calculator.to;
import static truekeen.core.reference.HoldingCalculators.angle;
import static truekeen.core.reference.HoldingCalculators.deg;
import static truekeen.core.reference.HoldingCalculators.mm;
import static truekeen.core.reference.HoldingCalculators.oneOf;

import java.util.ArrayList;
import java.util.List;
import truekeen.core.advice.Formula;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.setup.GuideCalibration;
import truekeen.core.setup.HoningGuide;

/** Roller guides: from an angle to its projection, and back; their blocks, cams, bodies and calibration. */
final class GuideCalculators {
    private GuideCalculators() {}

    static List<Calculator> all() {
        return List.of(projection(), block(), cam(), body(), calibration());
    }

    private static HoningGuide guide(Calculator.Values v) {
        return new HoningGuide(mm(v.num("rollerRadius")), mm(v.num("axleBelowBack")), mm(v.num("axleSetback")));
    }

    private static List<Calculator.Input> guideWith(Calculator.Input... more) {
        List<Calculator.Input> all = new ArrayList<>(List.of(
                num("rollerRadius", "r, roller radius", "mm", 1, 60, 9.5),
                num("axleBelowBack", "d, axle below the back", "mm", 0.5, 120, 14),
                num("axleSetback", "s, axle behind the front face", "mm", -120, 120, 11.5)));
        all.addAll(List.of(more));
        return all;
    }

    private static Calculator projection() {
        return new Calculator(
                "guide-projection",
                Formula.GUIDE_PROJECTION,
                "The projection that holds an angle, or the angle that a projection gives",
                guideWith(angle(30), opt("projection", "or the projection as it is set", "mm", 0.1, 300, null)),
                to(
                        out("projection", "Projection", "mm"),
                        out("angle", "Angle", "°"),
                        out("perMm", "Change for a millimetre", "°/mm")),
                v -> {
                    HoningGuide g = guide(v);
                    oneOf(v, "projection");
                    Angle a = v.has("projection") ? g.angle(mm(v.num("projection"))) : deg(v.num("angle"));
                    double p = v.has("projection")
                            ? v.num("projection")
                            : g.projectionOutside(a, "angle").mm();
                    return gives("projection", p, "angle", a.degrees(), "perMm", g.degreesPerMm(a));
                });
    }

    private static Calculator block() {
        return new Calculator(
                "stop-blocks",
                Formula.STOP_BLOCK,
                "The stop blocks of a board",
                guideWith(nums("angles", "Angles wanted", "°", 5, 85, 25.0, 30.0, 35.0)),
                to(outs("blocks", "Lengths of the blocks", "mm")),
                v -> gives(
                        "blocks",
                        v.nums("angles").stream()
                                .map(a -> guide(v).projectionOutside(deg(a), "angles")
                                        .mm())
                                .toList()));
    }

    private static Calculator cam() {
        return new Calculator(
                "eccentric-roller",
                Formula.ECCENTRIC_STEP,
                "What an eccentric roller adds",
                guideWith(
                        num("projection", "Projection as it is set", "mm", 0.1, 300, 41),
                        num("eccentric", "What the cam adds to the radius", "mm", -10, 10, 1.5)),
                to(out("plain", "Cam down", "°"), out("angle", "Cam up", "°")),
                v -> {
                    Length p = mm(v.num("projection"));
                    return gives(
                            "plain",
                            guide(v).angle(p).degrees(),
                            "angle",
                            guide(v).angle(p, mm(v.num("eccentric"))).degrees());
                });
    }

    private static Calculator body() {
        return new Calculator(
                "guide-body-clearance",
                Formula.BODY_CLEARANCE,
                "How far a guide's body stays off the stone, and how far it rocks",
                in(
                        num("projection", "Projection", "mm", 0.1, 300, 41),
                        num("angle", "Angle", "°", 4, 85, 25),
                        num("drop", "Front corner of the body below the back", "mm", 0, 80, 8),
                        num("bodyWidth", "Width of the body", "mm", 5, 250, 60)),
                to(out("clearance", "Clearance", "mm"), out("rock", "Rocks either way by", "°")),
                v -> {
                    Angle a = deg(v.num("angle"));
                    Length clear = HoningGuide.cornerAbove(mm(v.num("projection")), a, mm(v.num("drop")));
                    if (!(clear.mm() > 0)) {
                        throw new RefusedException(Refusal.of(MessageCode.BODY_RUBS, "projection", clear));
                    }
                    return gives(
                            "clearance",
                            clear.mm(),
                            "rock",
                            HoningGuide.rocksBy(clear, mm(v.num("bodyWidth"))).degrees());
                });
    }

    private static Calculator calibration() {
        return new Calculator(
                "guide-calibration",
                Formula.GUIDE_CALIBRATION,
                "A guide's dimensions from measured pairs",
                in(
                        num("rollerRadius", "r by caliper", "mm", 1, 60, 9.5),
                        nums("projections", "Projections as set", "mm", 0.1, 300, 47.3, 34.2, 27.1),
                        nums("angles", "Angles as measured, in the same order", "°", 4, 85, 23.6, 30.4, 36.1)),
                to(
                        out("axleBelowBack", "d, known to half a millimetre or so", "mm"),
                        out("axleSetback", "s, likewise", "mm"),
                        outs("residuals", "Model less measured", "°"),
                        outs("errors", "Error of an angle it gives, at each pair", "°"),
                        out("condition", "Condition number", ""),
                        out("spread", "Spread of the angles", "°")),
                v -> {
                    List<Double> p = v.nums("projections");
                    List<Double> a = v.nums("angles");
                    if (p.size() != a.size()) {
                        throw new RefusedException(Refusal.of(MessageCode.PAIRS_UNEVEN, "angles", a.size())
                                .with("high", p.size()));
                    }
                    List<GuideCalibration.Pair> pairs = new ArrayList<>();
                    for (int i = 0; i < p.size(); i++) {
                        pairs.add(new GuideCalibration.Pair(mm(p.get(i)), deg(a.get(i))));
                    }
                    GuideCalibration fit =
                            GuideCalibration.fit(mm(v.num("rollerRadius")), pairs, GuideCalibration.Readings.USUAL);
                    return gives(
                            "axleBelowBack", fit.guide().axleBelowBack().mm(),
                            "axleSetback", fit.guide().axleSetback().mm(),
                            "residuals",
                                    fit.residuals().stream().map(Angle::degrees).toList(),
                            "errors",
                                    pairs.stream()
                                            .map(q -> fit.error(q.projection()).degrees())
                                            .toList(),
                            "condition", fit.condition(),
                            "spread", fit.spread().degrees());
                });
    }
}
