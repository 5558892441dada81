package truekeen.core.repair;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import truekeen.core.condition.Restoration;
import truekeen.core.heat.GrindHeat;
import truekeen.core.heat.HeatSource;
import truekeen.core.holding.Wheel;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.removal.PowerRate;
import truekeen.core.section.TargetBevel;
import truekeen.core.steel.SteelClass;
import truekeen.core.table.Prior;
import truekeen.core.tool.Blade;
import truekeen.core.tool.EdgeLayout;
import truekeen.core.tool.PlaneIron;

/**
 * The grinding as acts in their order: mark, make ready, blunt to the line, set the angle, bevel, light passes, look. What
 * goes in each adds up to the shaping of the primary. Source: derived here; rates and shares are workshop priors.
 *
 * @param means by what
 * @param lineMm the new edge line behind the foremost point (mm)
 * @param acts in order
 * @param heat how hot it gets; empty where that is no danger
 * @param dip when to dip while the edge is nearly finished
 */
public record GrindPlan(Means means, double lineMm, List<GrindAct> acts, Optional<GrindHeat> heat, DipRhythm dip) {
    /** Share of the bevel's steel that is left for the light passes. */
    private static final double LIGHT_SHARE = Prior.LAST_PASSES_SHARE.value();
    /** What the edge is ground beyond a mark: the thickness of a scribed line (mm). */
    private static final double LEAST_BLUNT_MM = Prior.GRIND_PLAN_LEAST_BLUNT_MM.value();

    /** Keeps the acts from changing. */
    public GrindPlan {
        acts = List.copyOf(acts);
    }

    /**
     * What is at hand for it.
     *
     * @param means a powered one
     * @param pieceName what the shop calls it
     * @param wheel the wheel that the angle is held before, where it is one that is known
     * @param setting how the angle is set, in words; empty where it is held by hand
     * @param bluntFirst whether the house grinds blunt to the line first
     */
    public record AtHand(Means means, String pieceName, Optional<Wheel> wheel, String setting, boolean bluntFirst) {}

    /**
     * The plan; empty where nothing is to be ground.
     *
     * @throws RefusedException where the wheel would run above its marked speed, or the means is not a powered one
     */
    public static Optional<GrindPlan> of(
            Restoration restoration, Blade blade, TargetBevel target, SteelClass steel, AtHand by) {
        if (!by.means.powered()) {
            throw new RefusedException(Refusal.of(MessageCode.UNKNOWN_CHOICE, "by", by.means.words())
                    .with("allowed", "wheels, belts and discs"));
        }
        if (restoration.primary().isEmpty()) {
            return Optional.empty();
        }
        by.wheel.ifPresent(Wheel::requireWithinMarking);
        return Optional.of(new Writer(restoration, blade, target, steel, by).plan());
    }

    /** Steel that goes in all acts (mm³). */
    public double volumeMm3() {
        return acts.stream().mapToDouble(GrindAct::volumeMm3).sum();
    }

    private static final class Writer {
        private final Restoration restoration;
        private final Blade blade;
        private final AtHand by;
        private final PowerRate rate;
        private final Optional<GrindHeat> heat;
        private final boolean curved;
        private final boolean blunt;
        private final double camber;
        private final Angle primary;

        Writer(Restoration restoration, Blade blade, TargetBevel target, SteelClass steel, AtHand by) {
            this.restoration = restoration;
            this.blade = blade;
            this.by = by;
            this.primary = target.primary();
            this.rate = by.means.rate().orElseThrow();
            this.camber =
                    blade instanceof PlaneIron ? target.camber().map(Length::mm).orElse(0.0) : 0;
            this.curved = blade.layout().form() == EdgeLayout.Form.CURVED && !(blade instanceof PlaneIron);
            boolean anythingAhead = restoration.newEdgeMm() > LEAST_BLUNT_MM || camber > LEAST_BLUNT_MM;
            this.blunt = by.bluntFirst && anythingAhead;
            Length land = Length.ofMm(blunt ? Math.max(restoration.landMm(), 0.1) : GrindHeat.BLUNT_LAND.mm());
            Optional<HeatSource> source = by.means.heat();
            this.heat = source.map(s -> GrindHeat.of(blade, primary, steel, s, land));
        }

        GrindPlan plan() {
            double all = restoration.primary().orElseThrow().volumeMm3();
            double first = blunt ? Math.min(all, restoration.bluntMm3()) : 0;
            double light = (all - first) * LIGHT_SHARE;
            double bevel = all - first - light;
            DipRhythm near = rhythm(heat.map(h -> h.sharp().leastSeconds()));
            List<GrindAct> acts = new ArrayList<>();
            acts.add(mark());
            acts.add(ready());
            if (blunt) {
                acts.add(timed(
                        GrindAct.Kind.BLUNT,
                        curved ? "Lower the whole edge to the line" : "Grind blunt to the line",
                        curved
                                ? "Edge square on, full-length passes from heel to tip, never pausing: the sweep stays as"
                                        + " it is."
                                : "Edge square on to the wheel, side to side, down to the scribed line.",
                        curved
                                ? "Every chip is gone and the line just shows, heel to tip."
                                : "The line is half gone all along; the try-square agrees.",
                        first,
                        rhythm(heat.map(h -> h.blunt().leastSeconds())).words(),
                        List.of(Caution.EYES, Caution.NO_GLOVES, Caution.SPARKS)));
            }
            acts.add(set());
            acts.add(timed(
                    GrindAct.Kind.BEVEL,
                    "Grind the bevel",
                    curved
                            ? "Full-length passes, the same number a side; lift the handle through the belly."
                            : "Side to side over the whole width, light hand, the middle as much as the corners.",
                    blunt
                            ? "The blunt land is a hair line, even from end to end."
                            : "The bevel reaches almost to the edge, even from end to end.",
                    bevel,
                    near.words(),
                    blunt
                            ? List.of(Caution.DUST)
                            : List.of(Caution.EYES, Caution.NO_GLOVES, Caution.SPARKS, Caution.DUST)));
            acts.add(timed(
                    GrindAct.Kind.LIGHT,
                    "Light passes to the edge",
                    by.means == Means.BELT
                            ? "On a worn, finer belt at low speed, hardly touching."
                            : "Hardly touching. A finger behind the edge warns too late: count.",
                    "The land just disappears, everywhere at once.",
                    light,
                    near.words(),
                    List.of()));
            acts.add(look());
            return new GrindPlan(by.means, restoration.newEdgeMm(), acts, heat, near);
        }

