package truekeen.core.training;

import java.util.SplittableRandom;
import truekeen.core.blade.Grain;
import truekeen.core.blade.Gum;
import truekeen.core.blade.Stroke;
import truekeen.core.blade.VirtualBlade;
import truekeen.core.blade.Wedge;
import truekeen.core.message.InWords;
import truekeen.core.message.Numbers;
import truekeen.core.table.Prior;

/** A chisel on the virtual bench to practise on: dull, its bevel to be shaped on a middle stone. */
final class PracticeEdge {
    private static final double BEVEL_DEG = 30;
    private static final double BODY_MM = 3;
    private static final double WAY_MM = 200;
    private static final double DULL_MM = 0.02;
    /** A middle and a fine water stone on a usual steel. */
    static final Grain MIDDLE = new Grain(3.6e-6, 11.5, 1.4, false);

    static final Grain FINE = new Grain(1.4e-6, 3, 0.36, false);
    static final Grain LEATHER = new Grain(6.7e-8, 0.5, 0.03, true);

    private final VirtualBlade blade;
    private final double edgeMm;
    private final double scatterDeg;

    private PracticeEdge(double edgeMm, double scatterDeg, long seed) {
        this.edgeMm = edgeMm;
        this.scatterDeg = scatterDeg;
        Wedge wedge = new Wedge(0, BEVEL_DEG, BODY_MM);
        blade = VirtualBlade.of(new Wedge(0, BEVEL_DEG - 5, BODY_MM), wedge, edgeMm, 1, 0.3, Gum.USUAL, seed);
        blade.facet(true, BEVEL_DEG, 0.6);
    }

    /** A dull one, the longer the harder. */
    static PracticeEdge shaped(int grade, SplittableRandom random) {
        PracticeEdge edge = new PracticeEdge(18 + 12 * grade + random.nextInt(10), 0.2 * grade, random.nextLong());
        double worn = DULL_MM * (0.7 + 0.6 * random.nextDouble());
        edge.blade.damage(x -> worn);
        return edge;
    }

    /** A plane's iron, dull and straight, some 50 mm wide. */
    static PracticeEdge iron(SplittableRandom random) {
        PracticeEdge edge = new PracticeEdge(44 + random.nextInt(17), 0.1, random.nextLong());
        edge.blade.damage(x -> DULL_MM / 2);
        return edge;
    }

    double lengthMm() {
        return edgeMm;
    }

    /** Firm strokes on the bevel along a part of the edge. */
    void strokes(int count, double fromMm, double toMm) {
        for (int i = 0; i < count; i++) {
            blade.stroke(
                    new Stroke(true, BEVEL_DEG, 20, WAY_MM * (toMm - fromMm) / edgeMm, fromMm, toMm, scatterDeg),
                    MIDDLE);
        }
    }

    VirtualBlade blade() {
        return blade;
    }

    String lengthInWords() {
        return Numbers.plain(edgeMm, 0) + InWords.MM;
    }

    /** Strokes along the whole edge. */
    void strokes(boolean bevel, int count, double forceN, Grain grain) {
        for (int i = 0; i < count; i++) {
            blade.stroke(
                    new Stroke(bevel, bevel ? BEVEL_DEG : 0, forceN, WAY_MM, 0, edgeMm, bevel ? scatterDeg : 0), grain);
        }
    }

    /** Shapes the places that are named until their burr is there. */
    void raise(boolean[] there) {
        double wide = edgeMm / there.length;
        for (int place = 0; place < there.length; place++) {
            for (int i = 0; there[place] && i < 400 && !felt(place, there.length); i++) {
                blade.stroke(
                        new Stroke(
                                true,
                                BEVEL_DEG,
                                20,
                                WAY_MM * wide / edgeMm,
                                place * wide,
                                (place + 1) * wide,
                                scatterDeg),
                        MIDDLE);
            }
        }
    }

    /** Whether a burr is felt all along a place. */
    boolean felt(int place, int places) {
        double wide = edgeMm / places;
        for (int i = 0; i < blade.stations(); i++) {
            double at = blade.placeMm(i);
            if (at > place * wide && at < (place + 1) * wide && blade.burrUm(i) < Prior.BURR_RAISED_UM.value()) {
                return false;
            }
        }
        return true;
    }

    /** Whether a burr is felt all along the edge. */
    boolean feltAllAlong() {
        return felt(0, 1);
    }

    double longestBurrUm() {
        double longest = 0;
        for (int i = 0; i < blade.stations(); i++) {
            longest = Math.max(longest, blade.burrUm(i));
        }
        return longest;
    }

    /** Whether the burr hangs on the side of the bevel, where it is longest. */
    boolean burrOnBevel() {
        int longest = 0;
        for (int i = 1; i < blade.stations(); i++) {
            longest = blade.burrUm(i) > blade.burrUm(longest) ? i : longest;
        }
        return blade.burrUpper(longest);
    }

    boolean hangs() {
        for (int i = 0; i < blade.stations(); i++) {
            if (blade.hangs(i)) {
                return true;
            }
        }
        return false;
    }
}
