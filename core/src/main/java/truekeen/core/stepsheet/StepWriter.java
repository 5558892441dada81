package truekeen.core.stepsheet;

import java.util.List;
import java.util.Optional;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.care.PrepAct;
import truekeen.core.keenness.Stretch;
import truekeen.core.message.Numbers;
import truekeen.core.progression.Job;
import truekeen.core.progression.JobPath;
import truekeen.core.progression.Leg;
import truekeen.core.progression.PowerOffer;
import truekeen.core.quantity.Angle;
import truekeen.core.table.Prior;
import truekeen.core.tool.GeometryKind;

/** Words and figures of single steps. */
final class StepWriter {
    /** Prior: light strokes a side to take the burr off. */
    static final int DEBURR_STROKES = Prior.STEP_WRITER_DEBURR_STROKES.whole();
    /** Prior: light strokes a side to take it off between stones. */
    static final int BETWEEN_STROKES = Prior.STEP_WRITER_BETWEEN_STROKES.whole();
    /** Prior: strokes of a single-bevel knife's back, and of its bevel after it. */
    static final int LATE_BACK_STROKES = Prior.STEP_WRITER_LATE_BACK_STROKES.whole();
    /** Prior: strokes of the back on the finest stone at every honing. */
    static final int BACK_STROKES = Prior.STEP_WRITER_BACK_STROKES.whole();
    /** Prior: time of a stroke (s). */
    static final double SECONDS_PER_STROKE = Prior.STROKE_SECONDS.value();
    /** Prior: the weight of a chisel on the stone (N). */
    static final double TOOL_WEIGHT_N = Prior.STEP_WRITER_TOOL_WEIGHT_N.value();

    static final double SECONDS_TO_SET = Prior.SETTING_SECONDS.value();
    private static final double SECONDS_OFF_STONE = Prior.STEP_WRITER_SECONDS_OFF_STONE.value();

    private final WorkingMethod manner;

    StepWriter(WorkingMethod manner) {
        this.manner = manner;
    }

    Step work(JobPath path, int index, Angle angle, Stretch edge) {
        Leg leg = path.legs().get(index);
        boolean shapes = index == 0;
        boolean last = index == path.legs().size() - 1;
        String bevel = face(path.job().kind());
        int each = manner.eachSide(leg.wholeStrokes());
        boolean late = manner.kind() == GeometryKind.SINGLE_BEVEL_KNIFE;
        boolean fresh = !late && (manner.habits().freshBurr() || manner.habits().burrEachStone(manner.kind()));
        String title = (shapes ? "Shape the " : "Refine the ") + bevel + " on the "
                + leg.abrasive().name();
        StepBuilder step = onStone(Step.Kind.WORK, title, leg.abrasive(), edge)
                .at(angle)
                .pressed(Optional.of(leg.forceN()), pressure(leg.forceN()))
                .lasting(leg.seconds())
                .how(manner.habits()
                        .lines(leg.abrasive(), shapes, last, manner.worked().size() == 2, each))
                .learned(leg.abrasive().effort().factor())
                .atStations(manner.stationStrokes(leg.wholeStrokes(), shapes))
                .inSetsOf(manner.setOf());
        learnedCount(step, leg.abrasive(), manner.worked(), each);
        String stations = manner.stations(leg.wholeStrokes(), shapes);
        if (shapes) {
            return step.look("Even scratches over the whole bevel right to the edge, then a burr you can feel on "
                            + manner.other() + "." + stations)
                    .gate(
                            "Is there a burr along the whole edge, end to end?",
                            "Stay on this stone where the burr is missing: the apex is not reached there.")
                    .burr(Step.BurrTask.RAISE, "Raised along the whole edge, on " + manner.other() + ".")
                    .because("This stone does the real sharpening; all later ones only replace scratches.")
                    .caution("First strokes on a fresh edge are pulled, so that it cannot dig in.")
                    .done();
        }
        step.because("Replaces scratches " + um(leg.scratchBeforeUm()) + " deep by "
                + um(leg.abrasive().scratchUm()) + ".");
        String otherwise = "Stay here. Where the old scratches stay, go back one stone there.";
        String burr = "Still on " + manner.other() + ", finer.";
        if (fresh) {
            return step.look("The scratches of the stone before are gone, and this stone has raised a burr of its own,"
                            + " end to end." + stations)
                    .gate("Are the old scratches gone and is there a fresh burr end to end?", otherwise)
                    .burr(Step.BurrTask.RAISE, burr)
                    .done();
        }
        if (late) {
            return step.look("The scratches of the stone before are gone. Do not feel for a fresh burr: on this knife"
                            + " there is none to be felt until the last." + stations)
                    .gate("Are the old scratches gone?", otherwise)
                    .burr(Step.BurrTask.KEEP_UNFELT, burr)
                    .done();
        }
        return step.look(
                        "The scratches of the stone before are gone; the burr still runs end to end, finer." + stations)
                .gate("Are the old scratches gone and is the burr still unbroken?", otherwise)
                .burr(Step.BurrTask.KEEP, burr)
                .done();
    }

