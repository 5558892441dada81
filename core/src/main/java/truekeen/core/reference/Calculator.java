package truekeen.core.reference;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import truekeen.core.advice.Formula;
import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;

/**
 * A formula that can be asked with numbers: what it takes, what it gives, in which units and ranges, and an example.
 *
 * @param id its name in an address
 * @param formula what stands behind it
 * @param title what it answers
 * @param inputs what it takes
 * @param outputs what it gives
 * @param run the computation, refusing what has no answer
 */
public record Calculator(
        String id,
        Formula formula,
        String title,
        List<Input> inputs,
        List<Output> outputs,
        Function<Values, Map<String, Object>> run) {

    /** What an input is. */
    public enum Kind {
        NUMBER,
        /** A number without a fraction: teeth, strokes, edges. */
        WHOLE,
        NUMBERS,
        TEXT
    }

    /**
     * An input.
     *
     * @param name as it is sent
     * @param meaning in words
     * @param unit mm, °, µm, g…; empty for a bare number
     * @param low least believable
     * @param high most believable
     * @param needed whether it must be given
     * @param choices what a text may be; empty where it is free
     * @param example a Double, a list of them, or a text
     */
    public record Input(
            String name,
            String meaning,
            Kind kind,
            String unit,
            double low,
            double high,
            boolean needed,
            List<String> choices,
            Object example) {}

    /** An output: a number, or a list of them. */
    public record Output(String name, String meaning, String unit, boolean list) {}

    /** Inputs as given, by name. */
    public static final class Values {
        private final Map<String, Object> given;

        Values(Map<String, Object> given) {
            this.given = given;
        }

        /** Whether it was given. */
        public boolean has(String name) {
            return given.get(name) != null;
        }

        /** A number that is there. */
        public double num(String name) {
            return (Double) given.get(name);
        }

        /** A number, or another where it was left out. */
        public double num(String name, double otherwise) {
            return has(name) ? num(name) : otherwise;
        }

        /** A list that is there. */
        @SuppressWarnings("unchecked")
        public List<Double> nums(String name) {
            return (List<Double>) given.get(name);
        }

        /** A whole number that is there. */
        public int whole(String name) {
            return (int) num(name);
        }

        /**
         * Makes sure that exactly one of two was given, which say the same in two ways.
         *
         * @throws RefusedException at the first where neither was, at the second where both were
         */
        public void requireOne(String first, String second, String words) {
            if (has(first) && has(second)) {
                throw new RefusedException(
                        Refusal.of(MessageCode.ONE_OR_OTHER, second, String.valueOf(given.get(second)))
                                .with("what", words));
            }
            if (!has(first) && !has(second)) {
                throw new RefusedException(
                        Refusal.of(MessageCode.EMPTY, first, "").with("what", "Either " + words));
            }
        }

        /** A text that is there. */
        public String text(String name) {
            return (String) given.get(name);
        }
    }

    /** Keeps the lists from changing. */
    public Calculator {
        inputs = List.copyOf(inputs);
        outputs = List.copyOf(outputs);
    }

    /**
     * The answer.
     *
     * @param given inputs by name: a Double, a list of them or a text, as {@link Input#kind()} says
     * @return outputs by name, in their order: a Double or a list of them
     * @throws RefusedException naming every input that is missing, unknown or out of range, or why there is no answer
     */
    public Map<String, Object> ask(Map<String, Object> given) {
        Checks checks = new Checks();
        for (Input in : inputs) {
            Object value = given.get(in.name());
            checks.require(value != null || !in.needed(), () -> Refusal.of(MessageCode.EMPTY, in.name(), "")
                    .with("what", in.meaning()));
            if (value != null) {
                check(in, value, checks);
            }
        }
        for (String name : given.keySet()) {
            checks.require(inputs.stream().anyMatch(i -> i.name().equals(name)), () -> Refusal.of(
                            MessageCode.UNKNOWN_CHOICE, name, name)
                    .with(
                            "allowed",
                            String.join(", ", inputs.stream().map(Input::name).toList())));
        }
        checks.orThrow();
        return run.apply(new Values(given));
    }

    private static void check(Input in, Object value, Checks checks) {
        String unit = in.unit().isEmpty() || in.unit().equals("°") ? in.unit() : " " + in.unit();
        if (in.kind() == Kind.TEXT) {
            checks.require(in.choices().isEmpty() || in.choices().contains(value), () -> Refusal.of(
                            MessageCode.UNKNOWN_CHOICE, in.name(), value)
                    .with("allowed", String.join(", ", in.choices())));
        } else if (in.kind() == Kind.NUMBER || in.kind() == Kind.WHOLE) {
            Double number = (Double) value;
            checks.within(in.name(), in.meaning(), number, in.low(), in.high(), unit);
            checks.require(
                    in.kind() != Kind.WHOLE || Double.isNaN(number) || number == Math.rint(number),
                    () -> Refusal.of(MessageCode.NOT_WHOLE, in.name(), number));
        } else {
            List<?> list = (List<?>) value;
            checks.require(list.size() <= 50, () -> Refusal.of(MessageCode.TOO_MANY, in.name(), list.size())
                    .with("high", 50)
                    .with("what", "numbers"));
            list.forEach(v -> checks.within(in.name(), in.meaning(), (Double) v, in.low(), in.high(), unit));
        }
    }

    /** The example's inputs. */
    public Map<String, Object> example() {
        Map<String, Object> all = new LinkedHashMap<>();
        inputs.stream().filter(i -> i.example() != null).forEach(i -> all.put(i.name(), i.example()));
        return all;
    }

    static Input num(String name, String meaning, String unit, double low, double high, double example) {
        return new Input(name, meaning, Kind.NUMBER, unit, low, high, true, List.of(), example);
    }

    static Input whole(String name, String meaning, double low, double high, double example) {
        return new Input(name, meaning, Kind.WHOLE, "", low, high, true, List.of(), example);
    }

    static Input opt(String name, String meaning, String unit, double low, double high, Double example) {
        return new Input(name, meaning, Kind.NUMBER, unit, low, high, false, List.of(), example);
    }

    static Input nums(String name, String meaning, String unit, double low, double high, Double... example) {
        return new Input(name, meaning, Kind.NUMBERS, unit, low, high, true, List.of(), List.of(example));
    }

    static Input text(String name, String meaning, List<String> choices, String example) {
        return new Input(name, meaning, Kind.TEXT, "", 0, 0, true, choices, example);
    }

    static Output out(String name, String meaning, String unit) {
        return new Output(name, meaning, unit, false);
    }

    static Output outs(String name, String meaning, String unit) {
        return new Output(name, meaning, unit, true);
    }

    static List<Input> in(Input... inputs) {
        return Arrays.asList(inputs);
    }

    /** Outputs by name, in the order given: name, value, name, value… */
    static Map<String, Object> gives(Object... pairs) {
        Map<String, Object> all = new LinkedHashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            all.put((String) pairs[i], pairs[i + 1]);
        }
        return all;
    }

    static List<Output> to(Output... outputs) {
        return new ArrayList<>(Arrays.asList(outputs));
    }
}
