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
                    .with("allowed", RepairWords.BY_MACHINES.words()));
        }
        if (restoration.byMachine().isEmpty()) {
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
        private final boolean squares;
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
            this.squares = blade.kind().square() && camber == 0;
            boolean anythingAhead = restoration.newEdgeMm() > LEAST_BLUNT_MM || camber > LEAST_BLUNT_MM;
            this.blunt = by.bluntFirst && anythingAhead;
            Length land = Length.ofMm(blunt ? Math.max(restoration.landMm(), 0.1) : GrindHeat.BLUNT_LAND.mm());
            Optional<HeatSource> source = by.means.heat();
            this.heat = source.map(s -> GrindHeat.of(blade, primary, steel, s, land));
        }

        GrindPlan plan() {
            double all = restoration.byMachine().orElseThrow().shaping().volumeMm3();
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
                        curved ? RepairWords.LOWER_TO_THE_LINE.words() : RepairWords.BLUNT_TO_THE_LINE.words(),
                        curved ? RepairWords.LOWER_HOW.words() : RepairWords.BLUNT_HOW.words(),
                        curved
                                ? RepairWords.LOWER_UNTIL.words()
                                : (squares ? RepairWords.BLUNT_UNTIL : RepairWords.BLUNT_UNTIL_ALONG).words(),
                        curved ? RepairWords.LOWER_ASKED.words() : bluntAsked(),
                        first,
                        rhythm(heat.map(h -> h.blunt().leastSeconds())).words(),
                        List.of(Caution.EYES, Caution.NO_GLOVES, Caution.SPARKS)));
            }
            acts.add(set());
            acts.add(timed(
                    GrindAct.Kind.BEVEL,
                    RepairWords.GRIND_THE_BEVEL.words(),
                    curved ? RepairWords.BEVEL_HOW_KNIFE.words() : RepairWords.BEVEL_HOW.words(),
                    blunt ? RepairWords.BEVEL_UNTIL_KNIFE.words() : RepairWords.BEVEL_UNTIL.words(),
                    blunt ? RepairWords.BEVEL_ASKED_LAND.words() : RepairWords.BEVEL_ASKED.words(),
                    bevel,
                    near.words(),
                    blunt
                            ? List.of(Caution.DUST)
                            : List.of(Caution.EYES, Caution.NO_GLOVES, Caution.SPARKS, Caution.DUST)));
            acts.add(timed(
                    GrindAct.Kind.LIGHT,
                    RepairWords.LIGHT_PASSES.words(),
                    by.means == Means.BELT ? RepairWords.LIGHT_HOW_BELT.words() : RepairWords.LIGHT_HOW.words(),
                    RepairWords.LIGHT_UNTIL.words(),
                    RepairWords.LIGHT_ASKED.words(),
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
            if (camber == 0 && restoration.newEdgeMm() < LEAST_BLUNT_MM) {
                return plain(
                        GrindAct.Kind.MARK,
                        RepairWords.INK_THE_EDGE.words(),
                        RepairWords.INK_NO_LINE.fill("less", Length.ofMm(restoration.newEdgeMm())),
                        RepairWords.INKED.words(),
                        RepairWords.INKED_ASKED.words());
            }
            String line = RepairWords.LINE_AT.fill("behind", Numbers.plain(restoration.newEdgeMm(), 2));
            String how = camber > 0
                    ? RepairWords.SCRIBE_CAMBER.fill("camber", Numbers.plain(camber, 2), "line", line)
                    : curved
                            ? RepairWords.TRACE_PROFILE.fill("line", line)
                            : (squares ? RepairWords.SCRIBE_SQUARE : RepairWords.SCRIBE_ALONG).fill("line", line);
            return plain(
                    GrindAct.Kind.MARK,
                    RepairWords.SCRIBE.words(),
                    how,
                    RepairWords.SCRIBE_UNTIL.words(),
                    RepairWords.SCRIBE_ASKED.words());
        }

        private GrindAct ready() {
            String wheel = by.wheel
                    .flatMap(w -> w.speed()
                            .map(v -> RepairWords.RUNS_AT.fill(
                                    "speed",
                                    Numbers.plain(v, 1),
                                    "marking",
                                    (w.markedSpeed().isPresent()
                                            ? RepairWords.WITHIN_MARKING.fill(
                                                    "marked",
                                                    Numbers.plain(
                                                            w.markedSpeed().getAsDouble(), 1))
                                            : RepairWords.MARKING_UNKNOWN.words()))))
                    .orElse("");
            String how =
                    switch (by.means) {
                        case DRY_WHEEL -> RepairWords.DRY_WHEEL_READY.fill("wheel", wheel);
                        case SLOW_WET_WHEEL -> RepairWords.WET_WHEEL_READY.fill("wheel", wheel);
                        case BELT -> RepairWords.BELT_READY.words();
                        default -> RepairWords.DISC_READY.words();
                    };
            return new GrindAct(
                    GrindAct.Kind.READY,
                    RepairWords.MAKE_READY.fill("pieceName", by.pieceName),
                    how,
                    by.means == Means.BELT ? RepairWords.TRACKS.words() : RepairWords.RUNS_TRUE.words(),
                    by.means == Means.BELT ? RepairWords.TRACKS_ASKED.words() : RepairWords.RUNS_TRUE_ASKED.words(),
                    RepairWords.READY_IF_NOT.words(),
                    RepairWords.WHY_READY.words(),
                    false,
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
                            ? RepairWords.A_SIDE.words()
                            : RepairWords.FROM_THE_BACK.words());
            return plain(
                    GrindAct.Kind.SET,
                    RepairWords.SET_THE_BEVEL.fill("angle", angle),
                    by.setting.isEmpty() ? RepairWords.SET_BY_HAND.words() : by.setting,
                    RepairWords.SET_BY_INK.words(),
                    RepairWords.SET_ASKED.words());
        }

        private GrindAct look() {
            return plain(
                    GrindAct.Kind.LOOK,
                    RepairWords.LOOK_AGAIN.words(),
                    curved
                            ? RepairWords.LOOK_AT_PROFILE.words()
                            : camber > 0
                                    ? RepairWords.LOOK_AT_CAMBER.words()
                                    : (squares ? RepairWords.LOOK_AT_SQUARE : RepairWords.LOOK_AT_FACET).words(),
                    curved
                            ? RepairWords.LOOK_UNTIL_KNIFE.words()
                            : (squares ? RepairWords.LOOK_UNTIL : RepairWords.LOOK_UNTIL_EVEN).words(),
                    curved
                            ? RepairWords.LOOK_ASKED_KNIFE.words()
                            : camber > 0
                                    ? RepairWords.LOOK_ASKED_CAMBER.words()
                                    : (squares ? RepairWords.LOOK_ASKED : RepairWords.LOOK_ASKED_EVEN).words());
        }

        private String bluntAsked() {
            return (squares ? RepairWords.BLUNT_ASKED_SQUARE : RepairWords.BLUNT_ASKED).words();
        }

        /** Why an act is done. */
        private static RepairWords why(GrindAct.Kind kind) {
            return switch (kind) {
                case MARK -> RepairWords.WHY_MARK;
                case READY -> RepairWords.WHY_READY;
                case BLUNT -> RepairWords.WHY_BLUNT;
                case SET -> RepairWords.WHY_SET;
                case BEVEL -> RepairWords.WHY_BEVEL;
                case LIGHT -> RepairWords.WHY_LIGHT;
                case LOOK -> RepairWords.WHY_LOOK;
            };
        }

        /** What to do where an act is not done yet. */
        private RepairWords otherwise(GrindAct.Kind kind) {
            return switch (kind) {
                case MARK -> RepairWords.SCRIBE_IF_NOT;
                case READY -> RepairWords.READY_IF_NOT;
                case BLUNT -> curved ? RepairWords.LOWER_IF_NOT : RepairWords.BLUNT_IF_NOT;
                case SET -> RepairWords.SET_IF_NOT;
                case BEVEL -> RepairWords.BEVEL_IF_NOT;
                case LIGHT -> RepairWords.LIGHT_IF_NOT;
                case LOOK -> RepairWords.LOOK_IF_NOT;
            };
        }

        private GrindAct timed(
                GrindAct.Kind kind,
                String title,
                String words,
                String until,
                String asked,
                double volume,
                String dip,
                List<Caution> cautions) {
            boolean light = kind == GrindAct.Kind.LIGHT;
            return new GrindAct(
                    kind,
                    title,
                    words,
                    until,
                    asked,
                    otherwise(kind).words(),
                    why(kind).words(),
                    squares && kind == GrindAct.Kind.BLUNT,
                    volume,
                    OptionalDouble.of(volume / rate.fastest(light)),
                    OptionalDouble.of(volume / rate.slowest(light)),
                    heat.isPresent() ? dip : "",
                    cautions);
        }

        private GrindAct plain(GrindAct.Kind kind, String title, String words, String until, String asked) {
            return new GrindAct(
                    kind,
                    title,
                    words,
                    until,
                    asked,
                    otherwise(kind).words(),
                    why(kind).words(),
                    squares && kind == GrindAct.Kind.LOOK,
                    0,
                    OptionalDouble.empty(),
                    OptionalDouble.empty(),
                    "",
                    List.of());
        }
    }
}
