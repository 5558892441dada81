package truekeen.core.progression;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveClass;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.message.Numbers;
import truekeen.core.steel.SteelClass;
import truekeen.core.table.Prior;

/** Which strops follow the last stone, and what is to be known of them. Source: workshop prior. */
final class Strops {
    /** A strop finer than the last stone by more than this takes off the burr but replaces no scratches. */
    private static final double STROP_STEP = Prior.WORK_PLANNER_STROP_STEP.value();
    /** A strop follows another that is at most so many times coarser. */
    private static final double STROP_FOLLOWS = Prior.STROP_FOLLOWS.value();

    private Strops() {}

    /**
     * The strop nearest below the last stone, one with compound before a bare one, and those that may follow it; only the
     * one asked for where one was. Oxide is left out where it wears away on the carbides.
     */
    static List<Abrasive> after(double lastUm, List<Abrasive> shelf, SteelClass steel, Optional<StropWish> wish) {
        List<Abrasive> all = strops(shelf).stream()
                .filter(a -> wish.map(w -> w.id().equals(a.id())).orElse(!useless(a, steel)))
                .toList();
        Optional<Abrasive> first = all.stream()
                .min(Comparator.comparingDouble(a ->
                        a.d50Um() <= 0 ? Double.MAX_VALUE : Math.abs(Math.log(a.d50Um() / Math.max(lastUm, 0.1)))));
        List<Abrasive> row = new ArrayList<>(first.stream().toList());
        for (Abrasive a : all.stream()
                .sorted(Comparator.comparingDouble(Abrasive::d50Um).reversed())
                .toList()) {
            double before = row.get(row.size() - 1).d50Um();
            if (a.d50Um() > 0 && a.d50Um() < before && before <= STROP_FOLLOWS * a.d50Um()) {
                row.add(a);
            }
        }
        return row;
    }

    private static List<Abrasive> strops(List<Abrasive> shelf) {
        return shelf.stream()
                .filter(a ->
                        a.kind().use() == AbrasiveKind.Use.STROP && !a.state().retired())
                .toList();
    }

    /** Oxide compound hardly touches the carbides of such a steel: it polishes what is soft around them. */
    private static boolean useless(Abrasive strop, SteelClass steel) {
        return strop.d50Um() > 0
                && strop.grain() == AbrasiveClass.OXIDE
                && steel.resistanceOxide() >= ShelfRule.OXIDE_REFUSED_AT;
    }

    static String note(
            Optional<Abrasive> strop, double lastUm, List<Abrasive> shelf, SteelClass steel, Optional<StropWish> wish) {
        if (wish.filter(StropWish::none).isPresent()) {
            return ProgressionWords.NO_STROP_ASKED.words();
        }
        if (strop.isEmpty()) {
            return strops(shelf).stream()
                    .filter(a -> useless(a, steel))
                    .findFirst()
                    .map(a -> ProgressionWords.OXIDE_STROP_LEFT.fill("strop", a.name()))
                    .orElse(ProgressionWords.NO_STROP.words());
        }
        if (useless(strop.get(), steel)) {
            return ProgressionWords.OXIDE_STROP_ASKED.fill("strop", strop.get().name());
        }
        if (strop.get().d50Um() <= 0) {
            return ProgressionWords.BARE_STROP.words();
        }
        if (lastUm > STROP_STEP * strop.get().d50Um()) {
            return ProgressionWords.STROP_TOO_FINE.fill("times", Numbers.plain(STROP_STEP, 1));
        }
        return "";
    }
}
