package truekeen.core.reference;

import static truekeen.core.reference.Calculator.gives;
import static truekeen.core.reference.Calculator.in;
import static truekeen.core.reference.Calculator.num;
import static truekeen.core.reference.Calculator.opt;
import static truekeen.core.reference.Calculator.out;
import static truekeen.core.reference.Calculator.outs;
import static truekeen.core.reference.Calculator.text;
import static truekeen.core.reference.Calculator.to;
import static truekeen.core.reference.Calculator.whole;

import java.util.Arrays;
import java.util.List;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.advice.Formula;
import truekeen.core.balance.RotaryBlade;
import truekeen.core.grit.GritStandard;
import truekeen.core.grit.GritTable;
import truekeen.core.message.Checks;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.removal.StockRemoval;
import truekeen.core.setup.Camber;
import truekeen.core.setup.ThinRule;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;
import truekeen.core.tool.PlaneBed;

/** Planes, grits and strokes, turning blades. */
final class ShopCalculators {
    private ShopCalculators() {}

    static List<Calculator> all() {
        return List.of(
                cutting(),
                clearance(),
                thinRule(),
                camber(),
                shaving(),
                stations(),
                grit(),
                strokes(),
                unbalance(),
                force(),
                permissible(),
                tip(),
                teeth());
    }

    private static Angle deg(double degrees) {
        return Angle.ofDegrees(degrees);
    }

    private static Length mm(double mm) {
        return Length.ofMm(mm);
    }

    private static final String UP = "up";
    private static final List<String> UP_DOWN = List.of("down", UP);

    private static PlaneBed bed(Calculator.Values v) {
        return new PlaneBed(deg(v.num("bed")), v.text("bevel").equals(UP));
    }

    private static Calculator cutting() {
        return new Calculator(
                "cutting-angle",
                Formula.CUTTING_ANGLE,
                "The angle at which a plane cuts",
                in(
                        num("bed", "Bed to sole", "°", 5, 80, 45),
                        text("bevel", "Bevel faces", UP_DOWN, "down"),
                        num("last", "Last bevel", "°", 5, 80, 30),
                        num("back", "Back bevel", "°", 0, 60, 0)),
                to(out("cutting", "Cutting angle", "°")),
                v -> gives(
                        "cutting",
                        bed(v).cutting(deg(v.num("last")), deg(v.num("back"))).degrees()));
    }

    private static Calculator clearance() {
        return new Calculator(
                "clearance",
                Formula.CLEARANCE,
                "Clearance under a plane iron",
                in(
                        num("bed", "Bed to sole", "°", 5, 80, 45),
                        text("bevel", "Bevel faces", UP_DOWN, "down"),
                        num("last", "Last bevel", "°", 5, 80, 30),
                        num("back", "Back bevel", "°", 0, 60, 0)),
                to(out("clearance", "Clearance", "°")),
                v -> {
                    Angle last = deg(v.num("last"));
                    Angle back = deg(v.num("back"));
                    Checks checks = new Checks();
                    bed(v).checkClearance(last, back, "last", "back", checks);
                    checks.orThrow();
                    return gives("clearance", bed(v).clearance(last, back).degrees());
                });
    }

    private static Calculator thinRule() {
        return new Calculator(
                "thin-rule",
                Formula.THIN_RULE,
                "Back bevel from a thin rule",
                in(
                        num("thickness", "Thickness of the rule", "mm", 0.01, 5, 0.5),
                        num("reach", "Reach to the edge", "mm", 1, 300, 60)),
                to(out("back", "Back bevel", "°")),
                v -> gives(
                        "back",
                        ThinRule.angle(mm(v.num("thickness")), mm(v.num("reach")))
                                .degrees()));
    }

    private static Camber camberOf(Calculator.Values v) {
        return new Camber(mm(v.num("width")), deg(v.num("bed")), mm(v.num("belowSole")));
    }

    private static List<Calculator.Input> camberIn(double width, double below, Calculator.Input... more) {
        List<Calculator.Input> all = new java.util.ArrayList<>(List.of(
                num("width", "B, width of the iron", "mm", 3, 150, width),
                num("bed", "Bed to sole", "°", 5, 80, 45),
                num("belowSole", "Camber below the sole", "mm", 0.001, 20, below)));
        all.addAll(List.of(more));
        return all;
    }

