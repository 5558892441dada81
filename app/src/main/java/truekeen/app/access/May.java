package truekeen.app.access;

/** What a device may do once it is signed in. */
enum May {
    /** Everything, as at the machine itself. */
    OWNER,
    /** The work: survey, plan, bench, test, log. */
    HAND;

    String authority() {
        return "ROLE_" + name();
    }
}
