package truekeen.core.progression;

import java.util.Arrays;
import java.util.Optional;
import truekeen.core.message.Numbers;
import truekeen.core.table.Prior;

/** What a plan is to be best at. Source: workshop prior. */
public enum Answer {
    LEAST_TIME("least time", "The quickest path that obeys the rules."),
    FEWEST("fewest stones", "The fewest stones within {times} times the least time."),
    GENTLEST("gentlest", "The least steel within {times} times the least time."),
    MY_WAY("the way I always do it", "The stones you saved, in their order, whatever it takes.");

    /** Times the least time that the fewest may take. */
    static final double FEWEST_WITHIN = Prior.ANSWER_FEWEST_WITHIN.value();
    /** Times the least time that the gentlest may take. */
    static final double GENTLEST_WITHIN = Prior.ANSWER_GENTLEST_WITHIN.value();

    private final String words;
    private final String meaning;

    Answer(String words, String meaning) {
        this.words = words;
        this.meaning = meaning;
    }

    /** What it is called. */
    public String words() {
        return words;
    }

    /** What it means. */
    public String meaning() {
        double within = this == FEWEST ? FEWEST_WITHIN : GENTLEST_WITHIN;
        return meaning.replace("{times}", Numbers.plain(within, 2));
    }

    /** The answer of that name. */
    public static Optional<Answer> byName(String name) {
        return Arrays.stream(values()).filter(a -> a.name().equals(name)).findFirst();
    }
}
