package truekeen.core.progression;

import java.util.ArrayList;
import java.util.List;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveClass;
import truekeen.core.message.Numbers;
import truekeen.core.steel.SteelClass;

/** What was relaxed on a path, or is to be known of it. */
final class PathFlags {
    private PathFlags() {}

    static List<String> of(Label taken, Job job, SteelClass steel, double leastFirstUm) {
        List<String> flags = new ArrayList<>();
        List<Leg> legs = taken.legs();
        Abrasive first = legs.get(0).abrasive();
        Abrasive last = taken.leg().abrasive();
        job.finish().filter(w -> !w.holds(last.d50Um())).ifPresent(w -> flags.add(finish(w, last)));
        if (first.d50Um() < leastFirstUm) {
            flags.add("No abrasive here is coarse enough to shape "
                    + micrometres(job.shaping().depthMm() * 1000)
                    + " deep; it starts on the coarsest and takes long.");
        }
        if (taken.tooWide() > 0) {
            flags.add("Some step is wider than the house likes: no path on this shelf avoids it.");
        }
        if (steel.resistanceOxide() >= ShelfRule.OXIDE_WARNS_AT
                && legs.stream().anyMatch(l -> l.abrasive().grain() == AbrasiveClass.OXIDE)) {
            flags.add("Oxide grain is slow on this steel and wears; diamond or boron nitride would serve better.");
        }
        if (legs.stream().anyMatch(l -> l.abrasive().grainGuessed())) {
            flags.add("A grain size here is carried on beyond its standard's table: enter the maker's micrometres.");
        }
        for (Leg leg : legs) {
            for (ShelfPenalty p : leg.penalties()) {
                flags.add("The " + leg.abrasive().name() + " is " + p.reason() + ".");
            }
        }
        return flags;
    }

    private static String finish(FinishWindow w, Abrasive last) {
        String wanted = micrometres(w.finestUm()) + " to " + micrometres(w.coarsestUm()) + " is wanted.";
        return last.d50Um() < w.finestUm()
                ? "Ends on " + micrometres(last.d50Um()) + ", finer than this work asks for. " + wanted
                : "Ends on " + micrometres(last.d50Um()) + ": the best this shelf can do. " + wanted;
    }

    private static String micrometres(double um) {
        return Numbers.plain(um, um < 10 ? 1 : 0) + " µm";
    }
}
