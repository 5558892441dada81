package truekeen.core.progression;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.abrasive.Lubricant;
import truekeen.core.job.JobKind;
import truekeen.core.job.Shaping;

/** Shelves and jobs for tests and benchmarks. */
public final class Shelves {
    static final Set<Abrasive.Shape> FLAT = Set.of(Abrasive.Shape.BENCH, Abrasive.Shape.POCKET, Abrasive.Shape.NARROW);

    private Shelves() {}

    static Abrasive stone(String id, String kind, double um) {
        return stone(id, kind, um, Abrasive.State.READY);
    }

    static Abrasive stone(String id, String kindName, double um, Abrasive.State state) {
        return piece(id, kindName, um, Abrasive.Shape.BENCH, state);
    }

    /** A piece of a kind, with the first lubricant of that kind. */
    public static Abrasive piece(String name, String kindName, double um, Abrasive.Shape shape, Abrasive.State state) {
        AbrasiveKind kind = AbrasiveKind.byKey(kindName).orElseThrow();
        return new Abrasive(
                name,
                name,
                kind,
                kind.grain(),
                um,
                false,
                shape,
                kind.lubricants().get(0),
                state);
    }

    static Abrasive oxide(String id, double um) {
        return stone(id, "aluminium oxide water stone", um);
    }

    /** A job on a face, ending near the grain given. */
    public static StoneWork job(
            double volume, double area, double depth, double s0, double usualUm, StoneWork.Forces forces) {
        return new StoneWork(
                JobKind.SECONDARY,
                new Shaping(volume, area, depth),
                s0,
                Optional.of(new FinishWindow(usualUm * 0.5, usualUm, usualUm * 2)),
                forces,
                false,
                FLAT);
    }

    /** A random shelf with oil and water, soaking and dished stones. */
    public static List<Abrasive> random(Random random, int size) {
        List<AbrasiveKind> kinds = List.of(AbrasiveKind.values()).stream()
                .filter(k -> k.cutsInStrokes() && k.use() == AbrasiveKind.Use.STROKES)
                .toList();
        List<Abrasive> shelf = new ArrayList<>();
        for (int i = 0; i < size; i++) {
            AbrasiveKind kind = kinds.get(random.nextInt(kinds.size()));
            double um = Math.exp(random.nextDouble() * Math.log(400)) * 0.5;
            Lubricant lubricant =
                    kind.lubricants().get(random.nextInt(kind.lubricants().size()));
            Abrasive.State state = new Abrasive.State(
                    random.nextInt(4) > 0,
                    random.nextInt(400),
                    random.nextInt(5) > 0,
                    random.nextInt(3) == 0 ? random.nextInt(300) : 0,
                    random.nextInt(12) == 0,
                    false);
            shelf.add(new Abrasive(
                    "s" + i, "s" + i, kind, kind.grain(), um, false, Abrasive.Shape.BENCH, lubricant, state));
        }
        return shelf;
    }

    /** The same shelf with soft, glazed, worn and favourite pieces, of some of which the hand is known. */
    static List<Abrasive> ofAllNatures(Random random, int size) {
        return random(random, size).stream()
                .map(a -> a.with(new Abrasive.Nature(
                                random.nextInt(3) == 0 ? Abrasive.Firmness.SOFT : Abrasive.Firmness.FIRM,
                                random.nextInt(3) == 0,
                                Abrasive.Slurry.HOUSE,
                                random.nextBoolean()
                                        ? OptionalDouble.empty()
                                        : OptionalDouble.of(150 + random.nextInt(150)),
                                Optional.empty()))
                        .with(new Abrasive.Effort(0.6 + random.nextDouble() * 1.2, 0.3, 4, 0))
                        .with(new Abrasive.State(
                                a.state().flat(),
                                a.state().strokesSinceLapped(),
                                a.state().lappable(),
                                a.state().soakLeftSeconds(),
                                a.state().retired(),
                                false,
                                random.nextInt(4) == 0,
                                random.nextInt(8) == 0,
                                random.nextInt(3) == 0 ? 0.7 : 0)))
                .toList();
    }
}
