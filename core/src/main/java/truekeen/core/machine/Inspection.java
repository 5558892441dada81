package truekeen.core.machine;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import truekeen.core.message.InWords;
import truekeen.core.message.Numbers;
import truekeen.core.table.Prior;
import truekeen.core.tool.Blade;

/**
 * What a blade was found to be. Source: limits are the maker's where they were put in, else workshop prior.
 *
 * @param verdict whether it may be worked
 * @param reasons why it is rejected; empty otherwise
 * @param notes what else is to be known: limits that are rules of thumb, and how near a measure is
 * @param open items not looked at yet
 */
public record Inspection(Verdict verdict, List<String> reasons, List<String> notes, List<InspectionItem> open) {
    /** Share of a limit from which a measure is called near it. Prior. */
    private static final double NEAR = Prior.INSPECTION_NEAR.value();

    /** Whether a blade may be worked. */
    public enum Verdict {
        /** Something was not looked at. */
        OPEN,
        FIT,
        REJECT
    }

    /**
     * What was found of one item.
     *
     * @param yes the answer to a question; empty where it is measured or was not asked
     * @param measured numbers by the key of the input (mm, or a count)
     */
    public record Found(Optional<Boolean> yes, Map<String, Double> measured) {
        /** The answer to a question. */
        public static Found answer(boolean yes) {
            return new Found(Optional.of(yes), Map.of());
        }

        /** What was measured. */
        public static Found of(Map<String, Double> measured) {
            return new Found(Optional.empty(), Map.copyOf(measured));
        }
    }

    /** Keeps lists from changing. */
    public Inspection {
        reasons = List.copyOf(reasons);
        notes = List.copyOf(notes);
        open = List.copyOf(open);
    }

    /**
     * Judges a blade. One thing beyond its limit rejects it, whatever else is open.
     *
     * @param makers limits of its maker by item (mm, or a count); the rule of thumb holds for the rest
     */
    public static Inspection of(Blade blade, Map<InspectionItem, Found> found, Map<InspectionItem, Double> makers) {
        List<String> reasons = new ArrayList<>();
        List<String> notes = new ArrayList<>();
        List<InspectionItem> open = new ArrayList<>();
        for (InspectionItem item : InspectionItem.of(blade)) {
            Optional<Found> here = Optional.ofNullable(found.get(item)).filter(f -> answered(item, f));
            if (here.isEmpty()) {
                open.add(item);
            } else if (item.way() == InspectionItem.Way.QUESTION) {
                if (here.get().yes().orElseThrow()) {
                    reasons.add(item.reason());
                }
            } else {
                boolean own = makers.containsKey(item);
                double limit = own ? makers.get(item) : item.usualLimit(blade);
                judge(item, value(item, here.get()), limit, own, reasons, notes);
            }
        }
        Verdict verdict = !reasons.isEmpty() ? Verdict.REJECT : open.isEmpty() ? Verdict.FIT : Verdict.OPEN;
        return new Inspection(verdict, reasons, notes, open);
    }

    /** What counts of an item's numbers (mm, or a count). */
    public static double value(InspectionItem item, Found found) {
        return switch (item.way()) {
            case DIFFERENCE_AT_MOST -> {
                List<Double> two = item.inputs().stream()
                        .map(i -> found.measured.get(i.key()))
                        .toList();
                yield Math.abs(two.get(0) - two.get(1));
            }
            case AT_LEAST, COUNT_AT_MOST ->
                found.measured.get(item.inputs().get(0).key());
            case QUESTION -> Double.NaN;
        };
    }

    private static boolean answered(InspectionItem item, Found f) {
        return item.way() == InspectionItem.Way.QUESTION
                ? f.yes.isPresent()
                : item.inputs().stream().allMatch(i -> f.measured.containsKey(i.key()));
    }

    private static void judge(
            InspectionItem item, double value, double limit, boolean own, List<String> reasons, List<String> notes) {
        String unit = item.way() == InspectionItem.Way.COUNT_AT_MOST ? "" : InWords.MM;
        boolean least = item.way() == InspectionItem.Way.AT_LEAST;
        String figure = Numbers.plain(limit, 2) + unit;
        String bound = least
                ? own
                        ? MachineWords.AT_LEAST_BY_MAKER.fill("figure", figure)
                        : MachineWords.AT_LEAST_RULE.fill("figure", figure)
                : own
                        ? MachineWords.AT_MOST_BY_MAKER.fill("figure", figure)
                        : MachineWords.AT_MOST_RULE.fill("figure", figure);
        boolean beyond = least ? value < limit : value > limit;
        if (beyond) {
            reasons.add(item.reason() + " " + Numbers.plain(value, 2) + unit + "; " + bound);
        } else {
            boolean near = Math.abs(value - limit) <= NEAR * limit && limit > 0;
            String read = Numbers.plain(value, 2) + unit;
            notes.add(
                    near
                            ? MachineWords.NEAR_ITS_LIMIT.fill("title", item.title(), "read", read, "bound", bound)
                            : item.title() + ": " + read + ", " + bound + ".");
        }
    }
}
