package truekeen.core.training;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.SplittableRandom;
import truekeen.core.fault.FaultRule;
import truekeen.core.fault.Sign;

/** What was seen at the test, and four faults: which is it? */
final class FaultDrill extends Drill {
    private static final int CHOICES = 4;
    /** A sign that speaks for a fault at all. */
    private static final double SPEAKS = 0.7;

    private final List<Sign> signs;
    private final List<FaultRule> choices;

    FaultDrill(int grade, SplittableRandom random) {
        List<FaultRule> all = FaultRule.all().stream()
                .filter(r -> r.fits() == FaultRule.Fits.ALL && speaking(r).size() > 1)
                .toList();
        FaultRule fault = all.get(random.nextInt(all.size()));
        List<Sign> its = new ArrayList<>(speaking(fault));
        // The harder, the fewer signs, and the nearer the others.
        signs = List.copyOf(its.subList(0, Math.min(its.size(), Math.max(2, 5 - grade))));
        List<FaultRule> others = new ArrayList<>(all.stream()
                .filter(r -> !r.equals(fault) && !r.akin(fault))
                .sorted(Comparator.comparingDouble(r -> -weight(r)))
                .filter(r -> weight(r) < weight(fault) - SPEAKS)
                .toList());
        List<FaultRule> near = new ArrayList<>(others.subList(0, Math.min(others.size(), CHOICES - 1)));
        near.add(fault);
        Collections.shuffle(near, new Random(random.nextLong()));
        choices = List.copyOf(near);
    }

    /** Signs that speak for a fault, the strongest first; of one group only one, since a test gives one answer. */
    private static List<Sign> speaking(FaultRule rule) {
        Set<Sign.Group> groups = EnumSet.noneOf(Sign.Group.class);
        return rule.weights().entrySet().stream()
                .filter(e -> e.getValue() >= SPEAKS)
                .sorted(Map.Entry.<Sign, Double>comparingByValue().reversed().thenComparing(Map.Entry.comparingByKey()))
                .map(Map.Entry::getKey)
                .filter(s -> groups.add(s.group()))
                .toList();
    }

    private double weight(FaultRule rule) {
        return signs.stream().mapToDouble(rule::weight).sum();
    }

    @Override
    String situation() {
        return TrainingWords.FAULT_SITUATION.fill(
                "signs", String.join("; ", signs.stream().map(Sign::words).toList()));
    }

    @Override
    List<Act.Kind> controls() {
        return List.of(Act.Kind.CHOOSE);
    }

    @Override
    List<String> choices() {
        return choices.stream().map(FaultRule::title).toList();
    }

    @Override
    void act(Act act) {
        int choice = (int) act.amount();
        if (act.kind() != Act.Kind.CHOOSE || choice < 0 || choice >= choices.size()) {
            return;
        }
        FaultRule best =
                choices.stream().max(Comparator.comparingDouble(this::weight)).orElseThrow();
        boolean right = choices.get(choice).equals(best);
        String remedy = best.remedies().isEmpty() ? "" : best.remedies().get(0).words();
        end(
                right,
                right
                        ? TrainingWords.FAULT_RIGHT.fill("fault", best.title(), "remedy", remedy)
                        : TrainingWords.FAULT_WRONG.fill("fault", best.title(), "remedy", remedy));
    }
}
