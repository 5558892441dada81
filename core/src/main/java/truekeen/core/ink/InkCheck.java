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
        MATCH(InkWords.INTENT_MATCH.words()),
        LOWER(InkWords.INTENT_LOWER.words()),
        STEEPEN(InkWords.INTENT_STEEPEN.words());

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
            return plain(Finding.NOTHING, InkWords.NOTHING_GONE.words());
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
        String what = form == Form.HOLLOW ? InkWords.RESTS_ON_BOTH.words() : InkWords.RESTS_ON_BOTH_UNKNOWN.words();
        return switch (intent) {
            case MATCH -> plain(Finding.FITS, InkWords.LOCK_IT.fill("what", what));
            case LOWER -> plain(Finding.FITS, InkWords.STILL_THE_OLD_TO_LOWER.fill("what", what));
            case STEEPEN -> plain(Finding.TOO_LOW, InkWords.STILL_THE_OLD_TO_STEEPEN.fill("what", what));
        };
    }

    private InkAnswer rounded() {
        if (intent == Intent.STEEPEN) {
            return plain(Finding.TOO_LOW, InkWords.MIDDLE_TO_STEEPEN.words());
        }
        String named = form == Form.CONVEX ? InkWords.MIDDLE_CONVEX.words() : InkWords.MIDDLE_ROUNDED.words();
        return plain(Finding.ROUNDED, named);
    }

    private InkAnswer all() {
        return switch (intent) {
            case MATCH -> plain(Finding.FITS, InkWords.ALL_BARE_TO_MATCH.words());
            case LOWER -> plain(Finding.DONE, InkWords.ALL_BARE_TO_LOWER.words());
            case STEEPEN -> plain(Finding.TOO_LOW, InkWords.ALL_BARE_TO_STEEPEN.words());
        };
    }

    private InkAnswer heelFirst(boolean middle) {
        return switch (intent) {
            case LOWER ->
                amount(Finding.GOING_WELL, middle ? InkWords.BAND_GROWS.words() : InkWords.HEEL_FIRST.words(), true);
            default ->
                amount(
                        Finding.TOO_LOW,
                        InkWords.TOO_LOW.fill(
                                "intent", (intent == Intent.STEEPEN ? InkWords.FOR_A_SECONDARY.words() : "")),
                        true);
        };
    }

    private InkAnswer edgeFirst(boolean middle) {
        if (intent == Intent.STEEPEN) {
            boolean wide = amounts.map(a -> a.widerThanPlanned(TOO_WIDE)).orElse(false);
            return amount(
                    wide ? Finding.DONE : Finding.GOING_WELL,
                    wide ? InkWords.WIDE_ENOUGH.words() : InkWords.EDGE_FIRST.words(),
                    false);
        }
        return amount(
                Finding.TOO_HIGH,
                InkWords.TOO_STEEP.fill(
                        "intent",
                        (intent == Intent.LOWER ? InkWords.TO_THIN.words() : ""),
                        "degree",
                        (middle ? InkWords.NOT_BY_MUCH.words() : "")),
                false);
    }

    /** Heel bare at one end and edge at the other: the blade is turned in its holder. */
    private Optional<InkAnswer> twisted() {
        Set<Zone> left = pattern.zones(Part.LEFT);
        Set<Zone> right = pattern.zones(Part.RIGHT);
        boolean opposite =
                only(left, Zone.HEEL) && only(right, Zone.EDGE) || only(left, Zone.EDGE) && only(right, Zone.HEEL);
        return opposite
                ? Optional.of(plain(
                        Finding.TWISTED,
                        knife ? InkWords.TWISTS_IN_THE_HAND.words() : InkWords.TWISTED_IN_THE_HOLDER.words()))
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
            return new InkAnswer(finding, words, Optional.empty(), uneven(), InkWords.HOW_FAR_UNKNOWN.words());
        }
        Optional<InkAnswer.Off> off = amounts.get().off(heel, pattern);
        return new InkAnswer(finding, words, off, uneven(), off.isPresent() ? "" : InkWords.BAND_TOO_NARROW.words());
    }

    /** What a difference between the ends means. */
    private List<String> uneven() {
        List<String> all = new ArrayList<>();
        boolean left = pattern.parts().contains(Part.LEFT);
        boolean right = pattern.parts().contains(Part.RIGHT);
        boolean centre = pattern.parts().contains(Part.CENTRE);
        if (left != right) {
            String bare = knife
                    ? left ? InkWords.HEEL_END.words() : InkWords.TIP_END.words()
                    : left ? InkWords.LEFT_CORNER.words() : InkWords.RIGHT_CORNER.words();
            String other = knife
                    ? left ? InkWords.TIP.words() : InkWords.HEEL.words()
                    : left ? InkWords.RIGHT.words() : InkWords.LEFT.words();
            all.add(
                    knife
                            ? left ? InkWords.ONLY_TOWARD_HEEL.words() : InkWords.ONLY_TOWARD_TIP.words()
                            : InkWords.ONLY_AT_ONE_END.fill("bare", bare, "other", other));
        } else if (left && !centre) {
            all.add(knife ? InkWords.ENDS_BARE_KNIFE.words() : InkWords.ENDS_BARE.words());
        } else if (centre && !left) {
            all.add(knife ? InkWords.MIDDLE_BARE_KNIFE.words() : InkWords.MIDDLE_BARE.words());
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
            all.add(InkWords.WIDER_TOWARD.fill(
                    "more", more, "because", (knife ? InkWords.ANGLE_CHANGES.words() : InkWords.PRESS_EVENLY.words())));
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
