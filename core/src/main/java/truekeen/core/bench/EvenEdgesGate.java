package truekeen.core.bench;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.IntStream;
import truekeen.core.balance.MarkedWidths;
import truekeen.core.message.Numbers;
import truekeen.core.quantity.Length;
import truekeen.core.stepsheet.Step;
import truekeen.core.table.Prior;

/**
 * What keeps a step of a powered blade shut until its edges are alike: the same count, and by the marks the same loss. A
 * measured loss outweighs a count: the end that lost less may be given more strokes, the other never. Derived here;
 * tolerances are workshop priors.
 *
 * @param todo what is still to do, the first thing first; empty once all is alike
 * @param notes what else to mind
 */
record EvenEdgesGate(List<StepGate.Todo> todo, List<String> notes) {
    /** Widest gap between the blades of a trimmer (mm). Prior; the maker's figure goes before it. */
    static final double WIDEST_GAP_MM = Prior.ALIKE_GATE_WIDEST_GAP_MM.value();

    private static final int MARKS_OF_AN_END = 3;
    private static final int MARKS_OF_A_DISC = 4;
    /** Strokes by which one edge of a row may be ahead of another. Prior. */
    private static final int AHEAD = Prior.EDGE_ROW_AHEAD_STROKES.whole();
    /** Angles of teeth may differ from the one planned by as much (°). */
    private static final double ANGLE_WITHIN = SessionSigns.ANGLE_TOLERANCE_DEG;

    private static final int NAMED = 4;

    /** Whether a step asks for edges alike, or for a gap. */
    static boolean asks(Step step) {
        return switch (step.kind()) {
            case MEASURE, ENDS, TEETH, GAP -> true;
            default -> false;
        };
    }

    /** How many marks are measured on each side of a step; 0 where none is. */
    static int marks(Step step) {
        return switch (step.kind()) {
            case MEASURE, ENDS -> step.sides().contains(Step.Side.EDGES) ? MARKS_OF_A_DISC : MARKS_OF_AN_END;
            case TEETH -> step.sides().contains(Step.Side.EDGES) ? MARKS_OF_A_DISC : 0;
            default -> 0;
        };
    }

    /** The newest complete widths that were measured before a step, by side; empty where there are none. */
    static Map<Step.Side, List<Double>> widths(List<Step> steps, BenchState state, int before) {
        Map<Step.Side, List<Double>> widths = new EnumMap<>(Step.Side.class);
        for (int i = 0; i < before; i++) {
            if (steps.get(i).kind() == Step.Kind.MEASURE) {
                for (Step.Side side : steps.get(i).sides()) {
                    measured(steps.get(i), state.steps().get(i), side).ifPresent(w -> widths.put(side, w));
                }
            }
        }
        return widths;
    }

    /** The widths of a side at a step, where every mark was measured. */
    static Optional<List<Double>> measured(Step step, BenchState.StepState now, Step.Side side) {
        List<OptionalDouble> at = IntStream.rangeClosed(1, marks(step))
                .mapToObj(mark -> now.newest(Instrument.CALLIPER, side, mark))
                .toList();
        return at.isEmpty() || at.stream().anyMatch(OptionalDouble::isEmpty)
                ? Optional.empty()
                : Optional.of(at.stream().map(OptionalDouble::getAsDouble).toList());
    }

    static EvenEdgesGate of(Step step, BenchState.StepState now, Map<Step.Side, List<Double>> before) {
        return switch (step.kind()) {
            case MEASURE -> new EvenEdgesGate(unmeasured(step, now, false), List.of());
            case ENDS -> ends(step, now, before);
            case TEETH -> teeth(step, now, before);
            default -> gap(now);
        };
    }

    private static EvenEdgesGate ends(Step step, BenchState.StepState now, Map<Step.Side, List<Double>> before) {
        List<StepGate.Todo> todo = new ArrayList<>();
        int first = now.counts().get(step.sides().get(0));
        int second = now.counts().get(step.sides().get(1));
        boolean known = before.size() == 2;
        List<StepGate.Todo> open = known ? unmeasured(step, now, true) : List.of();
        Optional<MarkedWidths> lost = known && open.isEmpty() ? Optional.of(lost(step, now, before)) : Optional.empty();
        if (first == 0 || second == 0) {
            todo.add(todo(
                    first == second
                            ? BenchWords.ENDS_NOT_COUNTED.words()
                            : BenchWords.END_NOT_COUNTED.fill(
                                    "end", name(step.sides().get(first == 0 ? 0 : 1)))));
        } else if (lost.isPresent()) {
            if (!lost.get().alike()) {
                todo.add(todo(bringUp(step, now, lost.get())));
            }
        } else if (first != second) {
            int apart = Math.abs(first - second);
            todo.add(todo(BenchWords.END_BEHIND.fill(
                    "end", upper(name(step.sides().get(first < second ? 0 : 1))), "strokes", counted(apart))));
        }
        if (todo.isEmpty()) {
            todo.addAll(open);
        }
        return new EvenEdgesGate(todo, lost.map(l -> List.of(says(step, l))).orElse(List.of()));
    }

