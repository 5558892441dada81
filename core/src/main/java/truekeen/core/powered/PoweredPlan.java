package truekeen.core.powered;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.condition.Restoration;
import truekeen.core.job.Shaping;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.steel.SteelClass;
import truekeen.core.stepsheet.Step;
import truekeen.core.table.Prior;
import truekeen.core.tool.Blade;
import truekeen.core.tool.ToolUse;

/**
 * The work on the edges of a powered blade: every edge alike. Source: derived here, on workshop priors.
 *
 * @param offers pieces of the kit it can be done on
 * @param chosen the one it is done on
 * @param edges how many edges are worked
 * @param volumeMm3 steel that goes from all of them (mm³)
 * @param seconds time in all (s), the middle of its range
 * @param leastSeconds least time (s)
 * @param mostSeconds most time (s)
 * @param steps the steps at the bench
 */
public record PoweredPlan(
        List<Tooling> offers,
        Tooling chosen,
        int edges,
        double volumeMm3,
        double seconds,
        double leastSeconds,
        double mostSeconds,
        List<Step> steps) {
    /** Longer than this by hand, and a machine is taken where there is one (s). Prior. */
    private static final double PATIENCE_S = Prior.POWERED_PLAN_PATIENCE_S.value();

    /** Keeps the lists from changing. */
    public PoweredPlan {
        offers = List.copyOf(offers);
        steps = List.copyOf(steps);
    }

    /**
     * The plan.
     *
     * @param asked id of the piece; empty for the one that suits
     * @throws RefusedException where nothing on the shelf will do, or what was asked for will not
     */
    public static PoweredPlan of(
            Blade blade,
            Restoration restoration,
            ToolUse trade,
            Angle bevel,
            SteelClass steel,
            List<Abrasive> shelf,
            Optional<String> asked) {
        double volume = restoration.secondary().map(Shaping::volumeMm3).orElse(0.0)
                + restoration.primary().map(Shaping::volumeMm3).orElse(0.0);
        int edges = blade.layout().edges();
        double each = volume / edges;
        List<Tooling> offers = Tooling.of(shelf, blade, trade, bevel, steel, each);
        Tooling chosen = choose(offers, edges, asked);
        List<Step> steps = new PoweredSteps(blade, chosen, bevel, restoration.lostMm()).all();
        double beside = steps.stream()
                .filter(s -> s.kind() != Step.Kind.ENDS && s.kind() != Step.Kind.TEETH)
                .mapToDouble(Step::seconds)
                .sum();
        return new PoweredPlan(
                offers,
                chosen,
                edges,
                volume,
                beside + chosen.seconds(edges),
                beside + chosen.leastSeconds(edges),
                beside + chosen.mostSeconds(edges),
                steps);
    }

    private static Tooling choose(List<Tooling> offers, int edges, Optional<String> asked) {
        if (asked.isPresent()) {
            Tooling found = offers.stream()
                    .filter(o -> o.piece().id().equals(asked.get()))
                    .findFirst()
                    .orElseThrow(
                            () -> new RefusedException(Refusal.of(MessageCode.UNKNOWN_CHOICE, "grindOn", asked.get())
                                    .with("allowed", names(offers))));
            if (!found.allowed()) {
                throw new RefusedException(Refusal.of(
                                MessageCode.TOOLING_BARRED,
                                "grindOn",
                                found.piece().name())
                        .with("reason", found.reason()));
            }
            return found;
        }
        Comparator<Tooling> byTime = Comparator.comparingDouble(t -> t.leastSeconds(edges) + t.mostSeconds(edges));
        Optional<Tooling> hand = offers.stream()
                .filter(t -> t.allowed() && !t.powered())
                .min(Comparator.comparing((Tooling t) -> t.way() != Tooling.Way.FILE)
                        .thenComparing(byTime));
        Optional<Tooling> machine =
                offers.stream().filter(t -> t.allowed() && t.powered()).min(byTime);
        boolean patient =
                hand.filter(h -> h.strokesSeconds(edges) <= PATIENCE_S).isPresent();
        return (patient ? hand : machine.or(() -> hand))
                .orElseThrow(() -> new RefusedException(Refusal.of(MessageCode.NO_TOOLING, "", "")));
    }

    private static String names(List<Tooling> offers) {
        return String.join(
                ", ",
                offers.stream()
                        .filter(Tooling::allowed)
                        .map(o -> o.piece().name())
                        .toList());
    }
}
