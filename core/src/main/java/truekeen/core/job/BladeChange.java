package truekeen.core.job;

import java.util.Map;
import java.util.TreeMap;
import truekeen.core.quantity.Angle;
import truekeen.core.tool.Blade;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.Measures;

/** Dimensions of a blade as a job leaves them, one after the other; fields that a family has not are passed over. */
final class BladeChange {
    private final GeometryKind kind;
    private final Map<String, Double> now;

    private BladeChange(Blade before) {
        this.kind = before.kind();
        this.now = new TreeMap<>(before.measures().values());
    }

    static BladeChange of(Blade before) {
        return new BladeChange(before);
    }

    /** So much went off the length (mm). A tip cannot rise above the blade that is left. */
    BladeChange shorter(double mm) {
        now.computeIfPresent("usableLength", (f, length) -> length - mm);
        now.computeIfPresent("tipRise", (f, rise) -> Math.min(rise, now.get("usableLength") * 0.999));
        return this;
    }

    /** The bevel is one flat face at that angle. */
    BladeChange groundAt(Angle angle) {
        now.remove("secondary");
        now.remove("secondaryWidth");
        return with(kind == GeometryKind.SINGLE_BEVEL_KNIFE ? "faceAngle" : "primary", angle.degrees());
    }

    /** A facet at the edge, at that angle and so wide (mm). */
    BladeChange honedAt(Angle angle, double widthMm) {
        if (kind == GeometryKind.SINGLE_BEVEL_KNIFE) {
            return with("primary", angle.degrees()).with("edgeBevelWidth", widthMm);
        }
        return with("secondary", angle.degrees()).with("secondaryWidth", widthMm);
    }

    BladeChange with(String field, double value) {
        if (kind.dimension(field).isPresent()) {
            now.put(field, value);
        }
        return this;
    }

    void without(String field) {
        now.remove(field);
    }

    Blade blade() {
        return kind.build(new Measures(now));
    }
}
