package truekeen.core.rehearsal;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import truekeen.core.blade.VirtualBlade;
import truekeen.core.fault.Diagnosis;
import truekeen.core.fault.Diagnostician;
import truekeen.core.fault.FaultRule;
import truekeen.core.fault.Observation;
import truekeen.core.fault.Remedy;
import truekeen.core.fault.Sign;
import truekeen.core.fault.Subject;
import truekeen.core.keenness.KeennessPurpose;
import truekeen.core.keenness.Stretch;
import truekeen.core.message.RefusedException;
import truekeen.core.progression.JobPath;
import truekeen.core.progression.Leg;
import truekeen.core.stepsheet.PlanCase;
import truekeen.core.stepsheet.RemedySheet;
import truekeen.core.stepsheet.Step;

/**
 * Judges the remedies of the verdict: a fault is put into a blade that was honed, the signs of the bench are read off it, the
 * verdict names a fault, and its first remedy is worked.
 */
public final class RemedyJudge {
    /** Depth of a land that no stone reached (mm), and of a chip. */
    private static final double LAND_MM = 0.008;

    private static final double CHIP_MM = 0.03;
    private static final double OVER_STROPPED = 8;
    private static final double HERE = 1.25;

    /** Faults that are put into a blade. */
    public enum PutIn {
        APEX_NOT_REACHED,
        CHIP_LEFT,
        BURR_LEFT,
        OVER_STROPPED,
        SCRATCHES_REMAIN;

        /** What the table calls it. */
        FaultRule rule() {
            return FaultRule.named(name());
        }
    }

    /**
     * What came of a fault.
     *
     * @param named the fault that the verdict named first; empty where it named none
     * @param right whether that is the one that was put in, or one that is answered much like it
     * @param outcome what its first remedy left; empty where none of its remedies is worked in strokes
     */
    public record Judged(PutIn fault, Optional<String> named, boolean right, Optional<Frame.Outcome> outcome) {
        /** Whether the edge was keen after the first remedy. */
        public boolean mended() {
            return outcome.filter(Frame.Outcome.KEEN::equals).isPresent();
        }
    }

    private final MadeUp made;
    private final PlanCase.Worked plan;
    private final Rehearsal rehearsal;
    private final double target;
    private final long seed;

    private RemedyJudge(MadeUp made, PlanCase.Worked plan, double target, long seed) {
        this.made = made;
        this.plan = plan;
        this.rehearsal = made.rehearsal(plan.restoration().lostMm());
        this.target = target;
        this.seed = seed;
    }

    /** Puts a fault into a made-up tool; empty where its plan has nothing that could go so wrong. */
    public static Optional<Judged> judge(MadeUp made, PutIn fault, long seed) {
        OptionalDouble target = KeennessPurpose.byName(made.plan().trade().keennessPurpose())
                .map(KeennessPurpose::indexTarget)
                .orElse(OptionalDouble.empty());
        try {
            PlanCase.Worked plan = made.plan().worked();
            return target.isEmpty() || plan.plan().edgePath().isEmpty()
                    ? Optional.empty()
                    : new RemedyJudge(made, plan, target.getAsDouble(), seed).judge(fault);
        } catch (RefusedException refused) {
            return Optional.empty();
        }
    }

    private Optional<Judged> judge(PutIn fault) {
        Changes changes = gone(fault);
        if (changes == null) {
            return Optional.empty();
        }
        WorkedBlade worked = rehearsal.fresh(changes, seed);
        Rehearsal.work(worked, plan.steps(), changes);
        double edge = rehearsal.edgeMm();
        Stretch there = new Stretch(0.4 * edge, 0.55 * edge);
        if (fault == PutIn.APEX_NOT_REACHED) {
            worked.blade().damage(x -> there.holds(x) ? LAND_MM : 0);
        } else if (fault == PutIn.CHIP_LEFT) {
            worked.blade().damage(x -> Math.abs(x - 0.5 * edge) < 0.5 ? CHIP_MM : 0);
        }
        if (worked.frame().outcome(target) == Frame.Outcome.KEEN) {
            return Optional.empty();
        }
        Diagnosis diagnosis = Diagnostician.of(Subject.of(made.plan().blade()), signs(worked, fault), List.of());
        Optional<Diagnosis.Finding> first = diagnosis.findings().stream().findFirst();
        Optional<FaultRule> named = first.map(f -> FaultRule.named(f.fault()));
        boolean right = named.filter(n -> n.equals(fault.rule()) || n.akin(fault.rule()))
                .isPresent();
        return Optional.of(
                new Judged(fault, first.map(Diagnosis.Finding::fault), right, first.flatMap(f -> remedied(worked, f))));
    }

