package truekeen.core.reference;

import static truekeen.core.reference.Calculator.gives;
import static truekeen.core.reference.Calculator.in;
import static truekeen.core.reference.Calculator.num;
import static truekeen.core.reference.Calculator.opt;
import static truekeen.core.reference.Calculator.out;
import static truekeen.core.reference.Calculator.to;

import java.util.List;
import truekeen.core.advice.Formula;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.FlatBackSection;
import truekeen.core.section.HollowGrind;
import truekeen.core.section.KnifeSection;
import truekeen.core.section.MicroBevel;

/** Sections, micro-bevels, hollows. */
final class SectionCalculators {
    private SectionCalculators() {}

    static List<Calculator> all() {
        return List.of(
                knife(),
                knifeMoved(),
                turned(),
                bevelLength(),
                squaring(),
                skew(),
                microBevel(),
                honingsLeft(),
                hollow(),
                hollowHonings(),
                included(),
                thinning());
    }

    private static Angle deg(double degrees) {
        return Angle.ofDegrees(degrees);
    }

    private static Length mm(double mm) {
        return Length.ofMm(mm);
    }

    private static Calculator.Input width(double example) {
        return num("width", "Blade width, edge to spine", "mm", 2, 250, example);
    }

    private static Calculator.Input spine(double example) {
        return num("spine", "Spine thickness", "mm", 0.3, 15, example);
    }

    private static Calculator.Input behind(double example) {
        return num("behindEdge", "Thickness behind the edge", "mm", 0.01, 15, example);
    }

    private static KnifeSection section(Calculator.Values v, String angle) {
        return new KnifeSection(mm(v.num("width")), mm(v.num("spine")), mm(v.num("behindEdge")), deg(v.num(angle)));
    }

    private static Calculator knife() {
        return new Calculator(
                "knife-edge-bevel",
                Formula.BEVEL_WIDTH,
                "Where the edge bevel of a knife ends, and how long its face is",
                in(width(48), spine(2.2), behind(0.35), num("angle", "Edge bevel, a side", "°", 4, 45, 17)),
                to(out("shoulder", "Shoulder behind the apex", "mm"), out("face", "Face of the bevel", "mm")),
                v -> {
                    KnifeSection k = section(v, "angle");
                    return gives(
                            "shoulder", k.shoulder().mm(), "face", k.edgeFace().mm());
                });
    }

    private static Calculator knifeMoved() {
        return new Calculator(
                "knife-recession",
                Formula.BEHIND_EDGE,
                "What a knife loses when its edge is moved back, and how thick it is then",
                in(
                        width(48),
                        spine(2.2),
                        behind(0.35),
                        num("angle", "Edge bevel now, a side", "°", 4, 45, 17),
                        num("wanted", "Edge bevel wanted, a side", "°", 4, 45, 17),
                        num("recession", "Moved back", "mm", 0.001, 50, 0.4)),
                to(
                        out("area", "Steel to go, per millimetre of edge", "mm²"),
                        out("behindEdge", "Behind the edge then", "mm")),
                v -> {
                    KnifeSection k = section(v, "angle");
                    Length e = mm(v.num("recession"));
                    Angle wanted = deg(v.num("wanted"));
                    return gives(
                            "area",
                            k.movedBackArea(e, wanted),
                            "behindEdge",
                            k.behindEdgeAfter(e, wanted).mm());
                });
    }

    private static Calculator thinning() {
        return new Calculator(
                "sharpenings-until-thinned",
                Formula.SHARPENINGS_UNTIL_THIN,
                "Sharpenings before a knife is thinned",
                in(
                        width(48),
                        spine(2.2),
                        behind(0.35),
                        num("angle", "Edge bevel, a side", "°", 4, 45, 17),
                        num("limit", "Thinned from", "mm", 0.05, 5, 0.45),
                        num("each", "Recession of a sharpening", "mm", 0.0005, 1, 0.008)),
                to(out("recession", "Recession until then", "mm"), out("sharpenings", "Sharpenings", "")),
                v -> {
                    double e = section(v, "angle")
                            .recessionUntil(mm(v.num("limit")))
                            .mm();
                    return gives("recession", e, "sharpenings", Math.floor(e / v.num("each")));
                });
    }

