package truekeen.core.reference;

import static truekeen.core.reference.Calculator.gives;
import static truekeen.core.reference.Calculator.in;
import static truekeen.core.reference.Calculator.num;
import static truekeen.core.reference.Calculator.nums;
import static truekeen.core.reference.Calculator.opt;
import static truekeen.core.reference.Calculator.out;
import static truekeen.core.reference.Calculator.outs;
import static truekeen.core.reference.Calculator.text;
import static truekeen.core.reference.Calculator.to;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.advice.Formula;
import truekeen.core.angle.AngleChoice;
import truekeen.core.angle.AngleChooser;
import truekeen.core.angle.AngleHistory;
import truekeen.core.angle.EdgeOutcome;
import truekeen.core.condition.BackState;
import truekeen.core.condition.Dullness;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.Finding;
import truekeen.core.condition.Restoration;
import truekeen.core.condition.Restorer;
import truekeen.core.heat.EdgeFin;
import truekeen.core.heat.GrindHeat;
import truekeen.core.heat.HeatModel;
import truekeen.core.heat.HeatRun;
import truekeen.core.job.JobKind;
import truekeen.core.job.Shaping;
import truekeen.core.keenness.EdgeTest;
import truekeen.core.keenness.Reading;
import truekeen.core.progression.FinishWindow;
import truekeen.core.progression.JobPath;
import truekeen.core.progression.PlanRules;
import truekeen.core.progression.ProgressionPlanner;
import truekeen.core.progression.StoneWork;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.TargetBevel;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;
import truekeen.core.table.Prior;
import truekeen.core.tool.Chisel;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ToolUse;
import truekeen.core.tool.ToolUses;

/** The judgements: which angle, what must go, which stones, how keen. */
final class WorkCalculators {
    private WorkCalculators() {}

    static List<Calculator> all() {
        return List.of(choice(), history(), newEdge(), steelToGo(), leastTime(), keenness(), heat());
    }

    private static Angle deg(double degrees) {
        return Angle.ofDegrees(degrees);
    }

    private static Length mm(double mm) {
        return Length.ofMm(mm);
    }

    private static List<String> steels() {
        return Steels.all().stream().map(SteelClass::name).toList();
    }

    private static Calculator choice() {
        List<String> trades = ToolUses.all().stream().map(ToolUse::key).toList();
        return new Calculator(
                "angle-choice",
                Formula.ANGLE_CHOICE,
                "The bevels for a tool, its work and its steel",
                in(
                        text("trade", "Tool and work", trades, trades.get(0)),
                        text("steel", "Steel", steels(), steels().get(1)),
                        opt("present", "Primary it has now", "°", 4, 75, null)),
                to(out("primary", "Primary", "°"), out("last", "Last bevel", "°")),
                v -> {
                    AngleChoice c = AngleChooser.choose(
                            ToolUses.byKey(v.text("trade")).orElseThrow(),
                            Steels.byName(v.text("steel")).orElseThrow(),
                            v.has("present") ? Optional.of(deg(v.num("present"))) : Optional.empty());
                    return gives(
                            "primary", c.primary().degrees(), "last", c.last().degrees());
                });
    }

    private static Calculator history() {
        return new Calculator(
                "angle-history",
                Formula.ANGLE_HISTORY,
                "What an edge's past asks of its last bevel",
                in(
                        nums("bevels", "Last bevel in use, oldest first", "°", 4, 80, 25.0, 25.0, 27.0),
                        text(
                                "outcomes",
                                "What came of each, by commas: held, chipped or rolled",
                                List.of(),
                                "held, chipped, chipped")),
                to(out("last", "Last bevel asked for; none where nothing is asked", "°")),
                v -> {
                    List<EdgeOutcome> past = new ArrayList<>();
                    String[] words = v.text("outcomes").trim().split("\\s*,\\s*");
                    List<Double> bevels = v.nums("bevels");
                    if (words.length != bevels.size()) {
                        throw new truekeen.core.message.RefusedException(truekeen.core.message.Refusal.of(
                                        truekeen.core.message.MessageCode.PAIRS_UNEVEN, "outcomes", words.length)
                                .with("high", bevels.size()));
                    }
                    for (int i = 0; i < words.length; i++) {
                        past.add(new EdgeOutcome(deg(bevels.get(i)), result(words[i])));
                    }
                    return gives(
                            "last",
                            AngleHistory.of(past).wanted().map(Angle::degrees).orElse(null));
                });
    }

