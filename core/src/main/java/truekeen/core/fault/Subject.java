package truekeen.core.fault;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import truekeen.core.keenness.Stretch;
import truekeen.core.table.Prior;
import truekeen.core.tool.Blade;
import truekeen.core.tool.EdgeLayout;
import truekeen.core.tool.GeometryKind;

/**
 * The edge that is judged: how long, where its belly and tip begin, and which faults can befall it.
 *
 * @param lengthMm length of the edge (mm)
 * @param bellyFromMm where its belly begins (mm); its end where it has none
 * @param tipFromMm where its tip begins (mm); its end where it has none
 * @param fits what it is
 */
public record Subject(double lengthMm, double bellyFromMm, double tipFromMm, Set<FaultRule.Fits> fits) {
    /** Part of an edge that counts as one place. Prior. */
    private static final double LOCAL_SHARE = Prior.SUBJECT_LOCAL_SHARE.value();

    private static final double ALONG_SHARE = Prior.SUBJECT_ALONG_SHARE.value();

    /** The edge of a blade that is to be straight. */
    public static Subject of(Blade blade) {
        return of(blade, false);
    }

    /**
     * The edge of a blade.
     *
     * @param cambered whether it is to be cambered: its corners are then behind its middle on purpose
     */
    public static Subject of(Blade blade, boolean cambered) {
        GeometryKind kind = blade.kind();
        EdgeLayout layout = blade.layout();
        Set<FaultRule.Fits> fits = EnumSet.of(FaultRule.Fits.ALL);
        add(fits, FaultRule.Fits.TIP, layout.toTip());
        add(fits, FaultRule.Fits.BELLY, layout.bellyFromMm() < layout.tipFromMm() - 1e-6);
        add(fits, FaultRule.Fits.SQUARE, kind.square() && !cambered);
        add(fits, FaultRule.Fits.CAMBERED, kind.iron() && cambered);
        add(fits, FaultRule.Fits.PLANE, kind.iron());
        add(fits, FaultRule.Fits.BACK, kind.back());
        add(fits, FaultRule.Fits.PARES, EdgeCheck.pares(kind));
        add(fits, FaultRule.Fits.THIN, kind.dimension("behindEdge").isPresent());
        add(fits, FaultRule.Fits.SINGLE, kind == GeometryKind.SINGLE_BEVEL_KNIFE);
        add(fits, FaultRule.Fits.TURNSCREW, kind == GeometryKind.TURNSCREW);
        add(fits, FaultRule.Fits.BAR, kind == GeometryKind.MOWER_BAR);
        add(fits, FaultRule.Fits.TURNING, kind == GeometryKind.MOWER_BAR || kind == GeometryKind.BRUSH_CUTTER);
        add(fits, FaultRule.Fits.TOOTHED, kind == GeometryKind.TRIMMER || kind == GeometryKind.BRUSH_CUTTER);
        add(fits, FaultRule.Fits.TRIMMER, kind == GeometryKind.TRIMMER);
        return new Subject(layout.totalMm(), layout.bellyFromMm(), layout.tipFromMm(), fits);
    }

    private static void add(Set<FaultRule.Fits> fits, FaultRule.Fits one, boolean has) {
        if (has) {
            fits.add(one);
        }
    }

    /** What a place along the edge says by itself: the tip, the belly, one place, or all along; empty in between. */
    Optional<Sign> place(Stretch where) {
        double share = (where.toMm() - where.fromMm()) / lengthMm;
        double middle = (where.fromMm() + where.toMm()) / 2;
        if (share >= ALONG_SHARE) {
            return Optional.of(Sign.ALL_ALONG);
        }
        if (middle >= tipFromMm) {
            return Optional.of(Sign.AT_TIP);
        }
        if (middle >= bellyFromMm) {
            return Optional.of(Sign.AT_BELLY);
        }
        return share <= LOCAL_SHARE ? Optional.of(Sign.LOCAL) : Optional.empty();
    }
}
