package truekeen.core.setup;

import truekeen.core.message.Wording;

/** What the measures of a setting are called. */
enum SetupWords implements Wording {
    AXLE_BELOW_BACK("The distance of the axle below the back"),
    ROLLER_RADIUS("The roller's radius"),
    CLEAN_BAND("The width of the clean band"),
    CAMBER("The camber"),
    SHAVING("The shaving"),
    WHEEL_RADIUS("The wheel's radius"),
    BLADE_WIDTH("The blade's width"),
    OBJECT_THICKNESS("The thickness of the object"),
    JIG_REACH("The reach of the jig"),
    BAR_RADIUS("The bar's radius"),
    GAP("The gap");

    private final String words;

    SetupWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
