package truekeen.core.setup;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.table.Prior;

/**
 * Camber of an iron, the shaving it takes and the strokes that make it. Source: derived here.
 *
 * @param width B, across the iron
 * @param bed φ, bed to sole
 * @param belowSole c′, how far the middle stands below the corners as seen along the sole
 */
public record Camber(Length width, Angle bed, Length belowSole) {
    /** Places along a cambered edge that strokes are dealt to. */
    public static final int STATIONS = 5;

    private static final double LEAST_SHARE = Prior.CAMBER_LEAST_SHARE.value();
    private static final double CLEAR_OF_CUT = Prior.CAMBER_CLEAR_OF_CUT.value();

    /** Refuses a camber of nothing or less, and one so deep that its round would be less than half the iron. */
    public Camber {
        if (!(belowSole.mm() > 0)) {
            throw new RefusedException(
                    Refusal.of(MessageCode.NOT_POSITIVE, "camber", belowSole).with("what", SetupWords.CAMBER.words()));
        }
        double most = width.mm() / 2 * bed.sin();
        if (belowSole.mm() > most) {
            throw new RefusedException(
                    Refusal.of(MessageCode.PART_LONGER, "camber", belowSole).with("high", Length.ofMm(most)));
        }
    }

    /** c, how far the corners stand back in the plane of the iron: {@code c′/sin φ}. */
    public Length onIron() {
        return belowSole.dividedBy(bed.sin());
    }

    /** ρ, radius of the edge in the plane of the iron: {@code (B²/4 + c²)/2c}. */
    public Length radius() {
        double c = onIron().mm();
        return Length.ofMm((width.mm() * width.mm() / 4 + c * c) / (2 * c));
    }

    /**
     * Width of a shaving: {@code 2√(2ρ·c_t − c_t²)} with {@code c_t = t/sin φ}; as wide as the iron once c_t reaches
     * c.
     *
     * @param thickness t of the shaving at its middle, more than zero
     */
    public Length shavingWidth(Length thickness) {
        if (!(thickness.mm() > 0)) {
            throw new RefusedException(Refusal.of(MessageCode.NOT_POSITIVE, "shaving", thickness)
                    .with("what", SetupWords.SHAVING.words()));
        }
        double depth = thickness.mm() / bed.sin();
        return depth >= onIron().mm() ? width : Length.ofMm(2 * Math.sqrt(2 * radius().mm() * depth - depth * depth));
    }

    /** How far the edge stands back at a distance from the middle, in the plane of the iron (mm). */
    public double backAt(double fromMiddleMm) {
        double rho = radius().mm();
        return fromMiddleMm * fromMiddleMm / (rho + Math.sqrt(rho * rho - fromMiddleMm * fromMiddleMm));
    }

    /**
     * Strokes at the five stations, left corner to right corner: shares go by the depth to be removed there.
     *
     * @param strokes in all, not negative
     */
    public List<Integer> shapingStrokes(int strokes) {
        return pairs(strokes, new double[] {backAt(width.mm() / 2), backAt(width.mm() / 4)}, 0);
    }

    /**
     * The camber a plane usually gets: what its work asks for, or a quarter more than the depth of cut where that is
     * deeper, so that the corners stay clear of the board. Source: workshop prior.
     *
     * @param byWork camber by the work, below the sole
     * @param depth depth of cut, if it is known
     * @return nothing where an iron of that width on that bed cannot be cambered so far
     */
    public static Optional<Camber> usual(Length width, Angle bed, Length byWork, Optional<Length> depth) {
        double wanted =
                Math.max(byWork.mm(), depth.map(d -> CLEAR_OF_CUT * d.mm()).orElse(0.0));
        return wanted <= width.mm() / 2 * bed.sin()
                ? Optional.of(new Camber(width, bed, Length.ofMm(wanted)))
                : Optional.empty();
    }

    /**
     * Strokes at the five stations, left corner to right corner, where the steel to go is known at each: shares go by its
     * depth, none under a quarter of the mean, left as right. Where it is as deep everywhere they are near equal.
     *
     * @param strokes in all, not negative
     * @param depthsMm at the five stations (mm)
     */
    public static List<Integer> strokesByDepth(int strokes, List<Double> depthsMm) {
        double mean =
                depthsMm.stream().mapToDouble(Double::doubleValue).average().orElse(0);
        if (!(mean > 0)) {
            return refiningStrokes(strokes);
        }
        double least = LEAST_SHARE * mean;
        double corner = Math.max(least, (depthsMm.get(0) + depthsMm.get(4)) / 2);
        double between = Math.max(least, (depthsMm.get(1) + depthsMm.get(3)) / 2);
        return pairs(strokes, new double[] {2 * corner, 2 * between}, Math.max(least, depthsMm.get(2)));
    }

    /** Strokes at the five stations on the finer stones: as near equal as whole numbers and symmetry allow. */
    public static List<Integer> refiningStrokes(int strokes) {
        return pairs(strokes, new double[] {2, 2}, 1);
    }

    /**
     * Whole strokes on pairs by the largest remainder, so that left always equals right; what is odd goes to the centre.
     */
    private static List<Integer> pairs(int strokes, double[] pairShares, double centreShare) {
        double all = Arrays.stream(pairShares).sum() + centreShare;
        // The centre's own share is taken so that the rest can be paired.
        int centre = (int) Math.round(strokes * centreShare / all);
        centre += (strokes - centre) % 2 == 0 ? 0 : centre < strokes * centreShare / all || centre == 0 ? 1 : -1;
        int pairs = (strokes - centre) / 2;
        double sum = Arrays.stream(pairShares).sum();
        double[] exact = Arrays.stream(pairShares).map(s -> pairs * s / sum).toArray();
        int[] whole = Arrays.stream(exact).mapToInt(e -> (int) Math.floor(e)).toArray();
        int left = pairs - Arrays.stream(whole).sum();
        IntStream.range(0, exact.length)
                .boxed()
                .sorted(Comparator.comparingDouble((Integer i) -> whole[i] - exact[i])
                        .thenComparing(Comparator.naturalOrder()))
                .limit(left)
                .forEach(i -> whole[i]++);
        return List.of(whole[0], whole[1], centre, whole[1], whole[0]);
    }
}
