package truekeen.core.section;

/** What a side of the section is. */
public enum Facet {
    BACK,
    /** A bevel on the far side of the edge. */
    BACK_BEVEL,
    SECONDARY,
    PRIMARY,
    /** A bevel of a former angle, behind the one that replaces it. */
    FORMER,
    /** The upper face of the blade, behind the heel. */
    FACE,
    /** Where a section was taken apart to be put together again. */
    JOIN,
    /** Where the drawing of the blade stops. */
    END,
    /** A land, a chip or any other blunt place. */
    BLUNT
}
