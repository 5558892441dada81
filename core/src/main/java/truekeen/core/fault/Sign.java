package truekeen.core.fault;

import java.util.Arrays;
import java.util.Optional;

/**
 * Something that was seen, felt, measured or done, which speaks for or against a fault. Those of the groups up to
 * {@link Group#BALANCE} are put down by people; the others follow from readings, from the place and from the session.
 */
public enum Sign {
    BURR_WHOLE(Group.BURR, Says.GOOD, false, "burr along the whole edge"),
    BURR_PART(Group.BURR, Says.BAD, true, "no burr"),
    BURR_NONE(Group.BURR, Says.BAD, false, "no burr anywhere"),
    BURR_THICK(Group.BURR, Says.BAD, true, "burr thick"),
    BURR_GROWING(Group.BURR, Says.BAD, false, "burr growing fast"),
    SCRATCHES_EVEN(Group.SCRATCH, Says.GOOD, false, "one even scratch pattern"),
    OLD_SCRATCHES(Group.SCRATCH, Says.BAD, true, "scratches of the last stone left"),
    HAZY(Group.SCRATCH, Says.BAD, true, "hazy patches"),
    PATCHY(Group.SCRATCH, Says.BAD, true, "patchy in spite of good work"),
    INK_EVEN(Group.INK, Says.GOOD, false, "ink gone evenly"),
    INK_HEEL(Group.INK, Says.BAD, false, "ink gone only at the heel of the bevel"),
    INK_EDGE(Group.INK, Says.BAD, false, "ink gone only at the edge"),
    INK_END(Group.INK, Says.BAD, true, "ink left standing"),
    NO_LIGHT(Group.LIGHT, Says.GOOD, false, "no light along the edge"),
    BRIGHT(Group.LIGHT, Says.BAD, true, "bright line or dots"),
    STEADY(Group.HOLD, Says.GOOD, false, "the bevel lies steady"),
    WOBBLE(Group.HOLD, Says.BAD, false, "the bevel wobbles on the stone"),
    NAIL_SMOOTH(Group.NAIL, Says.GOOD, false, "the nail slides off both faces"),
    NAIL_CATCHES(Group.NAIL, Says.BAD, true, "the nail catches"),
    NAIL_ONE_SIDE(Group.NAIL, Says.BAD, true, "the nail catches from one side only"),
    CLOTH_FREE(Group.CLOTH, Says.GOOD, false, "a cloth comes off clean"),
    CLOTH_CAUGHT(Group.CLOTH, Says.BAD, true, "cloth or fibre is caught"),
    SQUARE_TRUE(Group.SQUARE, Says.GOOD, false, "the end is square"),
    SQUARE_OFF(Group.SQUARE, Says.BAD, false, "the end is out of square"),
    PAPER_CLEAN(Group.PAPER, Says.GOOD, false, "cuts printer paper from end to end"),
    PAPER_SNAGS(Group.PAPER, Says.BAD, true, "snags in printer paper"),
    PAPER_NOT_CUT(Group.PAPER, Says.BAD, true, "does not cut printer paper"),
    THIN_CLEAN(Group.THIN_PAPER, Says.GOOD, false, "cuts thin paper from end to end"),
    THIN_SNAGS(Group.THIN_PAPER, Says.BAD, true, "snags in thin paper"),
    GRAIN_CLEAN(Group.GRAIN, Says.GOOD, false, "end grain shines"),
    GRAIN_CRUSHED(Group.GRAIN, Says.BAD, true, "end grain crushed and pale"),
    SHAVING_EVEN(Group.SHAVING, Says.GOOD, false, "an even full-width shaving"),
    SHAVING_ROUGH(Group.SHAVING, Says.GOOD, false, "thick shavings come off whole"),
    SHAVING_ONE_SIDE(Group.SHAVING, Says.BAD, false, "one corner cuts deeper"),
    SHAVING_LINES(Group.SHAVING, Says.BAD, true, "lines left in the planed surface"),
    SHAVING_STOPS(Group.SHAVING, Says.BAD, false, "stops cutting on a wide board"),
    SHAVING_NONE(Group.SHAVING, Says.BAD, false, "hardly cuts though it is keen"),
    HAIR_SHAVES(Group.HAIR, Says.GOOD, false, "takes hair off the arm"),
    HAIR_NOT(Group.HAIR, Says.BAD, false, "takes no hair off the arm"),
    HANGING_CUTS(Group.HANGING_HAIR, Says.GOOD, false, "parts a hanging hair"),
    HANGING_NOT(Group.HANGING_HAIR, Says.BAD, false, "does not part a hanging hair"),
    TISSUE_CLEAN(Group.TISSUE, Says.GOOD, false, "parts tissue from end to end"),
    TISSUE_TORN(Group.TISSUE, Says.BAD, true, "tears tissue"),
    HOLDS_UP(Group.USE, Says.GOOD, false, "holds up in first use"),
    SOON_DULL(Group.USE, Says.BAD, false, "keen, then dull after the first cuts"),
    HARD_TO_PUSH(Group.USE, Says.BAD, false, "sharp but hard to push"),
    CRUMBLES(Group.USE, Says.BAD, false, "the edge crumbles early"),
    POLISHED(Group.LOOK, Says.NOTED, false, "bright right to the edge"),
    COLOUR(Group.COLOUR, Says.NOTED, false, "straw to blue at the edge"),
    COLOUR_FREE(Group.COLOUR, Says.GOOD, false, "no colour at the edge"),
    REFERENCE_CLEAN(Group.REFERENCE, Says.GOOD, false, "the reference face is clean"),
    REFERENCE_DIRTY(Group.REFERENCE, Says.NOTED, false, "rust or dirt on the reference face"),
    THIN_ENOUGH(Group.THICKNESS, Says.GOOD, false, "thin enough behind the edge"),
    THICK_BEHIND(Group.THICKNESS, Says.NOTED, false, "thicker behind the edge than this work wants"),
    FIT_FULL(Group.FIT, Says.GOOD, false, "fills the slot"),
    FIT_ROCKS(Group.FIT, Says.BAD, false, "rocks in the slot"),
    TEETH_EVEN(Group.TEETH, Says.GOOD, false, "every tooth is done, all alike"),
    TOOTH_MISSED(Group.TEETH, Says.BAD, true, "a tooth was left out"),
    TWIG_CLEAN(Group.TWIG, Says.GOOD, false, "cuts a twig clean"),
    TWIG_CHEWED(Group.TWIG, Says.BAD, true, "chews a twig"),
    GAP_EVEN(Group.GAP, Says.GOOD, false, "the gap is even and close"),
    GAP_WIDE(Group.GAP, Says.BAD, false, "the blades stand apart"),
    LAND_EVEN(Group.LAND, Says.GOOD, false, "an even land"),
    LAND_UNEVEN(Group.LAND, Says.BAD, true, "the land is uneven or broken"),
    BAR_LEVEL(Group.BALANCE, Says.GOOD, false, "it stays level"),
    BAR_DIPS(Group.BALANCE, Says.BAD, false, "one side dips"),

