package truekeen.core.upkeep;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import truekeen.core.message.Numbers;
import truekeen.core.table.Prior;

/**
 * Which rung of upkeep an edge wants next: the lowest that still helps. A rung is spent where the edge did not come back
 * the last time it was tried, or where what it brought lasted less than half as long as the first life after the
 * sharpening; a higher rung that helped makes the lower ones worth trying again.
 *
 * @param next what to do when it is due
 * @param why why this one and none below it
 * @param after the rung after it
 * @param paysWhen when that one pays
 * @param spent rungs that help no more, with why
 * @param missing rungs that this shelf or this tool has not, with why
 */
public record UpkeepLadder(
        Rung next, String why, Rung after, String paysWhen, Map<Rung, String> spent, Map<Rung, String> missing) {
    /** Keeps the maps from changing. */
    public UpkeepLadder {
        spent = Map.copyOf(spent);
        missing = Map.copyOf(missing);
    }

    /**
     * What stands in a tool's way or is at hand.
     *
     * @param strop a strop stands on the shelf
     * @param ceramicRod a fine ceramic rod does
     * @param steelRod a smooth steel rod does, and is free of nicks
     * @param rodFits whether rods are used on such a tool: knives
     * @param chipped whether its newest survey marks a chip: no rod
     * @param facetTooWide its last facet is wider than is still honed
     * @param thinningDue it is so thick behind the edge that it wedges
     */
    public record Standing(
            boolean strop,
            boolean ceramicRod,
            boolean steelRod,
            boolean rodFits,
            boolean chipped,
            boolean facetTooWide,
            boolean thinningDue) {}

    /**
     * The ladder as it stands.
     *
     * @param touchUps since the last full sharpening, oldest first
     * @param unit the unit of use
     * @param school what the house thinks of rods and of a polish
     */
    public static UpkeepLadder of(Standing standing, List<TouchUp> touchUps, UseUnit unit, TouchUpSchool school) {
        Map<Rung, String> missing = missing(standing, school);
        Map<Rung, String> spent = spent(touchUps, unit);
        Rung least = least(standing);
        List<Rung> open = new ArrayList<>(EnumSet.range(least, Rung.THIN));
        open.removeIf(r -> missing.containsKey(r) || spent.containsKey(r) || !wanted(r, standing));
        boolean straightFirst =
                school.steelRod() == TouchUpSchool.SteelRod.FIRST && least == Rung.STROP && open.remove(Rung.STEEL_ROD);
        if (straightFirst) {
            open.add(0, Rung.STEEL_ROD);
        }
        Rung next = open.get(0);
        Rung after = open.size() > 1 ? open.get(1) : next;
        return new UpkeepLadder(
                next,
                straightFirst ? UpkeepWords.HOUSE_LAYS_STRAIGHT.words() : why(next, least, standing, spent),
                after,
                paysWhen(school.words(after), touchUps, unit),
                spent,
                missing);
    }

    /** The rung below which nothing helps. */
    private static Rung least(Standing s) {
        return s.thinningDue ? Rung.THIN : s.facetTooWide ? Rung.REGRIND : s.chipped ? Rung.PROGRESSION : Rung.STROP;
    }

    private static boolean wanted(Rung rung, Standing s) {
        return switch (rung) {
            case REGRIND -> s.facetTooWide;
            case THIN -> s.thinningDue;
            default -> true;
        };
    }

    private static Map<Rung, String> missing(Standing s, TouchUpSchool school) {
        Map<Rung, String> out = new EnumMap<>(Rung.class);
        if (!s.strop) {
            out.put(Rung.STROP, UpkeepWords.NO_STROP.words());
        }
        Map<Rung, Boolean> rods = Map.of(Rung.CERAMIC_ROD, s.ceramicRod, Rung.STEEL_ROD, s.steelRod);
        rods.forEach((rod, there) -> {
            if (!s.rodFits) {
                out.put(rod, UpkeepWords.RODS_ARE_FOR_KNIVES.words());
            } else if (s.chipped) {
                out.put(rod, UpkeepWords.NO_ROD_ON_A_CHIP.words());
            } else if (!there) {
                out.put(rod, UpkeepWords.NO_SUCH_ROD.words());
            } else {
                school.leavesOut(rod).ifPresent(why -> out.put(rod, why.words()));
            }
        });
        return out;
    }

    private static Map<Rung, String> spent(List<TouchUp> touchUps, UseUnit unit) {
        Map<Rung, String> out = new EnumMap<>(Rung.class);
        Set<Rung> notBack = EnumSet.noneOf(Rung.class);
        double first = touchUps.isEmpty() ? 0 : touchUps.get(0).atUse();
        for (int i = 0; i < touchUps.size(); i++) {
            TouchUp t = touchUps.get(i);
            double until = i + 1 < touchUps.size() ? touchUps.get(i + 1).atUse() : Double.NaN;
            double lasted = until - t.atUse();
            if (!t.regained()) {
                out.put(t.rung(), UpkeepWords.DID_NOT_COME_BACK.words());
                notBack.add(t.rung());
                continue;
            }
            Set.copyOf(out.keySet()).stream()
                    .filter(r -> r.compareTo(t.rung()) < 0)
                    .forEach(out::remove);
            boolean failed = notBack.remove(t.rung());
            boolean tooShort = lasted < Prior.TOUCH_UP_WORTH_SHARE.value() * first;
            boolean lastsYet = Double.isNaN(lasted);
            if (tooShort) {
                out.put(
                        t.rung(),
                        UpkeepWords.LASTED_TOO_SHORT.fill(
                                "lasted", amount(lasted, unit), "first", amount(first, unit)));
            } else if (!lastsYet || failed) {
                out.remove(t.rung());
            }
        }
        return out;
    }

    private static String why(Rung next, Rung least, Standing s, Map<Rung, String> spent) {
        if (next == Rung.THIN) {
            return UpkeepWords.IT_WEDGES.words();
        }
        if (next == Rung.REGRIND) {
            return UpkeepWords.FACET_TOO_WIDE.words();
        }
        if (next == Rung.PROGRESSION && least == Rung.PROGRESSION) {
            return UpkeepWords.CHIP_WANTS_STONES.words();
        }
        return spent.keySet().stream()
                .filter(r -> r.compareTo(next) < 0)
                .max(Enum::compareTo)
                .map(r -> UpkeepWords.SPENT_BELOW.fill("rung", r.words(), "why", spent.get(r)))
                .orElse(UpkeepWords.LEAST_THAT_HELPS.words());
    }

    private static String paysWhen(String after, List<TouchUp> touchUps, UseUnit unit) {
        double first = touchUps.isEmpty() ? 0 : touchUps.get(0).atUse();
        return first > 0
                ? UpkeepWords.NEXT_PAYS_UNDER.fill(
                        "rung",
                        after,
                        "least",
                        amount(Prior.TOUCH_UP_WORTH_SHARE.value() * first, unit),
                        "share",
                        Numbers.plain(Prior.TOUCH_UP_WORTH_SHARE.value() * 100, 0),
                        "first",
                        amount(first, unit))
                : UpkeepWords.NEXT_PAYS_WHEN.fill("rung", after);
    }

    /** Use in words. */
    static String amount(double use, UseUnit unit) {
        return UpkeepWords.AMOUNT.fill("count", Numbers.plain(use, use < 10 ? 1 : 0), "unit", unit.words());
    }
}
