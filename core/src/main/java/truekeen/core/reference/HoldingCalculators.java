package truekeen.core.reference;

import static truekeen.core.reference.Calculator.gives;
import static truekeen.core.reference.Calculator.in;
import static truekeen.core.reference.Calculator.num;
import static truekeen.core.reference.Calculator.opt;
import static truekeen.core.reference.Calculator.out;
import static truekeen.core.reference.Calculator.to;
import static truekeen.core.reference.Calculator.whole;

import java.util.List;
import truekeen.core.advice.Formula;
import truekeen.core.care.Dish;
import truekeen.core.holding.BeltTable;
import truekeen.core.holding.HandStone;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.setup.InkBand;
import truekeen.core.setup.PlatformRest;
import truekeen.core.setup.SpineHeight;
import truekeen.core.setup.SupportBar;
import truekeen.core.setup.WheelSpeed;

/** Wheels, belts, hands: from an angle to its setting, and back where the setting is given instead. */
final class HoldingCalculators {
    private HoldingCalculators() {}

    static List<Calculator> all() {
        return List.of(
                speed(),
                rest(),
                bar(),
                belt(),
                spine(),
                stack(),
                halving(),
                wedge(),
                spineHone(),
                handStone(),
                ink(),
                dished());
    }

    /** So many degrees. */
    static Angle deg(double degrees) {
        return Angle.ofDegrees(degrees);
    }

    /** So many millimetres. */
    static Length mm(double mm) {
        return Length.ofMm(mm);
    }

    static Calculator.Input angle(double example) {
        return opt("angle", "Angle wanted", "°", 4, 85, example);
    }

    static void oneOf(Calculator.Values v, String setting) {
        v.requireOne("angle", setting, "the angle or the " + setting);
    }

    private static Calculator speed() {
        return new Calculator(
                "wheel-speed",
                Formula.WHEEL_SPEED,
                "Surface speed of a wheel",
                in(
                        num("diameter", "Diameter", "mm", 10, 1000, 150),
                        num("perMinute", "Turns a minute", "1/min", 0, 30000, 2850),
                        opt("marked", "Speed marked on the wheel", "m/s", 0.1, 150, 35.0)),
                to(out("speed", "Surface speed", "m/s")),
                v -> {
                    Length d = mm(v.num("diameter"));
                    if (v.has("marked")) {
                        WheelSpeed.requireWithin(d, v.num("perMinute"), v.num("marked"));
                    }
                    return gives("speed", WheelSpeed.metresPerSecond(d, v.num("perMinute")));
                });
    }

    private static Calculator rest() {
        return new Calculator(
                "platform-rest",
                Formula.PLATFORM_REST,
                "Tilt of a rest, or the angle that a tilt gives",
                in(
                        num("diameter", "Diameter of the wheel", "mm", 10, 1000, 150),
                        num("contact", "Contact above the centre", "mm", -500, 500, 15),
                        angle(25),
                        opt("tilt", "or the tilt below level as it is set", "°", 0, 90, null)),
                to(out("tilt", "Tilt below level", "°"), out("angle", "Angle", "°")),
                v -> {
                    PlatformRest r = new PlatformRest(mm(v.num("diameter") / 2), mm(v.num("contact")));
                    oneOf(v, "tilt");
                    Angle a = v.has("tilt") ? r.bevel(deg(v.num("tilt"))) : deg(v.num("angle"));
                    Angle most = r.bevel(Angle.ZERO);
                    if (a.compareTo(most) > 0 || !(a.radians() > 0)) {
                        throw new RefusedException(
                                Refusal.of(MessageCode.ANGLE_NOT_HELD, v.has("tilt") ? "tilt" : "angle", a)
                                        .with("low", "more than 0°")
                                        .with("high", most));
                    }
                    return gives("tilt", r.tilt(a).degrees(), "angle", a.degrees());
                });
    }

    private static Calculator bar() {
        return new Calculator(
                "support-bar",
                Formula.SUPPORT_BAR,
                "Gap between wheel and bar, or the angle that a gap gives",
                in(
                        num("diameter", "Diameter of the wheel", "mm", 10, 1000, 225),
                        num("reach", "p, reach of the jig", "mm", 10, 500, 152),
                        num("offset", "a, bar off the back; less than zero when slung under", "mm", -120, 120, -19),
                        num("barDiameter", "Bar diameter", "mm", 1, 100, 14),
                        angle(27),
                        opt("gap", "or the gap as it is set", "mm", 0.1, 600, null)),
                to(out("gap", "Gap", "mm"), out("angle", "Angle", "°")),
                v -> {
                    SupportBar b = new SupportBar(
                            mm(v.num("diameter") / 2),
                            mm(v.num("reach")),
                            mm(v.num("offset")),
                            mm(v.num("barDiameter") / 2));
                    oneOf(v, "gap");
                    Angle a = v.has("gap") ? b.edge(mm(v.num("gap"))) : deg(v.num("angle"));
                    return gives("gap", b.gap(a).mm(), "angle", a.degrees());
                });
    }

    private static Calculator belt() {
        return new Calculator(
                "belt-table",
                Formula.BELT_TABLE,
                "Tilt of a table before an upright belt",
                in(
                        num("angle", "Angle wanted at the very edge", "°", 4, 85, 25),
                        num("slack", "What a loose belt adds", "°", 0, 15, 0),
                        num("taper", "Taper of the side that lies on the table", "°", 0, 30, 0)),
                to(out("tilt", "Tilt below level", "°")),
                v -> gives(
                        "tilt",
                        BeltTable.tilt(deg(v.num("angle")), deg(v.num("slack")), deg(v.num("taper")))
                                .degrees()));
    }

