package truekeen.core.fault;

import java.util.EnumSet;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import truekeen.core.keenness.Stretch;
import truekeen.core.table.Prior;
import truekeen.core.tool.Blade;
import truekeen.core.tool.EdgeLayout;
import truekeen.core.tool.GeometryKind;

/**
 * The edge that is judged: how long, where it rises to a tip, and which faults can befall it.
 *
 * @param lengthMm length of the edge (mm)
 * @param risesFromMm where it begins to rise to its tip (mm); empty where it does not
 * @param fits what it is
 */
public record Subject(double lengthMm, OptionalDouble risesFromMm, Set<FaultRule.Fits> fits) {
    /** Part of an edge that counts as one place. Prior. */
    private static final double LOCAL_SHARE = Prior.SUBJECT_LOCAL_SHARE.value();

    private static final double ALONG_SHARE = Prior.SUBJECT_ALONG_SHARE.value();
    /** Part of a straight edge that counts as its tip. Prior. */
    private static final double TIP_SHARE = Prior.SUBJECT_TIP_SHARE.value();

    /** The edge of a blade. */
    public static Subject of(Blade blade) {
        GeometryKind kind = blade.kind();
        EdgeLayout layout = blade.layout();
        Set<FaultRule.Fits> fits = EnumSet.of(FaultRule.Fits.ALL);
        OptionalDouble rises = OptionalDouble.empty();
        if (layout.toTip()) {
            fits.add(FaultRule.Fits.TIP);
            rises = OptionalDouble.of(layout.rise().stream()
                    .filter(r -> r.riseMm() > 1e-6)
                    .mapToDouble(EdgeLayout.Rise::alongMm)
                    .findFirst()
                    .orElse(TIP_SHARE * layout.totalMm()));
        }
        add(fits, FaultRule.Fits.SQUARE, kind.square());
        add(fits, FaultRule.Fits.PLANE, kind.iron());
        add(fits, FaultRule.Fits.BACK, kind.back());
        add(fits, FaultRule.Fits.THIN, kind.dimension("behindEdge").isPresent());
        add(fits, FaultRule.Fits.TURNSCREW, kind == GeometryKind.TURNSCREW);
        add(fits, FaultRule.Fits.BAR, kind == GeometryKind.MOWER_BAR || kind == GeometryKind.BRUSH_CUTTER);
        add(fits, FaultRule.Fits.TEETH, kind == GeometryKind.TRIMMER || kind == GeometryKind.BRUSH_CUTTER);
        return new Subject(layout.totalMm(), rises, fits);
    }

    private static void add(Set<FaultRule.Fits> fits, FaultRule.Fits one, boolean has) {
        if (has) {
            fits.add(one);
        }
    }

    /** What a place along the edge says by itself: the tip, one place, or all along; empty in between. */
    Optional<Sign> place(Stretch where) {
        double share = (where.toMm() - where.fromMm()) / lengthMm;
        double middle = (where.fromMm() + where.toMm()) / 2;
        if (share >= ALONG_SHARE) {
            return Optional.of(Sign.ALL_ALONG);
        }
        if (risesFromMm.isPresent() && middle >= risesFromMm.getAsDouble()) {
            return Optional.of(Sign.AT_TIP);
        }
        return share <= LOCAL_SHARE ? Optional.of(Sign.LOCAL) : Optional.empty();
    }
}
