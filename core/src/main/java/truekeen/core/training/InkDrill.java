package truekeen.core.training;

import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import truekeen.core.message.Numbers;

/** A bevel of an angle that nobody measured: find it with a felt pen, a stroke and a look. */
final class InkDrill extends Drill {
    private static final double LEAST_STEP_DEG = 0.25;
    private static final double LEAST_OFF_DEG = 0.01;
    /** Section that a light stroke takes off (mm²). */
    private static final double STROKE_MM2 = 0.04;

    private final double bevelDeg;
    private final double nearDeg;
    private final double widthMm;
    private double setDeg;
    private int looks;
    private Seen.Ink ink = new Seen.Ink(Seen.Ink.Gone.NOWHERE, 0);

    InkDrill(int grade, SplittableRandom random) {
        bevelDeg = 22 + LEAST_STEP_DEG * random.nextInt(49);
        widthMm = 2 + 4 * random.nextDouble();
        setDeg = Math.rint(bevelDeg) + (random.nextBoolean() ? 1 : -1) * (1 + random.nextInt(2 + grade));
        nearDeg = 1.25 - 0.25 * grade;
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
            case TILT -> {
                setDeg = Math.max(5, Math.min(60, setDeg + act.amount()));
                // It is inked anew for the next look.
                ink = new Seen.Ink(Seen.Ink.Gone.NOWHERE, 0);
            }
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

    @Override
    Optional<Seen.Ink> ink() {
        return Optional.of(ink);
    }

    /** What one stroke takes of the ink: a band at the heel where it lies too low, at the edge where too steep. */
    private void look() {
        looks++;
        double off = setDeg - bevelDeg;
        double bandMm = Math.sqrt(2 * STROKE_MM2 / Math.tan(Math.toRadians(Math.max(LEAST_OFF_DEG, Math.abs(off)))));
        boolean even = bandMm >= widthMm;
        ink = new Seen.Ink(
                even ? Seen.Ink.Gone.EVENLY : off < 0 ? Seen.Ink.Gone.AT_THE_HEEL : Seen.Ink.Gone.AT_THE_EDGE,
                Math.min(1, bandMm / widthMm));
        String set = Numbers.plain(setDeg, 2);
        say(
                even
                        ? TrainingWords.INK_EVEN.fill("set", set)
                        : off < 0 ? TrainingWords.INK_HEEL.fill("set", set) : TrainingWords.INK_EDGE.fill("set", set));
    }
}
