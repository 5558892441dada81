package truekeen.core.rehearsal;

import java.util.List;
import java.util.Optional;
import java.util.function.IntConsumer;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.blade.Grain;
import truekeen.core.blade.Stroke;
import truekeen.core.blade.VirtualBlade;
import truekeen.core.blade.Wedge;
import truekeen.core.removal.StockRemoval;
import truekeen.core.stepsheet.Step;
import truekeen.core.table.Prior;

/**
 * A virtual blade on which the steps of a sheet are made, and asked what the gate of a step asks: as a nail feels it and a
 * lamp shows it, not as the model knows it.
 */
final class WorkedBlade {
    /** A burr that a nail finds (µm). */
    private static final double FELT_UM = Prior.BURR_FELT_UM.value();

    /** A burr that a fingertip finds across the edge (µm). */
    private static final double RAISED_UM = Prior.BURR_RAISED_UM.value();

    /** How much deeper a scratch is that the lamp still shows among those of a stone. */
    private static final double SEEN = Prior.SCRATCH_SEEN_TIMES.value();

    /** How far the part of an edge that is worked at one station reaches over into the next. */
    private static final double OVER = 0.5;

    /** How much steeper a free hand goes each time (standard deviations of its angle), and how often. */
    private static final double RAISED = Prior.FREE_HAND_RAISES.value();

    private static final int MOST_RAISES = Prior.FREE_HAND_MOST_RAISES.whole();

    /** How many times as hard a burr that stays is stroked each time. */
    private static final double LIGHTER = Prior.DEBURR_LIGHTER_TIMES.value();

    /** Angles nearer than this are those of one face (°). */
    private static final double FACE_DEG = 0.5;

    private final Rehearsal of;
    private final Changes changes;
    private final VirtualBlade blade;
    private final double startMm;

    WorkedBlade(Rehearsal rehearsal, Changes changes, double stationMm, long seed) {
        of = rehearsal;
        this.changes = changes;
        blade = VirtualBlade.of(
                of.before().faces(),
                of.intended(),
                of.edgeMm(),
                stationMm,
                of.before().scratchUm(),
                of.gum(),
                seed);
        blade.facet(true, of.before().facetDeg(), of.before().facetMm());
        if (both()) {
            blade.facet(false, of.before().facetDeg(), of.before().facetMm());
        }
        startMm = blade.recessionMm(0);
        blade.damage(of.before().backMm());
    }

    VirtualBlade blade() {
        return blade;
    }

    /** The edge as it is now. */
    Frame frame() {
        return Rehearsal.goOn(this, List.of()).frame();
    }

    /** Where the apex was when it was last sharp (mm). */
    double startMm() {
        return startMm;
    }

    private boolean both() {
        return of.before().faces().lowerDeg() > 0;
    }

    /** What a step is done on, where strokes on it take steel. */
    private Optional<Abrasive> on(Step step) {
        return step.counted()
                ? Optional.ofNullable(of.shelf().get(changes.on(step)))
                        .filter(a -> a.kind().specificWear().isPresent())
                : Optional.empty();
    }

    /** Whether the edge is drawn along wood in a step. */
    static boolean drawn(Step step) {
        return step.kind() == Step.Kind.ADJUST && step.burrTask() == Step.BurrTask.SHED;
    }

    /** Whether the step is made in strokes that take steel. */
    boolean worked(Step step) {
        return on(step).isPresent();
    }

    /** A machine grinds back to the line. */
    void grind(Step step) {
        double line = startMm + of.lineMm();
        blade.grind(true, step.angleDeg().orElse(of.before().faces().upperDeg()), line);
        if (both()) {
            blade.grind(false, step.angleDeg().orElse(of.before().faces().lowerDeg()), line);
        }
    }

    /**
     * Makes strokes of a step on each of its sides.
     *
     * @param each how many on each side
     * @param made told after each stroke how many were made
     */
    void strokes(Step step, int each, IntConsumer made) {
        strokes(step, each, Manner.OF_THE_SHEET, made);
    }

    /**
     * Makes more strokes of a step whose gate said no. Where the hand holds the angle it goes a little steeper each time, so
     * that the stone comes to the very edge; a burr that stays is stroked lighter each time, as the sheet says.
     *
     * @param times how often more were made already
     */
    void moreStrokes(Step step, int each, int times, IntConsumer made) {
        double scatter = scatter(step);
        boolean burr = step.kind() == Step.Kind.DEBURR;
        boolean held = burr || scatter <= Prior.HELD_STEADY_DEG.value();
        double raised = held ? 0 : Math.min(times + 1, MOST_RAISES) * RAISED * scatter;
        strokes(step, each, new Manner(raised, burr ? Math.pow(LIGHTER, times + 1) : 1), made);
    }

    /** How more strokes are made than the sheet says at first: so much steeper (°), so many times as hard. */
    private record Manner(double raisedDeg, double harder) {
        static final Manner OF_THE_SHEET = new Manner(0, 1);
    }

    /** Scatter of the angle in a step (°): a wide bevel lies on the stone and steadies the hand. */
    private double scatter(Step step) {
        Steadiness hand = of.hand().times(changes.shakier());
        double held = step.kind() == Step.Kind.WORK ? hand.heldDeg() : hand.freeDeg();
        return Steadiness.onBevelDeg(held, widthMm(step));
    }

