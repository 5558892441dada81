package truekeen.app.history;

/** The whole shop was replaced by a backup: whoever keeps a summary works out what is missing of it. */
public record ShopReplaced() {}
