package truekeen.core.progression;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.message.Numbers;
import truekeen.core.table.Prior;

/** Which strops follow the last stone, and what is to be known of them. Source: workshop prior. */
final class Strops {
    /** A strop finer than the last stone by more than this takes off the burr but replaces no scratches. */
    private static final double STROP_STEP = Prior.WORK_PLANNER_STROP_STEP.value();
    /** A strop follows another that is at most so many times coarser. */
    private static final double STROP_FOLLOWS = Prior.STROP_FOLLOWS.value();

    private Strops() {}

    /** The strop nearest below the last stone, one with compound before a bare one, and those that may follow it. */
    static List<Abrasive> after(double lastUm, List<Abrasive> shelf) {
        List<Abrasive> all = shelf.stream()
                .filter(a ->
                        a.kind().use() == AbrasiveKind.Use.STROP && !a.state().retired())
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

    static String note(Optional<Abrasive> strop, double lastUm) {
        if (strop.isEmpty()) {
            return ProgressionWords.NO_STROP.words();
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
