package truekeen.app.reference;

import java.util.List;
import truekeen.core.reference.Calculator;

/** What the reference shows. */
public final class ReferenceRecords {
    private ReferenceRecords() {}

    /**
     * A page in the list.
     *
     * @param kind FORMULA, SHELF_RULE or HOUSE_RULE
     * @param words all that a search looks through
     */
    public record EntryLine(String id, String kind, String title, String summary, String words) {}

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

    /** A calculator. */
    public record CalculatorView(
            String id, String title, String formula, List<InputView> inputs, List<OutputView> outputs) {}

    /** An option of a house rule. */
    public record OptionView(String words, String why, boolean usual) {}

    /**
     * A page.
     *
     * @param tex the formula as TeX source, or empty
     */
    public record EntryView(
            String id,
            String kind,
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
