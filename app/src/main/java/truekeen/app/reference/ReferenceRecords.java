package truekeen.app.reference;

import jakarta.annotation.Nullable;
import java.util.List;
import truekeen.core.reference.Calculator;
import truekeen.core.section.Point;

/** What the reference shows. */
public final class ReferenceRecords {
    private ReferenceRecords() {}

    /** What a page is about. */
    public enum EntryKind {
        FORMULA,
        SHELF_RULE,
        HOUSE_RULE
    }

    /**
     * A page in the list.
     *
     * @param words all that a search looks through
     */
    public record EntryLine(String id, EntryKind kind, String title, String summary, String words) {}

    /** An input or a result of an example, with its unit. */
    public record Figure(String name, String meaning, String value) {}

    /** An example that was computed just now. */
    public record ExampleView(String title, List<Figure> given, List<Figure> results) {}

    /** An input of a calculator. */
    public record InputView(
            String name,
            String meaning,
            Calculator.Kind kind,
            String unit,
            double low,
            double high,
            boolean needed,
            List<String> choices,
            String example) {}

    /** An output of a calculator. */
    public record OutputView(String name, String meaning, String unit, boolean list) {}

    /**
     * A calculator.
     *
     * @param movable names of the inputs that its answer can be drawn over, the most telling first
     */
    public record CalculatorView(
            String id,
            String title,
            String formula,
            List<InputView> inputs,
            List<OutputView> outputs,
            List<String> movable) {}

    /**
     * How an answer moves with one number.
     *
     * @param over what is moved
     * @param overUnit its unit
     * @param of the answer
     * @param ofUnit its unit
     * @param points number and answer; missing where there is no answer
     * @param here the numbers as they were given; null where they have no answer
     */
    public record AnswerCurveView(
            String over, String overUnit, String of, String ofUnit, List<Point> points, @Nullable Point here) {}

    /** An option of a house rule. */
    public record OptionView(String words, String why, boolean usual) {}

    /**
     * A page.
     *
     * @param tex the formula as TeX source, or empty
     */
    public record EntryView(
            String id,
            EntryKind kind,
            String title,
            String meaning,
            String expression,
            String tex,
            String symbols,
            String limits,
            String source,
            List<OptionView> options,
            List<ExampleView> examples,
            List<CalculatorView> calculators) {}
}
