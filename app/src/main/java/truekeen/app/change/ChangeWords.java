package truekeen.app.change;

import truekeen.core.message.Wording;

/** What was changed, in words. */
enum ChangeWords implements Wording {
    CAME_IN("came in"),
    DELETED("deleted"),
    BROUGHT_BACK("brought back"),
    OUT_OF_USE("taken out of use"),
    IN_USE("in use again"),
    CHANGED("{what}: {was}, now {becomes}"),
    CHOSEN("{was}, now {becomes}"),
    GONE("someone who is gone"),
    NOTHING("nothing"),
    YES("yes"),
    NO("no"),
    AS_USUAL("as usual"),
    HOUSE_RULE("rule"),
    RULE_OF_TOOL("rule of {tool}"),
    TOOL("tool"),
    ABRASIVE("abrasive"),
    HOLDER("holder"),
    WHEEL("wheel"),
    TESTER("tester"),
    NAME("name"),
    OWNER("owner"),
    KIND("kind and work"),
    WANTED_BY("wanted by"),
    HARDNESS("hardness (HRC)"),
    NOTE("note"),
    STEEL("steel");

    private final String words;

    ChangeWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
