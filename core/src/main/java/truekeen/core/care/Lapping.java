package truekeen.core.care;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.table.Prior;

/** Which plate flattens which stone, and which stone wakes it. Source: workshop prior. */
public final class Lapping {
    /** A plate so many times coarser than a stone leaves it rough: it flattens it all the same. */
    private static final double ROUGH_FROM = Prior.LAPPING_ROUGH_FROM.value();
    /** A plate so many times coarser than a stone is not laid on it. */
    private static final double NEVER_FROM = Prior.LAPPING_NEVER_FROM.value();

    private Lapping() {}

    /** What a plate of that grain may touch unless its owner says otherwise: nothing coarser than it, nothing it would tear. */
    public static Abrasive.GrainRange usualRange(double plateUm) {
        return new Abrasive.GrainRange(plateUm / NEVER_FROM, plateUm);
    }

    /** Whether a piece may flatten another. */
    public static boolean may(Abrasive plate, Abrasive stone) {
        return plate != stone
                && !plate.id().equals(stone.id())
                && plate.kind().use() != AbrasiveKind.Use.DRESSING
                && !plate.state().retired()
                && touches(plate, stone);
    }

    /** Whether a plate leaves a stone rougher than its own grain. */
    public static boolean roughens(Abrasive plate, Abrasive stone) {
        return plate.d50Um() > ROUGH_FROM * stone.d50Um();
    }

    private static boolean touches(Abrasive tool, Abrasive stone) {
        return tool.nature().laps().filter(r -> r.holds(stone.d50Um())).isPresent();
    }

    /** The plate for a stone: of those that may touch it the one nearest five times its grain. */
    public static Optional<Abrasive> plateFor(Abrasive stone, List<Abrasive> kit) {
        return kit.stream()
                .filter(p -> may(p, stone))
                .min(Comparator.comparingDouble(p -> Math.abs(Math.log(p.d50Um() / (5 * stone.d50Um())))));
    }

    /** What dresses a stone: a dressing stone that may touch it, else the plate that flattens it. */
    public static Optional<Abrasive> dresserFor(Abrasive stone, List<Abrasive> kit) {
        return kit.stream()
                .filter(p -> p.kind().use() == AbrasiveKind.Use.DRESSING
                        && !p.state().retired()
                        && touches(p, stone))
                .findFirst()
                .or(() -> plateFor(stone, kit));
    }

    /** Whether a piece wants flattening now, or, used already, will before so many more strokes are done. */
    public static boolean due(Abrasive a, double moreStrokes) {
        return !a.state().flat()
                || a.kind().flattenAfterStrokes().isPresent()
                        && a.state().strokesSinceLapped() > 0
                        && a.state().strokesSinceLapped() + moreStrokes
                                >= a.kind().flattenAfterStrokes().getAsDouble();
    }

    /** Stones in the order they are flattened: finest first, so that no coarse grit gets onto a fine one. */
    public static List<Abrasive> order(List<Abrasive> stones) {
        return stones.stream()
                .sorted(Comparator.comparingDouble(Abrasive::d50Um))
                .toList();
    }
}
