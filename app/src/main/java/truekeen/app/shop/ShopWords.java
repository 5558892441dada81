package truekeen.app.shop;

import truekeen.core.message.Wording;

/** What the parts of a shop are called. */
enum ShopWords implements Wording {
    A_NAME("A name"),
    OWNER("owner"),
    PERSON("person");

    private final String words;

    ShopWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
