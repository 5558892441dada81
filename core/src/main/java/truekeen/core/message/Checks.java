package truekeen.core.message;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;

/** Collects every fault of a form before refusing it, so that a person mends all of them in one go. */
public final class Checks {
    private final List<Refusal> refusals = new ArrayList<>();

    /** Notes a fault. */
    public void refuse(Refusal refusal) {
        refusals.add(refusal);
    }

    /** Notes a fault unless the condition holds; tells whether it held. */
    public boolean require(boolean condition, Supplier<Refusal> refusal) {
        if (!condition) {
            refusals.add(refusal.get());
        }
        return condition;
    }

    /** Runs a step that may refuse; its faults are kept and null is given in its place. */
    public <T> T attempt(Supplier<T> step) {
        try {
            return step.get();
        } catch (RefusedException refused) {
            refusals.addAll(refused.refusals());
            return null;
        }
    }

    /** The value must lie within both limits; null is passed over, being a fault already noted or a thing left out. */
    public void within(String field, String what, Double value, double low, double high, String unit) {
        if (value != null && !(value >= low && value <= high)) {
            refusals.add(Refusal.of(MessageCode.OUT_OF_RANGE, field, Numbers.plain(value, 3) + unit)
                    .with("what", what)
                    .with("low", Numbers.plain(low, 3) + unit)
                    .with("high", Numbers.plain(high, 3) + unit));
        }
    }

    /** The text must not be blank, nor longer than so many characters. */
    public void text(String field, String what, String text, boolean needed, int most) {
        if (needed && (text == null || text.isBlank())) {
            refusals.add(Refusal.of(MessageCode.EMPTY, field, "").with("what", what));
        } else if (text != null && text.length() > most) {
            refusals.add(Refusal.of(MessageCode.TOO_LONG, field, text.length())
                    .with("what", what)
                    .with("high", most));
        }
    }

    /** The faults so far. */
    public List<Refusal> refusals() {
        return List.copyOf(refusals);
    }

    /** Whether nothing was wrong so far. */
    public boolean clean() {
        return refusals.isEmpty();
    }

    /** Throws all faults at once, if any. */
    public void orThrow() {
        if (!refusals.isEmpty()) {
            throw new RefusedException(refusals);
        }
    }
}
