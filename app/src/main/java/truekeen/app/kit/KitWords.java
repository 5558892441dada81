package truekeen.app.kit;

import truekeen.core.message.Wording;

/** What the kit says of its pieces, and what their measures are called. */
enum KitWords implements Wording {
    HELD_BY("by the {holder} on it"),
    IN_THE_WATER("in the water"),
    COMPOUND_DRYING("compound drying"),
    ROW_OF_STANDARD("{size}, a row of the standard"),
    BETWEEN_ROWS("{size}, between two rows of the standard"),
    BEYOND_STANDARD("{size}, carried on beyond the standard: enter the maker's figure"),
    AS_STATED("{size}, as stated"),
    OUT_OF_USE("out of use"),
    NICKED("nicked: it would nick the edge; dress it out or put it away"),
    A_ROLLER_GUIDE("roller guide"),
    GUIDE_AS_USUAL(
            "Its dimensions are usual ones, not measured: what it is set to may be off by some degrees until one angle is measured."),
    TAUGHT_BY("Taught by one angle: at {sets} {setting} it gave {angle}."),
    GUIDES("roller guides"),
    MAY_BE_FROZEN("may have frozen wet: do not use"),
    WORN_OUT("worn out: replace"),
    DEGREASE("degrease before water"),
    FLATTEN_ON("flatten on the {plate}"),
    FLATTEN_FIRST("flatten before use"),
    NOTHING_LAPS("not flat, and nothing here laps it"),
    DRESS_WITH("dress with the {dresser}"),
    GLAZED("glazed: dress it"),
    ENTER_MICROMETRES("enter the maker's micrometres"),
    RENEW_SOON("renew soon"),
    CONDITION_SOON("condition and flatten soon"),
    FLATTEN_SOON("flatten soon"),
    STROKES_SINCE("{act}: {strokes} strokes since"),
    COMPOUND_DRIES("compound dries {time}"),
    SOAK_FIRST("soak {time} before use"),
    SOAKING("in the water, {time} to go"),
    NEARLY_WORN("nearly worn: {worn} %"),
    A_PROJECTION("A projection"),
    AN_ANGLE("An angle"),
    ROLLER_RADIUS("A roller radius"),
    A_THICKNESS("A thickness"),
    ONE_PAIR(
            "One pair moves the setback only; the axle's depth stays as it is written down. Two pairs more than {apart} apart tell both."),
    READ_A_PAIR(
            "Set a projection, read the angle it gives with the gauge zeroed on the stone, and write both down; then another at least {apart} away."),
    ANGLES_TOO_CLOSE(
            "All angles lie within {spread}: away from there it is guesswork. Measure one at least {apart} off."),
    PAIRS_TOO_ALIKE("These pairs hardly tell the two dimensions apart. Measure at angles farther from each other."),
    PAIR_OFF("One pair is off by {most}°: measure it again."),
    KNOWN_TO(
            "With readings good to {length} and {angle} an angle set by it is known to {worst}° here; its dimensions only to half a millimetre or so."),
    A_NAME("A name"),
    A_KIND("A kind"),
    A_SHAPE("A shape"),
    GRIT_NAME("A grit name"),
    GRIT_STANDARD("A grit standard"),
    COUNT_OF_STROKES("A count of strokes"),
    A_LENGTH("A length"),
    FINEST_GRAIN("The finest grain"),
    MORE_THAN_NOTHING("more than 0"),
    A_GRAIN("A grain"),
    HOLDER_MEASURED("the {holder} was measured anew"),
    A_NOTE("A note"),
    STOP_BLOCKS("The stop blocks"),
    A_WHEEL("A wheel"),
    WHEEL_OF_THIS_KIT("a wheel of this kit"),
    HOLDER_CALIBRATED("the {holder} was calibrated"),
    MEASURED_ANEW("measured anew"),
    A_DIAMETER("A diameter"),
    TURNS_A_MINUTE("Turns a minute"),
    MARKED_SPEED("A marked speed"),
    SIDE_OF("{piece}, {grit} side"),
    PUT_ON_SHELF("{piece}: put on the shelf"),
    CHANGED("{piece}: changed"),
    REFERENCE_READING("A reference reading"),
    YES_OR_NO("{column} is yes or no"),
    STROKES_A_NUMBER("strokes_since_lapped is a number"),
    STOP_BLOCKS_MANY("stop blocks");

    private final String words;

    KitWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
