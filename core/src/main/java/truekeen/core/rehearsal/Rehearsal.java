package truekeen.core.rehearsal;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.blade.Gum;
import truekeen.core.blade.VirtualBlade;
import truekeen.core.blade.Wedge;
import truekeen.core.steel.SteelClass;
import truekeen.core.stepsheet.Step;
import truekeen.core.table.Prior;

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
    /** Stations that tell how an edge came out, where nobody watches. */
    private static final int FEW_STATIONS = 40;

    /** Share of the planned strokes that are made more each time a gate says no. */
    private static final double MORE = Prior.GATE_MORE_SHARE.value();

    /** So many more at least on a stone: nobody looks after each stroke. */
    private static final int LEAST_MORE = Prior.GATE_LEAST_MORE.whole();

    /** How often more are made at a gate before the hand goes on all the same. */
    private static final int MOST_TIMES = Prior.GATE_MOST_TIMES.whole();

    /** After so many times the last of a burr is drawn off along soft wood, each time. */
    private static final int CLINGS_AFTER = 5;

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

    /**
     * How a rehearsal ended.
     *
     * @param frame the edge as it came out
     * @param strokes strokes that were made in all
     * @param held strokes on each side beyond the count of the sheet, step by step; less than 0 where the burr came sooner
     * @param open steps whose gate still said no when the hand went on
     */
    public record End(Frame frame, int strokes, List<Integer> held, List<Integer> open) {
        /** Keeps the lists from changing. */
        public End {
            held = List.copyOf(held);
            open = List.copyOf(open);
        }
    }

    /**
     * A rehearsal watched.
     *
     * @param frames the first is the edge as it is, the last as it comes out
     * @param end how it ended
     */
    public record Watched(List<Frame> frames, End end) {
        /** Keeps the frames from changing. */
        public Watched {
            frames = List.copyOf(frames);
        }
    }

    /** Works the steps, each until its gate passes, and shows the edge now and then. */
    public Watched watch(List<Step> steps, Changes changes, long seed) {
        Run run = new Run(new WorkedBlade(this, changes, STATION_MM, seed), every(steps));
        run.show(-1, 0);
        return new Watched(run.frames, work(run, steps, changes));
    }

    /** The same, of which only the end is looked at. */
    public End end(List<Step> steps, Changes changes, long seed) {
        return work(new Run(fresh(changes, seed), 0), steps, changes);
    }

    /** Works steps on a blade that was worked before. */
    static End goOn(WorkedBlade worked, List<Step> steps) {
        return work(new Run(worked, 0), steps, Changes.NONE);
    }

    /** Works all steps on a blade. */
    static void work(WorkedBlade worked, List<Step> steps, Changes changes) {
        work(new Run(worked, 0), steps, changes);
    }

    /** A blade on which nothing was done yet, of which only the end is looked at. */
    WorkedBlade fresh(Changes changes, long seed) {
        return new WorkedBlade(this, changes, Math.max(STATION_MM, edgeMm / FEW_STATIONS), seed);
    }

    private static End work(Run run, List<Step> steps, Changes changes) {
        List<Integer> held = new ArrayList<>(Collections.nCopies(steps.size(), 0));
        List<Integer> open = new ArrayList<>();
        int made = 0;
        int last = lastOffBurr(steps, changes);
        for (int i : changes.order(steps)) {
            Step step = steps.get(i);
            int more = 0;
            if (step.kind() == Step.Kind.GRIND) {
                run.worked.grind(step);
                run.show(i, 0);
            } else if (WorkedBlade.drawn(step) && !changes.skipped().contains(i)) {
                run.worked.blade().drawThroughWood();
                run.show(i, 0);
            } else if (run.worked.worked(step) && !changes.skipped().contains(i)) {
                int each = changes.each(step, i);
                more = work(run, step, i, each, i == last, changes.blind());
                made += (each + more) * step.sides().size();
                if (!changes.blind() && !run.worked.passes(step, i == last)) {
                    open.add(i);
                }
            }
            held.set(i, more);
        }
        return new End(run.frame(steps.size() - 1, 0), made, held, open);
    }

    /**
     * Works a step until its gate passes; gives the strokes on each side beyond the count of the sheet, less than 0 where the
     * burr was there before.
     */
    private static int work(Run run, Step step, int number, int each, boolean last, boolean blind) {
        run.worked.blade().forget();
        run.begin(number, step);
        int least = step.kind() == Step.Kind.WORK ? LEAST_MORE : 1;
        int more = Math.max(least, (int) Math.ceil(MORE * each));
        int made = first(step, each, blind);
        run.worked.strokes(step, made, run::made);
        while (!blind && made < each && !run.worked.passes(step, last)) {
            int next = Math.min(more, each - made);
            run.worked.strokes(step, next, run::made);
            made += next;
        }
        for (int times = 0; !blind && times < MOST_TIMES && !run.worked.passes(step, last); times++) {
            run.worked.moreStrokes(step, more, times, run::madeMore);
            made += more;
            if (last && times >= CLINGS_AFTER && step.kind() == Step.Kind.DEBURR) {
                // As the sheet says where the gate still says no.
                run.worked.blade().drawThroughWood();
            }
        }
        run.end();
        return made - each;
    }

    /** The step that takes the last of the burr off: after it the cloth is asked; -1 where none does. */
    private static int lastOffBurr(List<Step> steps, Changes changes) {
        int last = -1;
        for (int i = 0; i < steps.size(); i++) {
            Step.BurrTask task = steps.get(i).burrTask();
            boolean off = task == Step.BurrTask.TAKE_OFF || task == Step.BurrTask.SHED;
            last = off && !changes.skipped().contains(i) ? i : last;
        }
        return last;
    }

    /** Strokes that are made before the burr is felt for: where one is raised the least that is expected, else all. */
    private static int first(Step step, int each, boolean blind) {
        boolean feels = !blind && step.burrTask() == Step.BurrTask.RAISE && step.strokes() > 0;
        return feels ? (int) Math.round((double) each * step.strokesLow() / step.strokes()) : each;
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
        private final WorkedBlade worked;
        private final List<Frame> frames = new ArrayList<>();
        /** A frame after so many strokes; 0 for none. */
        private final int every;
        /** Where the section is looked at: where the edge was worst. */
        private int station = -1;

        private int step;
        private List<Step.Side> sides = List.of();
        private int strokes;
        private boolean more;

        Run(WorkedBlade worked, int every) {
            this.worked = worked;
            this.every = every;
        }

        void begin(int number, Step begun) {
            step = number;
            sides = begun.sides();
            strokes = 0;
            more = false;
        }

        void made(int count) {
            strokes++;
            if (every > 0 && strokes % every == 0) {
                show(step, strokes);
            }
        }

        void madeMore(int count) {
            more = true;
            made(count);
        }

        void end() {
            if (every > 0 && strokes % every != 0) {
                show(step, strokes);
            }
        }

        void show(int number, int made) {
            if (every > 0) {
                frames.add(frame(number, made));
            }
        }

        Frame frame(int number, int made) {
            VirtualBlade blade = worked.blade();
            List<Double> back = new ArrayList<>();
            List<Double> index = new ArrayList<>();
            List<Double> burrs = new ArrayList<>();
            double worst = 0;
            int bare = 0;
            boolean hangs = false;
            for (int i = 0; i < blade.stations(); i++) {
                back.add(blade.recessionMm(i) - worked.startMm());
                index.add(blade.index(i));
                burrs.add(blade.burrUm(i));
                hangs |= blade.hangs(i);
                bare += worked.bare(sides, i) ? 1 : 0;
                worst = Math.max(worst, blade.index(i));
            }
            if (station < 0) {
                station = index.indexOf(worst);
            }
            List<Double> section = new ArrayList<>();
            double[] outline = blade.outline(station);
            for (int i = 0; i < outline.length; i++) {
                section.add(i % 2 == 0 ? outline[i] - worked.startMm() : outline[i]);
            }
            return new Frame(
                    number,
                    made,
                    more,
                    blade.meanIndex(),
                    worst,
                    back,
                    index,
                    burrs,
                    (double) bare / blade.stations(),
                    hangs,
                    section);
        }
    }
}
