package truekeen.core.fault;

import java.util.List;
import java.util.Optional;
import truekeen.core.keenness.Verdict;
import truekeen.core.tool.ToolUse;

/** What a test says of an edge. */
public enum EdgeState {
    /** It cuts: something that was cut or read says so, and nothing speaks against it. */
    KEEN,
    /** Something is wrong. */
    NOT_YET,
    /** Nothing is wrong, and nothing that was tested says that it cuts. */
    NOT_TESTED;

    /**
     * What a test comes to.
     *
     * @param force the judgement of readings, where there are any
     * @param seen what the tests without an instrument gave
     */
    public static EdgeState of(ToolUse use, Optional<Verdict> force, List<Observation> seen) {
        boolean wrong = force.filter(v -> !v.keen()).isPresent()
                || seen.stream().anyMatch(o -> o.sign().says() == Sign.Says.BAD);
        if (wrong) {
            return NOT_YET;
        }
        boolean proven = force.isPresent() || !proofs(use, seen).isEmpty();
        return proven ? KEEN : NOT_TESTED;
    }

    /**
     * Whether an edge that is not right yet cuts all the same: something that was cut or read says so, and what is wrong is
     * not that it is dull. It wedges, say, or cuts deeper at one corner.
     *
     * @param force the judgement of readings, where there are any
     * @param seen what the tests without an instrument gave
     */
    public static boolean cuts(ToolUse use, Optional<Verdict> force, List<Observation> seen) {
        boolean proven = force.isPresent() || !proofs(use, seen).isEmpty();
        boolean dull = force.filter(v -> !v.keen()).isPresent()
                || seen.stream()
                        .anyMatch(o -> o.sign().says() == Sign.Says.BAD
                                && o.sign().group().tellsDull());
        return proven && !dull;
    }

    /** Of what was seen that which says that the tool does its work: what a judgement of keen rests on. */
    public static List<Observation> proofs(ToolUse use, List<Observation> seen) {
        return seen.stream()
                .filter(o ->
                        o.sign().says() == Sign.Says.GOOD && proves(o.sign().group(), use))
                .toList();
    }

    /** Whether the signs of a group say that such a tool does its work: a cut, a fit in the slot, a test of its own. */
    public static boolean proves(Sign.Group group, ToolUse use) {
        if (use.geometry().powered()) {
            // No keenness is wanted of a machine's blade: each of its own tests speaks for it.
            return true;
        }
        return use.hasApex() ? group.cuts() : group == Sign.Group.FIT;
    }
}
