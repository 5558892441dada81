package truekeen.app.machine;

import truekeen.core.message.Wording;

/** What is said of a machine, its hours and its inspections. */
enum MachineWords implements Wording {
    THE_GROUND("The ground"),
    A_NAME("A name"),
    HOURS_AN_EDGE("hours an edge lasts"),
    WEAR_SO_FAR("wear so far"),
    WEAR_HOURS("{hours} h on clean ground"),
    TIMES_PUT_DOWN("times hours were entered"),
    OWN_INTERVALS("intervals of its own"),
    HOURS_A_DAY("{hours} h a day of the season"),
    NOT_KNOWN("not known yet"),
    FIRST_ESTIMATE("first estimate"),
    SHORTEST_AND_LONGEST("the shortest and the longest of its own"),
    HOURS_CHANGE("Hours and ground entered; each sharpening adds an interval."),
    MASS_OF_BLADE("The mass of a blade"),
    WHO_MADE_IT_SAFE("The name of who made it safe"),
    RECORDED_AGAIN("recorded again"),
    WHO_GIVES_BACK("The name of who gives it back"),
    A_REASON("A reason"),
    NO_NAME("no name given"),
    NAME_OF_MACHINE("The name of the machine"),
    WHAT_DRIVES("What drives it"),
    TURNS_A_MINUTE("Turns a minute"),
    A_MONTH("A month"),
    ON_THE_MACHINE("on the machine"),
    MADE_SAFE_BY("Made safe by {person}"),
    GIVEN_BACK_BY("Machine given back by {person}"),
    CORRECTS("corrects an earlier inspection: {why}"),
    REASONS_UNREADABLE("its reasons cannot be read"),
    REJECTED_BY("Rejected by "),
    FIT_BY("Inspected and fit, by "),
    RUN_ON("{hours} h run on {ground} ground"),
    ENTERED_BY("entered by {person}"),
    WHO_INSPECTED("The name of who inspected it"),
    PUT_DOWN_WRONGLY("What was recorded wrongly"),
    A_COUNT("A count"),
    A_MEASURE("A measure"),
    MACHINE_OF_BLADE("The machine of this blade"),
    CRACKS_FIRST("cracks, bend, wear and bore come before the edge");

    private final String words;

    MachineWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
