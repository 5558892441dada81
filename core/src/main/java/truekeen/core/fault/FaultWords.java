package truekeen.core.fault;

import truekeen.core.message.Wording;

/** What a diagnosis comes to. */
enum FaultWords implements Wording {
    PLACE("{from} to {to} mm"),
    AT_THE_BENCH("at the bench: "),
    FITS_NO_FAULT("Cannot tell yet: what was seen fits no one fault. Make the next test of the ladder."),
    NO_FAULT("Nothing speaks of a fault."),
    EITHER("Cannot tell yet: {title} or {title2}."),
    POSSIBLE("Cannot tell yet: {title} is possible."),
    RATHER_THAN("{title}: “{sign}” would mean {likelier} rather than {other}.");

    private final String words;

    FaultWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
