package truekeen.core.care;

import truekeen.core.message.Wording;

/** The words of making stones ready. Workshop priors where they advise. */
enum CareWords implements Wording {
    A_HOLLOW("A hollow"),
    A_LENGTH("A length"),
    CLOTH_AT_HAND("Have a degreased cloth at hand: the tool comes off oil and goes onto water."),
    WHY_CLOTH("Oil on a water stone floats the grain and stays in it."),
    WET("Splash the {stone} with {lubricant}."),
    WHY_WET("Without it swarf glazes the surface."),
    SOAK("Put the {stone} into the water: {minutes} min."),
    WHY_SOAK("It drinks the water off its face until it is full. Take it out afterwards, and keep it from frost."),
    WORN_SINCE("{strokes} strokes since, {more} to come; {interval} are its measure."),
    WHY_LAP("A hollow stone rounds what lies across it and changes the angle along it."),
    LAP("Pencil a grid on the {stone}, lap it on the {plate} until the grid is gone, take its corners off, rinse."),
    LAP_ROUGH(
            "So coarse a plate leaves it rougher than its own grain: rub it smooth on a worn stone or with its own slurry, or the first strokes scratch."),
    LAP_NOTHING("Flatten the {stone}: no plate on this shelf may touch it."),
    DRESS_NOTHING("Dress the {stone}: nothing on this shelf may do it."),
    DRESS("Dress the {stone} with the {with} until it drinks and bites; rinse the grit off."),
    WHY_DRESS("Glazed, it rubs instead of cutting."),
    LAY_OUT("Lay them out coarse to fine: {stones}. Rinse the tool, what holds it, and hands at every change."),
    WHY_LAY_OUT("One coarse grain spoils the finer stone, and the edge on it.");

    private final String words;

    CareWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
