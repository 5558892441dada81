package truekeen.core.holding;

/**
 * What holds a tool on a stone, as far as the steps of the bench speak of it.
 *
 * @param name what the shop calls it
 * @param kind what it is
 * @param primary whether it holds the primary too; what cannot be set holds the last bevel only
 * @param cam whether a cam turns it from the primary to the last bevel, the blade left clamped
 */
public record StoneHolder(String name, HolderKind kind, boolean primary, boolean cam) {
    /** Something that holds every bevel, each set by itself. */
    public static StoneHolder of(String name, HolderKind kind) {
        return new StoneHolder(name, kind, true, false);
    }
}