    FORCE_KEEN(Group.FORCE, Says.GOOD, false, "force within what is wanted"),
    FORCE_HIGH_HERE(Group.FORCE, Says.BAD, true, "force a quarter above the mean"),
    FORCE_HIGH_ALL(Group.FORCE, Says.BAD, false, "even, but more force than is wanted"),
    LOCAL(Group.PLACE, Says.NOTED, false, "in one place only"),
    ALL_ALONG(Group.PLACE, Says.NOTED, false, "all along the edge"),
    AT_TIP(Group.PLACE, Says.NOTED, false, "at the tip"),
    AT_BELLY(Group.PLACE, Says.NOTED, false, "in the belly"),
    ANGLE_MISSED(Group.GAUGE, Says.BAD, false, "the gauge read another angle than was set"),
    HOT(Group.HEAT, Says.BAD, false, "read hotter than this steel's temper bears"),
    DEBURR_SKIPPED(Group.SKIPPED_DEBURR, Says.NOTED, false, "the step that takes the burr off was skipped"),
    GATE_SKIPPED(Group.SKIPPED_GATE, Says.NOTED, false, "the stone that raises the burr was skipped"),
    STONE_SKIPPED(Group.SKIPPED_STONE, Says.NOTED, false, "a stone in between was skipped"),
    DEBURR_UNCOUNTED(Group.SKIPPED_DEBURR, Says.NOTED, false, "no stroke was counted where the burr was to come off"),
    GATE_UNCOUNTED(
            Group.SKIPPED_GATE, Says.NOTED, false, "hardly a stroke was counted on the stone that raises the burr"),
    STONE_UNCOUNTED(Group.SKIPPED_STONE, Says.NOTED, false, "hardly a stroke was counted on a stone in between"),
    STROPPED_MUCH(Group.STROPPING, Says.NOTED, false, "stropped over twice as much as planned"),
    ANGLE_LOW(Group.ANGLE, Says.NOTED, false, "the last bevel lies below what this steel bears"),
    ANGLE_HIGH(Group.ANGLE, Says.NOTED, false, "the last bevel lies well above what is usual"),
    ANGLE_USUAL(Group.ANGLE, Says.NOTED, false, "the last bevel is no steeper than is usual"),
    ANGLE_AMPLE(Group.FLOOR, Says.NOTED, false, "the last bevel lies well above the least that this steel bears"),
    FACE_SOON(Group.FACE, Says.NOTED, false, "the broad face is due by the sharpenings since it was worked"),
    FACE_FRESH(Group.FACE, Says.NOTED, false, "the broad face was worked with this sharpening"),
    CHIP_KNOWN_LEFT(Group.SURVEY, Says.NOTED, true, "a chip that the survey found was left"),
    CHIP_WAS_THERE(Group.SURVEY, Says.NOTED, true, "the survey found a chip that was to go"),
    SIDE_LAGGED(Group.LAG, Says.NOTED, false, "one side had hardly a third of the strokes of the other"),
    STATION_LAGGED(Group.LAG, Says.NOTED, true, "a station had hardly a third of its strokes"),
    FEW_SHARPENINGS(Group.AGE, Says.NOTED, false, "one of its first ten sharpenings"),
    NEW_FROM_MAKER(Group.AGE, Says.NOTED, false, "new from its maker, one of its first ten sharpenings");

