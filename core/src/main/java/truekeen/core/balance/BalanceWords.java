package truekeen.core.balance;

import truekeen.core.message.Wording;

/** What balancing says, and what its measures are called. */
enum BalanceWords implements Wording {
    TRIAL_MASS("A trial mass"),
    TRIAL_RADIUS("The radius it hangs at"),
    FIRST_LOAD("The load under the first end"),
    SECOND_LOAD("The load under the second end"),
    SUPPORT_RADIUS("The radius of the supports"),
    LEVEL("Level: what is left is within the {resolution} g·mm that this balancer can tell."),
    DOUBTFUL(
            "Level now, though it read {before} g·mm a moment ago and nothing came off: a blade does not become level by itself. Clean bore and cone, turn it half round and hang it once more."),
    DEEPER_THAN_IT_CAN(
            "That is more than its trailing side can give: no deeper than {deepest} mm there. Grind a longer strip than {width} mm; where that is not enough, the blade is replaced."),
    TAKE_OFF(
            "take {mass} g off {heavy}: {length} mm of its trailing side at {width} × {thickness} mm, the middle of it {radius} mm from the centre."),
    WORSE(
            "It got worse: the other end. {heavy} is still the heavy one and the last steel came off across from it. Look which way it dips, then {act}"),
    TOO_MUCH("Too much went: {heavy} is the heavy one now{then}{act}"),
    TOO_MUCH_AND_MORE(", and by more than before. Weigh what comes off. Now "),
    TOO_MUCH_NOW(". Now "),
    THE_TRIAL_MASS("The trial mass"),
    THE_RADIUS("The radius"),
    THE_WIDTH("The width"),
    THE_THICKNESS("The thickness"),
    TURNS_A_MINUTE("Turns a minute");

    private final String words;

    BalanceWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