    private static SpineHeight knife(Calculator.Values v) {
        return new SpineHeight(mm(v.num("width")), mm(v.num("spine")));
    }

    private static Calculator.Input width() {
        return num("width", "W, edge to spine", "mm", 1, 400, 48);
    }

    private static Calculator.Input spineInput() {
        return num("spine", "S, spine thickness", "mm", 0, 25, 2.2);
    }

    private static Calculator spine() {
        return new Calculator(
                "spine-height",
                Formula.SPINE_HEIGHT,
                "Height of the spine, or the angle that a height gives",
                in(width(), spineInput(), angle(15), opt("height", "or the height as it is", "mm", 0, 400, null)),
                to(out("height", "Spine's lower corner over the stone", "mm"), out("angle", "Angle, a side", "°")),
                v -> {
                    oneOf(v, "height");
                    Angle a = v.has("height") ? knife(v).edge(mm(v.num("height"))) : deg(v.num("angle"));
                    double height = v.has("height")
                            ? v.num("height")
                            : knife(v).heightAbove(a, "angle").mm();
                    return gives("height", height, "angle", a.degrees());
                });
    }

    private static Calculator stack() {
        return new Calculator(
                "stack-of-objects",
                Formula.STACK,
                "A spine's height as a stack of a known object",
                in(
                        width(),
                        spineInput(),
                        num("angle", "Angle, a side", "°", 4, 85, 15),
                        num("piece", "Thickness of one", "mm", 0.01, 60, 0.3)),
                to(
                        out("exact", "How many, exactly", ""),
                        out("whole", "How many, whole", ""),
                        out("angle", "What those hold", "°")),
                v -> {
                    knife(v).heightAbove(deg(v.num("angle")), "angle");
                    double exact = knife(v).stack(deg(v.num("angle")), mm(v.num("piece")));
                    double whole = Math.max(1, Math.round(exact));
                    return gives(
                            "exact",
                            exact,
                            "whole",
                            whole,
                            "angle",
                            knife(v).edge(mm(whole * v.num("piece"))).degrees());
                });
    }

    private static Calculator halving() {
        return new Calculator(
                "halved-right-angle",
                Formula.HALVING,
                "A right angle halved",
                in(whole("times", "How often", 0, 6, 2)),
                to(out("angle", "Angle", "°")),
                v -> gives("angle", 90 / Math.pow(2, v.whole("times"))));
    }

    private static Calculator wedge() {
        return new Calculator(
                "wedge",
                Formula.WEDGE,
                "The wedge for an angle",
                in(
                        width(),
                        spineInput(),
                        num("behindEdge", "t, behind the edge", "mm", 0.01, 15, 0.35),
                        num("angle", "Angle, a side", "°", 4, 85, 15)),
                to(out("wedge", "Wedge", "°")),
                v -> gives(
                        "wedge",
                        knife(v).wedge(deg(v.num("angle")), mm(v.num("behindEdge")))
                                .degrees()));
    }

    private static Calculator spineHone() {
        return new Calculator(
                "spine-hone-foot",
                Formula.SPINE_HONE,
                "Foot of a hone that rides on the spine",
                in(
                        num("width", "W, edge to spine", "mm", 1, 400, 32),
                        num("thickness", "T, or half the spine of a blade bevelled on both sides", "mm", 0, 25, 4.5),
                        num("angle", "Angle", "°", 4, 85, 30)),
                to(out("foot", "Foot off the abrasive", "mm")),
                v -> gives(
                        "foot",
                        new SpineHeight(mm(v.num("width")), mm(2 * v.num("thickness")))
                                .heightAbove(deg(v.num("angle")), "angle")
                                .mm()));
    }

    private static Calculator handStone() {
        return new Calculator(
                "hand-stone-gap",
                Formula.HAND_STONE,
                "Gap under the end of a small stone",
                in(
                        num("stone", "L, edge to the stone's far end", "mm", 5, 400, 100),
                        num("angle", "Angle", "°", 4, 85, 25),
                        num("taper", "Taper of the cheek", "°", 0, 30, 0),
                        num("crosses", "c, where the cheek's line crosses the apex", "mm", -25, 25, 2)),
                to(out("gap", "Gap", "mm")),
                v -> gives(
                        "gap",
                        HandStone.gap(
                                        mm(v.num("stone")),
                                        deg(v.num("angle")),
                                        deg(v.num("taper")),
                                        v.num("crosses"),
                                        "angle")
                                .mm()));
    }

    private static Calculator ink() {
        return new Calculator(
                "ink-band",
                Formula.INK_BAND,
                "How far a setting is off, from the clean band",
                in(
                        num("area", "a, steel the strokes took from a millimetre of edge", "mm²", 0, 50, 0.01),
                        num("band", "w, width of the clean band", "mm", 0.001, 100, 0.8)),
                to(out("off", "Off by", "°")),
                v -> gives("off", InkBand.off(v.num("area"), mm(v.num("band"))).degrees()));
    }

    private static Calculator dished() {
        return new Calculator(
                "dished-stone",
                Formula.DISHED_STONE,
                "What a dished stone does to an angle",
                in(
                        num("depth", "q, depth of the hollow in the middle, under a straightedge", "mm", 0, 10, 0.15),
                        num("length", "Length of the stone", "mm", 20, 600, 200)),
                to(out("angle", "Off by up to", "°")),
                v -> gives("angle", Dish.error(v.num("depth"), v.num("length")).degrees()));
    }
}
