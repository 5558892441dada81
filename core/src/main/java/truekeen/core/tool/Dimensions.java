package truekeen.core.tool;

import static truekeen.core.tool.Dimension.angle;
import static truekeen.core.tool.Dimension.count;
import static truekeen.core.tool.Dimension.length;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** The dimensions each family is asked for at the door: its own and no others. Ranges are workshop priors. */
final class Dimensions {
    private static final Dimension WIDTH =
            length("width", "Width", 1, 150, "Across the blade at the edge, with a caliper.");
    private static final Dimension THICKNESS =
            length("thickness", "Thickness", 0.5, 25, "Of the blade, where the bevel ends (its heel).");
    private static final Dimension USABLE = length(
            "usableLength", "Usable length", 1, 400, "From the edge to where the steel can no longer be ground.");
    private static final Dimension RETIRE =
            length("retireLength", "Worn out at", 0, 399, "The same length at which you will put the tool aside.");
    static final Dimension BLADE_WIDTH =
            length("usableLength", "Blade width", 2, 250, "From the edge to the spine, at the heel.");
    private static final Dimension RETIRE_WIDTH =
            length("retireLength", "Worn out at", 0, 249, "The width at which you will put the blade aside.");
    private static final Dimension PRIMARY =
            angle("primary", "Primary bevel", 5, 60, "The ground bevel, from the back; on a hollow one its chord.");
    private static final Dimension BEVEL = angle("primary", "Bevel", 5, 75, "From the flat face.");
    private static final Dimension PER_SIDE =
            angle("primary", "Edge bevel, a side", 4, 45, "One side only, from the middle of the blade.");
    private static final Dimension SECONDARY = angle(
                    "secondary", "Secondary bevel", 5, 75, "The steeper sliver at the edge, if there is one.")
            .ifAny();
    private static final Dimension SECONDARY_WIDTH = length(
                    "secondaryWidth", "Its width", 0.01, 30, "Along its face, with a loupe.")
            .ifAny();
    private static final Dimension WHEEL = length(
                    "wheelDiameter", "Wheel", 40, 600, "Diameter of the wheel that left the bevel hollow, if one did.")
            .ifAny();
    private static final Dimension BACK_BEVEL = angle(
                    "backBevel", "Back bevel", 0.05, 40, "On the other side of the edge, if there is one.")
            .ifAny();
    private static final Dimension EDGE = length("edgeLength", "Edge length", 3, 600, "Along the edge, heel to tip.");
    private static final Dimension STRAIGHT =
            length("straight", "Straight part", 0, 600, "From the heel to where the belly begins.");
    private static final Dimension TIP_RISE =
            length("tipRise", "Tip rise", 0, 150, "How far the tip stands above the line of the straight part.");
    private static final Dimension SPINE = length("spineThickness", "Spine thickness", 0.3, 15, "At the heel.");
    private static final Dimension BLADE_THICKNESS =
            length("thickness", "Thickness", 0.3, 15, "Of the blade, where the bevel begins.");

