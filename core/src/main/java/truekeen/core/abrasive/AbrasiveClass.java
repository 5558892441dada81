package truekeen.core.abrasive;

/** What the grain is, as far as the steel cares. */
public enum AbrasiveClass {
    /** Aluminium oxide, silicon carbide, chromium oxide and natural grains. */
    OXIDE,
    /** Diamond and boron nitride. */
    SUPER,
    /** No cutting grain. */
    NONE
}