    private static String says(Step step, MarkedWidths lost) {
        return BenchWords.ENDS_LOST.fill(
                "first",
                name(step.sides().get(0)),
                "firstLoss",
                mm(lost.lossMm().get(0)),
                "second",
                name(step.sides().get(1)),
                "secondLoss",
                mm(lost.lossMm().get(1)),
                "within",
                mm(MarkedWidths.ALIKE_WITHIN_MM));
    }

    /** How many strokes more the end that lost less wants, by what its own strokes took so far. */
    private static String bringUp(Step step, BenchState.StepState now, MarkedWidths lost) {
        int least = lost.least();
        Step.Side side = step.sides().get(least);
        double each = lost.lossMm().get(1 - least)
                / Math.max(1, now.counts().get(step.sides().get(1 - least)));
        String end = upper(name(side));
        String apart = mm(lost.apartMm());
        return each > 0
                ? BenchWords.END_LOST_LESS.fill("end", end, "apart", apart, "strokes", counted((int)
                        Math.max(1, Math.round(lost.apartMm() / each))))
                : BenchWords.END_LOST_LESS_A_FEW.fill("end", end, "apart", apart);
    }

    private static MarkedWidths lost(Step step, BenchState.StepState now, Map<Step.Side, List<Double>> before) {
        List<List<Double>> was = step.sides().stream().map(before::get).toList();
        List<List<Double>> is = step.sides().stream()
                .map(s -> measured(step, now, s).orElseThrow())
                .toList();
        // Only the loss is asked here: edge and thickness scale the volume alone.
        return MarkedWidths.of(was, is, Length.ofMm(1), Length.ofMm(1));
    }

    private static EvenEdgesGate teeth(Step step, BenchState.StepState now, Map<Step.Side, List<Double>> before) {
        List<String> behind = new ArrayList<>();
        List<StepGate.Todo> todo = new ArrayList<>();
        int missing = 0;
        int least = Integer.MAX_VALUE;
        int most = 0;
        String furthest = "";
        for (Step.Side side : step.sides()) {
            List<Integer> at = now.stations().get(side);
            Set<Integer> out = now.leftOut().getOrDefault(side, Set.of());
            for (int i = 0; i < at.size(); i++) {
                if (out.contains(i + 1)) {
                    continue;
                }
                least = Math.min(least, at.get(i));
                if (at.get(i) > most) {
                    most = at.get(i);
                    furthest = edgeName(step, side, i + 1);
                }
                if (at.get(i) < step.stations().get(i)) {
                    missing++;
                    if (behind.size() < NAMED) {
                        behind.add(edgeName(step, side, i + 1) + " (" + at.get(i) + " of "
                                + step.stations().get(i) + ")");
                    }
                }
            }
        }
        if (missing > 0) {
            String which = missing > behind.size()
                    ? BenchWords.AND_OTHERS.fill("edges", String.join(", ", behind))
                    : String.join(", ", behind);
            todo.add(todo(
                    missing == 1
                            ? BenchWords.EDGE_MISSED.fill("edges", which)
                            : BenchWords.EDGES_MISSED.fill("count", missing, "edges", which)));
        } else if (most - least > AHEAD && least < Integer.MAX_VALUE) {
            todo.add(todo(BenchWords.EDGE_AHEAD.fill("edge", upper(furthest), "most", most, "least", least)));
        }
        List<String> notes = new ArrayList<>(oddAngles(step, now));
        int out = now.leftOut().values().stream().mapToInt(Set::size).sum();
        if (out > 0) {
            notes.add(out == 1 ? BenchWords.ONE_EDGE_OUT.words() : BenchWords.EDGES_OUT.fill("count", out));
        }
        if (todo.isEmpty() && before.containsKey(Step.Side.EDGES)) {
            todo.addAll(unmeasured(step, now, true));
            if (todo.isEmpty()) {
                round(step, now, before.get(Step.Side.EDGES)).ifPresent(todo::add);
            }
        }
        return new EvenEdgesGate(todo, notes);
    }

