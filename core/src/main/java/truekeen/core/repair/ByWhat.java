package truekeen.core.repair;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.condition.Restoration;
import truekeen.core.condition.Scope;
import truekeen.core.heat.GrindHeat;
import truekeen.core.job.Job;
import truekeen.core.job.JobKind;
import truekeen.core.job.Shaping;
import truekeen.core.message.Numbers;
import truekeen.core.message.RefusedException;
import truekeen.core.progression.JobPath;
import truekeen.core.progression.PlanRules;
import truekeen.core.progression.PowerOffer;
import truekeen.core.progression.ProgressionPlanner;
import truekeen.core.progression.StoneWork;
import truekeen.core.progression.WorkPlanner;
import truekeen.core.quantity.Angle;
import truekeen.core.removal.Filing;
import truekeen.core.removal.PowerRate;
import truekeen.core.removal.StockRemoval;
import truekeen.core.steel.SteelClass;
import truekeen.core.table.Prior;
import truekeen.core.tool.Blade;
import truekeen.core.tool.EdgeLayout;

/**
 * Compares the means of taking the shaping off: time, heat, what becomes of the profile, and whether the house does it so.
 * Times are estimates with a range. Source: derived here, on rates that are workshop priors.
 */
public final class ByWhat {
    /** Times the time by hand from which a machine is no help. */
    private static final double FAR_LONGER = Prior.MACHINE_FAR_LONGER.value();
    /** So long by hand and the arms want a machine, even one that is no quicker (s). */
    private static final double ARMS_TIRE_S = Prior.ARMS_TIRE_S.value();
    /** So long a cool wheel is waited for where a hot one would be quicker (s). */
    private static final double COOL_PATIENCE_S = Prior.COOL_PATIENCE_S.value();

    private final Blade blade;
    private final Angle bevel;
    private final SteelClass steel;
    private final double hrc;
    private final List<Abrasive> shelf;
    private final PlanRules rules;

    private ByWhat(
            Blade blade,
            Angle bevel,
            SteelClass steel,
            OptionalDouble hardnessHrc,
            List<Abrasive> shelf,
            PlanRules rules) {
        this.blade = blade;
        this.bevel = bevel;
        this.steel = steel;
        this.hrc = Filing.hardness(hardnessHrc, steel);
        this.shelf = shelf;
        this.rules = rules;
    }

    /**
     * All means, in their own order; at most one is advised.
     *
     * @param bevel the bevel that is shaped
     * @param rules above which volume the house takes a wheel or belt; infinite where it works on stones only
     */
    public static List<MeansEstimate> compare(
            Restoration restoration,
            Blade blade,
            Angle bevel,
            SteelClass steel,
            OptionalDouble hardnessHrc,
            List<Abrasive> shelf,
            PlanRules rules) {
        ByWhat by = new ByWhat(blade, bevel, steel, hardnessHrc, shelf, rules);
        Optional<Job> shaped = restoration.byMachine().or(restoration::edge);
        if (shaped.isEmpty()) {
            return List.of();
        }
        List<MeansEstimate> all = new ArrayList<>();
        for (Means m : Means.values()) {
            all.add(by.estimate(m, shaped.get(), restoration.byMachine().isPresent()));
        }
        boolean big =
                restoration.byMachine().isPresent() && shaped.get().shaping().volumeMm3() > rules.offerPowerAboveMm3();
        List<MeansEstimate> can = all.stream()
                .filter(e -> e.allowed()
                        && e.pieceId().isPresent()
                        && e.leastSeconds().isPresent())
                .toList();
        boolean onlyDull = restoration.scope() == Scope.FULL_HONING;
        Optional<MeansEstimate> byHand =
                can.stream().filter(e -> e.means().byHand()).min(Comparator.comparingDouble(ByWhat::middle));
        Optional<MeansEstimate> best = can.stream()
                .filter(e -> big == e.means().powered() || (e.means() == Means.FILE && big))
                .min(preference())
                .filter(e -> rules.offerPowerAboveMm3() <= 0
                        || byHand.filter(h -> !helps(e, h, onlyDull)).isEmpty());
        // Nothing that the house would take is there, or helps: by hand then, if that can be done.
        Optional<MeansEstimate> taken = best.or(() -> byHand);
        return all.stream()
                .map(e -> taken.filter(t -> t == e).isPresent() ? e.asAdvised() : e)
                .toList();
    }

    /**
     * What the big shaping is done on where nobody chose: the machine or file that the house would take; empty for stones, and
     * where there is not so much to shape.
     */
    public static Optional<String> machine(
            Restoration restoration,
            Blade blade,
            Angle bevel,
            SteelClass steel,
            OptionalDouble hardnessHrc,
            List<Abrasive> shelf,
            PlanRules rules) {
        boolean much = restoration
                .byMachine()
                .filter(j -> j.shaping().volumeMm3() > rules.offerPowerAboveMm3())
                .isPresent();
        return !much
                ? Optional.empty()
                : compare(restoration, blade, bevel, steel, hardnessHrc, shelf, rules).stream()
                        .filter(m -> m.advised() && !m.means().byHand())
                        .flatMap(m -> m.pieceId().stream())
                        .findFirst();
    }

    /** The cooler means first where another would burn the edge within a second, but not for the rest of the morning. */
    private static Comparator<MeansEstimate> preference() {
        return Comparator.comparing(
                        (MeansEstimate e) -> e.risk() == MeansEstimate.Risk.HIGH || middle(e) > COOL_PATIENCE_S)
                .thenComparingDouble(ByWhat::middle);
    }