    private static EdgeOutcome.Result result(String word) {
        for (EdgeOutcome.Result r : EdgeOutcome.Result.values()) {
            if (r.name().equalsIgnoreCase(word)) {
                return r;
            }
        }
        throw new truekeen.core.message.RefusedException(
                truekeen.core.message.Refusal.of(truekeen.core.message.MessageCode.UNKNOWN_CHOICE, "outcomes", word)
                        .with("allowed", "held, chipped, rolled"));
    }

    private static Restoration chipped(Calculator.Values v) {
        Chisel chisel = new Chisel(
                GeometryKind.CHISEL,
                mm(v.num("width")),
                mm(v.num("thickness")),
                mm(100),
                mm(20),
                deg(v.num("bevel")),
                Optional.empty(),
                Angle.ZERO,
                Optional.empty());
        double at = v.num("width") / 2;
        EdgeSurvey survey = new EdgeSurvey(
                v.num("chip") > 0
                        ? List.of(new Finding(Finding.Kind.CHIP, at - 0.5, at + 0.5, v.num("chip"), false))
                        : List.of(),
                EdgeSurvey.Squareness.SQUARE,
                Dullness.DULL,
                false,
                BackState.POLISHED,
                0);
        return Restorer.restore(chisel, survey, new TargetBevel(chisel.primary(), chisel.primary()));
    }

    private static List<Calculator.Input> chisel() {
        return in(
                num("width", "Width of a chisel", "mm", 2, 150, 24),
                num("thickness", "Thickness", "mm", 0.5, 25, 3.2),
                num("bevel", "Its bevel", "°", 5, 60, 25),
                num("chip", "Depth of a chip in the middle of the edge", "mm", 0, 20, 0.3));
    }

    private static Calculator newEdge() {
        return new Calculator(
                "new-edge",
                Formula.NEW_EDGE,
                "How far a chip moves the edge back",
                chisel(),
                to(out("lost", "Off the length", "mm")),
                v -> gives("lost", chipped(v).lostMm()));
    }

    private static Calculator steelToGo() {
        return new Calculator(
                "steel-to-go",
                Formula.STEEL_TO_GO,
                "Steel that goes when a chipped chisel is made whole",
                chisel(),
                to(out("volume", "Steel to go", "mm³")),
                v -> gives("volume", chipped(v).volumeMm3()));
    }

    private static Calculator leastTime() {
        List<String> kinds = List.of(AbrasiveKind.values()).stream()
                .filter(AbrasiveKind::cutsInStrokes)
                .filter(k -> k.use() != AbrasiveKind.Use.STROP)
                .map(AbrasiveKind::key)
                .toList();
        return new Calculator(
                "least-time",
                Formula.LEAST_TIME,
                "Which of some stones, in which order, take least time",
                in(
                        nums("grains", "Median grains on the shelf", "µm", 0.1, 200, 30.0, 9.5, 3.0, 2.0),
                        text("kind", "Kind of all of them", kinds, kinds.get(0)),
                        text("steel", "Steel", steels(), steels().get(1)),
                        num("volume", "Steel to go", "mm³", 0, 10000, 21.589),
                        num("area", "Area of the face", "mm²", 0.01, 10000, 204),
                        num("depth", "Depth of that steel off the face", "mm", 0, 20, 0.22),
                        num("finish", "Finish wanted", "µm", 0.1, 200, 2.0)),
                to(
                        outs("path", "Grains to use, in order", "µm"),
                        outs("strokes", "Strokes on each", ""),
                        out("seconds", "Time", "s")),
                v -> {
                    AbrasiveKind kind = AbrasiveKind.byKey(v.text("kind")).orElseThrow();
                    List<Abrasive> shelf = new ArrayList<>();
                    for (Double g : v.nums("grains")) {
                        shelf.add(new Abrasive(
                                "stone " + shelf.size(),
                                "",
                                kind,
                                kind.grain(),
                                g,
                                false,
                                Abrasive.Shape.BENCH,
                                kind.lubricants().get(0),
                                Abrasive.State.READY));
                    }
                    double f = v.num("finish");
                    StoneWork job = new StoneWork(
                            JobKind.PRIMARY,
                            new Shaping(v.num("volume"), v.num("area"), v.num("depth")),
                            3,
                            Optional.of(new FinishWindow(f / 2, f, f * 2)),
                            StoneWork.Forces.of(20),
                            false,
                            EnumSet.of(Abrasive.Shape.BENCH));
                    JobPath path = ProgressionPlanner.plan(
                            shelf, job, Steels.byName(v.text("steel")).orElseThrow(), PlanRules.USUAL, false);
                    return gives(
                            "path",
                            path.legs().stream().map(l -> l.abrasive().d50Um()).toList(),
                            "strokes",
                            path.legs().stream()
                                    .map(l -> Math.ceil(l.strokes()))
                                    .collect(Collectors.toList()),
                            "seconds",
                            path.seconds());
                });
    }

