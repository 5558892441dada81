package truekeen.core.angle;

import truekeen.core.message.Wording;

/** Why an angle was chosen, or what speaks against it. */
enum AngleWords implements Wording {
    BELOW_THE_FLOOR(
            "At {last} the edge stays below what this steel is known to hold, {floor}: it may crumble. Go on only knowingly."),
    HARDER_THAN_USUAL(
            "At {hrc} HRC it is harder than its class usually is ({usual}) and chips sooner: its lowest sound bevel is taken {more} higher."),
    SOFTER_THAN_USUAL(
            "At {hrc} HRC it is softer than its class usually is ({usual}) and rolls sooner: its lowest sound bevel is taken {more} higher."),
    PRIMARY_KEPT(
            "The present primary of {present} lies within {range} for this work, so it is kept: no steel goes for it."),
    PRIMARY_LEFT("The present {present} is hardly outside the range of this work, {range}: leave it."),
    PRIMARY_NEARLY(
            "The present {present} lies a little outside the range of this work, {range}: it is kept. Grinding it anew is for when the edge is ground anyway."),
    PRIMARY_STEEPENED(
            "The present {present} is flatter than the range of this work, {range}: the secondary steepens the edge, nothing is ground."),
    CURVE_KEPT("The whole curve is worked and kept: no flat facet is laid on it."),
    PRIMARY_REGROUND(
            "The present primary of {present} lies outside {range} for this work, so it is reground to the usual {usual}."),
    PRIMARY_USUAL("The usual primary for this work is {usual}."),
    ONE_FLAT_BEVEL("House rule: one flat bevel, no secondary. The whole face is honed each time."),
    HOLLOW_GROUND("House rule: hollow ground, honed on heel and edge at the chord, no secondary."),
    SECONDARY_BOUNDED("House rule: the secondary adds {adds}, here no more than {most}."),
    SECONDARY_BY_HOUSE("House rule: the secondary adds {adds}."),
    SECONDARY_USUAL("The secondary adds its usual {usual}: only a sliver is honed."),
    HISTORY_HAS_IT("Its history ({evidence}) asks for a last bevel of {wants}, which it has."),
    HISTORY_ASKS("Its history ({evidence}) asks for a last bevel of {wants}."),
    HISTORY_MOST(
            "Its history ({evidence}) asks for a last bevel of {wants}; {last} is the most this work allows, and that bound is reached."),
    HISTORY_LEAST(
            "Its history ({evidence}) asks for a last bevel of {wants}; {last} is the least that work and steel allow, and that bound is reached."),
    FLOOR_AT_THE_NEXT_GRIND("One bevel is all it has: give it {floor} when it is next ground, not for this alone."),
    STEP_RAISED_TO_FLOOR("The steel ({steel}) holds no last bevel under {floor}, so the step is raised to {step}."),
    PRIMARY_RAISED_TOO("The step may not grow further, so the primary is raised to {raised}."),
    PRIMARY_RAISED_TO_FLOOR(
            "The steel ({steel}) holds no last bevel under {floor}, so the primary is raised to {raised}."),
    SETTING_REPEATED(
            "Its last bevel of {presentLast} lies in the range of this work: it is kept as it is, instead of {last}. The same setting every time matters more than a degree."),
    NO_HISTORY("no history of this tool yet"),
    STAYED_WHOLE("stayed whole");

    private final String words;

    AngleWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