    private static Calculator turned() {
        return new Calculator(
                "flat-back-bevel",
                Formula.FLAT_BACK_AREA,
                "Steel that goes from a flat-back tool",
                in(
                        num("thickness", "Thickness", "mm", 0.5, 25, 3.2),
                        num("from", "Bevel now", "°", 5, 75, 26.5),
                        num("to", "Bevel wanted", "°", 5, 75, 25),
                        num("recession", "Edge moved back at the same angle", "mm", 0, 50, 0.3)),
                to(
                        out("movedBack", "Moving the edge back, per millimetre of edge", "mm²"),
                        out("turned", "Turning the bevel, its apex or heel kept", "mm²")),
                v -> gives(
                        "movedBack",
                        FlatBackSection.movedBackArea(mm(v.num("recession")), mm(v.num("thickness"))),
                        "turned",
                        FlatBackSection.turnedArea(mm(v.num("thickness")), deg(v.num("from")), deg(v.num("to")))));
    }

    private static Calculator bevelLength() {
        return new Calculator(
                "angle-from-bevel-length",
                Formula.BEVEL_FROM_LENGTH,
                "The angle of a bevel from its length",
                in(
                        num("thickness", "Thickness at the heel", "mm", 0.5, 25, 3.2),
                        num("bevel", "Length of the bevel along its face", "mm", 0.5, 200, 7.57)),
                to(
                        out("angle", "Bevel (its chord where it is hollow)", "°"),
                        out("perMm", "Change for a millimetre", "°/mm")),
                v -> {
                    Length t = mm(v.num("thickness"));
                    Length l = mm(v.num("bevel"));
                    return gives(
                            "angle",
                            FlatBackSection.fromBevelLength(t, l).degrees(),
                            "perMm",
                            Math.toDegrees(FlatBackSection.bevelLengthSensitivity(t, l)));
                });
    }

    private static Calculator squaring() {
        return new Calculator(
                "square-correction",
                Formula.SQUARING,
                "Steel that squaring an end takes",
                in(
                        num("width", "Width of the edge", "mm", 1, 150, 38),
                        num("off", "Out of square", "°", 0, 30, 1.5),
                        num("thickness", "Thickness", "mm", 0.5, 25, 3.2)),
                to(out("volume", "Steel to go", "mm³"), out("corner", "Loss at the high corner", "mm")),
                v -> gives(
                        "volume",
                        FlatBackSection.squaringVolume(mm(v.num("width")), deg(v.num("off")), mm(v.num("thickness"))),
                        "corner",
                        v.num("width") * deg(v.num("off")).tan()));
    }

    private static Calculator skew() {
        return new Calculator(
                "skewed-edge",
                Formula.SKEW,
                "A skewed edge's bevel as it is seen along the tool",
                in(num("angle", "Bevel, square to the edge", "°", 5, 75, 25), num("skew", "Skew", "°", 0, 60, 30)),
                to(out("along", "Along the tool", "°")),
                v -> gives(
                        "along",
                        FlatBackSection.alongAxis(deg(v.num("angle")), deg(v.num("skew")))
                                .degrees()));
    }

    private static Calculator microBevel() {
        return new Calculator(
                "micro-bevel",
                Formula.MICRO_BEVEL,
                "How far a micro-bevel of some width lies back, and what it took",
                in(
                        num("primary", "Primary", "°", 5, 60, 25),
                        num("secondary", "Secondary", "°", 5, 75, 30),
                        num("width", "Width of the secondary", "mm", 0.001, 30, 0.6)),
                to(
                        out("recession", "Recession along the back", "mm"),
                        out("area", "Steel gone, per millimetre", "mm²")),
                v -> {
                    Angle one = deg(v.num("primary"));
                    Angle two = deg(v.num("secondary"));
                    Length m = mm(v.num("width"));
                    return gives(
                            "recession", MicroBevel.recession(m, one, two).mm(), "area", MicroBevel.area(m, one, two));
                });
    }

