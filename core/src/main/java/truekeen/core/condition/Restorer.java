package truekeen.core.condition;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.BevelCut;
import truekeen.core.section.Cut;
import truekeen.core.section.Cutter;
import truekeen.core.section.EdgeShape;
import truekeen.core.section.Facet;
import truekeen.core.section.HollowGrind;
import truekeen.core.section.MicroBevel;
import truekeen.core.section.Section;
import truekeen.core.section.TargetBevel;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Operation;

/**
 * Works out what must go. The intended edge is moved back until it clears the present edge, every finding to be
 * removed, and the worn steel of a dull apex; the volume integrates that recession over the stations, each cut by the
 * section kernel. Source: derived here; limits are workshop priors.
 */
public final class Restorer {
    /** Pits on the back deeper than this at the edge end the life of a tool that takes no back bevel (mm). */
    public static final double DEEPEST_PITS_MM = 0.25;
    /** How much of the back of a square-ended tool, from the edge, is kept flat (mm). */
    public static final double BACK_ZONE_MM = 30;
    /** The same strip on a long blade (mm). */
    public static final double BACK_STRIP_MM = 3;

    private static final double SAME_ANGLE_DEG = 0.25;
    /** A fresh secondary takes no more than this share of the face it lies on. */
    private static final double FRESH_SHARE = 0.4;
    /** Nor is one honed that takes more than this share. */
    private static final double WIDEST_SHARE = 0.9;
    /** The steps of Simpson's rule stop this short of a jump, so that each sees one side of it (mm). */
    private static final double NUDGE_MM = 1e-9;

    private final Blade blade;
    private final EdgeSurvey survey;
    private final TargetBevel target;
    private final EdgeShape shape;
    private final EdgeLine edge;
    private final Section intact;
    private final double line;

    private Restorer(Blade blade, EdgeSurvey survey, TargetBevel target) {
        this.blade = blade;
        this.survey = survey;
        this.target = target;
        this.shape = EdgeShape.of(blade, target);
        this.intact = keepsHoned() ? shape.now() : formerHoned(shape.now());
        this.edge = new EdgeLine(
                survey,
                blade.edgeLengthMm(),
                stropOnly() ? 0 : survey.dullness().recessionMm());
        this.line = edge.newEdge();
    }

    /**
     * Works out what must go.
     *
     * @throws RefusedException when the edge would have to move past the steel there is, or the family does not allow
     *     what is wanted
     */
    public static Restoration restore(Blade blade, EdgeSurvey survey, TargetBevel target) {
        target.back().ifPresent(b -> blade.kind().require(Operation.BACK_BEVEL, "backBevel"));
        target.wheel().ifPresent(w -> blade.kind().require(Operation.HOLLOW, "wheelDiameter"));
        return new Restorer(blade, survey, target).restore();
    }

    /** Widest secondary of a blade that is still honed rather than reground (mm). */
    public static double widestSecondaryMm(Blade blade, TargetBevel target) {
        return widest(blade, EdgeShape.of(blade, target), target);
    }

    private Restoration restore() {
        if (line >= blade.usable().mm()) {
            throw new RefusedException(Refusal.of(MessageCode.MOVED_PAST_STEEL, "findings", Length.ofMm(line))
                    .with("high", blade.usable()));
        }
        boolean strop = stropOnly();
        String grindReason = strop ? null : grindReason();
        double finalLine = strop ? 0 : grindReason == null ? honedLine() : line + freshRecession();
        List<Cutting> cuts = cuttings(finalLine, grindReason != null);
        Cutting deepest = cuts.stream()
                .max((a, b) -> Double.compare(a.depthAll(), b.depthAll()))
                .orElseThrow();
        double width = strop
                ? facetWidth(List.of(shape.now()))
                : cuts.stream().mapToDouble(c -> facetWidth(c.after())).max().orElse(0);
        double after = blade.usable().mm() - finalLine;
        double left = after - blade.retire().mm();
        ScopeChoice choice = ScopeChoice.of(survey, blade.kind(), left, grindReason, damaged(), strop, bevelChange());
        boolean ground = grindReason != null;
        return new Restoration(
                choice.scope(),
                choice.reasons(),
                line,
                finalLine,
                ground ? Optional.of(shaping(cuts, true)) : Optional.empty(),
                strop ? Optional.empty() : Optional.of(shaping(cuts, false)),
                back(),
                width,
                after,
                left,
                honingsLeft(width),
                WornBlade.of(blade, target, finalLine, width, deepest.after()),
                cuts.stream()
                        .map(c -> new StationCut(c.x, c.present, finalLine - c.present))
                        .toList(),
                deepest.before,
                deepest.after(),
                deepest.removed());
    }

