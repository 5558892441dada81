package truekeen.core.machine;

import truekeen.core.message.Wording;

/** What an inspection and the hours of a machine come to. */
enum MachineWords implements Wording {
    AT_LEAST_BY_MAKER("at least {figure} by its maker"),
    AT_LEAST_RULE("at least {figure} as a rule of thumb"),
    AT_MOST_BY_MAKER("at most {figure} by its maker"),
    AT_MOST_RULE("at most {figure} as a rule of thumb"),
    NEAR_ITS_LIMIT("{title}: {read}, {bound}: near it, look for the next blade."),
    FIRST_ESTIMATE("a first estimate"),
    FROM_ITS_OWN("by {count} intervals of its own"),
    WORN_SO_FAR("{worn} of wear since it was sharpened, of {range} ({basis}, as hours on clean ground). {due}"),
    IS_DUE("It is due."),
    DUE_IN_SEASON("At the pace of its season that is {day}."),
    DUE_OUT_OF_SEASON("Out of season: at its pace that is {day}."),
    NO_DAY_YET("No day yet: enter the hours of a week or more and it can be worked out.");

    private final String words;

    MachineWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
