package truekeen.app.balance;

import truekeen.core.message.Wording;

/** What is said beside the balance, and what its measures are called. */
enum BalanceWords implements Wording {
    A_NAME("A name"),
    NO_TRY("no try yet"),
    TRY("Hung, try {number}: {result}"),
    TAKEN_OFF("{mass} g taken off {place}"),
    NEWEST_NOT_LEVEL("the newest try is not level, or steel came off after it"),
    NO_TRY_PUT_DOWN("no try was put down"),
    TIPS_RUN_AT("The tips run at {speed} m/s, {way}{allowed} m/s that mower safety standards commonly allow.{act}"),
    OVER_THE("over the "),
    WITHIN_THE("within the "),
    LOOK_AGAIN(" Look at the span and the speed again; do not run it so."),
    PIECE_RADIUS("radius of the piece"),
    WIDTH_AND_THICKNESS("width × thickness"),
    LENGTH_TO_GRIND("length to grind off"),
    AS_GOOD_AS("as good as the balancer: it tells {resolution} g·mm"),
    MASS_CHANGES("The trial mass, where it hangs, and the size of what is ground."),
    STRIP_PAST_TIP("A strip whose middle lies there, up to the tip"),
    LEFT_END("the left end"),
    RIGHT_END("the right end"),
    HOW_HUNG("How it was hung"),
    RADIUS_OF_PIECE("The radius of the piece"),
    A_WIDTH("A width"),
    A_THICKNESS("A thickness"),
    A_RADIUS("A radius"),
    A_PLACE("A place"),
    LIGHT_PLACE("The light place, where the trial mass hangs,"),
    A_MASS("A mass");

    private final String words;

    BalanceWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
