package truekeen.core.reference;

import static truekeen.core.reference.Calculator.gives;
import static truekeen.core.reference.Calculator.in;
import static truekeen.core.reference.Calculator.num;
import static truekeen.core.reference.Calculator.nums;
import static truekeen.core.reference.Calculator.out;
import static truekeen.core.reference.Calculator.text;
import static truekeen.core.reference.Calculator.to;
import static truekeen.core.reference.Calculator.whole;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.advice.Formula;
import truekeen.core.condition.MeanLoss;
import truekeen.core.condition.Restorer;
import truekeen.core.hand.HandLog;
import truekeen.core.hand.StrokeRatio;
import truekeen.core.heat.EdgeFin;
import truekeen.core.job.Thinning;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.profile.EdgeProfile;
import truekeen.core.profile.ProfileComparison;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.removal.PowerRate;
import truekeen.core.repair.Overheated;
import truekeen.core.repair.SharpeningsLeft;
import truekeen.core.section.Point;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;

/** Repair: what it costs, how long it takes, how far heat reached, what became of the shape. */
final class RepairCalculators {
    private RepairCalculators() {}

    static List<Calculator> all() {
        return List.of(
                sharpeningsLeft(), thinning(), backFlattening(), grindingTime(), overheated(), profileChange(), hand());
    }

    private static Calculator sharpeningsLeft() {
        return new Calculator(
                "sharpenings-left",
                Formula.SHARPENINGS_LEFT,
                "How many sharpenings the steel will last",
                in(
                        num("steel", "Steel left to the retire limit", "mm", 0, 200, 20),
                        num("lost", "Lost by sharpenings that were measured, in all", "mm", 0, 100, 0),
                        whole("sharpenings", "Sharpenings that were measured", 0, 1000, 0)),
                to(out("sharpenings", "Sharpenings", ""), out("least", "At least", ""), out("most", "At most", "")),
                v -> {
                    MeanLoss.Sharpenings left = SharpeningsLeft.of(
                                    v.num("steel"), MeanLoss.of(v.num("lost"), v.whole("sharpenings")))
                            .number();
                    return gives("sharpenings", left.likely(), "least", left.low(), "most", left.high());
                });
    }

    private static Calculator hand() {
        return new Calculator(
                "hand-factor",
                Formula.HAND_FACTOR,
                "What sessions on one stone and steel teach of a hand",
                in(
                        whole("sessions", "Sessions", 0, 1000, 3),
                        num("ratio", "Strokes done over strokes predicted, their mean", "", 0.05, 20, 1.5)),
                to(
                        out("factor", "Strokes to plan with, over those predicted", ""),
                        out("spread", "That factor spreads either way by", ""),
                        out("next", "The next session spreads either way by", "")),
                v -> {
                    String kind = "stone";
                    Abrasive.Effort e = HandLog.of(Collections.nCopies(
                                    v.whole("sessions"),
                                    new StrokeRatio("", "a", kind, "steel", v.num("ratio"), StrokeRatio.Judged.HAND)))
                            .effort("a", kind, "steel");
                    return gives("factor", e.factor(), "spread", Math.exp(e.logSd()), "next", e.spread());
                });
    }

    private static Calculator thinning() {
        return new Calculator(
                "thinning",
                Formula.THINNING,
                "Steel to go to thin a knife behind its edge",
                in(
                        num("now", "Behind the edge now", "mm", 0.02, 10, 0.5),
                        num("wanted", "Wanted there", "mm", 0.02, 10, 0.35),
                        num("reach", "Faces eased so far behind the edge", "mm", 0.5, 150, 10),
                        num("edge", "Length of the edge", "mm", 5, 1000, 180)),
                to(out("volume", "Steel to go", "mm³")),
                v -> {
                    if (v.num("wanted") > v.num("now")) {
                        throw new RefusedException(
                                Refusal.of(MessageCode.PART_LONGER, "wanted", Length.ofMm(v.num("wanted")))
                                        .with("high", Length.ofMm(v.num("now"))));
                    }
                    return gives(
                            "volume", Thinning.wedgeMm3(v.num("now") - v.num("wanted"), v.num("reach"), v.num("edge")));
                });
    }

