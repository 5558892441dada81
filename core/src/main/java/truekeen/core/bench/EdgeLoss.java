package truekeen.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import truekeen.core.balance.MarkedWidths;
import truekeen.core.quantity.Length;
import truekeen.core.stepsheet.Step;
import truekeen.core.tool.Blade;
import truekeen.core.tool.EdgeLayout;

/** What the edges of a turning blade lost in a session, by the marks that were measured before and after. Derived here. */
public final class EdgeLoss {
    private EdgeLoss() {}

    /** The loss; empty where not every mark was measured before and after. */
    public static Optional<MarkedWidths> of(List<Step> steps, BenchState state, Blade blade) {
        for (int i = steps.size() - 1; i >= 0; i--) {
            Step step = steps.get(i);
            if (step.kind() != Step.Kind.MEASURE && EvenEdgesGate.marks(step) > 0) {
                Map<Step.Side, List<Double>> before = EvenEdgesGate.widths(steps, state, i);
                BenchState.StepState now = state.steps().get(i);
                List<List<Double>> was = new ArrayList<>();
                List<List<Double>> is = new ArrayList<>();
                for (Step.Side side : step.sides()) {
                    Optional<List<Double>> after = EvenEdgesGate.measured(step, now, side);
                    if (after.isPresent() && before.containsKey(side)) {
                        was.add(before.get(side));
                        is.add(after.get());
                    }
                }
                return was.size() < step.sides().size() ? Optional.empty() : Optional.of(of(was, is, blade));
            }
        }
        return Optional.empty();
    }

    /** A bar has its marks along each end; a disc one mark for the edges of each quarter. */
    private static MarkedWidths of(List<List<Double>> was, List<List<Double>> is, Blade blade) {
        Length thickness = blade.measures().length("thickness");
        EdgeLayout layout = blade.layout();
        if (layout.form() == EdgeLayout.Form.BAR) {
            return MarkedWidths.of(was, is, Length.ofMm(layout.edgeMm()), thickness);
        }
        int quarters = was.get(0).size();
        return MarkedWidths.of(
                each(was.get(0), quarters),
                each(is.get(0), quarters),
                Length.ofMm(layout.totalMm() / quarters),
                thickness);
    }

    private static List<List<Double>> each(List<Double> marks, int n) {
        return IntStream.range(0, n).mapToObj(i -> List.of(marks.get(i))).toList();
    }
}
