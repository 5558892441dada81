package truekeen.core.reference;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.section.Point;

/**
 * How an answer moves with one of its numbers, the others held: drawn beside the example, so that a person sees what a
 * formula does before reading it.
 *
 * <p>Where a number has no answer (a pose that no guide can take) the curve has a gap and no point is invented.
 *
 * @param over the number that is moved
 * @param of the answer that is looked at
 * @param points number and answer, by number; those without an answer are missing
 * @param here the point of the numbers as they were given; empty where they have no answer
 */
public record AnswerCurve(Calculator.Input over, Calculator.Output of, List<Point> points, Optional<Point> here) {
    /** Points along the curve: enough to look smooth across a page. */
    private static final int STEPS = 60;

    /** From so many times less to so many times more than the number that was given. */
    private static final double REACH = 2.5;

    /** Keeps the points from changing. */
    public AnswerCurve {
        points = List.copyOf(points);
    }

    /** The numbers of a calculator that can be moved, angles first: they are what a person sets. */
    public static List<Calculator.Input> movable(Calculator c) {
        boolean counts = c.outputs().stream().anyMatch(o -> !o.list());
        return counts
                ? c.inputs().stream()
                        .filter(i -> i.kind() == Calculator.Kind.NUMBER || i.kind() == Calculator.Kind.WHOLE)
                        .filter(i -> i.example() != null)
                        .sorted(Comparator.comparing(
                                (Calculator.Input i) -> !i.unit().equals("°")))
                        .toList()
                : List.of();
    }

    /**
     * The curve over one number.
     *
     * @param given numbers by name, as the calculator takes them; the one that is moved among them
     * @param over the name of the number that is moved
     * @throws RefusedException where that name is none that can be moved, or no number was given for it
     */
    public static AnswerCurve of(Calculator c, Map<String, Object> given, String over) {
        Calculator.Input moved = movable(c).stream()
                .filter(i -> i.name().equals(over))
                .findFirst()
                .orElseThrow(() -> new RefusedException(Refusal.of(MessageCode.UNKNOWN_CHOICE, "over", over)
                        .with(
                                "allowed",
                                String.join(
                                        ", ",
                                        movable(c).stream()
                                                .map(Calculator.Input::name)
                                                .toList()))));
        if (!(given.get(over) instanceof Double at)) {
            throw new RefusedException(Refusal.of(MessageCode.EMPTY, over, "").with("what", moved.meaning()));
        }
        Calculator.Output of =
                c.outputs().stream().filter(o -> !o.list()).findFirst().orElseThrow();
        List<Point> points = new ArrayList<>();
        for (double x : numbers(moved, at)) {
            answer(c, given, moved, of, x).ifPresent(y -> points.add(new Point(x, y)));
        }
        Optional<Point> here = answer(c, given, moved, of, at).map(y -> new Point(at, y));
        return new AnswerCurve(moved, of, points, here);
    }

    private static Iterable<Double> numbers(Calculator.Input in, double at) {
        double reach = at == 0 ? (in.high() - in.low()) / 4 : Math.abs(at) * (REACH - 1);
        double low = Math.max(in.low(), at > 0 ? at / REACH : at - reach);
        double high = Math.min(in.high(), at + reach);
        TreeSet<Double> all = new TreeSet<>();
        for (int i = 0; i <= STEPS; i++) {
            double x = low + (high - low) * i / STEPS;
            all.add(in.kind() == Calculator.Kind.WHOLE ? Math.rint(x) : x);
        }
        return all;
    }

    private static Optional<Double> answer(
            Calculator c, Map<String, Object> given, Calculator.Input moved, Calculator.Output of, double x) {
        Map<String, Object> with = new HashMap<>(given);
        with.put(moved.name(), x);
        try {
            return c.ask(with).get(of.name()) instanceof Double y && Double.isFinite(y)
                    ? Optional.of(y)
                    : Optional.empty();
        } catch (RefusedException noAnswer) {
            return Optional.empty();
        }
    }
}
