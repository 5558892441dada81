package truekeen.core.stepsheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.condition.Dullness;
import truekeen.core.fault.Diagnosis.Finding;
import truekeen.core.fault.FaultRule;
import truekeen.core.fault.Remedy;
import truekeen.core.job.JobKind;
import truekeen.core.keenness.Stretch;
import truekeen.core.message.InWords;
import truekeen.core.message.Numbers;
import truekeen.core.progression.StoneWork;
import truekeen.core.progression.WorkPlan;
import truekeen.core.quantity.Angle;
import truekeen.core.removal.StockRemoval;
import truekeen.core.steel.SteelClass;
import truekeen.core.table.Prior;

/**
 * Turns accepted remedies into the steps that lead back: which stones, where along the edge, how many strokes. Several
 * are worked together, stone by stone from the coarsest, each stretch from the stone where its own remedy enters.
 */
public final class RemedySheet {
    private static final int FEW_STROKES = Prior.REMEDY_SHEET_FEW_STROKES.whole();
    private static final int LIGHTER_DEBURR = Prior.REMEDY_SHEET_LIGHTER_DEBURR.whole();
    private static final int LESS_STROPPING = Prior.REMEDY_SHEET_LESS_STROPPING.whole();
    /** How far beyond a stretch the neighbours are feathered in (mm). Prior. */
    private static final double FEATHER_MM = Prior.REMEDY_SHEET_FEATHER_MM.value();

    /** Less than this cannot be worked by itself on a stone (mm). Prior. */
    private static final double LEAST_STRETCH_MM = Prior.REMEDY_SHEET_LEAST_STRETCH_MM.value();

    /** What was found, and the remedy accepted for it. */
    public record Chosen(Finding finding, Remedy remedy) {
        boolean at(Remedy.Entry entry) {
            return remedy.entry() == entry;
        }
    }

    /** What the tool was honed with. */
    public record Honing(
            List<Abrasive> path,
            Optional<Abrasive> strop,
            Angle last,
            SteelClass steel,
            double secondaryWidthMm,
            double edgeLengthMm,
            WorkingMethod manner) {}

    /** Work on one stone over one stretch. */
    private record Work(Stretch where, boolean raises, boolean part, double recessionMm, String why) {}

    private final Honing honing;
    private final StepWriter write;
    private final HoldSteps hold;
    private final BurrSteps burr;
    private final Stretch edge;

    private RemedySheet(Honing honing) {
        this.honing = honing;
        this.write = new StepWriter(honing.manner());
        this.hold = new HoldSteps(honing.manner());
        this.burr = new BurrSteps(honing.manner());
        this.edge = new Stretch(0, honing.edgeLengthMm());
    }

    /**
     * The steps of the remedies; none where none was accepted.
     *
     * @param honing the abrasives the secondary was honed on, at least one, and how
     */
    public static List<Step> of(List<Chosen> chosen, Honing honing) {
        return new RemedySheet(honing).steps(chosen);
    }

    /** The name of the stone at which a remedy takes the progression up again; empty where no stone is touched. */
    public static String entryStone(Remedy remedy, List<Abrasive> path) {
        int at = entryIndex(remedy.entry(), path.size());
        return at < 0 ? "" : path.get(at).name();
    }

    private static int entryIndex(Remedy.Entry entry, int stones) {
        return switch (entry) {
            case FIRST_STONE, BACK -> 0;
            case ONE_BACK -> Math.max(0, stones - 2);
            case LAST_STONE -> stones - 1;
            default -> -1;
        };
    }