    /** The cuts at one station: what was there, the grinding where there is any, the honing. */
    private record Cutting(double x, double present, List<Section> before, Cut ground, Cut honed, double weight) {
        List<Section> after() {
            return honed.kept();
        }

        double depthAll() {
            return (ground == null ? 0 : ground.removedArea()) + honed.removedArea();
        }

        List<Section> removed() {
            List<Section> all = new ArrayList<>(ground == null ? List.of() : ground.removed());
            all.addAll(honed.removed());
            return all;
        }
    }

    private List<Cutting> cuttings(double finalLine, boolean grind) {
        List<Cutting> cuts = new ArrayList<>();
        double[] at = edge.stations().stream().mapToDouble(Double::doubleValue).toArray();
        for (int i = 0; i + 1 < at.length; i++) {
            double h = at[i + 1] - at[i];
            // Simpson over each piece: the area is piecewise quadratic in the recession, which is linear here
            cuts.add(cutting(at[i] + NUDGE_MM, finalLine, grind, h / 6));
            cuts.add(cutting(at[i] + h / 2, finalLine, grind, h * 4 / 6));
            cuts.add(cutting(at[i + 1] - NUDGE_MM, finalLine, grind, h / 6));
        }
        return cuts;
    }

    private Cutting cutting(double x, double finalLine, boolean grind, double weight) {
        double tilt = edge.tilt(x);
        double present = tilt + edge.missing(x);
        List<Section> before = intact.movedAlongBack(tilt).within(Cutter.blunt(present), Facet.BLUNT);
        Cut ground = grind ? shape.cut(before, shape.ground(), line) : null;
        List<Section> rest = grind ? ground.kept() : before;
        Cut honed = stropOnly() ? new Cut(rest, List.of()) : shape.cut(rest, shape.honed(), finalLine);
        return new Cutting(x, present, before, ground, honed, weight);
    }

    private Shaping shaping(List<Cutting> cuts, boolean ofGround) {
        double volume = 0;
        double area = 0;
        double depth = 0;
        Facet facet = ofGround ? Facet.PRIMARY : shape.honedFacet();
        for (Cutting c : cuts) {
            Cut cut = ofGround ? c.ground : c.honed;
            // The ground face is counted as ground, before the honing takes its strip of it.
            volume += c.weight * cut.removedArea();
            area += c.weight * Cut.lengthOf(cut.kept(), facet);
            depth = Math.max(depth, cut.removedDepthFrom(facesBefore(ofGround, c)));
        }
        return new Shaping(volume, area, depth);
    }

    /** The lines of the bevels as they were before the cut. */
    private List<Cutter> facesBefore(boolean ofGround, Cutting c) {
        double tilt = edge.tilt(c.x);
        List<BevelCut> wanted = ofGround ? shape.ground() : shape.honed();
        if (!ofGround && c.ground != null) {
            return shape.ground().stream().map(b -> b.chordAt(line)).toList();
        }
        double meeting = ofGround ? shape.facets().meetingMm() : 0;
        Angle angle = ofGround
                ? shape.facets().ground()
                : shape.facets().honed().orElse(shape.facets().ground());
        return wanted.stream()
                .filter(b -> b.facet() != Facet.BACK_BEVEL)
                .map(b ->
                        new BevelCut(b.facet(), b.upper(), angle, new BevelCut.Flat(shape.riseMm())).at(tilt - meeting))
                .toList();
    }

    /** Width of the honed facet on one side (mm). */
    private double facetWidth(List<Section> pieces) {
        return Cut.lengthOf(pieces, shape.honedFacet()) / shape.sides();
    }

    private boolean keepsHoned() {
        Angle now = shape.facets()
                .honed()
                .orElse(shape.ground().isEmpty() ? shape.facets().ground() : null);
        return now != null && Math.abs(now.degrees() - target.last().degrees()) <= SAME_ANGLE_DEG;
    }

    private Section formerHoned(Section section) {
        return section.renamed(shape.honedFacet(), Facet.FORMER);
    }

    private double freshWidth() {
        return Math.min(
                blade.kind().freshSecondaryMm(),
                FRESH_SHARE * shape.depthMm() / target.primary().sin());
    }

    private static double widest(Blade blade, EdgeShape shape, TargetBevel target) {
        return Math.min(
                blade.kind().widestSecondaryMm(),
                WIDEST_SHARE * shape.depthMm() / target.primary().sin());
    }