    private static Calculator camber() {
        return new Calculator(
                "camber",
                Formula.CAMBER,
                "Camber on the iron",
                camberIn(60, 0.06),
                to(out("onIron", "Corners stand back", "mm"), out("radius", "Radius of the edge", "mm")),
                v -> gives(
                        "onIron",
                        camberOf(v).onIron().mm(),
                        "radius",
                        camberOf(v).radius().mm()));
    }

    private static Calculator shaving() {
        return new Calculator(
                "shaving-width",
                Formula.SHAVING_WIDTH,
                "Width of a shaving",
                camberIn(50, 1.2, num("cut", "Depth of cut in the middle", "mm", 0.001, 20, 0.6)),
                to(out("shaving", "Width of the shaving", "mm")),
                v -> gives("shaving", camberOf(v).shavingWidth(mm(v.num("cut"))).mm()));
    }

    private static Calculator stations() {
        return new Calculator(
                "station-strokes",
                Formula.STATION_STROKES,
                "Strokes shared over a camber",
                camberIn(50, 1.2, whole("strokes", "Strokes in all", 0, 5000, 25)),
                to(
                        outs("shaping", "While shaping, left corner to right", ""),
                        outs("refining", "On the finer stones", "")),
                v -> {
                    int n = v.whole("strokes");
                    return gives(
                            "shaping",
                            camberOf(v).shapingStrokes(n).stream()
                                    .map(Integer::doubleValue)
                                    .toList(),
                            "refining",
                            Camber.refiningStrokes(n).stream()
                                    .map(Integer::doubleValue)
                                    .toList());
                });
    }

    private static Calculator grit() {
        return new Calculator(
                "grit-size",
                Formula.GRIT_SIZE,
                "What a grit name measures",
                in(
                        text(
                                "standard",
                                "Standard",
                                Arrays.stream(GritStandard.values())
                                        .map(GritStandard::key)
                                        .toList(),
                                GritStandard.values()[0].key()),
                        text("name", "Name in it", List.of(), "P1000")),
                to(out("d50", "Median grain", "µm"), out("guessed", "1 where it was carried on beyond the table", "")),
                v -> {
                    var size = GritTable.grain(
                            "name", GritStandard.byKey(v.text("standard")).orElseThrow(), v.text("name"));
                    return gives("d50", size.d50Um(), "guessed", size.guessed() ? 1.0 : 0.0);
                });
    }

    private static Calculator strokes() {
        List<String> kinds = List.of(AbrasiveKind.values()).stream()
                .filter(AbrasiveKind::cutsInStrokes)
                .filter(k -> k.use() != AbrasiveKind.Use.STROP)
                .map(AbrasiveKind::key)
                .toList();
        List<String> steels = Steels.all().stream().map(SteelClass::name).toList();
        return new Calculator(
                "strokes",
                Formula.STROKES,
                "Strokes that a removal takes",
                in(
                        num("volume", "Steel to go", "mm³", 0.00001, 100000, 0.8985),
                        text("kind", "Kind of abrasive", kinds, kinds.get(0)),
                        num("grain", "Median grain", "µm", 0.05, 1000, 9.5),
                        text("steel", "Steel", steels, steels.get(1)),
                        num("force", "Force", "N", 0.5, 200, 20),
                        num("sliding", "Sliding distance of a stroke", "mm", 10, 2000, 300)),
                to(
                        out("strokes", "Strokes, first estimate", ""),
                        out("low", "One standard deviation fewer", ""),
                        out("high", "One standard deviation more", ""),
                        out("scratch", "Scratch left", "µm")),
                v -> {
                    AbrasiveKind kind = AbrasiveKind.byKey(v.text("kind")).orElseThrow();
                    Abrasive a = new Abrasive(
                            "",
                            "",
                            kind,
                            kind.grain(),
                            v.num("grain"),
                            false,
                            Abrasive.Shape.BENCH,
                            kind.lubricants().get(0),
                            Abrasive.State.READY);
                    SteelClass steel = Steels.byName(v.text("steel")).orElseThrow();
                    double n = v.num("volume") / StockRemoval.perStroke(a, steel, v.num("force"), v.num("sliding"));
                    double spread = StockRemoval.firstEstimateSpread();
                    return gives("strokes", n, "low", n / spread, "high", n * spread, "scratch", a.scratchUm());
                });
    }

