package truekeen.app.rehearsal;

import truekeen.core.message.Wording;

/** What a rehearsal comes to, in words. */
enum RehearsalWords implements Wording {
    KEEN("Comes out keen: index {mean} on average, {worst} at its worst; {target} is wanted."),
    BURR_LEFT("Keen, but a burr of {burr} µm hangs on: the first cut takes it for the edge."),
    UNEVEN(
            "Uneven: index {mean} on average, but {worst} at {place} % of the edge; no place may be {over} % above the mean."),
    DULL("Not keen: index {mean} on average where {target} is wanted; worst at {place} % of the edge."),
    TRIES("Of {tries} hands as steady, {keen} end keen; their index comes out between {low} and {high}."),
    TRY_BURR(
            "Try a few more light strokes on the strop, or a finer last stone, so that the burr is thin enough to tear."),
    TRY_UNEVEN("Try a few more strokes on the first stone, until the burr is there from end to end."),
    TRY_DULL("Try a finer last stone, or more strokes on the first, until light is gone from the edge."),
    GATE_HELD("The gate held at “{step}”: {more} strokes more a side."),
    GATE_OPEN("The gate still said no at “{step}” after {more} strokes more a side."),
    HAND("The angle is held to ±{held}° on the stones, ±{free}° at burr and strop: workshop priors."),
    STEEPER("Steeper"),
    PRESSING("Pressing"),
    STROPPING("Stropping"),
    SHAKIER("A shakier hand");

    private final String words;

    RehearsalWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