    private List<Step> steps(List<Chosen> chosen) {
        List<Step> steps = new ArrayList<>();
        for (Chosen c : chosen) {
            if (!c.remedy().act().isEmpty()) {
                steps.add(write.adjust(c.remedy().act(), c.remedy().words(), where(c)));
            }
        }
        Map<Integer, List<Work>> byStone = byStone(chosen);
        if (byStone.keySet().stream()
                .anyMatch(i -> i < honing.path().size() - 1 || honing.path().size() == 1)) {
            steps.add(hold.setGuide(JobKind.SECONDARY, honing.last(), Step.Intent.MATCH, edge));
        }
        chosen.stream().filter(c -> c.at(Remedy.Entry.BACK)).findFirst().ifPresent(c -> steps.add(back(c)));
        double scratch = finest().scratchUm();
        for (Map.Entry<Integer, List<Work>> stone : byStone.entrySet()) {
            for (Work work : stone.getValue()) {
                steps.add(stretch(honing.path().get(stone.getKey()), work, scratch));
            }
            scratch = honing.path().get(stone.getKey()).scratchUm();
        }
        boolean gentle = chosen.stream()
                .anyMatch(c -> FaultRule.named(c.finding().fault()).eases());
        boolean otherWay = chosen.stream().anyMatch(c -> c.at(Remedy.Entry.DEBURR_OTHER_WAY));
        boolean deburr = chosen.stream().anyMatch(c -> c.at(Remedy.Entry.DEBURR));
        if (!byStone.isEmpty() || otherWay || deburr) {
            int strokes = gentle ? LIGHTER_DEBURR : StepWriter.DEBURR_STROKES;
            steps.add(burr.deburr(finest(), edge, strokes, otherWay));
        }
        boolean strop = chosen.stream().anyMatch(c -> c.at(Remedy.Entry.STROP));
        if (!byStone.isEmpty() || otherWay || deburr || strop) {
            int strokes = gentle && !strop ? LESS_STROPPING : WorkPlan.STROP_STROKES;
            steps.add(honing.strop()
                    .map(s -> burr.strop(s, "", edge, strokes))
                    .orElseGet(() -> burr.offTheStone(edge, false)));
        }
        return List.copyOf(steps);
    }

    /** What is done on each stone, by its place in the progression. */
    private Map<Integer, List<Work>> byStone(List<Chosen> chosen) {
        Map<Integer, List<Work>> byStone = new TreeMap<>();
        for (Chosen c : chosen) {
            int entry = entryIndex(c.remedy().entry(), honing.path().size());
            if (entry < 0) {
                continue;
            }
            // What leather rounded is steel that must go: a burr says that the stone is past it.
            boolean rounded =
                    FaultRule.named(c.finding().fault()).eases() && c.remedy().whole();
            boolean back = c.at(Remedy.Entry.LAST_STONE) && !rounded;
            double recession = back ? 0 : (shallow(c) ? Dullness.TOUCH_UP : Dullness.LIGHT_VISIBLE).recessionMm();
            for (int i = entry; i < honing.path().size(); i++) {
                boolean first = i == entry;
                byStone.computeIfAbsent(i, k -> new ArrayList<>())
                        .add(new Work(
                                first && !back ? alone(c) : where(c),
                                first && !back,
                                !c.remedy().whole(),
                                first ? recession : 0,
                                c.finding().title() + ". " + c.remedy().words()));
            }
        }
        byStone.replaceAll((i, works) -> merged(works));
        return byStone;
    }

    private static boolean shallow(Chosen c) {
        return c.at(Remedy.Entry.ONE_BACK) || c.at(Remedy.Entry.LAST_STONE);
    }

    /** Stretches of one stone that touch are worked as one. */
    private static List<Work> merged(List<Work> works) {
        List<Work> result = new ArrayList<>();
        for (Work w : works.stream()
                .sorted(Comparator.comparingDouble(w -> w.where.fromMm()))
                .toList()) {
            Work last = result.isEmpty() ? null : result.get(result.size() - 1);
            if (last != null && w.where.fromMm() <= last.where.toMm()) {
                result.set(
                        result.size() - 1,
                        new Work(
                                new Stretch(last.where.fromMm(), Math.max(last.where.toMm(), w.where.toMm())),
                                last.raises || w.raises,
                                last.part && w.part,
                                Math.max(last.recessionMm, w.recessionMm),
                                last.why.equals(w.why) ? last.why : last.why + " " + w.why));
            } else {
                result.add(w);
            }
        }
        return result;
    }