    private static Calculator unbalance() {
        return new Calculator(
                "unbalance",
                Formula.UNBALANCE,
                "Unbalance of a bar, and what to grind off",
                in(
                        num("trial", "Trial mass on the light end", "g", 0, 1000, 5),
                        num("radius", "where it hangs, from the middle", "mm", 1, 2000, 250),
                        num("at", "Middle of the piece to grind off", "mm", 1, 2000, 235),
                        num("width", "Width of the end", "mm", 1, 300, 55),
                        num("thickness", "Thickness of the end", "mm", 0.5, 30, 4)),
                to(
                        out("unbalance", "Unbalance", "g·mm"),
                        out("mass", "Steel to take off the heavy end", "g"),
                        out("length", "as a length of its end", "mm")),
                v -> {
                    double u = RotaryBlade.unbalance(v.num("trial"), mm(v.num("radius")));
                    double mass = RotaryBlade.correction(u, mm(v.num("at")));
                    return gives(
                            "unbalance",
                            u,
                            "mass",
                            mass,
                            "length",
                            RotaryBlade.grindOff(mass, mm(v.num("width")), mm(v.num("thickness")))
                                    .mm());
                });
    }

    private static Calculator force() {
        return new Calculator(
                "shaking-force",
                Formula.SHAKING_FORCE,
                "Force that an unbalance shakes with",
                in(
                        num("unbalance", "Unbalance", "g·mm", 0, 1_000_000, 1250),
                        num("perMinute", "Turns a minute", "1/min", 1, 30000, 3000)),
                to(out("force", "Force", "N"), out("weight", "as the weight of", "kg")),
                v -> {
                    double f = RotaryBlade.shakingForce(v.num("unbalance"), v.num("perMinute"));
                    return gives("force", f, "weight", RotaryBlade.asWeight(f));
                });
    }

    private static Calculator permissible() {
        return new Calculator(
                "permissible-unbalance",
                Formula.PERMISSIBLE_UNBALANCE,
                "Permissible unbalance of a grade",
                in(
                        num("grade", "Balance quality grade G", "mm/s", 0.1, 4000, 16),
                        num("mass", "Mass of the blade", "kg", 0.01, 50, 0.7),
                        num("perMinute", "Turns a minute", "1/min", 1, 30000, 3000)),
                to(out("permissible", "Permissible", "g·mm")),
                v -> gives("permissible", RotaryBlade.permissible(v.num("grade"), v.num("mass"), v.num("perMinute"))));
    }

    private static Calculator tip() {
        return new Calculator(
                "tip-speed",
                Formula.TIP_SPEED,
                "Speed of the tips",
                in(
                        num("span", "Tip to tip", "mm", 10, 3000, 510),
                        num("perMinute", "Turns a minute", "1/min", 0, 30000, 3000),
                        opt("limit", "Limit to compare with", "m/s", 1, 300, RotaryBlade.TIP_SPEED_WARNS_AT)),
                to(out("speed", "Tip speed", "m/s"), out("left", "Below the limit by", "m/s")),
                v -> {
                    double s = RotaryBlade.tipSpeed(mm(v.num("span")), v.num("perMinute"));
                    return gives("speed", s, "left", v.num("limit", RotaryBlade.TIP_SPEED_WARNS_AT) - s);
                });
    }

    private static Calculator teeth() {
        return new Calculator(
                "trimmer-strokes",
                Formula.TRIMMER_STROKES,
                "Strokes over a row of teeth",
                in(
                        whole("teeth", "Teeth", 1, 500, 54),
                        whole("edges", "Edges on each", 1, 4, 2),
                        whole("strokes", "Strokes on each edge", 1, 200, 6)),
                to(out("strokes", "Strokes in all", "")),
                v -> gives("strokes", (double)
                        RotaryBlade.strokes(v.whole("teeth"), v.whole("edges"), v.whole("strokes"))));
    }
}
