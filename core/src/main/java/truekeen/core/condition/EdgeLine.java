package truekeen.core.condition;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import java.util.function.DoubleUnaryOperator;
import truekeen.core.quantity.Length;
import truekeen.core.section.TargetBevel;
import truekeen.core.table.Prior;
import truekeen.core.tool.Blade;
import truekeen.core.tool.PlaneIron;

/**
 * The edge line, place by place: where steel is missing, where the edge is out of square, how a camber changes, and where
 * the new edge must lie to clear all of it. Source: derived here.
 */
final class EdgeLine {
    private static final double STEP_MM = 1;
    /** Where only the blade itself varies, from one measured station to the next, it varies slowly (mm). */
    private static final double SLOW_STEP_MM = 6;

    /** Two cambers closer than this are the same one (mm). */
    private static final double SAME_CAMBER_MM = Prior.SAME_CAMBER_MM.value();

    private final EdgeSurvey survey;
    private final double length;
    private final double worn;
    private final double sinBevel;
    private final DoubleUnaryOperator camberGain;
    private final boolean cambers;
    private TreeSet<Double> looked;

    /**
     * The line of an edge.
     *
     * @param worn recession to fresh steel all along (mm)
     */
    EdgeLine(EdgeSurvey survey, Blade blade, TargetBevel target, double worn) {
        this.survey = survey;
        this.length = blade.edgeLengthMm();
        this.worn = worn;
        this.sinBevel = target.primary().sin();
        double now =
                blade instanceof PlaneIron iron ? iron.camber().map(Length::mm).orElse(0.0) : 0;
        double wanted = target.camber().map(Length::mm).orElse(now);
        this.cambers = Math.abs(wanted - now) > SAME_CAMBER_MM;
        this.camberGain = cambers ? x -> arc(wanted, x) - arc(now, x) : x -> 0;
    }

    /** How far a circular arc that falls back by c at the corners lies behind its middle (mm). */
    private double arc(double c, double x) {
        if (c <= 0) {
            return 0;
        }
        double rho = (length * length / 4 + c * c) / (2 * c);
        double u = x - length / 2;
        return u * u / (rho + Math.sqrt(rho * rho - u * u));
    }

    /** How much farther back a place is to lie than by the shape the edge has now (mm); negative where less far. */
    double gain(double x) {
        return camberGain.applyAsDouble(x);
    }

    /**
     * How deep the honing goes at so many stations from corner to corner (mm): the recession, and the camber that is still
     * missing there.
     *
     * @param recession of the middle (mm)
     * @param ground whether the curve was ground already, so that the same goes everywhere
     */
    List<Double> depthsAt(int stations, double recession, boolean ground) {
        List<Double> depths = new ArrayList<>();
        for (int i = 0; i < stations; i++) {
            double x = length * i / (stations - 1);
            depths.add(Math.max(0, recession + (ground ? 0 : gain(x))));
        }
        return depths;
    }

    /** The most of it along the edge (mm), not below zero. */
    double mostGain() {
        return Math.max(0, Math.max(gain(0), gain(length / 2)));
    }

    /** Whether the camber changes. */
    boolean cambers() {
        return cambers;
    }

    /**
     * The new edge: the least line, at the foremost point of the edge, that clears present edge, wear, and every finding
     * not left on purpose (mm).
     */
    double newEdge() {
        return newEdge(demands());
    }

    private static double newEdge(List<Demand> demands) {
        return demands.stream()
                .filter(d -> !d.left())
                .mapToDouble(Demand::lineMm)
                .max()
                .orElse(0);
    }

    /** What each thing asks, in the order of wear, squareness, camber, old back bevel, pits to be passed, findings; one decides. */
    List<Demand> demands() {
        List<Demand> asked = new ArrayList<>();
        if (worn > 0) {
            asked.add(new Demand(
                    Demand.Subject.WEAR, survey.dullness().words(), worn, greatest(x -> worn - gain(x)), false, false));
        }
        if (survey.square().off().radians() > 0) {
            double own =
                    survey.square().behindAt(survey.square().high() == EdgeSurvey.HighCorner.LEFT ? length : 0, length);
            boolean mend = survey.square().mend();
            asked.add(new Demand(
                    Demand.Subject.SQUARENESS,
                    ConditionWords.OUT_OF_SQUARE.fill("off", survey.square().off()),
                    own,
                    // Squared down to clean steel: the worn apex goes with it.
                    mend ? greatest(x -> tilt(x) + worn - gain(x)) : own,
                    false,
                    !mend));
        }
        if (cambers) {
            asked.add(new Demand(
                    Demand.Subject.CAMBER,
                    ConditionWords.CAMBER_CHANGES.words(),
                    mostGain(),
                    Math.max(0, greatest(x -> worn - gain(x))),
                    false,
                    false));
        }
        survey.departures().oldBack().ifPresent(o -> {
            boolean byEdge = o.goes() == ShapeDeviations.OldBackGoes.BY_THE_EDGE;
            asked.add(new Demand(
                    Demand.Subject.OLD_BACK_BEVEL,
                    ConditionWords.OLD_BACK_BEVEL.words(),
                    o.recessionMm(),
                    greatest(x -> tilt(x) + o.recessionMm() - gain(x)),
                    false,
                    !byEdge));
        });
        if (survey.pastThePits() && survey.pitsAtEdgeMm() > 0) {
            double deep = survey.pitsAtEdgeMm();
            asked.add(new Demand(
                    Demand.Subject.PITS,
                    ConditionWords.PAST_THE_PITS.words(),
                    deep,
                    greatest(x -> tilt(x) + deep - gain(x)),
                    false,
                    false));
        }
        for (int i = 0; i < survey.findings().size(); i++) {
            asked.add(of(i, survey.findings().get(i)));
        }
        return decided(reachedPits(asked));
    }

