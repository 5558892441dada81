package truekeen.core.stepsheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.condition.Demand;
import truekeen.core.job.Job;
import truekeen.core.message.Numbers;
import truekeen.core.message.RefusedException;
import truekeen.core.progression.JobPath;
import truekeen.core.progression.Leg;
import truekeen.core.progression.PowerOffer;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.removal.PowerRate;
import truekeen.core.section.TargetBevel;
import truekeen.core.table.Prior;

/**
 * A plan that asks more of hands than a sharpener would give it, or more than twice what it would without one thing that is
 * asked; and the ways out of that in figures. It hides no number. Source: the limits are workshop priors; what each way
 * saves is the same edge planned that way.
 *
 * @param tooMuch whether it is too much by hand; else it is only dear for what it is
 * @param strokes most strokes on one stone
 * @param stone the stone that they are on
 * @param minutes longest time that one job takes on stones (min)
 * @param ways ways out, the one that saves most first
 */
public record TooMuchByHand(boolean tooMuch, int strokes, String stone, double minutes, List<WayOut> ways) {
    /** From this many strokes on one stone a sharpener stops and thinks. */
    public static final int MOST_STROKES = Prior.TOO_MANY_STROKES.whole();
    /** Or from so long on one job (min). */
    public static final double MOST_MINUTES = Prior.TOO_LONG_MIN.value();

    private static final double WORTH_SAYING = Prior.WAY_OUT_WORTH_SHARE.value();
    /** A way that spares so much of the time is said, however little that is. */
    private static final double SPARES_HALF = Prior.WAY_OUT_SPARES_SHARE.value();

    private static final double COARSER_UM = Prior.STOCK_REMOVAL_COARSEST_UM.value();

    /** Keeps the ways from changing. */
    public TooMuchByHand {
        ways = List.copyOf(ways);
    }

    /** The kinds of ways out. */
    public enum Way {
        /** Something found is left in place this time. */
        LEAVE_A_FINDING,
        /** A machine that is owned. */
        MACHINE,
        /** A machine that is not. */
        MACHINE_NOT_OWNED,
        /** One coarser abrasive. */
        COARSER,
        LESS_CAMBER,
        /** The angle that it has is kept. */
        KEEP_THE_ANGLE
    }

    /**
     * A way out.
     *
     * @param way what kind
     * @param words what it is
     * @param savesMinutes time it saves (min), an estimate
     * @param strokes most strokes on one stone then
     * @param subject the field of the survey, the id of the machine, or empty: what to change for it
     */
    public record WayOut(Way way, String words, double savesMinutes, int strokes, String subject) {}

    /** Whether a plan asks too much, and what could be done; empty where hands do it well. */
    public static Optional<TooMuchByHand> of(PlanCase on, PlanCase.Worked worked) {
        Optional<Leg> most = most(worked);
        int strokes = most.map(Leg::wholeStrokes).orElse(0);
        double minutes = worked.plan().jobs().stream()
                        .mapToDouble(JobPath::seconds)
                        .max()
                        .orElse(0)
                / 60;
        boolean tooMuch = strokes > MOST_STROKES || minutes > MOST_MINUTES;
        boolean reshapes = worked.plan().powered().isEmpty()
                && worked.restoration()
                        .byMachine()
                        .filter(j -> j.shaping().volumeMm3() > 0)
                        .isPresent();
        if (!tooMuch && !reshapes) {
            return Optional.empty();
        }
        Ways out = new Ways(on, worked);
        List<WayOut> ways = tooMuch ? out.all() : out.sparing(SPARES_HALF);
        return !tooMuch && ways.isEmpty()
                ? Optional.empty()
                : Optional.of(new TooMuchByHand(
                        tooMuch, strokes, most.map(l -> l.abrasive().name()).orElse(""), minutes, ways));
    }

    private static Optional<Leg> most(PlanCase.Worked worked) {
        return worked.plan().jobs().stream()
                .flatMap(j -> j.legs().stream())
                .max(Comparator.comparingDouble(Leg::strokes));
    }

    /** The same edge, planned each way. */
    private static final class Ways {
        private final PlanCase on;
        private final PlanCase.Worked now;
        private final List<WayOut> all = new ArrayList<>();

        Ways(PlanCase on, PlanCase.Worked now) {
            this.on = on;
            this.now = now;
        }

        /** Every way that is worth saying, the one that saves most first. */
        List<WayOut> all() {
            byAskingLess();
            if (now.plan().grind().isEmpty()) {
                now.plan().offers().stream()
                        .min(Comparator.comparingDouble(PowerOffer::mostSeconds))
                        .ifPresentOrElse(
                                o -> add(
                                        Way.MACHINE,
                                        StepWords.WAY_MACHINE.fill(
                                                "machine", o.machine().name()),
                                        o.machine().id(),
                                        () -> on.groundOn(o.machine().id())),
                                this::machineNotOwned);
            }
            coarser();
            return sorted();
        }

