package truekeen.core.training;

import java.util.List;
import java.util.SplittableRandom;
import truekeen.core.message.Numbers;
import truekeen.core.quantity.Length;
import truekeen.core.setup.InkBand;

/** A bevel of an angle that nobody measured: find it with a felt pen, a stroke and a look. */
final class InkDrill extends Drill {
    private static final double LEAST_STEP_DEG = 0.25;
    /** Section that a light stroke takes off (mm²). */
    private static final double STROKE_MM2 = 0.02;

    private final double bevelDeg;
    private final double nearDeg;
    private final double widthMm;
    private double setDeg;
    private int looks;

    InkDrill(int grade, SplittableRandom random) {
        bevelDeg = 22 + LEAST_STEP_DEG * random.nextInt(49);
        widthMm = 2 + 4 * random.nextDouble();
        setDeg = Math.rint(bevelDeg) + (random.nextBoolean() ? 1 : -1) * (1 + random.nextInt(2 + grade));
        nearDeg = 1.1 - 0.25 * grade;
    }

    @Override
    String situation() {
        return TrainingWords.INK_SITUATION.fill(
                "set", Numbers.plain(setDeg, 2), "near", Numbers.plain(nearDeg, 2), "looks", looks);
    }

    @Override
    List<Act.Kind> controls() {
        return List.of(Act.Kind.TILT, Act.Kind.STROKES, Act.Kind.DONE);
    }

    @Override
    void act(Act act) {
        switch (act.kind()) {
            case TILT -> setDeg = Math.max(5, Math.min(60, setDeg + act.amount()));
            case STROKES -> look();
            case DONE -> {
                boolean right = Math.abs(setDeg - bevelDeg) <= nearDeg;
                String set = Numbers.plain(setDeg, 2);
                String bevel = Numbers.plain(bevelDeg, 2);
                end(
                        right,
                        right
                                ? TrainingWords.INK_RIGHT.fill("set", set, "bevel", bevel, "looks", looks)
                                : TrainingWords.INK_WRONG.fill("bevel", bevel, "set", set));
            }
            default -> {
                // Nothing else is done here.
            }
        }
    }

    /** What one stroke takes of the ink: a band at the heel where it lies too low, at the edge where too steep. */
    private void look() {
        looks++;
        double off = setDeg - bevelDeg;
        double evenDeg = InkBand.off(STROKE_MM2, Length.ofMm(widthMm)).degrees();
        String set = Numbers.plain(setDeg, 2);
        say(
                Math.abs(off) <= evenDeg
                        ? TrainingWords.INK_EVEN.fill("set", set)
                        : off < 0 ? TrainingWords.INK_HEEL.fill("set", set) : TrainingWords.INK_EDGE.fill("set", set));
    }
}
