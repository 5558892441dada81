package truekeen.core.condition;

/** How much work an edge wants, from the least to giving it up. */
public enum Scope {
    STROP_ONLY,
    FINE_STONE_ONLY,
    FULL_HONING,
    REGRIND,
    REPAIR,
    RETIRE
}