    /** The stretch by itself: its neighbours are not touched before it has its burr. */
    private Stretch alone(Chosen c) {
        Stretch there = c.finding().where();
        double missing = Math.max(0, LEAST_STRETCH_MM - (there.toMm() - there.fromMm()));
        return c.remedy().whole() ? edge : there.widened(missing / 2, honing.edgeLengthMm());
    }

    /** The stretch with its neighbours feathered in. */
    private Stretch where(Chosen c) {
        return c.remedy().whole() ? edge : c.finding().where().widened(FEATHER_MM, honing.edgeLengthMm());
    }

    private StoneWork.Forces forces() {
        return StoneWork.Forces.of(honing.manner().kind(), honing.edgeLengthMm());
    }

    private Abrasive finest() {
        return honing.path().get(honing.path().size() - 1);
    }

    private Step back(Chosen c) {
        String title = StepWords.POLISH_THE_BACK.fill("stone", finest().name());
        return write.back(title, finest(), where(c), forces().refiningN(), StepWriter.BACK_STROKES)
                .look(StepWords.BACK_WITHOUT_SCRATCH.words())
                .gate(StepWords.BACK_BRIGHT.words(), StepWords.A_FEW_MORE_FLAT.words())
                .because(c.finding().title() + ". " + c.remedy().words())
                .done();
    }

    /** How a stretch is worked: alone until it has its burr, then run into its neighbours. */
    private List<String> how(Abrasive stone, Work work, boolean whole, int strokes) {
        WorkingMethod manner = honing.manner();
        List<String> lines = new ArrayList<>(manner.habits()
                .lines(new SheetHabits.LegAsked(
                        stone,
                        work.raises,
                        stone == finest(),
                        manner.worked().size() == 2,
                        manner.eachSide(strokes),
                        manner.grip(),
                        work.raises)));
        if (work.part && !whole) {
            if (work.raises) {
                lines.add(StepWords.STRETCH_ALONE.words());
            }
            // Where one stone does it all, its last strokes feather what the first ones raised.
            if (!work.raises || stone == finest()) {
                lines.add(StepWords.STRETCH_FEATHERED.words());
            }
        }
        return lines;
    }

    private Step stretch(Abrasive stone, Work work, double scratchBefore) {
        String other = honing.manner().other();
        double force = forces().refiningN();
        double length = work.where.toMm() - work.where.fromMm();
        double area = honing.secondaryWidthMm() * length;
        double volume = StockRemoval.replacingMm3(scratchBefore, area)
                + work.recessionMm * honing.last().sin() * area;
        int least = work.raises ? 3 : FEW_STROKES;
        int strokes = Math.max(least, (int) Math.ceil(StockRemoval.strokes(stone, honing.steel(), force, volume)));
        boolean whole = length >= honing.edgeLengthMm() - 1e-6;
        String place = whole
                ? StepWords.WHOLE_EDGE.words()
                : Numbers.plain(work.where.fromMm(), 1) + " to " + Numbers.plain(work.where.toMm(), 1) + InWords.MM;
        String title = StepWords.WORK_A_STRETCH.fill("place", place, "stone", stone.name());
        StepBuilder step = write.stretch(title, stone, work.where, force, strokes)
                .at(honing.last())
                .how(how(stone, work, whole, strokes))
                .because(StepWords.WHY_A_STRETCH.fill(
                        "why", work.why, "scratchBefore", Numbers.plain(scratchBefore, 2)));
        return work.raises
                ? step.look(StepWords.STRETCH_RAISED.fill("other", other))
                        .gate(StepWords.STRETCH_BURR.words(), StepWords.STRETCH_STAY.words())
                        .burr(Step.BurrTask.RAISE, StepWords.STRETCH_BURR_RAISED.fill("other", other))
                        .done()
                : step.look(StepWords.STRETCH_RUNS_IN.words())
                        .gate(StepWords.STRETCH_EVEN.words(), StepWords.STRETCH_MORE.words())
                        .burr(Step.BurrTask.KEEP, StepWords.BURR_FINER.fill("other", other))
                        .done();
    }
}