        private DipRhythm rhythm(Optional<OptionalDouble> contact) {
            return DipRhythm.of(
                    contact.orElse(OptionalDouble.empty()), blade.layout().edgeMm());
        }

        private GrindAct mark() {
            String line = Numbers.plain(restoration.newEdgeMm(), 2) + " mm behind the foremost point";
            String how = camber > 0
                    ? "Ink the back. Lay the iron in the plane, cap iron set well back, and scribe along the sole's mouth; or"
                            + " scribe a round that falls back " + Numbers.plain(camber, 2)
                            + " mm at the corners, its middle " + line + "."
                    : curved
                            ? "Trace the profile first, if that was not done. Ink both sides and draw a line " + line
                                    + ", following the sweep."
                            : "Ink the back. Scribe a line off the side with a square, " + line + ".";
            return plain(GrindAct.Kind.MARK, "Ink and scribe the new edge", how, "The line is there to grind to.");
        }

        private GrindAct ready() {
            String wheel = by.wheel
                    .flatMap(
                            w -> w.speed()
                                    .map(
                                            v -> " It runs at " + Numbers.plain(v, 1) + " m/s"
                                                    + (w.markedSpeed().isPresent()
                                                            ? ", within its marking of "
                                                                    + Numbers.plain(
                                                                            w.markedSpeed()
                                                                                    .getAsDouble(),
                                                                            1) + " m/s."
                                                            : "; its marking is not put down: read it off the wheel before it is switched on.")))
                    .orElse("");
            String how =
                    switch (by.means) {
                        case DRY_WHEEL ->
                            "A coarse, open, friable wheel (about 46 to 60). Dress it clean and round with a slight crown:"
                                    + " it cuts cooler and goes where it is led." + wheel;
                        case SLOW_WET_WHEEL ->
                            "Trough full; true the stone with its truer and grade it coarse. Measure its diameter: the bar"
                                    + " is set by it." + wheel;
                        case BELT ->
                            "A fresh coarse belt (P80 to P120) for shaping, a worn P240 for the last passes, at the lowest"
                                    + " speed there is.";
                        default -> "A fresh disc of coarse paper, stuck down without a bubble; extraction on.";
                    };
            return new GrindAct(
                    GrindAct.Kind.READY,
                    "Make the " + by.pieceName + " ready",
                    how,
                    by.means == Means.BELT ? "It tracks in the middle." : "It runs true and sounds even.",
                    0,
                    OptionalDouble.empty(),
                    OptionalDouble.empty(),
                    "",
                    by.means == Means.BELT || by.means == Means.PAPER_DISC
                            ? List.of(Caution.MANUALS)
                            : List.of(Caution.SPEED, Caution.REST_GAP, Caution.NO_SIDE, Caution.MANUALS));
        }

        private GrindAct set() {
            String angle = primary + " "
                    + (blade.kind().convention() == truekeen.core.tool.Convention.PER_SIDE
                            ? "a side"
                            : "from the back");
            return plain(
                    GrindAct.Kind.SET,
                    "Set the bevel, " + angle,
                    by.setting.isEmpty()
                            ? "By hand: find the bevel, heel first, then let heel and edge both bear; ink tells."
                            : by.setting,
                    "Ink the bevel, turn the wheel by hand: the ink goes where it should.");
        }

        private GrindAct look() {
            return plain(
                    GrindAct.Kind.LOOK,
                    "Look again",
                    curved
                            ? "Trace the profile from the same marks and lay it over the first one."
                            : camber > 0
                                    ? "Sight the round against the scribed line; measure both corners from a straightedge."
                                    : "Try-square against the side; sight the bevel: one facet, the same width all along.",
                    curved ? "No place has gone farther back than the rest." : "Square, even, and no colour anywhere.");
        }

        private GrindAct timed(
                GrindAct.Kind kind,
                String title,
                String words,
                String until,
                double volume,
                String dip,
                List<Caution> cautions) {
            boolean light = kind == GrindAct.Kind.LIGHT;
            return new GrindAct(
                    kind,
                    title,
                    words,
                    until,
                    volume,
                    OptionalDouble.of(volume / rate.fastest(light)),
                    OptionalDouble.of(volume / rate.slowest(light)),
                    heat.isPresent() ? dip : "",
                    cautions);
        }

        private static GrindAct plain(GrindAct.Kind kind, String title, String words, String until) {
            return new GrindAct(
                    kind, title, words, until, 0, OptionalDouble.empty(), OptionalDouble.empty(), "", List.of());
        }
    }
}
