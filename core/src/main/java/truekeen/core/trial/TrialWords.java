package truekeen.core.trial;

import truekeen.core.message.Wording;

/** What trials say. */
enum TrialWords implements Wording {
    DOES_THE_STROP_HELP("Does the strop help?"),
    OFF_THE_STONE("off the finest stone"),
    STROPPED("stropped"),
    WHICH_FINISH_LASTS("Which finish lasts?"),
    MEDIUM_FINISH("medium finish"),
    HIGH_POLISH("high polish"),
    WHICH_LAST_STROKES("Which last strokes?"),
    EDGE_LEADING("edge leading"),
    EDGE_TRAILING("edge trailing"),
    WHICH_STONE("This stone or that?"),
    WHICH_ANGLE("This angle or that?"),
    WHICH_STEEL("This steel or that?"),
    A_QUESTION_OF_ONES_OWN("Something else"),
    NO_EDGE_YET("No edge has been read up to a checkpoint yet."),
    NOT_ENOUGH("Not enough yet: about {n} rounds more would tell, as it looks now."),
    NOT_ENOUGH_ONE("Not enough yet: one round more would tell, as it looks now."),
    LOOK_ALIKE_SO_FAR("Not enough yet, and so far they look alike: go on to the end of the rounds that were planned."),
    ROUNDS_AT_LEAST(
            "At least {least} edges of each way, read to the same checkpoint, are needed to prove anything; it has {fewest}."),
    LASTS_LONGER("“{better}” lasts about {percent} % longer than “{worse}”: {luck} that this is luck."),
    LASTS_TIMES("“{better}” lasts about {times} times as long as “{worse}”: {luck} that this is luck."),
    STAYS_KEENER(
            "“{better}” stays keener than “{worse}”: {luck} that this is luck. How much longer it lasts cannot be told, since the one hardly dulls."),
    ONE_CHANCE_IN("one chance in {n}"),
    LESS_THAN_ONE_IN("less than one chance in {n}"),
    NINE_IN_TEN("Nine chances in ten that it lies between {low} and {high}."),
    NINE_IN_TEN_FROM("Nine chances in ten that it is more than {low}."),
    AS_LONG("{times} times as long"),
    LAST_ALIKE(
            "“{a}” and “{b}” last alike: nine chances in ten that neither lasts more than {percent} % longer than the other."),
    NOTHING_PROVEN(
            "Nothing is proven between “{a}” and “{b}”: the first lasts between {low} and {high} times as long as the second, or anything between."),
    NOTHING_PROVEN_OPEN("Nothing is proven between “{a}” and “{b}”."),
    ONE_ROUND_MORE("One round more would tell, if it goes on as it began."),
    ROUNDS_MORE("About {n} rounds more would tell, if it goes on as it began."),
    TOO_MANY_ROUNDS(
            "If there is a difference, it is small against how the readings scatter: it would take more than {n} rounds to tell."),
    LESS_EFFORT("“{better}” is brought back with less: about {few} strokes against {many}; {luck} that this is luck."),
    COMES_BACK("“{better}” comes back more surely than “{worse}”: {back} against {other}; {luck} that this is luck."),
    BACK_OF("{back} of {tried} edges"),
    EFFORT_DECIDES("Keenness does not decide between them: the effort does."),
    COMPARED_UP_TO("Compared up to {use} {unit}, the furthest that {count} edges of each way were read."),
    LEFT_OUT_NO_START("{count} left out: no fresh reading."),
    LEFT_OUT_SHORT("{count} left out: not read that far."),
    COUNTED_AS_DULL("{count} given up for being too dull, and counted as that dull to the end.");

    private final String words;

    TrialWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
