package truekeen.app.rehearsal;

import truekeen.core.message.Wording;

/** What a rehearsal comes to, in words. */
enum RehearsalWords implements Wording {
    KEEN("Comes out keen: {mean} on average, {worst} at its worst; {target} is wanted."),
    BURR_LEFT("Keen, but a burr of {burr} µm hangs on: the first cut takes it for the edge."),
    UNEVEN("Uneven: {mean} on average, but {worst} at {place} mm; no place may be a quarter above the mean."),
    DULL("Not keen: {mean} on average where {target} is wanted; worst at {place} mm."),
    HAND("The angle is held to ±{held}° on the stones, ±{free}° at burr and strop: workshop priors."),
    STEEPER("Steeper"),
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
