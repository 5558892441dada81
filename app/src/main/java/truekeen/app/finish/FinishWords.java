package truekeen.app.finish;

import truekeen.core.message.Wording;

/** What is put down when a tool is put away. */
enum FinishWords implements Wording {
    CAP_IRON("The cap iron"),
    A_TORQUE("A torque"),
    NOTHING_TICKED("nothing was ticked off"),
    CAP_IRON_AT("cap iron {distance} mm behind the edge"),
    BOLT_AT("bolt at {torque} by the manual"),
    BACK_TO_WORK("Back to work; to be looked at again on {day}");

    private final String words;

    FinishWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
