package truekeen.core.rehearsal;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import truekeen.core.condition.Scope;
import truekeen.core.holding.HolderKind;
import truekeen.core.keenness.KeennessPurpose;
import truekeen.core.message.RefusedException;
import truekeen.core.stepsheet.PlanCase;
import truekeen.core.stepsheet.Step;
import truekeen.core.tool.GeometryKind;

/** Judges our own plans: each is worked on the virtual blade, and must end keen with few strokes. */
public final class PlanJudge {
    /** Hands that a plan is worked by. */
    private static final int HANDS = 3;

    /** A plan may be a tenth shorter, and again, until it no longer ends keen. */
    private static final double SHORTER = 0.9;

    private static final int MOST_ROUNDS = 14;

    /**
     * What came of a plan.
     *
     * @param family of the tool
     * @param blind outcome by the counts alone, no gate asked
     * @param outcome outcome with the gates
     * @param meanIndex mean keenness index at the end over what is wanted
     * @param worstIndex worst over mean
     * @param burrUm longest burr (µm)
     * @param holder what holds it on the stones
     * @param planned strokes by the sheet
     * @param strokes strokes made with the gates
     * @param worked strokes of the plan as several hands make it with the gates, on average; empty where not looked for
     * @param least strokes of the best plan that was found for the same hands and gates; empty where it was not looked for
     *     or one of the hands does not end keen
     * @param hindsight strokes of the shortest way that was found to end keen for hands that ask no gate, as if they knew
     *     beforehand what each stone is going to do
     * @param held whether a gate said no on the way
     * @param open whether a gate still said no when the hand went on
     */
    public record Judged(
            GeometryKind family,
            MadeUp.Damage damage,
            Frame.Outcome blind,
            Frame.Outcome outcome,
            double meanIndex,
            double worstIndex,
            double burrUm,
            HolderKind holder,
            int planned,
            int strokes,
            OptionalDouble worked,
            OptionalDouble least,
            OptionalDouble hindsight,
            boolean held,
            boolean open) {
        /** Whether it ends keen. */
        public boolean keen() {
            return outcome == Frame.Outcome.KEEN;
        }
    }

    private PlanJudge() {}

    /**
     * Judges the plan for a made-up tool.
     *
     * @param search whether the shortest way is looked for too
     * @return empty where the plan is refused, or where nothing is tested for keenness
     */
    public static Optional<Judged> judge(MadeUp made, long seed, boolean search) {
        OptionalDouble target = KeennessPurpose.byName(made.plan().trade().keennessPurpose())
                .map(KeennessPurpose::indexTarget)
                .orElse(OptionalDouble.empty());
        if (target.isEmpty()) {
            return Optional.empty();
        }
        PlanCase.Worked worked;
        try {
            worked = made.plan().worked();
        } catch (RefusedException refused) {
            return Optional.empty();
        }
        if (worked.steps().stream().noneMatch(Step::counted)) {
            return Optional.empty();
        }
        if (worked.restoration().scope() == Scope.STROP_ONLY
                && made.rehearsal(0)
                                .end(worked.steps(), Changes.NONE, seed)
                                .frame()
                                .outcome(target.getAsDouble())
                        != Frame.Outcome.KEEN) {
            // The strop is tried first; where it will not do the finest stone comes next.
            return judge(made.stropTried(), seed, search);
        }
        Rehearsal rehearsal = made.rehearsal(worked.restoration().lostMm());
        double wanted = target.getAsDouble();
        List<Step> steps = worked.steps();
        Rehearsal.End blind = rehearsal.end(steps, Changes.BLIND, seed);
        Rehearsal.End end = rehearsal.end(steps, Changes.NONE, seed);
        Search found = new Search(rehearsal, steps, wanted, seed);
        Frame f = end.frame();
        return Optional.of(new Judged(
                made.plan().blade().kind(),
                made.damage(),
                blind.frame().outcome(wanted),
                f.outcome(wanted),
                f.meanIndex() / wanted,
                f.worstIndex() / f.meanIndex(),
                f.longestBurrUm(),
                made.holder(),
                blind.strokes(),
                end.strokes(),
                search ? found.keen(Map.of(), false) : OptionalDouble.empty(),
                search ? found.shortest(Map.of(), false) : OptionalDouble.empty(),
                search ? found.shortest(found.asHeld(end), true) : OptionalDouble.empty(),
                end.held().stream().anyMatch(h -> h > 0),
                !end.open().isEmpty()));
    }

    /**
     * Looks for the fewest strokes with which several hands end keen.
     *
     * @param wanted keenness index
     */
    private record Search(Rehearsal rehearsal, List<Step> steps, double wanted, long seed) {
        /** How many times the planned strokes each step was made. */
        Map<Integer, Double> asHeld(Rehearsal.End end) {
            Map<Integer, Double> counts = new HashMap<>();
            for (int i = 0; i < steps.size(); i++) {
                if (steps.get(i).strokes() > 0) {
                    counts.put(i, 1 + (double) end.held().get(i) / steps.get(i).strokes());
                }
            }
            return counts;
        }

        /** Makes each step shorter by turns for as long as every hand still ends keen. */
        OptionalDouble shortest(Map<Integer, Double> from, boolean blind) {
            Map<Integer, Double> counts = from;
            OptionalDouble strokes = keen(counts, blind);
            if (strokes.isEmpty()) {
                return OptionalDouble.empty();
            }
            double least = strokes.getAsDouble();
            boolean better = true;
            for (int round = 0; better && round < MOST_ROUNDS; round++) {
                better = false;
                for (int i = 0; i < steps.size(); i++) {
                    if (!steps.get(i).counted()) {
                        continue;
                    }
                    Map<Integer, Double> tried = new HashMap<>(counts);
                    double shorter = tried.getOrDefault(i, 1.0) * SHORTER;
                    tried.put(i, shorter * steps.get(i).strokes() < 1 ? 0.0 : shorter);
                    OptionalDouble its = keen(tried, blind);
                    if (its.isPresent() && its.getAsDouble() < least) {
                        least = its.getAsDouble();
                        counts = tried;
                        better = true;
                    }
                }
            }
            return OptionalDouble.of(least);
        }

        /** Mean strokes of several hands; empty where one of them does not end keen. */
        OptionalDouble keen(Map<Integer, Double> counts, boolean blind) {
            Changes changes = (blind ? Changes.BLIND : Changes.NONE).counted(counts);
            double strokes = 0;
            for (int hand = 0; hand < HANDS; hand++) {
                Rehearsal.End end = rehearsal.end(steps, changes, seed + hand);
                if (end.frame().outcome(wanted) != Frame.Outcome.KEEN) {
                    return OptionalDouble.empty();
                }
                strokes += (double) end.strokes() / HANDS;
            }
            return OptionalDouble.of(strokes);
        }
    }
}