    private static Calculator backFlattening() {
        return new Calculator(
                "back-flattening",
                Formula.BACK_FLATTENING,
                "Steel to go to flatten a back",
                in(
                        num("depth", "Depth of what is to go", "mm", 0.001, 3, 0.05),
                        num("strip", "Strip behind the edge", "mm", 1, 100, Restorer.BACK_ZONE_MM),
                        num("edge", "Length of the edge", "mm", 2, 1000, 24)),
                to(out("volume", "Steel to go", "mm³")),
                v -> gives("volume", v.num("depth") * v.num("strip") * v.num("edge")));
    }

    private static Calculator grindingTime() {
        List<String> kinds = PowerRate.kinds().stream().map(AbrasiveKind::key).toList();
        return new Calculator(
                "grinding-time",
                Formula.GRINDING_TIME,
                "How long a wheel or belt takes",
                in(text("by", "By what", kinds, kinds.get(0)), num("volume", "Steel to go", "mm³", 0.1, 100000, 60.5)),
                to(out("least", "At least", "s"), out("most", "At most", "s")),
                v -> {
                    PowerRate rate = AbrasiveKind.byKey(v.text("by"))
                            .flatMap(PowerRate::of)
                            .orElseThrow();
                    return gives(
                            "least", rate.leastSeconds(v.num("volume")), "most", rate.mostSeconds(v.num("volume")));
                });
    }

    private static Calculator overheated() {
        List<String> signs = Arrays.stream(Overheated.Sign.values())
                .filter(s -> s != Overheated.Sign.STEAM)
                .map(Overheated.Sign::words)
                .toList();
        List<String> steels = Steels.all().stream().map(SteelClass::name).toList();
        return new Calculator(
                "overheated",
                Formula.OVERHEATED,
                "How far past a colour the steel must be ground",
                in(
                        text("colour", "Colour seen", signs, signs.get(0)),
                        num("extent", "It reaches so far behind the edge", "mm", 0.1, 40, 2),
                        text("steel", "Steel", steels, steels.get(0)),
                        num("bevel", "Bevel, from the back", "°", 5, 75, 25),
                        num("thickness", "Thickness", "mm", 0.1, 25, 3.2)),
                to(out("least", "Grind off at least", "mm"), out("most", "To be sure", "mm")),
                v -> {
                    // Heat runs straight back: of what width the edge is does not matter.
                    EdgeFin fin = EdgeFin.flatBack(
                            Length.ofMm(0),
                            Angle.ofDegrees(v.num("bevel")),
                            Length.ofMm(v.num("thickness")),
                            Length.ofMm(1),
                            Length.ofMm(60));
                    Overheated o = Overheated.of(
                            Overheated.Sign.values()[signs.indexOf(v.text("colour")) + 1],
                            v.num("extent"),
                            fin,
                            Steels.byName(v.text("steel")).orElseThrow());
                    return gives("least", o.leastMm(), "most", o.mostMm());
                });
    }

    private static Calculator profileChange() {
        return new Calculator(
                "profile-change",
                Formula.PROFILE_CHANGE,
                "Where the shape of an edge has changed most",
                in(
                        num("step", "Offsets are taken every", "mm", 0.5, 100, 15),
                        nums("before", "Offsets before", "mm", -500, 500, 0.0, 0.1, 0.4, 0.9, 1.6, 2.5, 3.6, 4.9),
                        nums("after", "Offsets after", "mm", -500, 500, 0.5, 0.6, 0.9, 1.4, 2.6, 3.6, 4.2, 5.4)),
                to(
                        out("lost", "Went evenly", "mm"),
                        out("worst", "Greatest difference of shape", "mm"),
                        out("at", "It lies so far along", "mm")),
                v -> {
                    ProfileComparison c = ProfileComparison.of(
                            offsets(v.nums("before"), v.num("step")), offsets(v.nums("after"), v.num("step")), true);
                    return gives(
                            "lost",
                            c.lostMm(),
                            "worst",
                            c.worst().deviationMm(),
                            "at",
                            c.worst().alongMm());
                });
    }

    private static EdgeProfile offsets(List<Double> offsets, double step) {
        List<Point> points = new ArrayList<>();
        for (Double offset : offsets) {
            points.add(new Point(points.size() * step, offset));
        }
        return EdgeProfile.through(points);
    }
}
