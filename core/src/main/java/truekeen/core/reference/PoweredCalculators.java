package truekeen.core.reference;

import static truekeen.core.reference.Calculator.gives;
import static truekeen.core.reference.Calculator.in;
import static truekeen.core.reference.Calculator.num;
import static truekeen.core.reference.Calculator.out;
import static truekeen.core.reference.Calculator.to;
import static truekeen.core.reference.Calculator.whole;

import java.time.LocalDate;
import java.util.List;
import truekeen.core.advice.Formula;
import truekeen.core.balance.MarkedWidths;
import truekeen.core.machine.Ground;
import truekeen.core.machine.RunningHours;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.powered.Tooling;
import truekeen.core.quantity.Length;

/** Blades of machines: edges alike, what the ends lost, when the hours are up. */
final class PoweredCalculators {
    private PoweredCalculators() {}

    static List<Calculator> all() {
        return List.of(edgesAlike(), markedLoss(), hoursDue());
    }

    private static Calculator edgesAlike() {
        return new Calculator(
                "edges-alike",
                Formula.EDGES_ALIKE,
                "Strokes for edges that must stay alike",
                in(
                        num("volume", "Steel to go from all edges", "mm³", 0, 100_000, 760),
                        whole("edges", "Edges", 1, 500, 2),
                        num("each", "What a stroke takes", "mm³", 0.01, 100, 2.1),
                        num("seconds", "Time of a stroke", "s", 0.2, 60, 1.2)),
                to(
                        out("strokes", "Strokes on each edge", ""),
                        out("all", "Strokes in all", ""),
                        out("minutes", "Time of them", "min")),
                v -> {
                    int edges = v.whole("edges");
                    int strokes = Tooling.alike(v.num("volume") / edges / v.num("each"));
                    return gives(
                            "strokes",
                            (double) strokes,
                            "all",
                            (double) strokes * edges,
                            "minutes",
                            strokes * edges * v.num("seconds") / 60);
                });
    }

    private static Calculator markedLoss() {
        return new Calculator(
                "marked-loss",
                Formula.MARKED_LOSS,
                "Steel two ends lost, by their widths",
                in(
                        num("before", "Width before", "mm", 1, 400, 55),
                        num("first", "Width of the first end after", "mm", 1, 400, 53),
                        num("second", "Width of the second end after", "mm", 1, 400, 53.2),
                        num("edge", "Cutting edge of one end", "mm", 1, 1000, 95),
                        num("thickness", "Thickness", "mm", 0.2, 30, 4)),
                to(out("volume", "Volume", "mm³"), out("mass", "Mass", "g"), out("apart", "The ends differ by", "mm")),
                v -> {
                    notGrown(v, "first");
                    notGrown(v, "second");
                    MarkedWidths w = MarkedWidths.of(
                            List.of(List.of(v.num("before")), List.of(v.num("before"))),
                            List.of(List.of(v.num("first")), List.of(v.num("second"))),
                            Length.ofMm(v.num("edge")),
                            Length.ofMm(v.num("thickness")));
                    return gives(
                            "volume",
                            w.volumeMm3().get(0) + w.volumeMm3().get(1),
                            "mass",
                            w.massG(),
                            "apart",
                            w.apartMm());
                });
    }

    private static Calculator hoursDue() {
        return new Calculator(
                "hours-due",
                Formula.HOURS_DUE,
                "Wear by the hours run",
                in(
                        num("clean", "Hours on clean ground", "h", 0, 2000, 8),
                        num("stony", "Hours on stony ground", "h", 0, 2000, 4),
                        num("sandy", "Hours on sandy ground", "h", 0, 2000, 1),
                        num("interval", "Hours an edge lasts on clean ground", "h", 0.5, 2000, 25)),
                to(out("wear", "Wear, as hours on clean ground", "h"), out("left", "left", "h")),
                v -> {
                    double wear = worn(v.num("clean"), Ground.CLEAN)
                            + worn(v.num("stony"), Ground.STONY)
                            + worn(v.num("sandy"), Ground.SANDY);
                    return gives("wear", wear, "left", v.num("interval") - wear);
                });
    }

    private static void notGrown(Calculator.Values v, String after) {
        if (v.num(after) > v.num("before")) {
            throw new RefusedException(Refusal.of(MessageCode.GREW, after, Length.ofMm(v.num(after)))
                    .with("what", "A width")
                    .with("high", Length.ofMm(v.num("before"))));
        }
    }

    private static double worn(double hours, Ground ground) {
        return new RunningHours.Run(LocalDate.EPOCH, hours, ground).worn();
    }
}