    /**
     * Whether a machine is a help: where it is quicker than hands, and where they take long, if it does not take far longer than
     * they. An edge that is only dull is not ground: what goes is less than a wheel can be led to.
     */
    private static boolean helps(MeansEstimate machine, MeansEstimate hands, boolean onlyDull) {
        double most = onlyDull ? 0 : middle(hands) > ARMS_TIRE_S ? FAR_LONGER : 1;
        return machine.means().byHand() || middle(machine) < most * middle(hands);
    }

    /** The middle of its range (s). */
    private static double middle(MeansEstimate e) {
        return (e.leastSeconds().orElse(Double.MAX_VALUE) + e.mostSeconds().orElse(Double.MAX_VALUE)) / 2;
    }

    private MeansEstimate estimate(Means m, Job job, boolean grinding) {
        Shaping shaping = job.shaping();
        String profile = m.profile(blade.layout().form() == EdgeLayout.Form.CURVED);
        if (m.byHand()) {
            return byHand(m, job, profile);
        }
        Optional<Abrasive> piece =
                shelf.stream().filter(a -> m.holds(a) && !a.state().retired()).findFirst();
        if (m == Means.FILE) {
            boolean bites = Filing.bites(hrc);
            return row(
                    m,
                    piece,
                    bites,
                    bites
                            ? owned(piece)
                            : RepairWords.FILE_SKATES.fill(
                                    "hrc", Numbers.plain(hrc, 0), "bites", Numbers.plain(Prior.FILE_HRC.value(), 0)),
                    bites
                            ? OptionalDouble.of(PowerOffer.clockSeconds(Filing.leastSeconds(shaping.volumeMm3())))
                            : OptionalDouble.empty(),
                    bites
                            ? OptionalDouble.of(PowerOffer.clockSeconds(Filing.mostSeconds(shaping.volumeMm3())))
                            : OptionalDouble.empty(),
                    MeansEstimate.Risk.NONE,
                    OptionalDouble.empty(),
                    profile);
        }
        PowerRate rate = m.rate().orElseThrow();
        // Faces that run parallel have no thin wedge at their end to burn.
        OptionalDouble contact = m.heat()
                .filter(source -> bevel.radians() > 0)
                .map(source -> GrindHeat.of(blade, bevel, steel, source).sharp().leastSeconds())
                .orElse(OptionalDouble.empty());
        MeansEstimate.Risk risk = m.heat().isEmpty() ? MeansEstimate.Risk.NONE : MeansEstimate.Risk.of(contact);
        String bar = !grinding
                ? RepairWords.HONING_TAKES_IT.words()
                : Double.isInfinite(rules.offerPowerAboveMm3()) ? RepairWords.STONES_ONLY.words() : "";
        return row(
                m,
                piece,
                bar.isEmpty(),
                bar.isEmpty() ? owned(piece) : bar,
                OptionalDouble.of(PowerOffer.clockSeconds(rate.leastSeconds(shaping.volumeMm3()))),
                OptionalDouble.of(PowerOffer.clockSeconds(rate.mostSeconds(shaping.volumeMm3()))),
                risk,
                contact,
                profile);
    }

    private MeansEstimate byHand(Means m, Job worked, String profile) {
        List<Abrasive> own = shelf.stream().filter(m::holds).toList();
        StoneWork job = new StoneWork(
                JobKind.PRIMARY,
                worked.shaping(),
                WorkPlanner.UNKNOWN_SCRATCH_UM,
                Optional.empty(),
                StoneWork.Forces.of(blade.kind(), blade.edgeLengthMm()),
                false,
                WorkPlanner.shapes(blade.kind(), worked.hold(), shelf));
        try {
            JobPath path = ProgressionPlanner.plan(own, job, steel, rules, false);
            double spread = StockRemoval.firstEstimateSpread();
            Abrasive piece = path.legs().get(0).abrasive();
            return row(
                    m,
                    Optional.of(piece),
                    true,
                    path.flags().isEmpty() ? "" : path.flags().get(0),
                    OptionalDouble.of(path.seconds() / spread),
                    OptionalDouble.of(path.seconds() * spread),
                    MeansEstimate.Risk.NONE,
                    OptionalDouble.empty(),
                    profile);
        } catch (RefusedException none) {
            return row(
                    m,
                    Optional.empty(),
                    false,
                    own.isEmpty() ? RepairWords.NONE_ON_THE_SHELF.words() : none.getMessage(),
                    OptionalDouble.empty(),
                    OptionalDouble.empty(),
                    MeansEstimate.Risk.NONE,
                    OptionalDouble.empty(),
                    profile);
        }
    }

    private static String owned(Optional<Abrasive> piece) {
        return piece.isPresent() ? "" : RepairWords.NONE_IN_THE_KIT.words();
    }

    private static MeansEstimate row(
            Means m,
            Optional<Abrasive> piece,
            boolean allowed,
            String reason,
            OptionalDouble least,
            OptionalDouble most,
            MeansEstimate.Risk risk,
            OptionalDouble contact,
            String profile) {
        return new MeansEstimate(
                m,
                piece.map(Abrasive::id),
                piece.map(Abrasive::name).orElse(""),
                allowed,
                reason,
                least,
                most,
                risk,
                contact,
                profile,
                false);
    }
}
