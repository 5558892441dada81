package truekeen.core.ink;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import truekeen.core.ink.InkAnswer.Finding;
import truekeen.core.ink.InkPattern.Part;
import truekeen.core.ink.InkPattern.Zone;
import truekeen.core.table.Prior;

/**
 * Reads an ink check. What bare steel means depends on the intent: matching, the heel bare is too low and the edge bare
 * too steep; lowering, the heel is to go first; steepening, the edge is. Source: derived here.
 *
 * @param intent what the strokes were to do
 * @param pattern where the ink is gone
 * @param knife whether the ends of the edge are heel and tip rather than corners
 * @param form how the inked bevel runs
 * @param amounts what an amount is computed from, where known
 */
public record InkCheck(Intent intent, InkPattern pattern, boolean knife, Form form, Optional<InkAmount> amounts) {
    /** A band wider than planned by more than this share has been honed too far. Source: workshop prior. */
    private static final double TOO_WIDE = Prior.INK_CHECK_TOO_WIDE.value();

    /** What the strokes were to do. */
    public enum Intent {
        MATCH("to match the bevel there is"),
        LOWER("to lower the angle, or thin"),
        STEEPEN("to steepen, or add a secondary");

        private final String words;

        Intent(String words) {
            this.words = words;
        }

        /** It in words. */
        public String words() {
            return words;
        }
    }

    /** How a bevel runs from heel to edge. */
    public enum Form {
        FLAT,
        HOLLOW,
        CONVEX
    }

    /** The answer. */
    public InkAnswer read() {
        if (pattern.gone().isEmpty()) {
            return plain(Finding.NOTHING, "No ink is gone yet: take three more strokes and look again.");
        }
        Optional<InkAnswer> twisted = twisted();
        if (twisted.isPresent()) {
            return twisted.get();
        }
        Set<Zone> zones = pattern.zones();
        boolean heel = zones.contains(Zone.HEEL);
        boolean middle = zones.contains(Zone.MIDDLE);
        boolean edge = zones.contains(Zone.EDGE);
        if (heel && edge && !middle) {
            return hollow();
        }
        if (middle && !heel && !edge) {
            return rounded();
        }
        if (heel && edge) {
            return all();
        }
        return heel ? heelFirst(middle) : edgeFirst(middle);
    }

    private InkAnswer hollow() {
        String what = form == Form.HOLLOW
                ? "Heel and edge are bare and the hollow keeps its ink: the bevel rests on both, as a hollow one should."
                : "Heel and edge are bare and the middle is not: the bevel is hollow, whatever was written down of it. It"
                        + " rests on both.";
        return switch (intent) {
            case MATCH -> plain(Finding.FITS, what + " Lock the setting.");
            case LOWER -> plain(Finding.FITS, what + " It still follows the old bevel: lower the setting to thin.");
            case STEEPEN -> plain(Finding.TOO_LOW, what + " It does not steepen anything yet: raise.");
        };
    }

    private InkAnswer rounded() {
        if (intent == Intent.STEEPEN) {
            return plain(
                    Finding.TOO_LOW,
                    "Only the middle is bare: the bevel curves outward and the setting meets its middle, not its edge."
                            + " Raise until the edge goes first.");
        }
        String named = form == Form.CONVEX
                ? "Only the middle is bare, as on a convex bevel held at one angle. Rock from the shoulder up to the"
                        + " edge, or go on until it is flat."
                : "Only the middle is bare: the bevel is rounded over, and no one angle fits it. Go on until the band"
                        + " reaches heel and edge, then it is flat.";
        return plain(Finding.ROUNDED, named);
    }

    private InkAnswer all() {
        return switch (intent) {
            case MATCH -> plain(Finding.FITS, "Bare from heel to edge: the setting is the bevel's own. Lock it.");
            case LOWER -> plain(Finding.DONE, "Bare from heel to edge: the new angle has reached the edge.");
            case STEEPEN ->
                plain(
                        Finding.TOO_LOW,
                        "Bare from heel to edge: it follows the bevel there is instead of steepening it. Raise.");
        };
    }

    private InkAnswer heelFirst(boolean middle) {
        return switch (intent) {
            case LOWER ->
                amount(
                        Finding.GOING_WELL,
                        middle
                                ? "The clean band grows from the heel toward the edge, as it should. Go on until it is there."
                                : "The heel goes first, as it should when the angle is lowered. Go on: the band must grow"
                                        + " toward the edge.",
                        true);
            default ->
                amount(
                        Finding.TOO_LOW,
                        "The heel is bare and the edge is not: the setting is too low"
                                + (intent == Intent.STEEPEN ? " to make a secondary" : "") + ". Raise.",
                        true);
        };
    }

