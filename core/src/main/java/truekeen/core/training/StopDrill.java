package truekeen.core.training;

import java.util.List;
import java.util.SplittableRandom;
import truekeen.core.blade.VirtualBlade;

/** Strokes on the stone that shapes, until the burr is there from end to end, and few more. */
final class StopDrill extends Drill {
    private static final int MOST = 800;

    private final PracticeEdge edge;
    private final int needed;
    private final double over;
    private int made;

    StopDrill(int grade, SplittableRandom random) {
        places(3 + 2 * grade);
        over = 1.6 - 0.15 * grade;
        long seed = random.nextLong();
        edge = PracticeEdge.shaped(grade, new SplittableRandom(seed));
        // The same edge, worked until it is enough: the count nobody is told.
        PracticeEdge again = PracticeEdge.shaped(grade, new SplittableRandom(seed));
        int count = 0;
        while (count < MOST && !again.feltAllAlong()) {
            again.strokes(true, 1, Act.Force.FIRM.newtons(), PracticeEdge.MIDDLE);
            count++;
        }
        needed = count;
    }

    @Override
    String situation() {
        return TrainingWords.STOP_SITUATION.fill("edge", edge.lengthInWords());
    }

    @Override
    List<Act.Kind> controls() {
        return List.of(Act.Kind.STROKES, Act.Kind.FEEL, Act.Kind.DONE);
    }

    @Override
    Seen.Probe probe() {
        return new Seen.Probe(
                TrainingWords.FEEL_AT.words(), TrainingWords.CATCHES.words(), TrainingWords.SMOOTH.words());
    }

    @Override
    void act(Act act) {
        switch (act.kind()) {
            case STROKES -> {
                int count = (int) Math.max(0, Math.min(act.amount(), MOST - made));
                edge.strokes(true, count, Act.Force.FIRM.newtons(), PracticeEdge.MIDDLE);
                made += count;
                forgetMarks();
                say(TrainingWords.STROKES_MADE.fill("count", made));
            }
            case FEEL -> {
                if (act.place() >= 0 && act.place() < places()) {
                    mark(act.place(), edge.felt(act.place(), places()));
                }
            }
            case DONE -> finish();
            default -> {
                // Nothing to choose here.
            }
        }
    }

    private void finish() {
        boolean all = edge.feltAllAlong();
        boolean few = made <= Math.ceil(over * needed);
        end(
                all && few,
                !all
                        ? TrainingWords.STOP_TOO_SOON.fill("made", made, "needed", needed)
                        : few
                                ? TrainingWords.STOP_RIGHT.fill("made", made, "needed", needed)
                                : TrainingWords.STOP_TOO_LATE.fill("made", made, "needed", needed));
    }

    VirtualBlade blade() {
        return edge.blade();
    }
}
