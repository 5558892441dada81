package truekeen.app.tool;

import java.util.ArrayList;
import java.util.List;
import truekeen.app.platform.SectionView;
import truekeen.app.platform.SectionView.AngleMark;
import truekeen.core.condition.Restoration;
import truekeen.core.condition.StationSection;
import truekeen.core.quantity.Angle;
import truekeen.core.section.BevelCut;
import truekeen.core.section.Cut;
import truekeen.core.section.EdgeShape;
import truekeen.core.section.Section;
import truekeen.core.section.TargetBevel;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Convention;

/** Lays a section out for the screen: what to show of it, and which angles to write in. */
public final class SectionDrawing {
    private static final double AROUND = 1.35;
    private static final double AROUND_HONED = 1.7;
    /** How much of a whole bevel the inset shows where there is no sliver to be shown. */
    private static final double APEX_SHARE = 0.03;

    private SectionDrawing() {}

    /** A blade as it stands. */
    public static SectionView of(Blade blade) {
        EdgeShape shape = EdgeShape.of(blade);
        List<Section> now = List.of(shape.now());
        double honed = Cut.lengthOf(now, shape.honedFacet()) / shape.sides();
        return draw(blade, shape, TargetBevel.of(blade), now, now, List.of(), honed, 0);
    }

    /** A blade before and after its restoration to these bevels. */
    public static SectionView of(Blade blade, TargetBevel target, Restoration r) {
        return draw(
                blade,
                EdgeShape.of(blade, target),
                target,
                r.before(),
                r.after(),
                r.removed(),
                r.honedWidthMm(),
                r.lostMm());
    }

    /** A blade before and after at one place of its edge. */
    public static SectionView of(Blade blade, TargetBevel target, StationSection at) {
        EdgeShape shape = EdgeShape.of(blade, target);
        double apex = at.after().stream().mapToDouble(Section::apexX).min().orElse(0);
        return draw(
                blade,
                shape,
                target,
                at.before(),
                at.after(),
                at.removed(),
                Cut.lengthOf(at.after(), shape.honedFacet()) / shape.sides(),
                apex);
    }

    private static SectionView draw(
            Blade blade,
            EdgeShape shape,
            TargetBevel target,
            List<Section> before,
            List<Section> after,
            List<Section> removed,
            double honed,
            double lost) {
        double apex = after.stream().mapToDouble(Section::apexX).min().orElse(lost);
        boolean two = !shape.ground().isEmpty();
        double whole = blade.usable().mm();
        return new SectionView(
                SectionView.outlines(before),
                SectionView.outlines(after),
                SectionView.outlines(removed),
                marks(blade, shape, target, apex),
                blade.kind().convention() == Convention.PER_SIDE,
                Math.min(Math.max(shape.reachMm(), lost) * AROUND, whole),
                (two ? Math.max(honed, 0.02) : Math.max(shape.reachMm() * APEX_SHARE, lost * 2)) * AROUND_HONED,
                whole,
                honed,
                lost);
    }

    private static List<AngleMark> marks(Blade blade, EdgeShape shape, TargetBevel target, double apex) {
        List<AngleMark> marks = new ArrayList<>();
        boolean perSide = blade.kind().convention() == Convention.PER_SIDE;
        double rise = shape.riseMm();
        BevelCut last = shape.honed().get(0);
        if (!shape.ground().isEmpty()) {
            BevelCut ground = shape.ground().get(0);
            String name = ground.form() instanceof BevelCut.Hollow
                    ? "chord"
                    : ground.angle() == target.primary() ? "primary" : ToolWords.BROAD_FACE.words();
            marks.add(new AngleMark(
                    apex, rise, 0, ground.angle().degrees(), perSide ? ToolWords.A_SIDE.words() : name, false));
        } else {
            marks.add(new AngleMark(
                    apex, rise, 0, last.angle().degrees(), perSide ? ToolWords.A_SIDE.words() : "bevel", false));
        }
        Angle back = target.back().orElse(Angle.ZERO);
        if (perSide) {
            double side = last.angle().degrees();
            marks.add(new AngleMark(apex, 0, -side, side, "included", true));
        } else if (rise == 0) {
            marks.add(new AngleMark(
                    apex,
                    0,
                    -back.degrees(),
                    last.angle().degrees(),
                    back.radians() > 0 ? "included" : ToolWords.LAST_BEVEL.words(),
                    true));
        }
        return marks;
    }
}
