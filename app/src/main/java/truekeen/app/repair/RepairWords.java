package truekeen.app.repair;

import truekeen.core.message.Wording;

/** What the figures of grinding and heat are called, and what goes with them. */
enum RepairWords implements Wording {
    A_DECISION("a decision about the back"),
    SHARP_TOUCH("sharp edge, light touch"),
    BLUNT_TOUCH("ground blunt first, the same touch"),
    STEEL_TO_GO("steel to go"),
    NONE_OWNED("none owned"),
    TWO_IN_THREE("first estimate: two sessions in three fall within the range"),
    HANDS_DIFFER("first estimate: hands and wheels differ as much as the range"),
    GRIND_CHANGES("Less steel to go; a coarser abrasive; a heavier hand, within what the heat allows."),
    STEEL_OFF_BACK("steel off the back"),
    TRIAL_GRIND("A short trial grind shows how deep the pits really go."),
    SOFT_REACH("soft steel may reach so far"),
    DRAWN_FROM("{steel}, drawn from {limit} °C"),
    CONTACT_ESTIMATE("an estimate: contacts of {short} to {long} s"),
    REACH_CHANGES("How far the colour reaches, and how long the contact was."),
    AT_THE_LIMIT("When a sharp edge is at its limit, the steel {behind} mm behind it is at {celsius}{finger}"),
    FINGER_FEELS(" °C: a finger there feels it, but count all the same."),
    FINGER_CANNOT(" °C: a finger there cannot warn."),
    MORE_THAN_SECONDS("more than {most} s"),
    SECONDS_OR_MORE("{least} s or more"),
    CONTACT_OF_SHARP("contact of a sharp edge, at the faster removal"),
    KEPT_BELOW("kept below"),
    LIGHT_REMOVAL("light removal"),
    HEAT_ESTIMATE("Evidence: first estimate, from workshop priors of how much heat goes into the steel"),
    HEAT_CHANGES("A blunter edge, a lighter hand, a cooler wheel, thicker steel."),
    TO_BE_GROUND("here {volume} mm³ are to be ground."),
    NOTHING_GROUND("here nothing is to be ground."),
    STONES_ONLY("The house works on stones only; {here}"),
    GRIND_FIRST("The house grinds first, then stones; {here}"),
    MACHINE_ABOVE("Above {above} mm³ the house takes a machine; {here}"),
    HANDS_DO_IT(" Hands do it soon enough: no machine is set up for it."),
    WHAT_WAS_SEEN("What was seen"),
    COUNT_OF_PASSES("A count of passes"),
    SETTING_ON("On the {machine}: {setting} {value}{unit}. {where} Ink it before the wheel turns.");

    private final String words;

    RepairWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
