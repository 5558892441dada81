package truekeen.core.progression;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.steel.SteelClass;

/**
 * What one more abrasive, told by its kind and grain, would do for all tools that wait: tools that could be planned at
 * all, finishes that would be met, time saved. Every job is planned anew with it. Source: derived here, on the priors of
 * the kinds.
 */
public final class WhatToBuy {
    /** Grains that are asked about (µm), each about two thirds of the one before. */
    private static final double[] GRAINS_UM = {60, 40, 25, 16, 10, 6.5, 4, 2.7, 1.8, 1.2, 0.8};

    private WhatToBuy() {}

    /**
     * The jobs of one tool.
     *
     * @param tool what it is called
     * @param jobs its jobs
     * @param steel its steel
     * @param rules the house's for it
     */
    public record Need(String tool, List<StoneWork> jobs, SteelClass steel, PlanRules rules) {}

    /**
     * What one abrasive would do.
     *
     * @param kind its kind
     * @param d50Um its grain (µm)
     * @param possible tools that could be planned only with it
     * @param finished tools whose finish would be met only with it
     * @param savedSeconds time saved on the tools that end on the stone they end on now (s)
     * @param quicker those tools
     */
    public record Gain(
            AbrasiveKind kind,
            double d50Um,
            List<String> possible,
            List<String> finished,
            double savedSeconds,
            List<String> quicker) {}

    private record Now(StoneWork job, Need need, Optional<Label> path) {
        boolean met() {
            return path.filter(p -> job.finish()
                            .filter(w -> w.holds(p.leg().abrasive().d50Um()))
                            .isPresent())
                    .isPresent();
        }
    }

    /**
     * The abrasives that would help most, best first; none that would not help.
     *
     * @param shelf what is owned
     * @param most how many to tell
     */
    public static List<Gain> rank(List<Need> needs, List<Abrasive> shelf, int most) {
        return rank(needs, shelf, most, (done, of) -> {});
    }

    /** Told how many of the pieces in question were tried; it may throw to end the question. */
    public interface Progress {
        void at(int done, int of);
    }

    /** The same, which takes seconds for a full rack. */
    public static List<Gain> rank(List<Need> needs, List<Abrasive> shelf, int most, Progress progress) {
        List<AbrasiveKind> kinds = Arrays.stream(AbrasiveKind.values())
                .filter(kind -> kind.use() == AbrasiveKind.Use.STROKES && !kind.trailingOnly())
                .toList();
        List<Now> now = new ArrayList<>();
        for (Need need : needs) {
            need.jobs().forEach(job -> now.add(new Now(job, need, path(shelf, job, need))));
        }
        List<Gain> gains = new ArrayList<>();
        for (AbrasiveKind kind : kinds) {
            for (double um : GRAINS_UM) {
                progress.at(gains.size(), kinds.size() * GRAINS_UM.length);
                gains.add(gain(kind, um, now, shelf));
            }
        }
        return gains.stream()
                .filter(g -> !g.possible.isEmpty() || !g.finished.isEmpty() || g.savedSeconds > 0)
                .sorted(Comparator.comparingInt((Gain g) -> -g.possible.size())
                        .thenComparingInt(g -> -g.finished.size())
                        .thenComparingDouble(g -> -g.savedSeconds))
                .limit(most)
                .toList();
    }

    private static Gain gain(AbrasiveKind kind, double um, List<Now> now, List<Abrasive> shelf) {
        List<String> possible = new ArrayList<>();
        List<String> finished = new ArrayList<>();
        List<String> quicker = new ArrayList<>();
        double saved = 0;
        for (Now before : now) {
            List<Abrasive> longer = new ArrayList<>(shelf);
            longer.add(candidate(kind, um, before));
            Now after = new Now(before.job, before.need, path(longer, before.job, before.need));
            if (after.path.isEmpty()) {
                continue;
            }
            if (before.path.isEmpty()) {
                add(possible, before.need.tool);
            } else if (after.met() && !before.met()) {
                add(finished, before.need.tool);
            } else {
                Label was = before.path.get();
                Label is = after.path.get();
                boolean sameEnd = was.leg().abrasive() == is.leg().abrasive()
                        || before.job.finish().isEmpty();
                if (sameEnd && was.seconds() - is.seconds() > before.need.rules.tieSeconds()) {
                    saved += was.seconds() - is.seconds();
                    add(quicker, before.need.tool);
                }
            }
        }
        return new Gain(kind, um, List.copyOf(possible), List.copyOf(finished), saved, List.copyOf(quicker));
    }

    private static void add(List<String> tools, String tool) {
        if (!tools.contains(tool)) {
            tools.add(tool);
        }
    }

    /** A new piece in a shape that suits the job, with a lubricant the house allows. */
    private static Abrasive candidate(AbrasiveKind kind, double um, Now now) {
        Abrasive.Shape shape =
                now.job.shapes().contains(Abrasive.Shape.BENCH) ? Abrasive.Shape.BENCH : Abrasive.Shape.NARROW;
        StoneHabits.HouseLubricant house = now.need.rules.habits().lubricant();
        return kind.lubricants().stream()
                .map(l -> new Abrasive("new", "new", kind, kind.grain(), um, false, shape, l, Abrasive.State.READY))
                .filter(house::allows)
                .findFirst()
                .orElseGet(() -> new Abrasive(
                        "new",
                        "new",
                        kind,
                        kind.grain(),
                        um,
                        false,
                        shape,
                        kind.lubricants().get(0),
                        Abrasive.State.READY));
    }

    private static Optional<Label> path(List<Abrasive> shelf, StoneWork job, Need need) {
        List<Abrasive> usable = ShelfRule.allowed(shelf, job, need.steel, need.rules);
        return usable.isEmpty()
                ? Optional.empty()
                : JobPlanner.quickest(
                        new LabelSettingSearch(usable, job, need.steel, need.rules, false), usable, job, List.of());
    }
}
