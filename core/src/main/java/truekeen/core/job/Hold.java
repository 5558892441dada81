package truekeen.core.job;

/** What keeps a face at its angle while it is worked. */
public enum Hold {
    /** The face lies on the stone by itself. */
    FACE,
    /** A thin rule on the stone, with the tool laid over it. */
    RULE,
    /** What holds the tool, set for the angle of the job. */
    SETTING,
    /** The hand, lower than the edge by so much. */
    HAND_LOWER,
    /** The stone is moved over the tool in circles, following the curve. */
    STONE_IN_CIRCLES
}
