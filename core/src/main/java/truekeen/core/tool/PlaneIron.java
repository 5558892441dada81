package truekeen.core.tool;

import java.util.Optional;
import truekeen.core.message.Checks;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/**
 * A plane iron in its bed. Angles from the back.
 *
 * @param kind bevel down or up; square irons take no camber
 * @param width across the iron
 * @param thickness at the heel of the bevel
 * @param usable steel from the edge to where it can no longer be sharpened
 * @param retire length below which it is retired
 * @param bed angle of the bed to the sole
 * @param primary present primary; on a hollow bevel the chord
 * @param secondary present secondary, if it has one
 * @param backBevel back bevel, if it has one
 * @param camber how far the corners lie behind the middle, in the plane of the iron, if it is cambered
 * @param wheel diameter of the wheel that left the primary hollow, if one did
 */
public record PlaneIron(
        GeometryKind kind,
        Length width,
        Length thickness,
        Length usable,
        Length retire,
        Angle bed,
        Angle primary,
        Optional<Micro> secondary,
        Optional<Angle> backBevel,
        Optional<Length> camber,
        Optional<Length> wheel)
        implements Blade {

    static PlaneIron of(GeometryKind kind, Measures m) {
        return new PlaneIron(
                kind,
                m.length("width"),
                m.length("thickness"),
                m.length("usableLength"),
                m.length("retireLength"),
                m.angle("bed"),
                m.angle("primary"),
                m.secondary(),
                m.angleIfAny("backBevel"),
                m.lengthIfAny("camber"),
                m.lengthIfAny("wheelDiameter"));
    }

    @Override
    public Measures measures() {
        return Measures.none()
                .with("width", width)
                .with("thickness", thickness)
                .with("usableLength", usable)
                .with("retireLength", retire)
                .with("bed", bed)
                .with("primary", primary)
                .with(secondary)
                .withAngle("backBevel", backBevel)
                .withLength("camber", camber)
                .withLength("wheelDiameter", wheel);
    }

    /** Whether the bevel faces up. */
    public boolean bevelUp() {
        return kind == GeometryKind.PLANE_IRON_UP || kind == GeometryKind.SQUARE_IRON_UP;
    }

    /** Angle of the face that the shaving climbs, to the sole: bed and back bevel, or bed and last bevel. */
    public Angle cutting(Angle last, Angle back) {
        return inPlane().cutting(last, back);
    }

    /** Angle between the iron's underside and the work: what is left of the bed under it. */
    public Angle clearance(Angle last, Angle back) {
        return inPlane().clearance(last, back);
    }

    /**
     * Notes a clearance of nothing or less, at the field that eats it.
     *
     * @param lastField the field that the last bevel was given in
     */
    public void checkClearance(Angle last, Angle back, String lastField, Checks checks) {
        inPlane().checkClearance(last, back, lastField, "backBevel", checks);
    }

    private PlaneBed inPlane() {
        return new PlaneBed(bed, bevelUp());
    }

    @Override
    public EdgeLayout layout() {
        double b = width.mm();
        double c = camber.map(Length::mm).orElse(0.0);
        return c <= 0
                ? EdgeLayout.corners(b)
                : EdgeLayout.curved(
                        b,
                        EdgeLayout.End.LEFT_CORNER,
                        EdgeLayout.End.RIGHT_CORNER,
                        s -> c * Math.pow(2 * s / b - 1, 2));
    }

    @Override
    public void check(Checks checks) {
        Blade.checkCommon(this, checks);
        Blade.checkWidth(this, thickness.mm(), checks);
        Blade.checkWheel(this, thickness, checks);
        checkClearance(
                lastBevel(), backBevel.orElse(Angle.ZERO), secondary.isPresent() ? "secondary" : "primary", checks);
    }
}
