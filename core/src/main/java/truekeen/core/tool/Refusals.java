package truekeen.core.tool;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** What may not be done to a family, with the reason that is given at the bench. Source: workshop prior. */
final class Refusals {
    private static final String STRAIGHT_END = "its edge must stay straight to do its work";
    private static final String NO_GRIND = "its faces meet at the edge without a hollow; a wheel would thin it unseen";

    private Refusals() {}

    static Map<GeometryKind, Map<Operation, String>> all() {
        Map<GeometryKind, Map<Operation, String>> all = new EnumMap<>(GeometryKind.class);
        for (GeometryKind kind : List.of(GeometryKind.CHISEL, GeometryKind.SKEW_CHISEL)) {
            put(all, kind, Operation.BACK_BEVEL, "its flat back is the reference that guides the cut");
            put(all, kind, Operation.CAMBER, "a chisel's edge is straight from corner to corner");
            put(all, kind, Operation.CONVEX, "the bevel would no longer register in a guide or on the wood");
        }
        for (GeometryKind kind : List.of(GeometryKind.SQUARE_IRON_DOWN, GeometryKind.SQUARE_IRON_UP)) {
            put(all, kind, Operation.CAMBER, "a square corner is planed with it; ease the corners at most");
        }
        for (GeometryKind kind : List.of(
                GeometryKind.PLANE_IRON_DOWN,
                GeometryKind.PLANE_IRON_UP,
                GeometryKind.SQUARE_IRON_DOWN,
                GeometryKind.SQUARE_IRON_UP)) {
            put(all, kind, Operation.CONVEX, "the clearance behind the edge would be lost unseen");
        }
        put(all, GeometryKind.DRAWKNIFE, Operation.CAMBER, STRAIGHT_END);
        put(all, GeometryKind.DRAWKNIFE, Operation.HOLLOW, "the spine-referenced hone cuts flat bevels only");
        for (GeometryKind kind : List.of(
                GeometryKind.KNIFE, GeometryKind.RECURVE, GeometryKind.WIDE_BEVEL_KNIFE, GeometryKind.HOOK_KNIFE)) {
            put(all, kind, Operation.BACK_BEVEL, "both sides are bevelled alike already");
            put(all, kind, Operation.CAMBER, "its profile is traced and kept");
            put(all, kind, Operation.HOLLOW, NO_GRIND);
            put(all, kind, Operation.FLATTEN_BACK, "it has no back");
        }
        put(
                all,
                GeometryKind.SINGLE_BEVEL_KNIFE,
                Operation.BACK_BEVEL,
                "the hollow back is only kissed, to take the burr off");
        put(
                all,
                GeometryKind.SINGLE_BEVEL_KNIFE,
                Operation.SECONDARY,
                "the edge bevel is its secondary, on the broad face");
        put(all, GeometryKind.SINGLE_BEVEL_KNIFE, Operation.CAMBER, "its profile is traced and kept");
        put(all, GeometryKind.SINGLE_BEVEL_KNIFE, Operation.CONVEX, "the broad face guides the slice");
        put(all, GeometryKind.SINGLE_BEVEL_KNIFE, Operation.HOLLOW, NO_GRIND);
        put(
                all,
                GeometryKind.FLAT_FACED_KNIFE,
                Operation.BACK_BEVEL,
                "its flat side guides the cut and the graft must close");
        put(all, GeometryKind.FLAT_FACED_KNIFE, Operation.CONVEX, "the cut would not be flat");
        put(all, GeometryKind.FLAT_FACED_KNIFE, Operation.CAMBER, "its profile is traced and kept");
        put(all, GeometryKind.FLAT_FACED_KNIFE, Operation.HOLLOW, NO_GRIND);
        put(all, GeometryKind.CONVEX_BLADE, Operation.BACK_BEVEL, "both cheeks are alike");
        put(all, GeometryKind.CONVEX_BLADE, Operation.CAMBER, "its sweep is traced and kept");
        put(all, GeometryKind.CONVEX_BLADE, Operation.HOLLOW, "a hollow cheek sticks in the wood and breaks out");
        put(all, GeometryKind.CONVEX_BLADE, Operation.FLATTEN_BACK, "it has no back");
        put(
                all,
                GeometryKind.SHEAR_BLADE,
                Operation.BACK_BEVEL,
                "the two faces slide on each other; a bevel there lets the work fold between them");
        put(all, GeometryKind.SHEAR_BLADE, Operation.FLATTEN_BACK, "the sliding face is deburred, no more");
        put(all, GeometryKind.SHEAR_BLADE, Operation.SECONDARY, "one bevel to the edge; the blades must meet on it");
        put(all, GeometryKind.SHEAR_BLADE, Operation.CAMBER, "its curve is set by the pivot");
        put(all, GeometryKind.SHEAR_BLADE, Operation.CONVEX, "the blades must meet on a flat bevel");
        put(all, GeometryKind.SHEAR_BLADE, Operation.HOLLOW, NO_GRIND);
        for (Operation o : Operation.values()) {
            if (o != Operation.HOLLOW && o != Operation.THINNING) {
                put(all, GeometryKind.TURNSCREW, o, "its tip has no apex: parallel or hollow faces and a square end");
            }
        }
        for (GeometryKind kind : List.of(GeometryKind.MOWER_BAR, GeometryKind.TRIMMER, GeometryKind.BRUSH_CUTTER)) {
            put(all, kind, Operation.BACK_BEVEL, "it is ground on its top side only");
            put(all, kind, Operation.SECONDARY, "it wants one strong bevel, not keenness");
            put(all, kind, Operation.FLATTEN_BACK, "the flat side is left untouched but for the burr");
            put(all, kind, Operation.THINNING, "a thinned blade breaks at speed");
            put(all, kind, Operation.HOLLOW, "a hollow leaves the edge weak");
            put(all, kind, Operation.CAMBER, "its edge stays on its own line");
            put(all, kind, Operation.CONVEX, "one flat bevel at the blade's own angle");
        }
        for (GeometryKind kind : GeometryKind.values()) {
            put(
                    all,
                    kind,
                    Operation.STRAIGHTENING,
                    kind.powered()
                            ? "a blade that was bent or heated can break at speed: replace it"
                            : "heat draws the temper and a cold bend cracks: that is a smith's work, not the bench's");
        }
        return all;
    }

    private static void put(
            Map<GeometryKind, Map<Operation, String>> all, GeometryKind kind, Operation operation, String reason) {
        all.computeIfAbsent(kind, k -> new EnumMap<>(Operation.class)).put(operation, reason);
    }
}
