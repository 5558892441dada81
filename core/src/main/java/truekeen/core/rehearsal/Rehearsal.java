package truekeen.core.rehearsal;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.blade.Grain;
import truekeen.core.blade.Gum;
import truekeen.core.blade.Stroke;
import truekeen.core.blade.VirtualBlade;
import truekeen.core.blade.Wedge;
import truekeen.core.removal.StockRemoval;
import truekeen.core.steel.SteelClass;
import truekeen.core.stepsheet.Step;

/**
 * A plan rehearsed on the virtual blade.
 *
 * @param before the edge before it is worked
 * @param intended what it is to be like
 * @param edgeMm length of the edge (mm)
 * @param lineMm how far back the edge goes as planned (mm)
 * @param steel what it is made of
 * @param gum how its burr clings
 * @param shelf what the steps are done on, by id
 * @param hand how steady it is held
 */
public record Rehearsal(
        Before before,
        Wedge intended,
        double edgeMm,
        double lineMm,
        SteelClass steel,
        Gum gum,
        Map<String, Abrasive> shelf,
        Steadiness hand) {
    /** Frames of a run, about: as many as a slider tells apart. */
    private static final int FRAMES = 60;

    private static final double STATION_MM = 1;

    /**
     * An edge before it is worked.
     *
     * @param faces its faces
     * @param facetDeg angle of the facet that the last sharpening left on them (°)
     * @param facetMm width of that facet (mm); 0 for none
     * @param backMm how far back the edge lies at each place for damage and dullness (mm)
     * @param scratchUm scratches it carries (µm)
     */
    public record Before(Wedge faces, double facetDeg, double facetMm, DoubleUnaryOperator backMm, double scratchUm) {}

    /** Works the steps; the first frame is the edge as it is, the last as it comes out. */
    public List<Frame> run(List<Step> steps, Changes changes, long seed) {
        VirtualBlade blade = VirtualBlade.of(before.faces, intended, edgeMm, STATION_MM, before.scratchUm, gum, seed);
        blade.facet(true, before.facetDeg, before.facetMm);
        if (before.faces.lowerDeg() > 0) {
            blade.facet(false, before.facetDeg, before.facetMm);
        }
        double start = blade.recessionMm(0);
        blade.damage(before.backMm);
        Run run = new Run(blade, start, changes, every(steps));
        run.show(-1, 0);
        for (int i = 0; i < steps.size(); i++) {
            if (!changes.skipped().contains(i)) {
                work(run, steps.get(i), i);
            }
        }
        return List.copyOf(run.frames);
    }

    private static int every(List<Step> steps) {
        int all = steps.stream()
                .filter(Step::counted)
                .mapToInt(s -> s.strokes() * s.sides().size())
                .sum();
        return Math.max(1, all / FRAMES);
    }

    /** A run under way. */
    private static final class Run {
        private final VirtualBlade blade;
        private final double start;
        private final Changes changes;
        private final int every;
        private final List<Frame> frames = new ArrayList<>();
        /** Where the section is looked at: where the edge was worst. */
        private int station = -1;

        Run(VirtualBlade blade, double start, Changes changes, int every) {
            this.blade = blade;
            this.start = start;
            this.changes = changes;
            this.every = every;
        }

        void show(int step, int strokes) {
            List<Double> back = new ArrayList<>();
            List<Double> index = new ArrayList<>();
            double worst = 0;
            double burr = 0;
            for (int i = 0; i < blade.stations(); i++) {
                back.add(blade.recessionMm(i) - start);
                index.add(blade.index(i));
                worst = Math.max(worst, blade.index(i));
                burr = Math.max(burr, blade.burrUm(i));
            }
            if (station < 0) {
                station = index.indexOf(worst);
            }
            List<Double> section = new ArrayList<>();
            double[] outline = blade.outline(station);
            for (int i = 0; i < outline.length; i++) {
                section.add(i % 2 == 0 ? outline[i] - start : outline[i]);
            }
            frames.add(new Frame(step, strokes, blade.meanIndex(), worst, burr, back, index, section));
        }
    }

    private void work(Run run, Step step, int number) {
        if (step.kind() == Step.Kind.GRIND) {
            run.blade.grind(true, step.angleDeg().orElse(before.faces.upperDeg()), run.start + lineMm);
            if (before.faces.lowerDeg() > 0) {
                run.blade.grind(false, step.angleDeg().orElse(before.faces.lowerDeg()), run.start + lineMm);
            }
            run.show(number, 0);
            return;
        }
        Abrasive abrasive = shelf.get(step.abrasiveId());
        if (!step.counted()
                || abrasive == null
                || abrasive.kind().specificWear().isEmpty()) {
            return;
        }
        boolean strop = step.kind() == Step.Kind.STROP;
        Grain grain =
                new Grain(StockRemoval.specificWear(abrasive, steel), abrasive.d50Um(), abrasive.scratchUm(), strop);
        Steadiness held = hand.times(run.changes.shakier());
        double sigma = step.kind() == Step.Kind.WORK ? held.heldDeg() : held.freeDeg();
        int strokes = (int) Math.round(step.strokes() * (strop ? run.changes.stropping() : 1));
        int set = step.setOf() > 0 ? step.setOf() : Math.max(1, strokes);
        int made = 0;
        for (int done = 0; done < strokes; done += set) {
            for (Step.Side side : step.sides()) {
                for (int i = 0; i < Math.min(set, strokes - done); i++) {
                    run.blade.stroke(stroke(step, side, abrasive.strokeMm(), sigma, run.changes), grain);
                    made++;
                    if (made % run.every == 0) {
                        run.show(number, made);
                    }
                }
            }
        }
        if (made % run.every != 0) {
            run.show(number, made);
        }
    }

    private Stroke stroke(Step step, Step.Side side, double wayMm, double sigma, Changes changes) {
        boolean back = side == Step.Side.BACK;
        boolean upper = side == Step.Side.BEVEL || side == Step.Side.RIGHT;
        double set = back
                ? intended.lowerDeg()
                : step.angleDeg().orElse(upper ? intended.upperDeg() : intended.lowerDeg()) + changes.steeperDeg();
        return new Stroke(
                upper,
                Math.max(0, set),
                step.forceN().orElse(0.0),
                wayMm,
                step.where().fromMm(),
                step.where().toMm(),
                back ? 0 : sigma);
    }
}
