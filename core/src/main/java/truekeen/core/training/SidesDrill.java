package truekeen.core.training;

import java.util.List;
import java.util.SplittableRandom;
import truekeen.core.blade.Gum;
import truekeen.core.blade.Stroke;
import truekeen.core.blade.VirtualBlade;
import truekeen.core.blade.Wedge;
import truekeen.core.message.InWords;
import truekeen.core.message.Numbers;

/** A knife whose bevels are uneven: bring both to the same width. */
final class SidesDrill extends Drill {
    private static final double SIDE_DEG = 17;
    private static final double BODY_MM = 0.6;
    private static final double EDGE_MM = 60;
    private static final double BACK_MM = 6;

    private final VirtualBlade blade;
    private final double near;
    private int made;

    SidesDrill(int grade, SplittableRandom random) {
        Wedge wedge = new Wedge(SIDE_DEG, SIDE_DEG, BODY_MM);
        blade = VirtualBlade.of(new Wedge(4, 4, 2), wedge, EDGE_MM, 10, 0.3, Gum.USUAL, random.nextLong());
        boolean upper = random.nextBoolean();
        int uneven = 30 + random.nextInt(40);
        work(upper, 40 + uneven, Act.Force.FIRM);
        work(!upper, 40, Act.Force.FIRM);
        near = 0.25 - 0.05 * grade;
        say(TrainingWords.WIDTHS.fill("left", width(false), "right", width(true), "made", made));
    }

    private void work(boolean upper, int count, Act.Force force) {
        for (int i = 0; i < count; i++) {
            blade.stroke(new Stroke(upper, SIDE_DEG, force.newtons(), 200, 0, EDGE_MM, 0), PracticeEdge.MIDDLE);
        }
    }

    /** Width of the bevel of a side in the middle of the edge (mm). */
    private double widthMm(boolean upper) {
        double[] o = blade.outline(blade.stations() / 2);
        int apex = 0;
        for (int i = 1; i < o.length / 2; i++) {
            apex = o[2 * i] < o[2 * apex] ? i : apex;
        }
        int step = upper ? 1 : -1;
        double width = 0;
        for (int i = apex; 2 * (i + step) >= 0 && 2 * (i + step) < o.length; i += step) {
            double run = o[2 * (i + step)] - o[2 * i];
            double rise = Math.abs(o[2 * (i + step) + 1] - o[2 * i + 1]);
            if (run > BACK_MM || Math.toDegrees(Math.atan2(rise, run)) < SIDE_DEG - 3) {
                break;
            }
            width += Math.hypot(run, rise);
        }
        return width;
    }

    @Override
    String situation() {
        return TrainingWords.SIDES_SITUATION.fill("near", Numbers.plain(100 * near, 0));
    }

    @Override
    List<Act.Kind> controls() {
        return List.of(Act.Kind.STROKES, Act.Kind.DONE);
    }

    @Override
    List<String> sides() {
        return List.of(TrainingWords.LEFT.words(), TrainingWords.RIGHT.words());
    }

    @Override
    void act(Act act) {
        if (act.kind() == Act.Kind.STROKES) {
            int count = (int) Math.max(0, Math.min(act.amount(), 20));
            work(act.upper(), count, act.force());
            made += count;
            say(TrainingWords.WIDTHS.fill("left", width(false), "right", width(true), "made", made));
        } else if (act.kind() == Act.Kind.DONE) {
            double left = widthMm(false);
            double right = widthMm(true);
            boolean even = Math.abs(left - right) <= near * Math.max(left, right);
            end(
                    even,
                    even
                            ? TrainingWords.SIDES_RIGHT.fill("left", width(false), "right", width(true), "made", made)
                            : TrainingWords.SIDES_WRONG.fill("left", width(false), "right", width(true)));
        }
    }

    private String width(boolean upper) {
        return Numbers.plain(widthMm(upper), 2) + InWords.MM;
    }
}