    /** What is done otherwise than the plan so that the edge has the fault; null where the plan has no such step. */
    private Changes gone(PutIn fault) {
        List<Step> steps = plan.steps();
        Set<Integer> skipped = new HashSet<>();
        for (int i = 0; i < steps.size(); i++) {
            Step.BurrTask task = steps.get(i).burrTask();
            boolean off = task == Step.BurrTask.TAKE_OFF || task == Step.BurrTask.SHED;
            boolean refines = steps.get(i).kind() == Step.Kind.WORK && task == Step.BurrTask.KEEP;
            if (fault == PutIn.BURR_LEFT && off || fault == PutIn.SCRATCHES_REMAIN && refines) {
                skipped.add(i);
            }
        }
        boolean strops = steps.stream().anyMatch(s -> s.kind() == Step.Kind.STROP);
        return switch (fault) {
            case BURR_LEFT, SCRATCHES_REMAIN -> skipped.isEmpty() ? null : Changes.of(skipped, 0, 1, 1);
            case OVER_STROPPED -> strops ? Changes.of(Set.of(), 0, OVER_STROPPED, 1) : null;
            default -> Changes.NONE;
        };
    }

    /** What a lamp, a nail, a cloth and a tester say of the edge, and what the bench knows of the session. */
    private List<Observation> signs(WorkedBlade worked, PutIn fault) {
        VirtualBlade blade = worked.blade();
        Frame frame = worked.frame();
        List<Observation> seen = new ArrayList<>();
        Optional<Stretch> lit = stretch(
                blade,
                frame.index().stream().map(i -> i > Math.max(target, 1) * 4).toList());
        seen.add(lit.map(s -> new Observation(Sign.BRIGHT, Optional.of(s))).orElse(Observation.of(Sign.NO_LIGHT)));
        boolean burr = frame.felt() > 0;
        seen.add(Observation.of(burr ? Sign.NAIL_ONE_SIDE : Sign.NAIL_SMOOTH));
        seen.add(Observation.of(frame.hangs() ? Sign.CLOTH_CAUGHT : Sign.CLOTH_FREE));
        Optional<Stretch> high = stretch(
                blade,
                frame.index().stream().map(i -> i > HERE * frame.meanIndex()).toList());
        if (frame.meanIndex() <= target && high.isEmpty()) {
            seen.add(Observation.of(Sign.FORCE_KEEN));
        } else {
            seen.add(high.map(s -> new Observation(Sign.FORCE_HIGH_HERE, Optional.of(s)))
                    .orElse(Observation.of(Sign.FORCE_HIGH_ALL)));
        }
        double wanted = plan.plan().finest().map(a -> a.scratchUm()).orElse(0.0);
        boolean old = false;
        for (int i = 0; i < blade.stations(); i++) {
            old |= blade.apexScratchUm(true, i)
                    > 2 * Math.max(wanted, rehearsal.before().scratchUm());
        }
        seen.add(Observation.of(old ? Sign.OLD_SCRATCHES : Sign.SCRATCHES_EVEN));
        if (fault == PutIn.OVER_STROPPED) {
            seen.add(Observation.of(Sign.STROPPED_MUCH));
            seen.add(Observation.of(Sign.POLISHED));
        }
        return seen;
    }

    /** From the first to the last station of which something holds; empty where it holds of none, or of nearly all. */
    private static Optional<Stretch> stretch(VirtualBlade blade, List<Boolean> holds) {
        int first = holds.indexOf(true);
        int last = holds.lastIndexOf(true);
        double half = blade.stations() > 1 ? (blade.placeMm(1) - blade.placeMm(0)) / 2 : 0.5;
        return first < 0 || last - first > 0.9 * holds.size()
                ? Optional.empty()
                : Optional.of(new Stretch(blade.placeMm(first) - half, blade.placeMm(last) + half));
    }

    private Optional<Frame.Outcome> remedied(WorkedBlade worked, Diagnosis.Finding finding) {
        Optional<Remedy> remedy = finding.remedies().stream()
                .filter(r -> r.leads().isEmpty() && r.entry() != Remedy.Entry.REPLAN)
                .findFirst();
        if (remedy.isEmpty()) {
            return Optional.empty();
        }
        JobPath path = plan.plan().edgePath().orElseThrow();
        RemedySheet.Honing honing = new RemedySheet.Honing(
                path.legs().stream().map(Leg::abrasive).toList(),
                plan.plan().strop(),
                made.plan().target().last(),
                made.plan().steel(),
                Math.max(0.1, plan.restoration().honedWidthMm()),
                rehearsal.edgeMm(),
                made.plan().manner());
        List<Step> steps = RemedySheet.of(List.of(new RemedySheet.Chosen(finding, remedy.get())), honing);
        return Optional.of(Rehearsal.goOn(worked, steps).frame().outcome(target));
    }
}