    static final List<Dimension> CHISEL =
            List.of(WIDTH, THICKNESS, USABLE, RETIRE, PRIMARY, SECONDARY, SECONDARY_WIDTH, WHEEL);
    static final List<Dimension> SKEW_CHISEL =
            and(CHISEL, angle("skew", "Skew", 0, 60, "How far the edge is turned from square to the blade."));
    static final List<Dimension> SQUARE_IRON = and(
            List.of(WIDTH, THICKNESS, USABLE, RETIRE),
            angle("bed", "Bed", 8, 75, "The angle at which the iron lies, to the sole."),
            PRIMARY,
            SECONDARY,
            SECONDARY_WIDTH,
            BACK_BEVEL,
            WHEEL);
    static final List<Dimension> PLANE_IRON = and(
            SQUARE_IRON,
            length("camber", "Camber", 0.005, 6, "How far the corners stand back, flat on a square; none if straight.")
                    .ifAny());
    static final List<Dimension> DRAWKNIFE = List.of(
            length("edgeLength", "Edge length", 50, 600, "Along the edge, between the tangs."),
            BLADE_WIDTH,
            RETIRE_WIDTH,
            THICKNESS,
            BEVEL,
            SECONDARY,
            SECONDARY_WIDTH,
            BACK_BEVEL);
    static final List<Dimension> KNIFE = List.of(
            EDGE,
            STRAIGHT,
            TIP_RISE,
            BLADE_WIDTH,
            RETIRE_WIDTH,
            SPINE,
            length(
                    "behindEdge",
                    "Behind the edge",
                    0.02,
                    8,
                    "Thickness at the shoulder, where the edge bevel meets the face: the caliper closed just above it."),
            PER_SIDE,
            SECONDARY,
            SECONDARY_WIDTH);
    static final List<Dimension> RECURVE = and(
            KNIFE, length("dip", "Draws in by", 0, 40, "How far the hollow of the edge lies behind its heel line."));
    static final List<Dimension> WIDE_BEVEL = List.of(
            EDGE, STRAIGHT, TIP_RISE, BLADE_WIDTH, RETIRE_WIDTH, BLADE_THICKNESS, PER_SIDE, SECONDARY, SECONDARY_WIDTH);
    static final List<Dimension> HOOK = List.of(
            length("edgeLength", "Edge length", 3, 300, "Along the curve, with a strip of paper."),
            length("bendRadius", "Bend", 3, 300, "Inside radius of the hook: a coin or dowel that fits it, halved."),
            BLADE_WIDTH,
            RETIRE_WIDTH,
            BLADE_THICKNESS,
            PER_SIDE,
            SECONDARY,
            SECONDARY_WIDTH);
    static final List<Dimension> SINGLE_BEVEL = List.of(
            EDGE,
            STRAIGHT,
            TIP_RISE,
            BLADE_WIDTH,
            RETIRE_WIDTH,
            SPINE,
            angle("faceAngle", "Broad face", 3, 25, "The wide bevel from the ridge line down, from the back."),
            angle("primary", "Edge bevel", 5, 60, "The narrow bevel at the edge, from the back."),
            length("edgeBevelWidth", "Its width", 0.05, 15, "Along its face, with a loupe."),
            length(
                    "backHollow",
                    "Back hollow",
                    0,
                    3,
                    "Depth of the hollow in the back, under a straightedge; 0 if flat."));
    static final List<Dimension> FLAT_FACED = List.of(
            EDGE, STRAIGHT, TIP_RISE, BLADE_WIDTH, RETIRE_WIDTH, BLADE_THICKNESS, BEVEL, SECONDARY, SECONDARY_WIDTH);
    static final List<Dimension> CONVEX = List.of(
            length("edgeLength", "Edge length", 20, 400, "Along the edge, heel to toe."),
            length("sweep", "Sweep", 0, 120, "How far the corners stand behind the middle of the edge."),
            length("usableLength", "Usable bit", 3, 200, "From the edge back to where the steel ends or softens."),
            length("retireLength", "Worn out at", 0, 199, "The same length at which you will put it aside."),
            length("behind", "Measured at", 2, 80, "How far behind the edge the thickness is taken."),
            length("thicknessBehind", "Thickness there", 0.5, 80, "Across the cheeks, with a caliper."),
            angle("primary", "Edge angle, a side", 5, 45, "Where the curve reaches the edge, one side only."),
            SECONDARY,
            SECONDARY_WIDTH);
    static final List<Dimension> SHEAR = List.of(
            EDGE,
            length(
                    "sweep",
                    "Sweep",
                    0,
                    60,
                    "How far the ends of a curved edge stand behind its middle; 0 if straight."),
            length("usableLength", "Blade width", 2, 120, "From the edge back across the blade."),
            RETIRE_WIDTH,
            BLADE_THICKNESS,
            BEVEL,
            length("faceHollow", "Face hollow", 0, 3, "Depth of the hollow in the sliding face; 0 if flat."));
    static final List<Dimension> TURNSCREW = List.of(
            length("width", "Width", 0.4, 40, "Across the tip, with a caliper."),
            length("tipThickness", "Tip thickness", 0.15, 5, "Between the faces, at the very end."),
            length("thickness", "Blade thickness", 0.3, 12, "Behind the ground faces."),
            USABLE,
            RETIRE,
            angle("primary", "Taper of a face", 0, 15, "From the axis; 0 where the faces are parallel."));
    static final List<Dimension> MOWER_BAR = List.of(
            length("span", "Span", 150, 1500, "From tip to tip."),
            length("edgeLength", "Cutting edge", 20, 400, "Length of the ground edge at one end."),
            length("usableLength", "Bar width", 15, 150, "From the edge to the trailing side."),
            length("retireLength", "Replace at", 0, 149, "The least width its maker allows."),
            length("thickness", "Thickness", 1, 12, "Of the bar behind the bevel."),
            angle("primary", "Bevel", 15, 60, "On the top side, from the underside."),
            length("land", "Land", 0, 3, "The blunt strip left at the edge on purpose."),
            length("bore", "Bore", 4, 80, "Diameter of the centre hole."));
    static final List<Dimension> TRIMMER = List.of(
            count("teeth", "Teeth", 2, 200, "That cut, on one blade."),
            count("blades", "Blades that cut", 1, 2, "1 where one blade slides on a fixed comb; empty for two.")
                    .ifAny(),
            length("edgeLength", "Edge of a tooth", 4, 80, "Length of one bevelled edge; each tooth has two."),
            length("usableLength", "Tooth depth", 1, 40, "From the edge to the middle of the tooth."),
            length("retireLength", "Replace at", 0, 39, "Depth at which the blade is replaced."),
            length("thickness", "Thickness", 0.8, 10, "Of the blade."),
            angle("primary", "Bevel", 15, 60, "From the flat underside."));
    static final List<Dimension> DISC = List.of(
            length("diameter", "Diameter", 80, 500, "Across the disc."),
            count("teeth", "Edges", 2, 120, "Cutting edges round the disc."),
            length("edgeLength", "Length of one", 2, 120, "From the root to the tip."),
            length("usableLength", "Depth behind", 1, 80, "From an edge back to where the blade is at its limit."),
            length("retireLength", "Replace at", 0, 79, "The depth at which it is replaced."),
            length("thickness", "Thickness", 0.8, 10, "Of the disc."),
            angle("primary", "Bevel", 15, 60, "From the flat underside."));

    private Dimensions() {}

    private static List<Dimension> and(List<Dimension> some, Dimension... more) {
        List<Dimension> all = new ArrayList<>(some);
        all.addAll(Arrays.asList(more));
        return List.copyOf(all);
    }
}
