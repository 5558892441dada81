package truekeen.core.training;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.condition.Finding;
import truekeen.core.message.InWords;
import truekeen.core.message.Numbers;
import truekeen.core.message.RefusedException;
import truekeen.core.rehearsal.MadeUp;
import truekeen.core.stepsheet.PlanCase;
import truekeen.core.tool.GeometryKind;

/** A tool, what is wrong with it and a shelf: on which stone does the work begin? */
final class StoneDrill extends Drill {
    private static final List<GeometryKind> FAMILIES =
            List.of(GeometryKind.CHISEL, GeometryKind.KNIFE, GeometryKind.SKEW_CHISEL, GeometryKind.PLANE_IRON_UP);

    private final PlanCase plan;
    private final List<Abrasive> stones;
    private final List<Double> minutes;
    private final double near;

    StoneDrill(int grade, SplittableRandom random) {
        near = 1.6 - 0.15 * grade;
        PlanCase found = null;
        List<Double> times = List.of();
        List<Abrasive> shelf = List.of();
        while (found == null) {
            GeometryKind family = FAMILIES.get(random.nextInt(FAMILIES.size()));
            PlanCase tried =
                    MadeUp.of(family, random.nextLong()).map(MadeUp::plan).orElse(null);
            if (tried == null) {
                continue;
            }
            shelf = tried.shelf().stream()
                    .filter(a -> a.shape() != Abrasive.Shape.STROP)
                    .sorted(Comparator.comparingDouble(Abrasive::d50Um).reversed())
                    .toList();
            times = minutes(tried, shelf);
            found = shelf.size() > 1 && times.stream().noneMatch(t -> t.isNaN()) ? tried : null;
        }
        plan = found;
        stones = shelf;
        minutes = times;
    }

    /** How long it takes where each stone is the coarsest (min); no number where that cannot be planned. */
    private static List<Double> minutes(PlanCase plan, List<Abrasive> stones) {
        List<Double> all = new ArrayList<>();
        for (Abrasive coarsest : stones) {
            List<Abrasive> left = plan.shelf().stream()
                    .filter(a -> a.shape() == Abrasive.Shape.STROP || a.d50Um() <= coarsest.d50Um())
                    .toList();
            try {
                PlanCase.Worked worked = plan.on(left).worked();
                boolean used =
                        worked.steps().stream().anyMatch(s -> s.abrasiveId().equals(coarsest.id()));
                boolean stoned = worked.plan().edgePath().isPresent();
                // A stone that the plan would pass over is washed and laid down for nothing.
                all.add(!stoned ? Double.NaN : worked.time().likely() / 60 + (used ? 0 : 1));
            } catch (RefusedException none) {
                all.add(Double.NaN);
            }
        }
        return all;
    }

    @Override
    String situation() {
        String damage = plan.survey().findings().stream()
                .findFirst()
                .map(StoneDrill::damage)
                .orElse("");
        return TrainingWords.STONE_SITUATION.fill(
                "tool", plan.trade().tool(),
                "edge", Numbers.plain(plan.blade().edgeLengthMm(), 0) + InWords.MM,
                "steel", plan.steel().name(),
                "dull", plan.survey().dullness().words(),
                "damage", damage);
    }

    private static String damage(Finding f) {
        return TrainingWords.STONE_DAMAGE.fill(
                "kind", f.kind().words(), "deep", Numbers.plain(f.depthMm(), 2) + InWords.MM);
    }

    @Override
    List<Act.Kind> controls() {
        return List.of(Act.Kind.CHOOSE);
    }

    @Override
    List<String> choices() {
        return stones.stream()
                .map(a -> TrainingWords.STONE_CHOICE.fill("kind", a.kind().key(), "um", Numbers.plain(a.d50Um(), 1)))
                .toList();
    }

    @Override
    void act(Act act) {
        int choice = (int) act.amount();
        if (act.kind() != Act.Kind.CHOOSE || choice < 0 || choice >= stones.size()) {
            return;
        }
        int best = 0;
        for (int i = 1; i < minutes.size(); i++) {
            best = minutes.get(i) < minutes.get(best) ? i : best;
        }
        boolean right = minutes.get(choice) <= near * minutes.get(best);
        String yours = Numbers.plain(minutes.get(choice), 1);
        String quickest = Numbers.plain(minutes.get(best), 1);
        String stone = choices().get(best);
        end(
                right,
                right
                        ? TrainingWords.STONE_RIGHT.fill("yours", yours, "stone", stone, "best", quickest)
                        : TrainingWords.STONE_WRONG.fill("yours", yours, "stone", stone, "best", quickest));
    }
}
