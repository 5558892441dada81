package truekeen.app.board;

import truekeen.core.message.Wording;

/** What a person knows of a tool, by section of its file: several of it, and one. */
enum BelongingWords implements Wording {
    SURVEYS("surveys", "surveys", "survey"),
    SETUPS("setups", "set-ups", "set-up"),
    PLANS("plans", "plans", "plan"),
    SESSIONS("sessions", "sessions at the bench", "session at the bench"),
    TESTS("tests", "tests", "test"),
    NOTES("notes", "notes", "note"),
    PHOTOS("photographs", "photographs", "photograph"),
    OUTLINES("traces", "outlines", "outline"),
    BALANCES("balance", "balances", "balance"),
    INSPECTIONS("inspected", "inspections", "inspection"),
    TICKETS("tickets", "tickets", "ticket");

    private final String section;
    private final String several;
    private final String one;

    BelongingWords(String section, String several, String one) {
        this.section = section;
        this.several = several;
        this.one = one;
    }

    /** Its section in the tool's file. */
    String section() {
        return section;
    }

    @Override
    public String words() {
        return several;
    }

    /** So many of it, in words. */
    String counted(int count) {
        return count + " " + (count == 1 ? one : several);
    }
}
