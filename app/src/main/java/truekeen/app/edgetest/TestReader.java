package truekeen.app.edgetest;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import truekeen.app.edgetest.TestRecords.ReadingForm;
import truekeen.app.edgetest.TestRecords.SignForm;
import truekeen.app.platform.Form;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.core.fault.EdgeCheck;
import truekeen.core.fault.Observation;
import truekeen.core.fault.Sign;
import truekeen.core.keenness.EdgeTest;
import truekeen.core.keenness.Stretch;
import truekeen.core.message.InWords;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.quantity.QuantityReader;

/** Reads what was put down of a test. */
final class TestReader {
    private static final int MOST_SIGNS = 60;

    private TestReader() {}

    /** The test by force; empty where nothing was read. */
    static Optional<EdgeTest> force(Form form, String reference, List<ReadingForm> typed, CoreTool tool) {
        if (typed.stream().allMatch(r -> Form.blank(r.grams()))) {
            return Optional.empty();
        }
        TypedReadings read = new TypedReadings(form, typed);
        Double grams = form.checks().attempt(() -> QuantityReader.grams("referenceGrams", reference));
        form.checks().orThrow();
        return Optional.of(new EdgeTest(read.readings(), grams, tool.geometry().edgeLengthMm()));
    }

    /** What was seen, each sign one of the tool's own ladder and on its edge. */
    static List<Observation> seen(Form form, List<SignForm> given, CoreTool tool) {
        List<SignForm> signs = given == null ? List.of() : given;
        form.checks().within("seen", TestWords.NUMBER_OF_SIGNS.words(), (double) signs.size(), 0, MOST_SIGNS, "");
        List<Sign> asked = EdgeCheck.ladder(tool.trade()).stream()
                .flatMap(c -> c.signs().stream())
                .toList();
        double edge = tool.geometry().layout().totalMm();
        List<Observation> seen = new ArrayList<>();
        for (int i = 0; i < signs.size() && form.checks().clean(); i++) {
            SignForm s = signs.get(i);
            String field = "seen[" + i + "]";
            Sign sign = form.oneOf(
                    field + ".sign", TestWords.WHAT_WAS_SEEN.words(), Form.orEmpty(s.sign()), List.copyOf(asked));
            boolean placed = s.fromMm() != null && s.toMm() != null;
            form.checks()
                    .require(
                            !placed || s.fromMm() >= 0 && s.toMm() <= edge + 1e-6 && s.fromMm() <= s.toMm(),
                            () -> Refusal.of(
                                            MessageCode.FINDING_OFF_EDGE,
                                            field,
                                            s.fromMm() + " to " + s.toMm() + InWords.MM)
                                    .with("what", TestWords.WHAT_WAS_SEEN.words())
                                    .with("high", edge + InWords.MM));
            if (sign != null) {
                seen.add(new Observation(
                        sign, placed ? Optional.of(new Stretch(s.fromMm(), s.toMm())) : Optional.empty()));
            }
        }
        return List.copyOf(seen);
    }
}
