package truekeen.core.trial;

import java.util.List;
import java.util.Optional;
import truekeen.core.rule.HouseRule;
import truekeen.core.rule.RuleOption;

/** What a trial is to settle, with the ways that usually stand against each other. */
public enum Question {
    STROP(
            TrialWords.DOES_THE_STROP_HELP,
            HouseRule.STROP,
            new Usual(TrialWords.OFF_THE_STONE, RuleOption.STROP_STONE),
            new Usual(TrialWords.STROPPED, RuleOption.STROP_FINISH)),
    POLISH(
            TrialWords.WHICH_FINISH_LASTS,
            HouseRule.POLISH_LASTS,
            new Usual(TrialWords.MEDIUM_FINISH, RuleOption.POLISH_LASTS_SHORTER),
            new Usual(TrialWords.HIGH_POLISH, RuleOption.POLISH_LASTS_LONGER)),
    LAST_STROKES(
            TrialWords.WHICH_LAST_STROKES,
            HouseRule.LAST_STROKES,
            new Usual(TrialWords.EDGE_LEADING, RuleOption.LAST_STROKES_LEADING),
            new Usual(TrialWords.EDGE_TRAILING, RuleOption.LAST_STROKES_TRAILING)),
    STONE(TrialWords.WHICH_STONE, null),
    ANGLE(TrialWords.WHICH_ANGLE, null),
    STEEL(TrialWords.WHICH_STEEL, null),
    OWN(TrialWords.A_QUESTION_OF_ONES_OWN, null);

    private record Usual(TrialWords words, RuleOption option) {}

    private final TrialWords words;
    private final HouseRule rule;
    private final List<Usual> usual;

    Question(TrialWords words, HouseRule rule, Usual... usual) {
        this.words = words;
        this.rule = rule;
        this.usual = List.of(usual);
    }

    /** The question in words. */
    public String words() {
        return words.words();
    }

    /** The ways that usually stand against each other, by name; empty where a person has to name them. */
    public List<String> ways() {
        return usual.stream().map(u -> u.words().words()).toList();
    }

    /** The house rule that it settles, if any. */
    public Optional<HouseRule> rule() {
        return Optional.ofNullable(rule);
    }

    /**
     * The school that a way stands for; empty where the question settles no rule or a person added the way.
     *
     * @param way its place among the ways, from 0
     */
    public Optional<RuleOption> option(int way) {
        return way < usual.size() ? Optional.of(usual.get(way).option()) : Optional.empty();
    }
}
