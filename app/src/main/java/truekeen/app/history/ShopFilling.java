package truekeen.app.history;

/**
 * A whole shop is put in at once, as the demonstration is: whoever keeps a summary may wait with it until all is there.
 *
 * @param done false as it begins, true once all is there
 */
public record ShopFilling(boolean done) {}
