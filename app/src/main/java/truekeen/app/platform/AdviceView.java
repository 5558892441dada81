package truekeen.app.platform;

import java.util.List;
import truekeen.core.advice.Advice;

/**
 * A number with its why.
 *
 * @param label what it is
 * @param formulaId its page in the reference
 * @param value the number
 * @param low least to be expected; equal to the value where it is exact
 * @param high most to be expected
 * @param unit its unit
 * @param meaning what the formula answers
 * @param expression the formula
 * @param symbols its symbols
 * @param limits where it holds
 * @param source where it is from
 * @param given inputs
 * @param evidence how good it is
 * @param changes what would change it
 * @param words the number in words, where these say it better; else empty
 */
public record AdviceView(
        String label,
        String formulaId,
        double value,
        double low,
        double high,
        String unit,
        String meaning,
        String expression,
        String symbols,
        String limits,
        String source,
        List<Given> given,
        String evidence,
        String changes,
        String words) {

    /** One input. */
    public record Given(String name, String value) {}

    /** The view of an advice. */
    public static AdviceView of(Advice a) {
        return new AdviceView(
                a.label(),
                a.formula().name().toLowerCase(java.util.Locale.ROOT).replace('_', '-'),
                a.value(),
                a.low(),
                a.high(),
                a.unit(),
                a.formula().meaning(),
                a.formula().expression(),
                a.formula().symbols(),
                a.formula().limits(),
                a.formula().source(),
                a.given().stream().map(g -> new Given(g.name(), g.value())).toList(),
                a.evidence(),
                a.changes(),
                "");
    }

    /** The same number, said in words. */
    public AdviceView saying(String inWords) {
        return new AdviceView(
                label,
                formulaId,
                value,
                low,
                high,
                unit,
                meaning,
                expression,
                symbols,
                limits,
                source,
                given,
                evidence,
                changes,
                inWords);
    }
}
