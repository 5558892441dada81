package truekeen.core.training;

import java.util.List;
import java.util.SplittableRandom;
import truekeen.core.message.Numbers;
import truekeen.core.table.Prior;

/** A burr hangs on the back: take it off on the leather, in no more strokes than must be. */
final class DeburrDrill extends Drill {
    private static final double LARGE_UM = 5;

    private final PracticeEdge edge;
    private final int most;
    private int made;

    DeburrDrill(int grade, SplittableRandom random) {
        edge = PracticeEdge.shaped(1, random);
        for (int i = 0; i < 400 && edge.longestBurrUm() < LARGE_UM; i++) {
            edge.strokes(true, 1, Act.Force.FIRM.newtons(), PracticeEdge.MIDDLE);
        }
        edge.strokes(true, 6, Act.Force.MEDIUM.newtons(), PracticeEdge.FINE);
        most = 36 - 4 * grade;
    }

    @Override
    String situation() {
        return TrainingWords.DEBURR_SITUATION.fill("edge", edge.lengthInWords(), "most", most);
    }

    @Override
    List<Act.Kind> controls() {
        return List.of(Act.Kind.STROKES, Act.Kind.DONE);
    }

    @Override
    List<String> sides() {
        return List.of(TrainingWords.BACK.words(), TrainingWords.BEVEL.words());
    }

    @Override
    void act(Act act) {
        if (act.kind() == Act.Kind.STROKES) {
            int count = (int) Math.max(0, Math.min(act.amount(), 20));
            edge.strokes(act.upper(), count, act.force().newtons(), PracticeEdge.LEATHER);
            made += count;
            double burr = edge.longestBurrUm();
            String side = (edge.burrOnBevel() ? TrainingWords.BEVEL : TrainingWords.BACK).words();
            say(
                    burr > LARGE_UM
                            ? TrainingWords.BURR_LARGE.fill("count", made, "side", side)
                            : burr > Prior.BURR_FELT_UM.value()
                                    ? TrainingWords.BURR_SMALL.fill("count", made, "side", side)
                                    : TrainingWords.BURR_NONE.fill("count", made));
        } else if (act.kind() == Act.Kind.DONE) {
            boolean gone = !edge.hangs();
            boolean few = made <= most;
            end(
                    gone && few,
                    !gone
                            ? TrainingWords.DEBURR_LEFT.fill(
                                    "burr", Numbers.plain(edge.longestBurrUm(), 1), "made", made)
                            : few
                                    ? TrainingWords.DEBURR_RIGHT.fill("made", made)
                                    : TrainingWords.DEBURR_TOO_MANY.fill("made", made, "most", most));
        }
    }
}