    /** What a sign is about. Of one group only the strongest speaks, since its signs are not independent. */
    public enum Group {
        BURR,
        SCRATCH,
        INK,
        LIGHT,
        HOLD,
        NAIL,
        CLOTH,
        SQUARE,
        PAPER,
        THIN_PAPER,
        GRAIN,
        SHAVING,
        HAIR,
        HANGING_HAIR,
        TISSUE,
        USE,
        LOOK,
        COLOUR,
        REFERENCE,
        THICKNESS,
        FIT,
        TEETH,
        TWIG,
        GAP,
        LAND,
        BALANCE,
        FORCE,
        PLACE,
        GAUGE,
        HEAT,
        SKIPPED_DEBURR,
        SKIPPED_GATE,
        SKIPPED_STONE,
        STROPPING,
        ANGLE,
        FLOOR,
        FACE,
        SURVEY,
        LAG,
        AGE;

        /** Whether people put its signs down. */
        public boolean observed() {
            return compareTo(BALANCE) <= 0;
        }

        /** Whether its signs come of a cut, or of the edge itself: square, clean and even do not make an edge keen. */
        boolean cuts() {
            return switch (this) {
                case FORCE, NAIL, PAPER, THIN_PAPER, GRAIN, SHAVING, HAIR, HANGING_HAIR, TISSUE, USE -> true;
                default -> false;
            };
        }

        /** Whether a bad sign of it says that the edge is dull or has a burr, rather than that something else is wrong. */
        boolean tellsDull() {
            return switch (this) {
                case LIGHT, NAIL, CLOTH, PAPER, THIN_PAPER, GRAIN, HAIR, HANGING_HAIR, TISSUE, FORCE -> true;
                default -> false;
            };
        }

        /** The sign that says that all is well, where there is one. */
        public Optional<Sign> good() {
            return Arrays.stream(Sign.values())
                    .filter(s -> s.group == this && s.says == Says.GOOD)
                    .findFirst();
        }
    }

    /** Whether a sign says that all is well, that something is wrong, or neither by itself. */
    public enum Says {
        GOOD,
        BAD,
        NOTED
    }

    private final Group group;
    private final Says says;
    private final boolean placed;
    private final String words;

    Sign(Group group, Says says, boolean placed, String words) {
        this.group = group;
        this.says = says;
        this.placed = placed;
        this.words = words;
    }

    /** What it is about. */
    public Group group() {
        return group;
    }

    /** What it says by itself. */
    public Says says() {
        return says;
    }

    /** Whether it has a place along the edge. */
    public boolean placed() {
        return placed;
    }

    /** It in words. */
    public String words() {
        return words;
    }

    /** Whether people put it down. */
    public boolean observed() {
        return group.observed();
    }
}
