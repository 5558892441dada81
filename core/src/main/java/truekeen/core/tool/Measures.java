package truekeen.core.tool;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/**
 * The dimensions of one tool as numbers, by field: lengths in mm, angles in degrees, counts. The form in which they are
 * kept; a {@link Blade} gives them their meaning.
 *
 * @param values numbers by field; what a tool is without is absent
 */
public record Measures(Map<String, Double> values) {
    /** Keeps the values from changing. */
    public Measures {
        values = Map.copyOf(values);
    }

    /** No dimension yet. */
    public static Measures none() {
        return new Measures(Map.of());
    }

    Measures with(String field, double value) {
        Map<String, Double> more = new TreeMap<>(values);
        more.put(field, value);
        return new Measures(more);
    }

    Measures with(String field, Length length) {
        return with(field, length.mm());
    }

    Measures with(String field, Angle angle) {
        return with(field, angle.degrees());
    }

    Measures with(Optional<Micro> secondary) {
        return secondary
                .map(s -> with("secondary", s.angle()).with("secondaryWidth", s.width()))
                .orElse(this);
    }

    Measures withLength(String field, Optional<Length> length) {
        return length.map(l -> with(field, l)).orElse(this);
    }

    Measures withAngle(String field, Optional<Angle> angle) {
        return angle.map(a -> with(field, a)).orElse(this);
    }

    /** Whether there is such a dimension. */
    public boolean has(String field) {
        return values.containsKey(field);
    }

    /** The length of that field, which must be there. */
    public Length length(String field) {
        return Length.ofMm(number(field));
    }

    /** The angle of that field, which must be there. */
    public Angle angle(String field) {
        return Angle.ofDegrees(number(field));
    }

    int count(String field) {
        return (int) Math.round(number(field));
    }

    /** The length of that field, if there is one. */
    public Optional<Length> lengthIfAny(String field) {
        return Optional.ofNullable(values.get(field)).map(Length::ofMm);
    }

    /** The angle of that field, if there is one. */
    public Optional<Angle> angleIfAny(String field) {
        return Optional.ofNullable(values.get(field)).map(Angle::ofDegrees);
    }

    /** The secondary bevel, where both its angle and its width are known. */
    Optional<Micro> secondary() {
        return has("secondary") && has("secondaryWidth")
                ? Optional.of(new Micro(angle("secondary"), length("secondaryWidth")))
                : Optional.empty();
    }

    private double number(String field) {
        Double value = values.get(field);
        if (value == null) {
            throw new IllegalArgumentException("no " + field + " among " + values.keySet());
        }
        return value;
    }
}
