package truekeen.app.reference;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import truekeen.app.platform.Form;
import truekeen.app.reference.ReferenceRecords.AnswerCurveView;
import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.quantity.QuantityReader;
import truekeen.core.reference.AnswerCurve;
import truekeen.core.reference.Calculator;
import truekeen.core.reference.Calculators;

/** Asks a calculator with what came over the wire: numbers in its units, or text as it is typed at the bench. */
@Service
class CalculatorService {
    private static final int MOST_TEXT = 300;

    Map<String, Object> ask(String id, Map<String, Object> given) {
        Calculator calculator = byId(id);
        return calculator.ask(read(calculator, given));
    }

    /** How the answer moves with one of the numbers. */
    AnswerCurveView curve(String id, String over, Map<String, Object> given) {
        Calculator calculator = byId(id);
        AnswerCurve curve = AnswerCurve.of(calculator, read(calculator, given), over);
        return new AnswerCurveView(
                curve.over().meaning(),
                curve.over().unit(),
                curve.of().meaning(),
                curve.of().unit(),
                curve.points(),
                curve.here().orElse(null));
    }

    private static Calculator byId(String id) {
        return Calculators.byId(id).orElseThrow(() -> Form.notFound("calculator", id));
    }

    private static Map<String, Object> read(Calculator calculator, Map<String, Object> given) {
        Checks checks = new Checks();
        Map<String, Object> read = new HashMap<>();
        (given == null ? Map.<String, Object>of() : given).forEach((name, value) -> {
            Calculator.Input input = calculator.inputs().stream()
                    .filter(i -> i.name().equals(name))
                    .findFirst()
                    .orElse(null);
            boolean empty = value == null || value instanceof String text && text.isBlank();
            if (!empty) {
                Object understood = input == null ? value : read(input, value, checks);
                if (understood != null) {
                    read.put(name, understood);
                }
            }
        });
        checks.orThrow();
        return read;
    }

    private static Object read(Calculator.Input in, Object value, Checks checks) {
        return switch (in.kind()) {
            case TEXT -> text(in, value, checks);
            case NUMBER, WHOLE -> number(in, value, checks);
            case NUMBERS -> {
                List<Double> all = new ArrayList<>();
                List<?> list = value instanceof List<?> many
                        ? many
                        : List.of(String.valueOf(value).split("[;,]"));
                for (Object one : list) {
                    Double number = number(in, one, checks);
                    if (number != null) {
                        all.add(number);
                    }
                }
                yield all;
            }
        };
    }

    private static String text(Calculator.Input in, Object value, Checks checks) {
        String text = String.valueOf(value);
        checks.text(in.name(), in.meaning(), text, true, MOST_TEXT);
        return text;
    }

    private static Double number(Calculator.Input in, Object value, Checks checks) {
        if (value instanceof Number number) {
            return number.doubleValue();
        }
        String text = value instanceof String typed ? typed : null;
        if (text == null) {
            checks.refuse(Refusal.of(MessageCode.NUMBER_UNREADABLE, in.name(), String.valueOf(value)));
            return null;
        }
        return checks.attempt(() -> switch (in.unit()) {
            case "mm" -> QuantityReader.length(in.name(), text).mm();
            case "°" -> QuantityReader.angle(in.name(), text).degrees();
            default -> QuantityReader.number(in.name(), text, in.unit());
        });
    }
}
