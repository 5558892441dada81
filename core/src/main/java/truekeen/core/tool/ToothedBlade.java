package truekeen.core.tool;

import java.util.List;
import java.util.Optional;
import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/**
 * A blade of many short edges alike: the teeth of a hedge trimmer, two edges each, or the edges round the disc of a
 * brush-cutter. Angles from the flat underside.
 *
 * @param kind trimmer or brush-cutter disc
 * @param teeth how many teeth, on one blade
 * @param blades how many blades alike: two of a trimmer that cuts with both, else one
 * @param edge length of one edge
 * @param usable depth of a tooth behind its edge
 * @param retire depth at which the blade is replaced
 * @param thickness of the blade
 * @param primary bevel
 * @param diameter of the disc; empty on a trimmer
 */
public record ToothedBlade(
        GeometryKind kind,
        int teeth,
        int blades,
        Length edge,
        Length usable,
        Length retire,
        Length thickness,
        Angle primary,
        Optional<Length> diameter)
        implements Blade {

    static ToothedBlade of(GeometryKind kind, Measures m) {
        return new ToothedBlade(
                kind,
                m.count("teeth"),
                kind != GeometryKind.TRIMMER ? 1 : m.has("blades") ? m.count("blades") : 2,
                m.length("edgeLength"),
                m.length("usableLength"),
                m.length("retireLength"),
                m.length("thickness"),
                m.angle("primary"),
                m.lengthIfAny("diameter"));
    }

    @Override
    public Measures measures() {
        Measures counts = Measures.none().with("teeth", teeth);
        return (kind == GeometryKind.TRIMMER ? counts.with("blades", blades) : counts)
                .with("edgeLength", edge)
                .with("usableLength", usable)
                .with("retireLength", retire)
                .with("thickness", thickness)
                .with("primary", primary)
                .withLength("diameter", diameter);
    }

    /** Edges of one blade. */
    public int edgesPerBlade() {
        return teeth * edgesPerTooth();
    }

    /** Edges of one tooth. */
    public int edgesPerTooth() {
        return kind == GeometryKind.TRIMMER ? 2 : 1;
    }

    @Override
    public Optional<Micro> secondary() {
        return Optional.empty();
    }

    @Override
    public EdgeLayout layout() {
        return new EdgeLayout(
                EdgeLayout.Form.TEETH,
                blades * edgesPerBlade(),
                edge.mm(),
                EdgeLayout.End.FIRST_TOOTH,
                EdgeLayout.End.LAST_TOOTH,
                List.of(),
                usable.mm(),
                edgesPerTooth());
    }

    @Override
    public void check(Checks checks) {
        Blade.checkCommon(this, checks);
        Sides.bevelBeforeSpine(thickness.mm(), primary, usable, "thickness", checks);
        diameter.ifPresent(d -> checks.require(
                teeth * edge.mm() <= Math.PI * d.mm(),
                () -> Refusal.of(MessageCode.PART_LONGER, "edgeLength", edge).with("high", d.times(Math.PI / teeth))));
    }
}
