package truekeen.core.condition;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import truekeen.core.message.Checks;
import truekeen.core.message.InWords;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.table.Prior;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Convention;
import truekeen.core.tool.Dimension;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.Measures;
import truekeen.core.tool.Operation;

/**
 * How the shape of a blade departs from what was noted at the door: measures that differ along the edge, sides that differ,
 * an old back bevel, a bend.
 *
 * @param measures taken at stations, in any order
 * @param uneven angles of the two sides, where they differ
 * @param oldBack a back bevel that somebody left, on a tool that should have none
 * @param bend how far the blade is bent
 */
public record ShapeDeviations(
        List<StationMeasure> measures, Optional<Uneven> uneven, Optional<OldBack> oldBack, Optional<Bend> bend) {
    /** The blade is as it was noted. */
    public static final ShapeDeviations NONE =
            new ShapeDeviations(List.of(), Optional.empty(), Optional.empty(), Optional.empty());

    /** Dimensions that may be measured at stations, where a family has them. */
    private static final Set<String> VARYING =
            Set.of("behindEdge", "secondaryWidth", "edgeBevelWidth", "thicknessBehind");

    private static final int MOST_MEASURES = 60;

    /** Keeps the list from changing. */
    public ShapeDeviations {
        measures = List.copyOf(measures);
    }

    /**
     * A dimension measured at a place.
     *
     * @param field the dimension of the family
     * @param xMm place along the edge (mm)
     * @param value what it measures there, in the unit of the dimension
     */
    public record StationMeasure(String field, double xMm, double value) {}

    /** Angles of the two sides at the edge, seen from the handle with the edge down. */
    public record Uneven(Angle left, Angle right) {
        /** The steeper one: less steel has gone from that side. */
        Angle steeper() {
            return left.compareTo(right) > 0 ? left : right;
        }

        /** The flatter one. */
        Angle flatter() {
            return Angle.min(left, right);
        }
    }

    /** What becomes of an old back bevel. */
    public enum OldBackGoes {
        /** It stays. */
        KEPT,
        /** The edge is moved back past it. */
        BY_THE_EDGE,
        /** The back is flattened until it is gone. */
        BY_THE_BACK
    }

    /**
     * A back bevel that is not wanted.
     *
     * @param width along its face
     * @param angle to the back
     * @param goes what becomes of it
     */
    public record OldBack(Length width, Angle angle, OldBackGoes goes) {
        /** How far the edge must go back to pass it (mm). */
        public double recessionMm() {
            return width.mm() * angle.cos();
        }

        /** How deep the back must be flattened to be rid of it (mm). */
        public double depthMm() {
            return width.mm() * angle.sin();
        }
    }

    /**
     * A bend along the edge.
     *
     * @param gap under a straightedge laid over the whole edge, at its widest
     * @param accepted whether the tool is worked as it is all the same
     */
    public record Bend(Length gap, boolean accepted) {
        /** Length of a bench stone (mm). Source: workshop prior. */
        private static final double STONE_MM = Prior.BENCH_STONE_MM.value();
        /** A stone reaches what stands off it by no more than this, since so much goes in the work (mm). */
        private static final double TOUCHES_MM = Prior.BEND_TOUCHES_MM.value();

        /** Length of the stone it is laid along. */
        public static Length stone() {
            return Length.ofMm(STONE_MM);
        }

        /** A bend of which nothing more is said. */
        public Bend(Length gap) {
            this(gap, false);
        }

        /** A stone of that length lies over the hollow side and misses so much in its middle (mm), at most the gap. */
        public double missedUnder(double stoneMm, double edgeMm) {
            double share = Math.min(1, stoneMm / edgeMm);
            return gap.mm() * share * share;
        }

        /**
         * What a bench stone laid along the hollow side never touches; empty where it reaches all of it. The hollow is taken
         * for a parabola, deepest in the middle of the edge. Source: derived here.
         */
        public Optional<Missed> missed(double edgeMm) {
            double stone = Math.min(STONE_MM, edgeMm);
            double depth = missedUnder(stone, edgeMm);
            if (depth <= TOUCHES_MM) {
                return Optional.empty();
            }
            double half = stone / 2 * Math.sqrt(1 - TOUCHES_MM / depth);
            return Optional.of(new Missed(edgeMm / 2 - half, edgeMm / 2 + half, depth));
        }
    }

    /**
     * A stretch that a stone never touches.
     *
     * @param fromMm where it begins
     * @param toMm where it ends
     * @param depthMm how far it stands off in its middle (mm)
     */
    public record Missed(double fromMm, double toMm, double depthMm) {}

    /** Whether a bend must be dealt with or accepted first: the whole back of a single-bevel knife is to lie on the stone. */
    public static boolean heldUpByBend(Blade blade) {
        return blade.kind() == GeometryKind.SINGLE_BEVEL_KNIFE;
    }

    /** Whether a tool is held up by a bend that nobody dealt with or accepted. */
    public boolean heldUp(Blade blade) {
        return heldUpByBend(blade)
                && bend.filter(b -> !b.accepted())
                        .flatMap(b -> b.missed(blade.edgeLengthMm()))
                        .isPresent();
    }

    /** Dimensions of a family that may be measured at stations. */
    public static List<Dimension> varying(Blade blade) {
        return blade.kind().dimensions().stream()
                .filter(d -> VARYING.contains(d.field()) && blade.measures().has(d.field()))
                .toList();
    }

    /** Whether the two sides of a family can differ. */
    public static boolean canBeUneven(Blade blade) {
        return blade.kind().convention() == Convention.PER_SIDE;
    }

    /** Whether a back bevel on it would be somebody's mistake. */
    public static boolean canHaveOldBack(Blade blade) {
        return blade.kind().back() && !blade.kind().allows(Operation.BACK_BEVEL);
    }

    /** Places where something was measured. */
    TreeSet<Double> places() {
        TreeSet<Double> at = new TreeSet<>();
        measures.forEach(m -> at.add(m.xMm()));
        return at;
    }

    /** The blade as it is at a place: measured dimensions lie on straight lines between stations and go on level. */
    Blade at(Blade blade, double x) {
        if (measures.isEmpty() && uneven.isEmpty()) {
            return blade;
        }
        Map<String, Double> now = new TreeMap<>(blade.measures().values());
        measures.stream().map(StationMeasure::field).distinct().forEach(f -> now.put(f, valueAt(f, x)));
        // The section is drawn with the steeper side on both; the flatter one is then cut.
        uneven.ifPresent(u -> now.put(
                blade.secondary().isPresent() ? "secondary" : "primary",
                u.steeper().degrees()));
        return blade.kind().build(new Measures(now));
    }

    private double valueAt(String field, double x) {
        TreeMap<Double, Double> known = new TreeMap<>();
        measures.stream().filter(m -> m.field().equals(field)).forEach(m -> known.put(m.xMm(), m.value()));
        Map.Entry<Double, Double> before = known.floorEntry(x);
        Map.Entry<Double, Double> after = known.ceilingEntry(x);
        if (before == null || after == null || before.getKey().equals(after.getKey())) {
            return (before == null ? after : before).getValue();
        }
        double share = (x - before.getKey()) / (after.getKey() - before.getKey());
        return before.getValue() + share * (after.getValue() - before.getValue());
    }

    /** Notes every fault; fields are named {@code measures[i].value}, {@code uneven.left} and so on. */
    void check(Checks checks, Blade blade) {
        checks.require(
                measures.size() <= MOST_MEASURES, () -> Refusal.of(MessageCode.TOO_MANY, "measures", measures.size())
                        .with("high", MOST_MEASURES)
                        .with("what", ConditionWords.MEASURES_AT_STATIONS.words()));
        for (int i = 0; i < Math.min(measures.size(), MOST_MEASURES); i++) {
            StationMeasure m = measures.get(i);
            String at = "measures[" + i + "].";
            Optional<Dimension> dimension = varying(blade).stream()
                    .filter(d -> d.field().equals(m.field()))
                    .findFirst();
            checks.within(at + "at", ConditionWords.A_PLACE.words(), m.xMm(), 0, blade.edgeLengthMm(), InWords.MM);
            if (dimension.isEmpty()) {
                checks.refuse(Refusal.of(MessageCode.NOT_OF_THIS_FAMILY, at + "field", m.field())
                        .with("what", blade.kind().key()));
            } else {
                Dimension d = dimension.get();
                checks.within(
                        at + "value",
                        d.label(),
                        m.value(),
                        d.low(),
                        d.high(),
                        d.measure().unit());
            }
        }
        uneven.ifPresent(u -> {
            checks.require(canBeUneven(blade), () -> Refusal.of(
                            MessageCode.NOT_OF_THIS_FAMILY, "uneven.left", ConditionWords.SIDES_THAT_DIFFER.words())
                    .with("what", blade.kind().key()));
            double least = blade.secondary().isPresent() ? blade.primary().degrees() + 0.5 : 2;
            checks.within("uneven.left", ConditionWords.A_SIDE.words(), u.left().degrees(), least, 60, "°");
            checks.within(
                    "uneven.right", ConditionWords.A_SIDE.words(), u.right().degrees(), least, 60, "°");
        });
        oldBack.ifPresent(o -> {
            checks.require(canHaveOldBack(blade), () -> Refusal.of(
                            MessageCode.NOT_OF_THIS_FAMILY, "oldBack.width", ConditionWords.AN_OLD_BACK_BEVEL.words())
                    .with("what", blade.kind().key()));
            checks.within(
                    "oldBack.width",
                    ConditionWords.A_BACK_BEVEL.words(),
                    o.width().mm(),
                    0.02,
                    blade.usable().mm(),
                    InWords.MM);
            checks.within(
                    "oldBack.angle",
                    ConditionWords.A_BACK_BEVEL.words(),
                    o.angle().degrees(),
                    0.1,
                    45,
                    "°");
        });
        bend.ifPresent(b -> checks.within(
                "bend", ConditionWords.A_GAP.words(), b.gap().mm(), 0.01, blade.edgeLengthMm() / 10, InWords.MM));
        if (checks.clean()) {
            // What is measured at each station must still make a blade that can be.
            places().forEach(x -> at(blade, x).check(checks));
        }
    }
}