    /** The loss round a disc, mark by mark. */
    private static Optional<StepGate.Todo> round(Step step, BenchState.StepState now, List<Double> was) {
        List<Double> is = measured(step, now, Step.Side.EDGES).orElseThrow();
        List<Double> loss = IntStream.range(0, was.size())
                .mapToObj(i -> was.get(i) - is.get(i))
                .toList();
        double most = loss.stream().mapToDouble(l -> l).max().orElse(0);
        double least = loss.stream().mapToDouble(l -> l).min().orElse(0);
        return most - least <= MarkedWidths.ALIKE_WITHIN_MM + 1e-9
                ? Optional.empty()
                : Optional.of(todo(BenchWords.MARKS_DIFFER.fill(
                        "least",
                        (loss.indexOf(least) + 1),
                        "apart",
                        mm(most - least),
                        "most",
                        (loss.indexOf(most) + 1))));
    }

    private static List<String> oddAngles(Step step, BenchState.StepState now) {
        if (step.angleDeg().isEmpty()) {
            return List.of();
        }
        List<String> odd = new ArrayList<>();
        for (Step.Side side : step.sides()) {
            for (int i = 1; i <= step.stations().size(); i++) {
                OptionalDouble read = now.newest(Instrument.ANGLE_GAUGE, side, i);
                if (read.isPresent()
                        && Math.abs(read.getAsDouble() - step.angleDeg().get()) > ANGLE_WITHIN) {
                    odd.add(BenchWords.EDGE_STANDS_AT.fill(
                            "edge", edgeName(step, side, i), "angle", Numbers.plain(read.getAsDouble(), 1)));
                }
            }
        }
        return odd.isEmpty()
                ? List.of()
                : List.of(BenchWords.ANGLE_WANTED.fill(
                        "edges",
                        upper(String.join(", ", odd.subList(0, Math.min(NAMED, odd.size())))),
                        "angle",
                        Numbers.plain(step.angleDeg().get(), 1)));
    }

    private static EvenEdgesGate gap(BenchState.StepState now) {
        OptionalDouble read = now.newest(Instrument.FEELER, null, 0);
        if (read.isEmpty()) {
            return new EvenEdgesGate(List.of(todo(BenchWords.MEASURE_THE_GAP.words())), List.of());
        }
        double gap = read.getAsDouble();
        String limit = BenchWords.GAP_RULE_OF_THUMB.fill("most", mm(WIDEST_GAP_MM));
        return gap > WIDEST_GAP_MM
                ? new EvenEdgesGate(List.of(todo(BenchWords.GAP_OVER.fill("gap", mm(gap), "limit", limit))), List.of())
                : new EvenEdgesGate(List.of(), List.of(BenchWords.GAP_WITHIN.fill("gap", mm(gap), "limit", limit)));
    }

    private static List<StepGate.Todo> unmeasured(Step step, BenchState.StepState now, boolean again) {
        List<String> open = new ArrayList<>();
        for (Step.Side side : step.sides()) {
            for (int mark = 1; mark <= marks(step); mark++) {
                if (now.newest(Instrument.CALLIPER, side, mark).isEmpty()) {
                    open.add(markName(side, mark));
                }
            }
        }
        if (open.isEmpty()) {
            return List.of();
        }
        String named = String.join(", ", open.subList(0, Math.min(NAMED, open.size())));
        String marks = open.size() > NAMED ? BenchWords.AND_THE_OTHERS.fill("marks", named) : named;
        return List.of(todo(
                again ? BenchWords.MEASURE_AGAIN.fill("marks", marks) : BenchWords.MEASURE_MARKS.fill("marks", marks)));
    }

    private static final List<String> ALONG_AN_END = List.of("inner", "middle", "outer");

    private static String markName(Step.Side side, int mark) {
        return side == Step.Side.EDGES
                ? "mark " + mark
                : BenchWords.MARK_OF_A_SIDE.fill("mark", ALONG_AN_END.get(mark - 1), "side", name(side));
    }

    /** An edge of a row as it is called: the tooth and which of its edges, or the edge round the disc. */
    static String edgeName(Step step, Step.Side side, int station) {
        if (side == Step.Side.EDGES) {
            return "edge " + station;
        }
        return "tooth " + ((station + 1) / 2) + (station % 2 == 1 ? " left" : " right")
                + (step.sides().size() > 1
                        ? (side == Step.Side.TOP_BLADE
                                ? BenchWords.UPPER_BLADE.words()
                                : BenchWords.LOWER_BLADE.words())
                        : "");
    }

    private static String name(Step.Side side) {
        return side == Step.Side.FIRST_END ? BenchWords.LEFT_END.words() : BenchWords.RIGHT_END.words();
    }

    private static StepGate.Todo todo(String words) {
        return new StepGate.Todo(words, Optional.empty());
    }

    private static String counted(int n) {
        return n == 1 ? BenchWords.ONE_STROKE.words() : n + " strokes";
    }

    private static String mm(double x) {
        return Numbers.plain(x, 2);
    }

    private static String upper(String s) {
        return Character.toUpperCase(s.charAt(0)) + s.substring(1);
    }
}