    /** The burr off on a stone that is not the last, where the house does so at each. */
    Step deburrBetween(Abrasive stone, Stretch edge) {
        return light(Step.Kind.DEBURR, "Take the burr off before the next stone", stone, edge, BETWEEN_STROKES)
                .look("The nail slides off both sides without a catch.")
                .gate("Is the burr gone from both sides?", "A few more, lighter.")
                .burr(Step.BurrTask.TAKE_OFF_BETWEEN, "Gone; the next stone raises its own.")
                .because(
                        "The house takes the burr off at every stone: each stone then proves that it reaches the edge.")
                .how(List.of(manner.habits().lastLightStrokes()))
                .done();
    }

    /** The back of a single-bevel knife, late and once. */
    Step lateBack(Abrasive finest, Stretch edge) {
        String title = "Turn it over once: the back on the " + finest.name();
        return light(Step.Kind.DEBURR, title, finest, edge, LATE_BACK_STROKES)
                .counting(List.of(Step.Side.BACK, Step.Side.BEVEL), LATE_BACK_STROKES)
                .look("The back lies flat on spine and edge; the burr leaves in one piece.")
                .gate(
                        "Does the nail slide off both sides without a catch?",
                        "A stroke or two more on the bevel, then on the back.")
                .burr(Step.BurrTask.TAKE_OFF, "Gone.")
                .because("The hollow of the back is what keeps this knife single-bevelled: it only kisses the finest"
                        + " stone.")
                .caution("Flat, or the back is rounded for good.")
                .how(List.of(
                        "Back flat, edge leading, the fingers over the edge.",
                        "Then a light stroke or two on the bevel, and the back once more."))
                .done();
    }

    Step grind(PowerOffer offer, Angle primary, Stretch edge) {
        String title =
                "Grind the " + manner.ground() + " on the " + offer.machine().name();
        return Step.of(Step.Kind.GRIND, title, edge)
                .on(offer.machine())
                .at(primary)
                .pressed(Optional.empty(), "light hand, always moving")
                .lasting((offer.leastSeconds() + offer.mostSeconds()) / 2)
                .look("Blunt to the line first. Then the bevel, until the blunt land just disappears, even across.")
                .gate(
                        "Has the blunt land just gone, even from corner to corner?",
                        "Light passes only now; dip by count, before there is any steam.")
                .burr("None yet.")
                .because("Thick steel takes heat; a thin edge is burnt before the finger feels anything.")
                .caution("Eye protection and guards on; no gloves near the wheel; check its marked speed; manuals"
                        + " first.")
                .done();
    }

    Step setGuide(Job.Kind kind, Angle angle, Stretch edge) {
        return manner.guide().isPresent()
                ? setGuide(face(kind), angle, manner.guide().get(), edge)
                : holdByHand(face(kind), angle, edge);
    }

    private Step holdByHand(String bevel, Angle angle, Stretch edge) {
        String title = "Find " + angle + " " + manner.angleWords() + " for the " + bevel;
        return Step.of(Step.Kind.SET_GUIDE, title, edge)
                .at(angle)
                .lasting(SECONDS_TO_SET)
                .look("Lay the bevel flat, heel first, then tip it until heel and edge both bear. Ink it, take two"
                        + " strokes: the ink goes evenly from heel to edge.")
                .gate(
                        "Does the ink go evenly?",
                        "Ink gone only at the shoulder: raise a little. Only at the edge: lower. Then keep hand and"
                                + " forearm as one piece.")
                .because("The same angle every stroke matters more than its exact degree.")
                .done();
    }

    private String face(Job.Kind kind) {
        return kind == Job.Kind.PRIMARY ? manner.ground() : manner.honed();
    }

    private Step setGuide(String bevel, Angle angle, String guideName, Stretch edge) {
        return Step.of(Step.Kind.SET_GUIDE, "Set the " + guideName + " for the " + bevel, edge)
                .at(angle)
                .lasting(SECONDS_TO_SET)
                .look(manner.heldBy().seating()
                        + " Ink the bevel, take two strokes: the ink goes evenly from end to end.")
                .gate(
                        "Does the ink go evenly?",
                        "Ink gone only at the heel: " + manner.heldBy().toRaise() + ". Only at the edge: "
                                + manner.heldBy().toLower()
                                + ". Only at one end: seat the tool again. The ink check says by how much.")
                .because("Repeating the same setting matters more than its exact degree.")
                .done();
    }

    /** Its time is part of the stones' own: flattening and soaking are counted where they are used. */
    Step prepare(List<PrepAct> acts, Stretch edge) {
        return Step.of(Step.Kind.PREPARE, "Make the stones ready", edge)
                .look("These, in this order.")
                .because(
                        "What soaks goes in first; finest stone first when flattening, so that no coarse grit gets onto"
                                + " it.")
                .how(acts.stream().map(PrepAct::words).toList())
                .done();
    }