    /** Width of the bevel that a step works (mm): the face where it is laid on that, else the facet at the edge. */
    private double widthMm(Step step) {
        Wedge faces = of.before().faces();
        double angle = step.angleDeg().orElse(of.intended().upperDeg());
        boolean face = Math.abs(angle - faces.upperDeg()) < FACE_DEG;
        double thick = both() ? faces.bodyMm() / 2 : faces.bodyMm();
        return face
                ? thick / Math.sin(Math.toRadians(Math.max(1, faces.upperDeg())))
                : of.before().facetMm();
    }

    private void strokes(Step step, int each, Manner manner, IntConsumer made) {
        Abrasive abrasive = on(step).orElseThrow();
        Grain grain = new Grain(
                StockRemoval.specificWear(abrasive, of.steel()),
                abrasive.d50Um(),
                abrasive.scratchUm(),
                step.kind() == Step.Kind.STROP);
        double sigma = scatter(step);
        int set = step.setOf() > 0 ? step.setOf() : Math.max(1, each);
        int all = 0;
        for (int done = 0; done < each; done += set) {
            for (Step.Side side : step.sides()) {
                for (int i = done; i < Math.min(done + set, each); i++) {
                    blade.stroke(stroke(step, side, i, each, abrasive.strokeMm(), manner, sigma), grain);
                    made.accept(++all);
                }
            }
        }
    }

    private Stroke stroke(Step step, Step.Side side, int number, int each, double wayMm, Manner manner, double sigma) {
        boolean back = side == Step.Side.BACK;
        boolean upper = upper(side);
        double planned = step.angleDeg()
                .orElse(upper ? of.intended().upperDeg() : of.intended().lowerDeg());
        double set = back ? of.intended().lowerDeg() : planned + changes.steeperDeg() + manner.raisedDeg();
        double from = step.where().fromMm();
        double to = step.where().toMm();
        int station = station(step.stations(), number, each);
        if (station >= 0) {
            double wide = (to - from) / step.stations().size();
            from = Math.max(0, from + (station - OVER) * wide);
            to = Math.min(of.edgeMm(), from + (1 + 2 * OVER) * wide);
        }
        double pressed = step.forceN().orElse(0.0) * (step.kind() == Step.Kind.STROP ? 1 : changes.pressing());
        return new Stroke(upper, Math.max(0, set), manner.harder() * pressed, wayMm, from, to, back ? 0 : sigma);
    }

    /** At which station a stroke is made where strokes are dealt to stations; -1 where they are not. */
    private static int station(List<Integer> dealt, int number, int each) {
        int all = dealt.stream().mapToInt(s -> s).sum();
        if (all == 0) {
            return -1;
        }
        // More strokes than planned are dealt alike.
        int at = (int) ((long) number * all / Math.max(all, each));
        for (int station = 0; station < dealt.size(); station++) {
            at -= dealt.get(station);
            if (at < 0) {
                return station;
            }
        }
        return dealt.size() - 1;
    }

    /**
     * Whether the gate of a step says yes.
     *
     * @param last whether no step takes the burr off after it
     */
    boolean passes(Step step, boolean last) {
        if (step.gate().isEmpty() && !last) {
            return true;
        }
        double scratch = on(step).map(Abrasive::scratchUm).orElse(0.0);
        for (int i = 0; i < blade.stations(); i++) {
            if (step.where().holds(blade.placeMm(i)) && !passes(step, last, i, scratch)) {
                return false;
            }
        }
        return true;
    }

    private boolean passes(Step step, boolean last, int station, double scratchUm) {
        return switch (step.burrTask()) {
            case RAISE -> raised(step, station) && scratched(step, station, scratchUm);
            case KEEP -> scratched(step, station, scratchUm) && blade.burrUm(station) >= RAISED_UM;
            case KEEP_UNFELT -> scratched(step, station, scratchUm);
            case TAKE_OFF_BETWEEN -> blade.burrUm(station) <= FELT_UM;
            // The last word on a burr has the cloth: it catches what a nail slides over.
            case TAKE_OFF, SHED -> blade.burrUm(station) <= FELT_UM && !(last && blade.hangs(station));
            case TURN, NOTHING -> true;
        };
    }

    /** No scratches but those of this stone come to the edge on the sides that are worked. */
    private boolean scratched(Step step, int station, double scratchUm) {
        return step.sides().stream()
                .allMatch(side -> side == Step.Side.BACK
                        || blade.apexScratchUm(upper(side), station)
                                <= Math.max(of.before().scratchUm(), SEEN * scratchUm));
    }

    private static boolean upper(Step.Side side) {
        return side == Step.Side.BEVEL || side == Step.Side.RIGHT;
    }

    /** A burr is felt there, and was raised from every side that is worked. */
    private boolean raised(Step step, int station) {
        return bare(step.sides(), station) && blade.burrUm(station) >= RAISED_UM;
    }

    /** Whether ink would be gone to the very edge there on all of these sides; a back is not inked. */
    boolean bare(List<Step.Side> sides, int station) {
        return !sides.isEmpty()
                && sides.stream().allMatch(side -> side == Step.Side.BACK || blade.reached(upper(side), station));
    }
}
