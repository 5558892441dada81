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
import truekeen.core.stepsheet.SheetTime;
import truekeen.core.table.Prior;
import truekeen.core.tool.GeometryKind;

/** A tool, what is wrong with it and a shelf: on which stone does the work begin? */
final class StoneDrill extends Drill {
    private static final List<GeometryKind> FAMILIES =
            List.of(GeometryKind.CHISEL, GeometryKind.KNIFE, GeometryKind.SKEW_CHISEL, GeometryKind.PLANE_IRON_UP);

    private final PlanCase plan;
    private final List<Abrasive> stones;
    private final List<SheetTime> times;
    private final double near;

    StoneDrill(int grade, SplittableRandom random) {
        near = 1.6 - 0.15 * grade;
        PlanCase made = null;
        List<Abrasive> shelf = List.of();
        List<SheetTime> each = List.of();
        while (made == null || shelf.size() < 2 || each.size() < shelf.size()) {
            GeometryKind family = FAMILIES.get(random.nextInt(FAMILIES.size()));
            made = MadeUp.of(family, random.nextLong()).map(MadeUp::plan).orElse(null);
            if (made != null) {
                shelf = made.shelf().stream()
                        .filter(a -> a.shape() != Abrasive.Shape.STROP)
                        .sorted(Comparator.comparingDouble(Abrasive::d50Um).reversed())
                        .toList();
                each = times(made, shelf);
            }
        }
        plan = made;
        stones = shelf;
        times = each;
    }

    /** How long it takes where each stone is the coarsest; fewer than stones where one of them cannot be planned. */
    private static List<SheetTime> times(PlanCase plan, List<Abrasive> stones) {
        List<SheetTime> all = new ArrayList<>();
        for (Abrasive coarsest : stones) {
            List<Abrasive> left = plan.shelf().stream()
                    .filter(a -> a.shape() == Abrasive.Shape.STROP || a.d50Um() <= coarsest.d50Um())
                    .toList();
            try {
                PlanCase.Worked worked = plan.on(left).worked();
                if (worked.plan().edgePath().isPresent()) {
                    boolean used =
                            worked.steps().stream().anyMatch(s -> s.abrasiveId().equals(coarsest.id()));
                    // A stone that the plan would pass over is washed and laid down for nothing.
                    double idle = used ? 0 : Prior.CHANGE_SECONDS.value();
                    SheetTime t = worked.time();
                    all.add(new SheetTime(t.low() + idle, t.likely() + idle, t.high() + idle));
                }
            } catch (RefusedException none) {
                return List.of();
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
                .map(a -> TrainingWords.STONE_CHOICE.fill(
                        "kind", a.kind().key(), "um", Numbers.plain(a.d50Um(), a.d50Um() < 10 ? 1 : 0)))
                .toList();
    }

    @Override
    void act(Act act) {
        int choice = (int) act.amount();
        if (act.kind() != Act.Kind.CHOOSE || choice < 0 || choice >= stones.size()) {
            return;
        }
        int best = 0;
        for (int i = 1; i < times.size(); i++) {
            best = times.get(i).likely() < times.get(best).likely() ? i : best;
        }
        for (int i = 0; i < times.size(); i++) {
            say(TrainingWords.STONE_TIME.fill(
                    "stone",
                    choices().get(i),
                    "low",
                    minutes(times.get(i).low()),
                    "high",
                    minutes(times.get(i).high())));
        }
        boolean right = times.get(choice).likely() <= near * times.get(best).likely();
        String quickest = choices().get(best);
        end(
                right,
                choice == best
                        ? TrainingWords.STONE_BEST.words()
                        : right
                                ? TrainingWords.STONE_RIGHT.fill("stone", quickest)
                                : TrainingWords.STONE_WRONG.fill("stone", quickest));
    }

    private static String minutes(double seconds) {
        return Numbers.plain(Math.max(1, seconds / 60), 0);
    }
}