    Step deburr(Abrasive finest, Stretch edge, int strokes) {
        return deburr(finest, edge, strokes, false);
    }

    /** The burr off on the finest, with the strokes the other way than the house has them where that is asked for. */
    Step deburr(Abrasive finest, Stretch edge, int strokes, boolean otherWay) {
        SheetHabits habits = manner.habits();
        return light(Step.Kind.DEBURR, "Take the burr off on the " + finest.name(), finest, edge, strokes)
                .look("A cloth drawn off the edge catches nothing.")
                .gate(
                        "Does the nail slide off both sides without a catch?",
                        "A few more, lighter; trailing strokes for a stubborn burr. Never snap it off with the thumb.")
                .burr(Step.BurrTask.TAKE_OFF, "Gone.")
                .because("A burr feels keen, folds in the first cuts, and takes the edge with it.")
                .caution(
                        manner.worked().size() == 2
                                ? ""
                                : "Back flat on the stone; start with the edge off its side and slide on.")
                .how(List.of(otherWay ? habits.otherWay() : habits.lastLightStrokes()))
                .done();
    }

    /** The edge finished off the stone, where the house does not strop. */
    Step offTheStone(Stretch edge) {
        return Step.of(Step.Kind.ADJUST, "Draw the edge once along a corner of soft wood", edge)
                .lasting(SECONDS_OFF_STONE)
                .look("Nothing clings to the wood: no burr is left. The finish is the stone's own.")
                .burr(Step.BurrTask.SHED, "Gone.")
                .because("The house finishes off the stone: no leather rounds the apex.")
                .done();
    }

    Step strop(Abrasive strop, String note, Stretch edge, int strokes) {
        return light(Step.Kind.STROP, "Strop on the " + strop.name(), strop, edge, strokes)
                .look("Few, light, flat. No brighter line than before at the very edge.")
                .burr(Step.BurrTask.SHED, "Gone.")
                .because(note.isEmpty() ? "Takes the last of the burr; too many, too steep rounds the apex." : note)
                .caution("Edge trailing on leather, always.")
                .done();
    }

    /** Something set or cleaned away from the stones. */
    Step adjust(String title, String look, Stretch where) {
        return Step.of(Step.Kind.ADJUST, title, where)
                .lasting(SECONDS_TO_SET)
                .look(look)
                .because("No steel need go for this.")
                .done();
    }

    /** A back worked flat: the whole count on one side. */
    StepBuilder back(String title, Abrasive stone, Stretch where, double forceN, int strokes) {
        StepBuilder step = onStone(Step.Kind.WORK, title, stone, where)
                .pressed(Optional.of(forceN), pressure(forceN))
                .lasting(strokes * SECONDS_PER_STROKE);
        return learnedCount(step, stone, List.of(Step.Side.BACK), strokes);
    }

    /** Work at an angle on a part of the edge, the sides each with its share of the strokes. */
    StepBuilder stretch(String title, Abrasive stone, Stretch where, double forceN, int strokes) {
        StepBuilder step = onStone(Step.Kind.WORK, title, stone, where)
                .pressed(Optional.of(forceN), pressure(forceN))
                .lasting(strokes * SECONDS_PER_STROKE)
                .inSetsOf(manner.setOf());
        return learnedCount(step, stone, manner.worked(), manner.eachSide(strokes));
    }

    /** A few light strokes a side under the weight of the tool; how many goes by rule. */
    private StepBuilder light(Step.Kind kind, String title, Abrasive on, Stretch where, int strokes) {
        return onStone(kind, title, on, where)
                .pressed(Optional.of(TOOL_WEIGHT_N), pressure(TOOL_WEIGHT_N))
                .counting(manner.burrSides(), strokes)
                .lasting(2 * strokes * SECONDS_PER_STROKE);
    }

    private static StepBuilder onStone(Step.Kind kind, String title, Abrasive on, Stretch where) {
        return Step.of(kind, title, where).on(on);
    }

    /** An estimate: the count is as good as what is known of this stone. */
    private static StepBuilder learnedCount(StepBuilder step, Abrasive on, List<Step.Side> sides, int strokes) {
        double spread = on.effort().spread();
        return step.counting(
                sides, strokes, (int) Math.max(1, Math.floor(strokes / spread)), (int) Math.ceil(strokes * spread));
    }

    private static String pressure(double newton) {
        if (newton >= 30) {
            return "firm, both hands";
        }
        if (newton >= 15) {
            return "steady";
        }
        return newton > TOOL_WEIGHT_N ? "light" : "the weight of the tool, then less";
    }

    private static String um(double um) {
        return Numbers.plain(um, 2) + " µm";
    }
}
