package truekeen.core.progression;

import java.util.ArrayList;
import java.util.List;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveClass;
import truekeen.core.job.JobKind;
import truekeen.core.message.Numbers;
import truekeen.core.steel.SteelClass;
import truekeen.core.table.Prior;

/** What was relaxed on a path, or is to be known of it. */
final class PathFlags {
    private PathFlags() {}

    static List<String> of(Label taken, StoneWork job, SteelClass steel, double leastFirstUm) {
        List<String> flags = new ArrayList<>();
        List<Leg> legs = taken.legs();
        Abrasive first = legs.get(0).abrasive();
        Abrasive last = taken.leg().abrasive();
        job.finish().filter(w -> !w.holds(last.d50Um())).ifPresent(w -> flags.add(finish(w, last)));
        if (first.d50Um() < leastFirstUm) {
            flags.add(ProgressionWords.TOO_FINE_FOR_THE_DEPTH.fill(
                    "depth", micrometres(job.shaping().depthMm() * 1000)));
        }
        if (job.kind() == JobKind.SECONDARY && wide(job)) {
            flags.add(ProgressionWords.HONED_WHOLE.fill(
                    "width", Numbers.plain(job.bevel().widthMm(), 1)));
        }
        if (taken.penaltySeconds() > 0) {
            flags.add(ProgressionWords.WIDE_STEP.words());
        }
        if (steel.resistanceOxide() >= ShelfRule.OXIDE_WARNS_AT
                && legs.stream().anyMatch(l -> l.abrasive().grain() == AbrasiveClass.OXIDE)) {
            flags.add(ProgressionWords.OXIDE_SLOW.words());
        }
        if (legs.stream().anyMatch(l -> l.abrasive().grainGuessed())) {
            flags.add(ProgressionWords.BEYOND_THE_STANDARD.words());
        }
        for (Leg leg : legs) {
            for (ShelfPenalty p : leg.penalties()) {
                flags.add("The " + leg.abrasive().name() + " is " + p.reason() + ".");
            }
        }
        return flags;
    }

    private static boolean wide(StoneWork job) {
        double width = job.bevel().widthMm();
        return job.shaping().volumeMm3() > 0 && Double.isFinite(width) && width >= Prior.WIDE_BEVEL_MM.value();
    }

    private static String finish(FinishWindow w, Abrasive last) {
        String wanted = ProgressionWords.FINISH_WANTED.fill(
                "finest", micrometres(w.finestUm()), "coarsest", micrometres(w.coarsestUm()));
        return last.d50Um() < w.finestUm()
                ? ProgressionWords.ENDS_TOO_FINE.fill("finest", micrometres(last.d50Um()), "wanted", wanted)
                : ProgressionWords.ENDS_TOO_COARSE.fill("finest", micrometres(last.d50Um()), "wanted", wanted);
    }

    private static String micrometres(double um) {
        return Numbers.plain(um, um < 10 ? 1 : 0) + " µm";
    }
}