    private static Calculator keenness() {
        return new Calculator(
                "keenness-index",
                Formula.KEENNESS_INDEX,
                "How keen an edge is",
                in(
                        nums("readings", "Readings at stations", "g", 0, 10000, 130.0, 120.0, 140.0, 125.0, 135.0),
                        num("reference", "Reading of a new utility blade", "g", 1, 5000, 110)),
                to(out("mean", "Mean", "g"), out("index", "Index", ""), out("worst", "Worst ÷ mean", "")),
                v -> {
                    List<Double> all = v.nums("readings");
                    List<Reading> readings = new ArrayList<>();
                    for (int i = 0; i < all.size(); i++) {
                        readings.add(new Reading(i, all.get(i)));
                    }
                    var checks = new truekeen.core.message.Checks();
                    EdgeTest test = new EdgeTest(readings, v.num("reference"), Math.max(1, all.size()));
                    test.check(checks);
                    checks.orThrow();
                    return gives("mean", test.meanGrams(), "index", test.index(), "worst", test.spread());
                });
    }

    private static Calculator heat() {
        return new Calculator(
                "wheel-heat",
                Formula.WHEEL_HEAT,
                "How hot an edge becomes at the wheel, and how soon",
                in(
                        num("watts", "Heat into the steel", "W", 0.1, 2000, 60),
                        num("land", "Land at the edge; none on a sharp one", "mm", 0, 25, 0),
                        num("bevel", "Bevel", "°", 5, 75, 25),
                        num("thickness", "Thickness", "mm", 0.1, 25, 4),
                        num("width", "Width in contact", "mm", 1, 200, 20),
                        num("conductivity", "Conductivity of the steel", "W/m·K", 5, 80, 43),
                        num("start", "Before", "°C", -20, 200, 20),
                        num("limit", "Not to be reached", "°C", 40, 700, 140),
                        num("seconds", "Contact", "s", 0.01, 30, 0.5)),
                to(
                        out("edge", "The edge then", "°C"),
                        out("reached", "The limit is reached after; none where it is not", "s"),
                        out("behind", Prior.figuresIn("{HEAT_BEHIND_EDGE_MM} mm behind the edge"), "°C"),
                        out("hot", "At 100 °C so far behind the edge", "mm")),
                v -> {
                    EdgeFin fin = EdgeFin.flatBack(
                            mm(v.num("land")), deg(v.num("bevel")), mm(v.num("thickness")), mm(v.num("width")), mm(80));
                    HeatRun run = new HeatModel(fin, v.num("conductivity"))
                            .contact(v.num("watts"), v.num("start"), v.num("limit"), v.num("seconds"));
                    return gives(
                            "edge",
                            run.edgeC(),
                            "reached",
                            run.limitAt().isPresent() ? (Double) run.limitAt().getAsDouble() : null,
                            "behind",
                            run.at(GrindHeat.FINGER_BEHIND_MM),
                            "hot",
                            run.hotBehindMm(100));
                });
    }
}