    private static Calculator honingsLeft() {
        return new Calculator(
                "honings-left",
                Formula.HONINGS_LEFT,
                "Honings left before the bevel is reground",
                in(
                        num("primary", "Primary", "°", 5, 60, 25),
                        num("secondary", "Secondary", "°", 5, 75, 30),
                        num("width", "Width of the secondary now", "mm", 0.001, 30, 0.6),
                        num("widest", "Widest that is still honed", "mm", 0.001, 30, 1.5),
                        num("each", "Recession of a honing", "mm", 0.0005, 1, 0.05)),
                to(out("honings", "Honings left", "")),
                v -> {
                    Angle one = deg(v.num("primary"));
                    Angle two = deg(v.num("secondary"));
                    double left = MicroBevel.recession(mm(v.num("widest")), one, two)
                                    .mm()
                            - MicroBevel.recession(mm(v.num("width")), one, two).mm();
                    return gives("honings", Math.floor(Math.max(0, left) / v.num("each")));
                });
    }

    private static HollowGrind hollow(Calculator.Values v) {
        Length t = mm(v.num("thickness"));
        Length wheel = mm(v.num("wheel"));
        return v.has("edge")
                ? HollowGrind.withEdge(t, wheel, deg(v.num("edge")))
                : new HollowGrind(t, wheel, deg(v.num("chord")));
    }

    private static Calculator hollow() {
        return new Calculator(
                "hollow-grind",
                Formula.HOLLOW_GRIND,
                "The three angles of a hollow bevel",
                in(
                        num("thickness", "Thickness", "mm", 0.5, 25, 3.2),
                        num("wheel", "Diameter of the wheel", "mm", 20, 1000, 200),
                        opt("chord", "Chord wanted", "°", 5, 75, 25.0),
                        opt("edge", "or the angle wanted at the edge, off the wheel", "°", 5, 75, null)),
                to(
                        out("chord", "At the chord, honed flat", "°"),
                        out("edge", "At the edge, off the wheel", "°"),
                        out("heel", "At the heel", "°"),
                        out("length", "Length of the chord", "mm"),
                        out("depth", "Depth of the hollow", "mm")),
                v -> {
                    v.requireOne("chord", "edge", "the chord or the angle at the edge");
                    HollowGrind h = hollow(v);
                    return gives(
                            "chord", h.chord().degrees(),
                            "edge", h.edge().degrees(),
                            "heel", h.heel().degrees(),
                            "length", h.chordLength().mm(),
                            "depth", h.depth().mm());
                });
    }

    private static Calculator hollowHonings() {
        return new Calculator(
                "hollow-honings",
                Formula.HOLLOW_HONINGS,
                "Honings until a hollow is gone",
                in(
                        num("thickness", "Thickness", "mm", 0.5, 25, 3.2),
                        num("wheel", "Diameter of the wheel", "mm", 20, 1000, 200),
                        num("chord", "Chord", "°", 5, 75, 25),
                        num("each", "Recession of a honing", "mm", 0.0005, 1, 0.05)),
                to(out("recession", "Recession until then", "mm"), out("honings", "Honings", "")),
                v -> {
                    HollowGrind h = hollow(v);
                    return gives(
                            "recession",
                            h.recessionUntilGone().mm(),
                            "honings",
                            Math.floor(h.honings(mm(v.num("each")))));
                });
    }

    private static Calculator included() {
        return new Calculator(
                "included-angle",
                Formula.INCLUDED_ANGLE,
                "The angle between the faces",
                in(
                        num("first", "Last bevel, or one side", "°", 0, 85, 30),
                        num("second", "Back bevel, or the other side", "°", 0, 85, 0)),
                to(out("included", "Included", "°"), out("perSide", "A side, of an even edge", "°")),
                v -> gives(
                        "included",
                        v.num("first") + v.num("second"),
                        "perSide",
                        (v.num("first") + v.num("second")) / 2));
    }
}
