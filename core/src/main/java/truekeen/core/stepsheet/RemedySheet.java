package truekeen.core.stepsheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.condition.Dullness;
import truekeen.core.keenness.Stretch;
import truekeen.core.keenness.Verdict;
import truekeen.core.message.Numbers;
import truekeen.core.progression.Job;
import truekeen.core.progression.WorkPlan;
import truekeen.core.quantity.Angle;
import truekeen.core.removal.StockRemoval;
import truekeen.core.steel.SteelClass;

/**
 * Turns a verdict into the steps that lead back: which stones, where along the edge, how many strokes. What failed and
 * where decides: light sends that stretch to the first stone, an uneven place to the last, an even dull edge one stone
 * back.
 */
public final class RemedySheet {
    private static final int FEW_STROKES = 6;
    private static final int LIGHTER_DEBURR = 8;
    private static final int LESS_STROPPING = 4;

    private final List<Abrasive> path;
    private final Optional<Abrasive> strop;
    private final Angle last;
    private final SteelClass steel;
    private final double secondaryWidthMm;
    private final double edgeLengthMm;
    private final Manner manner;
    private final StepWriter write;

    private RemedySheet(
            List<Abrasive> path,
            Optional<Abrasive> strop,
            Angle last,
            SteelClass steel,
            double secondaryWidthMm,
            double edgeLengthMm,
            Manner manner) {
        this.path = path;
        this.strop = strop;
        this.last = last;
        this.steel = steel;
        this.secondaryWidthMm = secondaryWidthMm;
        this.edgeLengthMm = edgeLengthMm;
        this.manner = manner;
        this.write = new StepWriter(manner);
    }

    /**
     * The steps that answer the faults of a verdict; none for a keen edge.
     *
     * @param path abrasives the secondary was honed on, in order; at least one
     * @param strop what it was stropped on
     * @param last angle of the secondary
     * @param secondaryWidthMm its width (mm)
     * @param manner how the tool is worked
     */
    public static List<Step> of(
            Verdict verdict,
            List<Abrasive> path,
            Optional<Abrasive> strop,
            Angle last,
            SteelClass steel,
            double secondaryWidthMm,
            double edgeLengthMm,
            Manner manner) {
        return new RemedySheet(path, strop, last, steel, secondaryWidthMm, edgeLengthMm, manner).steps(verdict);
    }

    private List<Step> steps(Verdict verdict) {
        if (verdict.faults().isEmpty()) {
            return List.of();
        }
        List<Step> steps = new ArrayList<>();
        boolean dull = false;
        boolean guided = false;
        for (Verdict.Fault fault : verdict.faults()) {
            if (!guided && fault.kind() != Verdict.Kind.UNEVEN) {
                steps.add(write.setGuide(Job.Kind.SECONDARY, last, new Stretch(0, edgeLengthMm)));
                guided = true;
            }
            switch (fault.kind()) {
                case APEX_NOT_REACHED -> throughAllStones(steps, fault);
                case UNEVEN -> steps.add(stretch(path.get(path.size() - 1), fault, FEW_STROKES, 10, false, 0));
                case DULL_ALL_ALONG -> {
                    oneStoneBack(steps, fault);
                    dull = true;
                }
                default -> throw new IllegalStateException("no remedy for " + fault.kind());
            }
        }
        Stretch edge = new Stretch(0, edgeLengthMm);
        Abrasive finest = path.get(path.size() - 1);
        steps.add(write.deburr(finest, edge, dull ? LIGHTER_DEBURR : StepWriter.DEBURR_STROKES));
        int stropping = dull ? LESS_STROPPING : WorkPlan.STROP_STROKES;
        strop.ifPresent(s -> steps.add(write.strop(s, "", edge, stropping)));
        steps.add(write.protect(steel, edge));
        return List.copyOf(steps);
    }

    /** The first stone reaches the apex again there; each later one replaces scratches on the same stretch. */
    private void throughAllStones(List<Step> steps, Verdict.Fault fault) {
        double force = Job.Forces.CHISEL.baseN();
        double area = secondaryWidthMm * (fault.where().toMm() - fault.where().fromMm());
        double scratch = path.get(path.size() - 1).scratchUm();
        for (int i = 0; i < path.size(); i++) {
            Abrasive stone = path.get(i);
            double volume = 2 * scratch / 1000 * area;
            if (i == 0) {
                volume += Dullness.LIGHT_VISIBLE.recessionMm() * last.sin() * area;
            }
            int strokes = (int) Math.ceil(StockRemoval.strokes(stone, steel, force, volume));
            steps.add(stretch(stone, fault, Math.max(strokes, 3), force, i == 0, scratch));
            scratch = stone.scratchUm();
        }
    }

    private void oneStoneBack(List<Step> steps, Verdict.Fault fault) {
        double force = Job.Forces.CHISEL.baseN();
        double area = secondaryWidthMm * edgeLengthMm;
        int from = Math.max(0, path.size() - 2);
        double scratch = path.get(path.size() - 1).scratchUm();
        for (int i = from; i < path.size(); i++) {
            Abrasive stone = path.get(i);
            double volume =
                    2 * scratch / 1000 * area + (i == from ? Dullness.TOUCH_UP.recessionMm() * last.sin() * area : 0);
            int strokes = (int) Math.ceil(StockRemoval.strokes(stone, steel, force, volume));
            steps.add(stretch(stone, fault, Math.max(strokes, FEW_STROKES), force, i == from, scratch));
            scratch = stone.scratchUm();
        }
    }

    private Step stretch(
            Abrasive stone, Verdict.Fault fault, int strokes, double force, boolean raises, double scratchBefore) {
        Stretch where = fault.where();
        boolean whole = where.toMm() - where.fromMm() >= edgeLengthMm - 1e-6;
        String place = whole
                ? "the whole edge"
                : Numbers.plain(where.fromMm(), 1) + " to " + Numbers.plain(where.toMm(), 1) + " mm";
        return write.counted(
                Step.Kind.WORK,
                "Work " + place + " on the " + stone.name(),
                stone,
                where,
                Optional.of(last.degrees()),
                force,
                manner.worked(),
                manner.eachSide(strokes),
                strokes * StepWriter.SECONDS_PER_STROKE,
                raises
                        ? "A burr on " + manner.other() + " along this stretch, and no light on the apex."
                        : "The scratches of the stone before are gone, and the stretch runs into its neighbours.",
                raises
                        ? "Is there a burr along the whole stretch?"
                        : "Does the stretch run into its neighbours evenly?",
                raises ? "Stay on this stone: the apex is not reached." : "A few more, lighter at both ends.",
                raises
                        ? "Raised along the stretch, on " + manner.other() + "."
                        : "Still on " + manner.other() + ", finer.",
                scratchBefore > 0
                        ? fault.why() + " The scratch before was " + Numbers.plain(scratchBefore, 2) + " µm."
                        : fault.why(),
                "");
    }
}