    private InkAnswer edgeFirst(boolean middle) {
        if (intent == Intent.STEEPEN) {
            boolean wide = amounts.map(a -> a.widerThanPlanned(TOO_WIDE)).orElse(false);
            return amount(
                    wide ? Finding.DONE : Finding.GOING_WELL,
                    wide
                            ? "The edge is bare, and the band is already wider than planned: enough."
                            : "The edge goes first, as it should. Keep the band as wide as planned and no wider.",
                    false);
        }
        return amount(
                Finding.TOO_HIGH,
                "The edge is bare and the heel is not: the setting is too steep"
                        + (intent == Intent.LOWER ? " to thin anything" : "")
                        + (middle ? ", though not by much" : "") + ". Lower.",
                false);
    }

    /** Heel bare at one end and edge at the other: the blade is turned in its holder. */
    private Optional<InkAnswer> twisted() {
        Set<Zone> left = pattern.zones(Part.LEFT);
        Set<Zone> right = pattern.zones(Part.RIGHT);
        boolean opposite =
                only(left, Zone.HEEL) && only(right, Zone.EDGE) || only(left, Zone.EDGE) && only(right, Zone.HEEL);
        return opposite
                ? Optional.of(
                        plain(
                                Finding.TWISTED,
                                knife
                                        ? "Heel of the bevel bare at one end, edge at the other: the angle changes along the"
                                                + " stroke. Keep the wrist set and let the arm rise into the belly."
                                        : "Heel of the bevel bare at one corner, edge at the other: the blade is twisted in its"
                                                + " holder, or the old bevel is. Clamp it anew, flat on its back, and ink again."))
                : Optional.empty();
    }

    private static boolean only(Set<Zone> zones, Zone one) {
        return zones.contains(one) && !zones.contains(one == Zone.HEEL ? Zone.EDGE : Zone.HEEL);
    }

    private InkAnswer plain(Finding finding, String words) {
        return new InkAnswer(finding, words, Optional.empty(), finding == Finding.TWISTED ? List.of() : uneven(), "");
    }

    private InkAnswer amount(Finding finding, String words, boolean heel) {
        if (amounts.isEmpty()) {
            return new InkAnswer(
                    finding,
                    words,
                    Optional.empty(),
                    uneven(),
                    "How far off cannot be told without the strokes taken and the abrasive they were taken on.");
        }
        Optional<InkAnswer.Off> off = amounts.get().off(heel, pattern);
        return new InkAnswer(
                finding,
                words,
                off,
                uneven(),
                off.isPresent()
                        ? ""
                        : "The band is too narrow, or too uneven, for what these strokes take: only the direction is"
                                + " certain. Measure the band, or take a few more strokes.");
    }

    /** What a difference between the ends means. */
    private List<String> uneven() {
        List<String> all = new ArrayList<>();
        boolean left = pattern.parts().contains(Part.LEFT);
        boolean right = pattern.parts().contains(Part.RIGHT);
        boolean centre = pattern.parts().contains(Part.CENTRE);
        if (left != right) {
            String bare = knife ? left ? "the heel end" : "the tip end" : left ? "the left corner" : "the right corner";
            String other = knife ? left ? "the tip" : "the heel" : left ? "the right" : "the left";
            all.add(
                    knife
                            ? left
                                    ? "Only toward the heel: toward the tip the handle is not lifted into the belly."
                                    : "Only toward the tip: the heel is not on the stone. Begin each stroke at the heel."
                            : "Only at " + bare + ": press more on " + other
                                    + ". If it stays so, check the square: the blade sits askew in its holder, or the"
                                    + " bevel is not square.");
        } else if (left && !centre) {
            all.add(
                    knife
                            ? "Bare at both ends and not between: the edge is hollow along its length, or the stone is"
                                    + " crowned."
                            : "Bare at both corners and not between: the stone is dished, or the edge is hollow along"
                                    + " its length.");
        } else if (centre && !left) {
            all.add(
                    knife
                            ? "Bare in the middle of the edge alone: the strokes do not run from heel to tip."
                            : "Bare in the middle alone: the edge is cambered, or the stone is crowned.");
        } else {
            widths(all);
        }
        return all;
    }

    private void widths(List<String> all) {
        int left = pattern.zones(Part.LEFT).size();
        int right = pattern.zones(Part.RIGHT).size();
        if (left != right) {
            String more = knife ? left > right ? "heel" : "tip" : left > right ? "left" : "right";
            all.add("The band is wider toward the " + more + ": "
                    + (knife
                            ? "the angle changes along the edge."
                            : "more pressure there, or the bevel is not square. Even the pressure first; if it stays,"
                                    + " check the square."));
        }
    }

    /** Share of the edge's length that was worked, by the parts that are bare. */
    static double share(InkPattern pattern) {
        return pattern.parts().size() / (double) EnumSet.allOf(Part.class).size();
    }

    /** The middle of what is bare of a facet, by zones. */
    static OptionalDouble tapped(InkPattern pattern, double facetMm) {
        int zones = pattern.zones().size();
        return zones == 0 || zones == 3 ? OptionalDouble.empty() : OptionalDouble.of(facetMm * zones / 3);
    }
}