    private Demand of(int index, Finding f) {
        Finding taken = new Finding(f.kind(), f.fromMm(), f.toMm(), f.depthMm(), f.behindMm(), false);
        double own = 0;
        double line = 0;
        for (double x : within(f)) {
            double asks = taken.askedAt(x, length, sinBevel);
            own = Math.max(own, asks);
            if (asks > 0) {
                line = Math.max(line, tilt(x) + asks - gain(x));
            }
        }
        // A pit that begins behind the edge asks nothing as long as the edge does not come to it.
        boolean elsewhere = f.kind() == Finding.Kind.PIT_BACK || (f.kind().pit() && f.behindMm() > 0);
        return new Demand(Demand.Subject.finding(index), f.kind().words(), own, elsewhere ? 0 : line, false, f.leave());
    }

    /** A pit in the bevel that the new edge would come to is a nick in it: the edge goes on until the pit is gone. */
    private List<Demand> reachedPits(List<Demand> asked) {
        List<Demand> now = new ArrayList<>(asked);
        for (boolean again = true; again; ) {
            again = false;
            double line = newEdge(now);
            for (int i = 0; i < survey.findings().size(); i++) {
                Finding f = survey.findings().get(i);
                int at = now.size() - survey.findings().size() + i;
                Demand d = now.get(at);
                double needed = d.ownMm() + tilt((f.fromMm() + f.toMm()) / 2);
                boolean reached = f.kind() == Finding.Kind.PIT_BEVEL && f.behindMm() > 0 && line > f.behindMm();
                if (reached && d.lineMm() < needed) {
                    now.set(at, new Demand(d.subject(), d.words(), d.ownMm(), needed, false, d.left()));
                    again = !f.leave();
                }
            }
        }
        return now;
    }

    private static List<Demand> decided(List<Demand> asked) {
        double line = newEdge(asked);
        List<Demand> all = new ArrayList<>();
        boolean found = false;
        for (Demand d : asked) {
            boolean decides = !found && !d.left() && line > 0 && d.lineMm() >= line;
            found |= decides;
            all.add(new Demand(d.subject(), d.words(), d.ownMm(), d.lineMm(), decides, d.left()));
        }
        return List.copyOf(all);
    }

    private double greatest(DoubleUnaryOperator of) {
        return stations().stream().mapToDouble(of::applyAsDouble).max().orElse(0);
    }

    private List<Double> within(Finding f) {
        List<Double> at = new ArrayList<>(List.of(f.fromMm(), (f.fromMm() + f.toMm()) / 2, f.toMm()));
        if (slants() || cambers) {
            at.addAll(stations().subSet(f.fromMm(), true, f.toMm(), true));
        }
        return at;
    }

    private boolean slants() {
        return tilt(0) != tilt(length);
    }

    /**
     * Where the edge is looked at: at every place where something begins, ends or turns, and every millimetre between
     * where the recession varies, more coarsely where only the blade does. Elsewhere it is the same all along, and both ends say all.
     */
    TreeSet<Double> stations() {
        if (looked == null) {
            looked = lookedAt();
        }
        return looked;
    }

    private TreeSet<Double> lookedAt() {
        TreeSet<Double> turns = new TreeSet<>(List.of(0.0, length));
        if (cambers) {
            turns.add(length / 2);
        }
        for (Finding f : survey.findings()) {
            turns.add(Math.max(0, f.fromMm()));
            turns.add((f.fromMm() + f.toMm()) / 2);
            turns.add(Math.min(length, f.toMm()));
            if (f.kind() == Finding.Kind.DENT) {
                turns.add(f.fromMm() + (f.toMm() - f.fromMm()) / 4);
                turns.add(f.toMm() - (f.toMm() - f.fromMm()) / 4);
            }
        }
        turns.addAll(survey.departures().places());
        boolean blade = survey.departures().places().size() > 1;
        TreeSet<Double> at = new TreeSet<>(turns);
        for (double from : turns) {
            Double to = turns.higher(from);
            if (to == null) {
                break;
            }
            boolean moves = slants() || cambers || missing((from + to) / 2) > 0;
            int steps = moves
                    ? (int) Math.ceil((to - from) / STEP_MM)
                    : blade ? (int) Math.ceil((to - from) / SLOW_STEP_MM) : 1;
            for (int i = 1; i < steps; i++) {
                at.add(from + (to - from) * i / steps);
            }
        }
        return at;
    }

    /** How far the edge lies behind its high corner at a place, where it is to be squared (mm). */
    double tilt(double x) {
        return survey.square().mend() ? survey.square().behindAt(x, length) : 0;
    }

    /** How far the edge lies back at a place because steel is missing (mm). */
    double missing(double x) {
        return survey.findings().stream()
                .mapToDouble(f -> f.missingAt(x, length))
                .max()
                .orElse(0);
    }
}
