package truekeen.core.message;

import java.util.LinkedHashMap;
import java.util.Map;

/**
 * One thing that was refused: which message, at which field, what was given and the parameters of the words.
 *
 * @param code the message
 * @param field the name of the field, as the person's form names it; empty where no field is to blame
 * @param value what was given, as text; at most 80 characters of it
 * @param parameters what fills the places of the words, "value" left out
 */
public record Refusal(MessageCode code, String field, String value, Map<String, String> parameters) {
    private static final int SHOWN = 80;

    /** Shortens the value and keeps the parameters from changing. */
    public Refusal {
        value = value == null ? "" : value.length() > SHOWN ? value.substring(0, SHOWN) + "…" : value;
        parameters = Map.copyOf(parameters);
    }

    /** A refusal without parameters. */
    public static Refusal of(MessageCode code, String field, Object value) {
        return new Refusal(code, field, String.valueOf(value), Map.of());
    }

    /** The same with one parameter more. */
    public Refusal with(String name, Object parameter) {
        Map<String, String> more = new LinkedHashMap<>(parameters);
        more.put(name, String.valueOf(parameter));
        return new Refusal(code, field, value, more);
    }

    /** The same, blamed on another field (a form names its fields, a formula does not know them). */
    public Refusal at(String otherField) {
        return new Refusal(code, otherField, value, parameters);
    }

    /** What is allowed, in short: the range or the list, or empty. */
    public String allowed() {
        if (parameters.containsKey("allowed")) {
            return parameters.get("allowed");
        }
        String low = parameters.get("low");
        String high = parameters.get("high");
        if (low != null && high != null) {
            return low + " to " + high;
        }
        boolean itself = code.boundAllowed();
        if (low != null) {
            return (itself ? "at least " : "more than ") + low;
        }
        return high != null ? (itself ? "at most " : "less than ") + high : "";
    }

    /** The words, filled. */
    public String words() {
        String filled = InWords.figures(InWords.places(code.words()));
        for (Map.Entry<String, String> parameter : parameters.entrySet()) {
            filled = filled.replace("{" + parameter.getKey() + "}", InWords.value(parameter.getValue()));
        }
        return filled.replace("{value}", value);
    }
}
