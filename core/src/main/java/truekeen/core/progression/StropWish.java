package truekeen.core.progression;

/**
 * What a person wants of the strop.
 *
 * @param id of the strop to use; empty for none at all
 */
public record StropWish(String id) {
    /** Finished off the stone. */
    public static final StropWish NONE = new StropWish("");

    /** Whether it is to end off the stone. */
    public boolean none() {
        return id.isEmpty();
    }
}
