package truekeen.core.training;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

/** A bevel was shaped all along but in one place, or all along: find where no burr is, feeling no oftener than must be. */
final class BurrDrill extends Drill {
    private final PracticeEdge edge;
    private final SplittableRandom random;
    private final double miss;
    private final int most;
    private final boolean[] there;
    private int felt;

    BurrDrill(int grade, SplittableRandom random) {
        this.random = random;
        places(5 + 2 * grade);
        edge = PracticeEdge.shaped(grade, random);
        there = new boolean[places()];
        boolean whole = random.nextInt(places() + 1) == 0;
        int gap = random.nextInt(places());
        for (int i = 0; i < places(); i++) {
            there[i] = whole || i != gap && (grade > 1 || Math.abs(i - gap) > 1);
        }
        edge.raise(there);
        // A fingertip misses a burr now and then, the oftener the finer it is.
        miss = 0.05 * (grade - 1);
        most = 2 * places();
    }

    @Override
    String situation() {
        return TrainingWords.BURR_SITUATION.fill("edge", edge.lengthInWords(), "places", places(), "most", most);
    }

    @Override
    List<Act.Kind> controls() {
        return List.of(Act.Kind.FEEL, Act.Kind.CHOOSE);
    }

    @Override
    List<String> choices() {
        List<String> all = new ArrayList<>();
        for (int i = 1; i <= places(); i++) {
            all.add(TrainingWords.MISSING_AT.fill("place", i));
        }
        all.add(TrainingWords.END_TO_END.words());
        return all;
    }

    @Override
    void act(Act act) {
        if (act.kind() == Act.Kind.FEEL && act.place() >= 0 && act.place() < places()) {
            felt++;
            mark(act.place(), edge.felt(act.place(), places()) && random.nextDouble() >= miss);
        } else if (act.kind() == Act.Kind.CHOOSE) {
            choose((int) act.amount());
        }
    }

    private void choose(int choice) {
        int gaps = 0;
        int gap = -1;
        for (int i = 0; i < places(); i++) {
            if (!edge.felt(i, places())) {
                gaps++;
                gap = i;
            }
        }
        boolean right = choice < places() ? choice >= 0 && !edge.felt(choice, places()) : gaps == 0;
        boolean often = felt > most;
        String where = gaps == 0 ? TrainingWords.END_TO_END.words() : TrainingWords.MISSING_AT.fill("place", gap + 1);
        end(
                right && !often,
                !right
                        ? TrainingWords.BURR_WRONG.fill("where", where)
                        : often
                                ? TrainingWords.BURR_TOO_OFTEN.fill("where", where, "felt", felt, "most", most)
                                : TrainingWords.BURR_RIGHT.fill("where", where, "felt", felt));
    }
}
