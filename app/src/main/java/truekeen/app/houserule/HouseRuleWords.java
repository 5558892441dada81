package truekeen.app.houserule;

import truekeen.core.message.Wording;

/** What the parts of a house rule are called. */
enum HouseRuleWords implements Wording {
    A_HOUSE_RULE("A house rule");

    private final String words;

    HouseRuleWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