        /** Only what asks less of the edge, and spares so great a share of the time. */
        List<WayOut> sparing(double share) {
            byAskingLess();
            all.removeIf(w -> w.savesMinutes() * 60 < share * now.time().likely());
            return sorted();
        }

        private List<WayOut> sorted() {
            return all.stream()
                    .sorted(Comparator.comparingDouble(WayOut::savesMinutes).reversed())
                    .toList();
        }

        private void byAskingLess() {
            for (Demand d : now.restoration().demands()) {
                if (d.decides() && !d.left() && d.subject().mayBeLeft()) {
                    add(
                            Way.LEAVE_A_FINDING,
                            StepWords.WAY_LEAVE.fill("what", d.words()),
                            d.subject().field(),
                            () -> on.surveyed(on.survey().leaving(d.subject())));
                }
            }
            target().ifPresent(t -> add(Way.KEEP_THE_ANGLE, keeping(t), "", () -> on.aimedAt(t)));
            on.target().camber().filter(c -> c.mm() > 0).ifPresent(c -> {
                TargetBevel half = on.target().cambered(Length.ofMm(c.mm() / 2));
                add(
                        Way.LESS_CAMBER,
                        StepWords.WAY_LESS_CAMBER.fill("camber", Numbers.plain(c.mm() / 2, 2)),
                        "",
                        () -> on.aimedAt(half));
            });
        }

        /** What a slow wet wheel would do, where nothing that runs is owned. */
        private void machineNotOwned() {
            Optional<Job> big = now.restoration().byMachine();
            Optional<JobPath> path = big.flatMap(j -> now.plan().path(j.kind()));
            if (path.isEmpty()) {
                return;
            }
            PowerRate rate = PowerRate.of(AbrasiveKind.SLOW_WET_WHEEL).orElseThrow();
            double volume = big.get().shaping().volumeMm3();
            double clock = PowerOffer.clockSeconds((rate.leastSeconds(volume) + rate.mostSeconds(volume)) / 2);
            double saved = (path.get().seconds() - clock) / 60;
            if (saved > 0) {
                all.add(new WayOut(
                        Way.MACHINE_NOT_OWNED,
                        StepWords.WAY_NO_MACHINE.fill("minutes", Numbers.plain(clock / 60, 0)),
                        saved,
                        0,
                        ""));
            }
        }

        private void coarser() {
            double coarsest = on.shelf().stream()
                    .filter(a -> a.kind().cutsInStrokes() && !a.state().retired())
                    .mapToDouble(Abrasive::d50Um)
                    .max()
                    .orElse(0);
            if (coarsest < 0.75 * COARSER_UM) {
                AbrasiveKind kind = AbrasiveKind.PLATED_DIAMOND;
                Abrasive plate = new Abrasive(
                        "coarser",
                        StepWords.A_COARSE_PLATE.words(),
                        kind,
                        kind.grain(),
                        COARSER_UM,
                        false,
                        Abrasive.Shape.BENCH,
                        kind.lubricants().get(0),
                        Abrasive.State.READY);
                add(
                        Way.COARSER,
                        StepWords.WAY_COARSER.fill("grain", Numbers.plain(COARSER_UM, 0)),
                        "",
                        () -> on.with(plate));
            }
        }

        /** The bevels it has, where the ground one would be changed or the last one lowered. */
        private Optional<TargetBevel> target() {
            Angle present = on.blade().primary();
            TargetBevel asked = on.target();
            double same = Prior.SAME_ANGLE_DEG.value();
            boolean ground = Math.abs(present.minus(asked.primary()).degrees()) > same;
            boolean lowered = on.blade().lastBevel().minus(asked.last()).degrees() > same;
            boolean kept = !lowered && asked.last().compareTo(present) > 0;
            return ground || lowered
                    ? Optional.of(new TargetBevel(
                            present,
                            kept ? asked.last() : on.blade().lastBevel(),
                            asked.back(),
                            asked.wheel(),
                            asked.camber()))
                    : Optional.empty();
        }

        private static String keeping(TargetBevel t) {
            return StepWords.WAY_KEEP_ANGLE.fill("primary", t.primary(), "last", t.last());
        }

        private void add(Way way, String words, String subject, Supplier<PlanCase> changed) {
            try {
                PlanCase.Worked then = changed.get().worked();
                double saved = now.time().likely() - then.time().likely();
                if (saved > WORTH_SAYING * now.time().likely()) {
                    int strokes = most(then).map(Leg::wholeStrokes).orElse(0);
                    all.add(new WayOut(way, words, saved / 60, strokes, subject));
                }
            } catch (RefusedException noWay) {
                // It cannot be done that way: it is no way out.
            }
        }
    }
}
