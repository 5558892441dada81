package truekeen.app.tool;

import truekeen.core.message.Wording;

/** What the parts of a tool are called, and what became of it. */
enum ToolWords implements Wording {
    A_NAME("A name for the tool"),
    A_HARD_LAYER("A hard layer"),
    WHAT_IT_BRINGS("What it brings"),
    CAME_NEW("new from its maker"),
    CAME_OLD("not new when it came"),
    BACK_LAPPED("back lapped by its maker"),
    BACK_RIDGED("back with the ridges of the machine"),
    HARD_LAYER_OF("hard layer {layer}"),
    LOCKS("locks"),
    NO_LOCK("folds, no lock"),
    KEPT_AT_BENCH("kept at the bench"),
    CARRIED("carried"),
    A_NOTE("A note"),
    KIND_AND_WORK("The kind of tool and its work"),
    CLASS_OF_STEEL("The class of steel"),
    A_HARDNESS("A hardness"),
    FROM_BEVEL_LENGTH("{angle} from the bevel's length"),
    BEVEL_LENGTH_GIVES(
            "The bevel's length gives {angle}; {misread} mm misread is {degrees}°. On a hollow bevel this is the chord."),
    BROAD_FACE("broad face"),
    A_SIDE("a side"),
    LAST_BEVEL("last bevel"),
    TAKEN_IN("Taken in ({owner})"),
    LEFT_OF_LENGTH("{left} of steel to the end of the usable length"),
    WENT_BY_MARKS(" went, by the marks."),
    WENT_AS_PLANNED(" went, as planned; measure now and then."),
    THE_OWNER("The owner"),
    CREWS("the crews of this shop");

    private final String words;

    ToolWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
