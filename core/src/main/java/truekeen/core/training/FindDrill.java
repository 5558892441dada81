package truekeen.core.training;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

/**
 * A bevel was shaped all along but in one place, or all along: find where no stone came to the edge, looking no oftener than
 * must be. By the nail it is where no burr is, by the lamp where a line of light is.
 */
final class FindDrill extends Drill {
    private final PracticeEdge edge;
    private final SplittableRandom random;
    private final boolean lamp;
    private final double miss;
    private final int most;
    private int looked;

    private FindDrill(int grade, SplittableRandom random, boolean lamp) {
        this.random = random;
        this.lamp = lamp;
        places(5 + 2 * grade);
        edge = PracticeEdge.shaped(grade, random);
        boolean[] there = new boolean[places()];
        boolean whole = random.nextInt(places() + 1) == 0;
        int gap = random.nextInt(places());
        for (int i = 0; i < places(); i++) {
            there[i] = whole || i != gap && (grade > 1 || Math.abs(i - gap) > 1);
        }
        edge.raise(there);
        // A fingertip misses a burr now and then, and a lamp held badly a light: the oftener the finer they are.
        miss = 0.05 * (grade - 1);
        most = 2 * places();
    }

    /** Found by a nail. */
    static FindDrill byNail(int grade, SplittableRandom random) {
        return new FindDrill(grade, random, false);
    }

    /** Found by a lamp. */
    static FindDrill byLamp(int grade, SplittableRandom random) {
        return new FindDrill(grade, random, true);
    }

    @Override
    String situation() {
        String length = edge.lengthInWords();
        return lamp
                ? TrainingWords.LAMP_SITUATION.fill("edge", length, "places", places(), "most", most)
                : TrainingWords.BURR_SITUATION.fill("edge", length, "places", places(), "most", most);
    }

    @Override
    List<Act.Kind> controls() {
        return List.of(Act.Kind.FEEL, Act.Kind.CHOOSE);
    }

    @Override
    Seen.Probe probe() {
        return lamp
                ? new Seen.Probe(TrainingWords.LOOK_AT.words(), TrainingWords.LIGHT.words(), TrainingWords.DARK.words())
                : new Seen.Probe(
                        TrainingWords.FEEL_AT.words(), TrainingWords.CATCHES.words(), TrainingWords.SMOOTH.words());
    }

    @Override
    List<String> choices() {
        List<String> all = new ArrayList<>();
        for (int i = 1; i <= places(); i++) {
            all.add(TrainingWords.AT_PLACE.fill("place", i));
        }
        all.add(lamp ? TrainingWords.NOWHERE.words() : TrainingWords.END_TO_END.words());
        return all;
    }

    /** Whether a stone came to the edge all along a place. */
    private boolean reached(int place) {
        return edge.felt(place, places());
    }

    @Override
    void act(Act act) {
        if (act.kind() == Act.Kind.FEEL && act.place() >= 0 && act.place() < places()) {
            looked++;
            boolean found = lamp != reached(act.place());
            mark(act.place(), found && random.nextDouble() >= miss);
        } else if (act.kind() == Act.Kind.CHOOSE) {
            choose((int) act.amount());
        }
    }

    private void choose(int choice) {
        List<String> gaps = new ArrayList<>();
        for (int i = 0; i < places(); i++) {
            if (!reached(i)) {
                gaps.add(choices().get(i));
            }
        }
        String whole = choices().get(places());
        String where = gaps.isEmpty() ? whole : String.join(", ", gaps);
        boolean right = choice < places() ? choice >= 0 && !reached(choice) : gaps.isEmpty();
        boolean often = looked > most;
        end(
                right && !often,
                !right
                        ? TrainingWords.FIND_WRONG.fill("where", where)
                        : often
                                ? TrainingWords.FIND_TOO_OFTEN.fill("where", where, "looked", looked, "most", most)
                                : TrainingWords.FIND_RIGHT.fill("where", where, "looked", looked));
    }
}
