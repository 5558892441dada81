package truekeen.core.tool;

import java.util.Optional;
import truekeen.core.quantity.Length;
import truekeen.core.table.Prior;

/**
 * What a tool brings with it, asked once when it is taken in.
 *
 * @param age whether it is new from its maker
 * @param back how its maker left the back of a new one
 * @param hardLayer thickness of the hard layer of a laminated tool; empty where it is hard all through, or not known
 * @param lock whether one that folds locks
 * @param kept where it lives between its work
 */
public record Arrival(Age age, MakersBack back, Optional<Length> hardLayer, Lock lock, Kept kept) {
    /** Nothing was asked. */
    public static final Arrival UNKNOWN =
            new Arrival(Age.UNKNOWN, MakersBack.UNKNOWN, Optional.empty(), Lock.UNKNOWN, Kept.UNKNOWN);

    private static final int BRITTLE_SHARPENINGS = Prior.TEST_SIGNS_BRITTLE_SHARPENINGS.whole();

    /** Whether it is new from its maker. */
    public enum Age {
        UNKNOWN,
        /** Its first edges come out of steel that its maker's heat left brittle. */
        NEW,
        OLD
    }

    /** How a maker left the back of a new tool. */
    public enum MakersBack {
        UNKNOWN,
        /** Lapped: a few strokes on the finest two. */
        LAPPED,
        /** With the ridges of the machine: flattened once in its life. */
        RIDGED
    }

    /** Whether a folding knife locks. */
    public enum Lock {
        UNKNOWN,
        LOCKS,
        NO_LOCK
    }

    /** Where a tool lives between its work. */
    public enum Kept {
        UNKNOWN,
        BENCH,
        CARRIED
    }

    /** What may be asked of a tool. */
    public enum Asked {
        AGE,
        BACK,
        HARD_LAYER,
        LOCK,
        KEPT
    }

    /**
     * Whether its tip may still be brittle from its making.
     *
     * @param sharpenings finished sharpenings here
     */
    public boolean mayBeBrittle(int sharpenings) {
        return age != Age.OLD && sharpenings < BRITTLE_SHARPENINGS;
    }

    /** The same where it is known to have come new. */
    public boolean brittle(int sharpenings) {
        return age == Age.NEW && mayBeBrittle(sharpenings);
    }

    /** Sharpenings still to come until the tip has settled. */
    public static int settlesIn(int sharpenings) {
        return Math.max(0, BRITTLE_SHARPENINGS - sharpenings);
    }

    /** Whether it may close on the fingers when its spine is pressed. */
    public boolean mayClose(ToolUse use) {
        return use.folds() && lock != Lock.LOCKS;
    }
}