    /** What a fresh honing takes after the grinding: a new secondary, or the first lands of a hollow. */
    private double freshRecession() {
        return shape.honedSteeper() ? recessionFor(freshWidth()) : Dullness.DULL.recessionMm();
    }

    /** Recession from a freshly ground edge to a honed facet of that width: on flat bevels closed, else by the kernel. */
    private double recessionFor(double width) {
        BevelCut ground = shape.ground().get(0);
        if (ground.form() instanceof BevelCut.Flat) {
            return MicroBevel.recession(Length.ofMm(width), ground.angle(), target.last())
                    .mm();
        }
        List<Section> fresh =
                shape.cut(List.of(shape.now()), shape.ground(), line).kept();
        double low = 0;
        double high = shape.depthMm();
        while (high - low > 1e-9) {
            double middle = (low + high) / 2;
            if (facetWidth(shape.cut(fresh, shape.honed(), line + middle).kept()) < width) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return high;
    }

    /** Where the edge ends up when the ground bevel stays: a changed angle wants a facet of its own. */
    private double honedLine() {
        double fresh = freshWidth();
        if (shape.ground().isEmpty() || keepsHoned() || honedWidthAt(line) >= fresh) {
            return line;
        }
        double low = line;
        double high = line + shape.depthMm();
        while (high - low > 1e-9) {
            double middle = (low + high) / 2;
            if (honedWidthAt(middle) < fresh) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return high;
    }

    private double honedWidthAt(double at) {
        return facetWidth(shape.cut(List.of(intact), shape.honed(), at).kept());
    }

    /** Why the ground bevel must be ground, or null where honing will do. */
    private String grindReason() {
        if (shape.ground().isEmpty()) {
            return null;
        }
        Angle present = shape.facets().ground();
        Angle wanted = shape.ground().get(0).angle();
        if (Math.abs(present.degrees() - wanted.degrees()) > SAME_ANGLE_DEG) {
            return "the primary changes from " + present + " to " + wanted;
        }
        if (target.wheel().isPresent() && blade.wheel().isEmpty()) {
            return "the primary is to be ground hollow";
        }
        double width = honedWidthAt(honedLine());
        double most = widest(blade, shape, target);
        if (width > most) {
            return "honed down to clean steel the secondary would be " + Numbers.plain(width, 1)
                    + " mm wide, over the limit of " + Numbers.plain(most, 1) + " mm";
        }
        return null;
    }

    private Shaping back() {
        if (!blade.kind().back()) {
            return Shaping.none(0);
        }
        double strip = blade.kind().square() ? BACK_ZONE_MM : BACK_STRIP_MM;
        double area = Math.min(strip, blade.usable().mm()) * blade.edgeLengthMm();
        double depth = survey.effectiveBackDepthMm();
        return new Shaping(depth * area, area, depth);
    }

    /** Dull edges that can be honed before the honed facet is too wide, or the hollow gone; none where it has no limit. */
    private int honingsLeft(double width) {
        if (shape.ground().isEmpty()) {
            return 0;
        }
        double most = widest(blade, shape, target);
        double left = shape.honedSteeper()
                ? recessionFor(most) - recessionFor(Math.min(width, most))
                : new HollowGrind(
                                Length.ofMm(shape.depthMm()),
                                target.wheel().orElseThrow(),
                                shape.ground().get(0).angle())
                        .recessionUntilGone()
                        .mm();
        return (int) Math.max(0, Math.floor(left / Dullness.DULL.recessionMm()));
    }

    /** How the last bevel changes, in words, or null where it stays. */
    private String bevelChange() {
        boolean changes = !keepsHoned()
                && (shape.ground().isEmpty() || shape.facets().honed().isPresent());
        return changes ? "the last bevel changes from " + blade.lastBevel() + " to " + target.last() : null;
    }

    private boolean damaged() {
        return survey.findings().stream().anyMatch(f -> !f.leave())
                || (survey.square().mend() && survey.square().off().radians() > 0);
    }

    /** A strop will do: nothing but a touch-up is wanted, no strop has failed at it, and no bevel is to change. */
    private boolean stropOnly() {
        return survey.dullness() == Dullness.TOUCH_UP
                && !survey.stropTried()
                && !damaged()
                && survey.back() == BackState.POLISHED
                && keepsHoned()
                && groundStays()
                && (shape.ground().isEmpty() || facetWidth(List.of(shape.now())) <= widest(blade, shape, target));
    }

    private boolean groundStays() {
        return shape.ground().isEmpty()
                || Math.abs(shape.facets().ground().degrees()
                                - shape.ground().get(0).angle().degrees())
                        <= SAME_ANGLE_DEG;
    }
}
