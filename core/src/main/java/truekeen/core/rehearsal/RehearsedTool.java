package truekeen.core.rehearsal;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import java.util.function.Function;
import java.util.stream.Collectors;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.blade.Gum;
import truekeen.core.blade.VirtualBlade;
import truekeen.core.blade.Wedge;
import truekeen.core.condition.Dullness;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.TargetBevel;
import truekeen.core.steel.SteelClass;
import truekeen.core.table.Prior;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Convention;
import truekeen.core.tool.ConvexBlade;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ShearBlade;
import truekeen.core.tool.SingleBevelKnife;

/**
 * A tool as it was surveyed, for the virtual blade.
 *
 * @param blade what it is like
 * @param survey what was found on its edge
 * @param target the bevels it is to have
 * @param lostMm how far back the edge goes as planned (mm)
 * @param steel what it is made of
 * @param hardnessHrc its hardness (HRC), if it is known
 * @param scratchUm scratches its bevel carries (µm), if the last stone is known
 * @param touchUpIndex keenness index of an edge that wants a touch-up, where such edges are tested
 */
public record RehearsedTool(
        Blade blade,
        EdgeSurvey survey,
        TargetBevel target,
        double lostMm,
        SteelClass steel,
        OptionalDouble hardnessHrc,
        OptionalDouble scratchUm,
        OptionalDouble touchUpIndex) {
    /** Scratches of a blade whose last stone is not known (µm): those of a fine one. */
    private static final double USUAL_SCRATCH_UM = Prior.REHEARSED_SCRATCH_UM.value();

    private static final double SOFT_HRC = Prior.SOFT_STAINLESS_BELOW_HRC.value();
    private static final double USUAL_BODY_MM = 3;

    /** Whether tools of a family are worked in strokes on an edge that has an apex. */
    public static boolean can(GeometryKind kind) {
        return !kind.powered() && kind != GeometryKind.TURNSCREW;
    }

    /** It on the virtual bench. */
    public Rehearsal on(List<Abrasive> shelf, Steadiness hand) {
        boolean both = blade.kind().convention() == Convention.PER_SIDE;
        double edge = blade.edgeLengthMm();
        double dull = bluntMm(wedge(both, blade.lastBevel(), blade.backBevel()));
        // Depths are taken from where the sharp edge would be, as the plan takes them.
        DoubleUnaryOperator back = x -> Math.max(
                dull,
                survey.findings().stream()
                        .mapToDouble(f -> f.missingAt(x, edge))
                        .max()
                        .orElse(0));
        return new Rehearsal(
                new Rehearsal.Before(
                        faces(both), blade.lastBevel().degrees(), facetMm(), back, scratchUm.orElse(USUAL_SCRATCH_UM)),
                hollow(wedge(both, target.last(), target.back()), target.wheel()),
                edge,
                lostMm,
                steel,
                gum(),
                shelf.stream().collect(Collectors.toMap(Abrasive::id, Function.identity())),
                hand);
    }

    /**
     * How far back the edge is worn for being dull (mm). What only lost its bite is as blunt as its readings say: the steel
     * that is planned to go for that holds what a hand takes besides.
     */
    private double bluntMm(Wedge edge) {
        double planned = survey.dullness().recessionMm(blade.kind());
        return survey.dullness() == Dullness.TOUCH_UP && touchUpIndex.isPresent()
                ? Math.min(planned, VirtualBlade.wornMm(edge, touchUpIndex.getAsDouble()))
                : planned;
    }

    private Wedge faces(boolean both) {
        if (blade instanceof SingleBevelKnife knife) {
            return hollowBacked(wedge(both, knife.face(), Optional.empty()), knife.backHollow());
        }
        Wedge flat = wedge(both, blade.primary(), blade.backBevel());
        if (blade instanceof ShearBlade shear) {
            return hollowBacked(flat, shear.faceHollow());
        }
        return blade instanceof ConvexBlade convex
                ? flat.roundedTo(convex.behind().mm(), convex.thickness().mm())
                : hollow(flat, blade.wheel());
    }

    private static Wedge hollow(Wedge flat, Optional<Length> wheel) {
        return wheel.map(w -> flat.hollowGround(w.mm())).orElse(flat);
    }

    /** A back or sliding face that rests on its rims. */
    private Wedge hollowBacked(Wedge flat, Length depth) {
        double width = blade.usable().mm();
        double rim = Prior.BACK_RIM_MM.value();
        return depth.mm() > 0 && width > 2 * (rim + depth.mm())
                ? flat.hollowBacked(new Wedge.HollowBack(depth.mm(), rim, width))
                : flat;
    }

    /** Width of the narrow bevel at the very edge (mm); 0 where the faces go up to it. */
    private double facetMm() {
        return blade instanceof SingleBevelKnife knife
                ? knife.edgeBevelWidth().mm()
                : blade.secondary().map(s -> s.width().mm()).orElse(0.0);
    }

    private Wedge wedge(boolean both, Angle upper, Optional<Angle> back) {
        double lower = both ? upper.degrees() : back.map(Angle::degrees).orElse(0.0);
        return new Wedge(lower, upper.degrees(), bodyMm());
    }

    /** How thick the blade is behind its bevels (mm). */
    private double bodyMm() {
        Map<String, Double> m = blade.measures().values();
        return m.getOrDefault(
                "behindEdge", m.getOrDefault("thickness", m.getOrDefault("thicknessBehind", USUAL_BODY_MM)));
    }

    /** Stainless steel that is not hard clings to its burr. */
    private Gum gum() {
        double hrc = hardnessHrc.orElseGet(() -> steel.hardnessLow().orElse(SOFT_HRC));
        boolean stainless = steel.rusting() == SteelClass.Rusting.STAINLESS;
        return Gum.of(hrc, stainless && hrc <= SOFT_HRC);
    }
}
