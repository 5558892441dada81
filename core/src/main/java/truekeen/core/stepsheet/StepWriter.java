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
        List<String> how = manner.habits()
                .lines(leg.abrasive(), shapes, last, manner.worked().size() == 2, each);
        Step step = counted(
                Step.Kind.WORK,
                (shapes ? "Shape the " : "Refine the ") + bevel + " on the "
                        + leg.abrasive().name(),
                leg.abrasive(),
                edge,
                Optional.of(angle.degrees()),
                leg.forceN(),
                manner.worked(),
                each,
                leg.seconds(),
                (shapes
                                ? "Even scratches over the whole bevel right to the edge, then a burr you can feel on "
                                        + manner.other() + "."
                                : fresh
                                        ? "The scratches of the stone before are gone, and this stone has raised a burr"
                                                + " of its own, end to end."
                                        : late
                                                ? "The scratches of the stone before are gone. Do not feel for a fresh"
                                                        + " burr: on this knife there is none to be felt until the last."
                                                : "The scratches of the stone before are gone; the burr still runs end to"
                                                        + " end, finer.")
                        + manner.stations(leg.wholeStrokes(), shapes),
                shapes
                        ? "Is there a burr along the whole edge, end to end?"
                        : fresh
                                ? "Are the old scratches gone and is there a fresh burr end to end?"
                                : late
                                        ? "Are the old scratches gone?"
                                        : "Are the old scratches gone and is the burr still unbroken?",
                shapes
                        ? "Stay on this stone where the burr is missing: the apex is not reached there."
                        : "Stay here. Where the old scratches stay, go back one stone there.",
                shapes
                        ? "Raised along the whole edge, on " + manner.other() + "."
                        : "Still on " + manner.other() + ", finer.",
                shapes
                        ? "This stone does the real sharpening; all later ones only replace scratches."
                        : "Replaces scratches " + um(leg.scratchBeforeUm()) + " deep by "
                                + um(leg.abrasive().scratchUm()) + ".",
                shapes ? "First strokes on a fresh edge are pulled, so that it cannot dig in." : "");
        Step.BurrTask task =
                shapes || fresh ? Step.BurrTask.RAISE : late ? Step.BurrTask.KEEP_UNFELT : Step.BurrTask.KEEP;
        return step.with(how, leg.abrasive().effort().factor())
                .doing(task)
                .dealt(manner.stationStrokes(leg.wholeStrokes(), shapes), manner.setOf());
    }

    /** The burr off on a stone that is not the last, where the house does so at each. */
    Step deburrBetween(Abrasive stone, Stretch edge) {
        Step step = counted(
                Step.Kind.DEBURR,
                "Take the burr off before the next stone",
                stone,
                edge,
                Optional.empty(),
                TOOL_WEIGHT_N,
                manner.burrSides(),
                BETWEEN_STROKES,
                2 * BETWEEN_STROKES * SECONDS_PER_STROKE,
                "The nail slides off both sides without a catch.",
                "Is the burr gone from both sides?",
                "A few more, lighter.",
                "Gone; the next stone raises its own.",
                "The house takes the burr off at every stone: each stone then proves that it reaches the edge.",
                "");
        return step.with(List.of(manner.habits().lastLightStrokes()), 0).doing(Step.BurrTask.TAKE_OFF_BETWEEN);
    }

    /** The back of a single-bevel knife, late and once. */
    Step lateBack(Abrasive finest, Stretch edge) {
        Step step = counted(
                Step.Kind.DEBURR,
                "Turn it over once: the back on the " + finest.name(),
                finest,
                edge,
                Optional.empty(),
                TOOL_WEIGHT_N,
                List.of(Step.Side.BACK, Step.Side.BEVEL),
                LATE_BACK_STROKES,
                2 * LATE_BACK_STROKES * SECONDS_PER_STROKE,
                "The back lies flat on spine and edge; the burr leaves in one piece.",
                "Does the nail slide off both sides without a catch?",
                "A stroke or two more on the bevel, then on the back.",
                "Gone.",
                "The hollow of the back is what keeps this knife single-bevelled: it only kisses the finest stone.",
                "Flat, or the back is rounded for good.");
        return step.with(
                        List.of(
                                "Back flat, edge leading, the fingers over the edge.",
                                "Then a light stroke or two on the bevel, and the back once more."),
                        0)
                .doing(Step.BurrTask.TAKE_OFF);
    }

    Step grind(PowerOffer offer, Angle primary, Stretch edge) {
        return new Step(
                Step.Kind.GRIND,
                "Grind the " + manner.ground() + " on the " + offer.machine().name(),
                offer.machine().id(),
                offer.machine().name(),
                edge,
                Optional.of(primary.degrees()),
                Optional.empty(),
                "light hand, always moving",
                List.of(),
                0,
                0,
                0,
                (offer.leastSeconds() + offer.mostSeconds()) / 2,
                offer.machine().lubricant().key(),
                "Blunt to the line first. Then the bevel, until the blunt land just disappears, even across.",
                "Has the blunt land just gone, even from corner to corner?",
                "Light passes only now; dip by count, before there is any steam.",
                "None yet.",
                "Thick steel takes heat; a thin edge is burnt before the finger feels anything.",
                "Eye protection and guards on; no gloves near the wheel; check its marked speed; manuals first.");
    }

    Step setGuide(Job.Kind kind, Angle angle, Stretch edge) {
        return manner.guide().isPresent()
                ? setGuide(face(kind), angle, manner.guide().get(), edge)
                : holdByHand(face(kind), angle, edge);
    }

    private Step holdByHand(String bevel, Angle angle, Stretch edge) {
        return plain(
                Step.Kind.SET_GUIDE,
                "Find " + angle + " " + manner.angleWords() + " for the " + bevel,
                edge,
                Optional.of(angle.degrees()),
                SECONDS_TO_SET,
                "Lay the bevel flat, heel first, then tip it until heel and edge both bear. Ink it, take two strokes: the"
                        + " ink goes evenly from heel to edge.",
                "Does the ink go evenly?",
                "Ink gone only at the shoulder: raise a little. Only at the edge: lower. Then keep hand and forearm as"
                        + " one piece.",
                "",
                "The same angle every stroke matters more than its exact degree.",
                "");
    }

    private String face(Job.Kind kind) {
        return kind == Job.Kind.PRIMARY ? manner.ground() : manner.honed();
    }

    private Step setGuide(String bevel, Angle angle, String guideName, Stretch edge) {
        return plain(
                Step.Kind.SET_GUIDE,
                "Set the " + guideName + " for the " + bevel,
                edge,
                Optional.of(angle.degrees()),
                SECONDS_TO_SET,
                manner.heldBy().seating() + " Ink the bevel, take two strokes: the ink goes evenly from end to end.",
                "Does the ink go evenly?",
                "Ink gone only at the heel: " + manner.heldBy().toRaise() + ". Only at the edge: "
                        + manner.heldBy().toLower()
                        + ". Only at one end: seat the tool again. The ink check says by how much.",
                "",
                "Repeating the same setting matters more than its exact degree.",
                "");
    }

    Step prepare(List<PrepAct> acts, Stretch edge) {
        // Its time is part of the stones' own: flattening and soaking are counted where they are used.
        Step step = plain(
                Step.Kind.PREPARE,
                "Make the stones ready",
                edge,
                Optional.empty(),
                0,
                "These, in this order.",
                "",
                "",
                "",
                "What soaks goes in first; finest stone first when flattening, so that no coarse grit gets onto it.",
                "");
        return step.with(acts.stream().map(PrepAct::words).toList(), 0);
    }

    Step deburr(Abrasive finest, Stretch edge, int strokes) {
        return deburr(finest, edge, strokes, false);
    }

    /** The burr off on the finest, with the strokes the other way than the house has them where that is asked for. */
    Step deburr(Abrasive finest, Stretch edge, int strokes, boolean otherWay) {
        Step step = counted(
                Step.Kind.DEBURR,
                "Take the burr off on the " + finest.name(),
                finest,
                edge,
                Optional.empty(),
                TOOL_WEIGHT_N,
                manner.burrSides(),
                strokes,
                2 * strokes * SECONDS_PER_STROKE,
                "A cloth drawn off the edge catches nothing.",
                "Does the nail slide off both sides without a catch?",
                "A few more, lighter; trailing strokes for a stubborn burr. Never snap it off with the thumb.",
                "Gone.",
                "A burr feels keen, folds in the first cuts, and takes the edge with it.",
                manner.worked().size() == 2
                        ? ""
                        : "Back flat on the stone; start with the edge off its side and slide on.");
        return step.with(
                        List.of(
                                otherWay
                                        ? manner.habits().otherWay()
                                        : manner.habits().lastLightStrokes()),
                        0)
                .doing(Step.BurrTask.TAKE_OFF);
    }

    /** The edge finished off the stone, where the house does not strop. */
    Step offTheStone(Stretch edge) {
        return plain(
                        Step.Kind.ADJUST,
                        "Draw the edge once along a corner of soft wood",
                        edge,
                        Optional.empty(),
                        SECONDS_OFF_STONE,
                        "Nothing clings to the wood: no burr is left. The finish is the stone's own.",
                        "",
                        "",
                        "Gone.",
                        "The house finishes off the stone: no leather rounds the apex.",
                        "")
                .doing(Step.BurrTask.SHED);
    }

    Step strop(Abrasive strop, String note, Stretch edge, int strokes) {
        return counted(
                        Step.Kind.STROP,
                        "Strop on the " + strop.name(),
                        strop,
                        edge,
                        Optional.empty(),
                        TOOL_WEIGHT_N,
                        manner.burrSides(),
                        strokes,
                        2 * strokes * SECONDS_PER_STROKE,
                        "Few, light, flat. No brighter line than before at the very edge.",
                        "",
                        "",
                        "Gone.",
                        note.isEmpty() ? "Takes the last of the burr; too many, too steep rounds the apex." : note,
                        "Edge trailing on leather, always.")
                .doing(Step.BurrTask.SHED);
    }

    /** Something set or cleaned away from the stones. */
    Step adjust(String title, String look, Stretch where) {
        return plain(
                Step.Kind.ADJUST,
                title,
                where,
                Optional.empty(),
                SECONDS_TO_SET,
                look,
                "",
                "",
                "",
                "No steel need go for this.",
                "");
    }

    Step counted(
            Step.Kind kind,
            String title,
            Abrasive on,
            Stretch where,
            Optional<Double> angleDeg,
            double forceN,
            List<Step.Side> sides,
            int strokes,
            double seconds,
            String look,
            String gate,
            String ifNot,
            String burr,
            String why,
            String caution) {
        boolean byRule = kind != Step.Kind.WORK;
        double spread = byRule ? 1 : on.effort().spread();
        return new Step(
                kind,
                title,
                on.id(),
                on.name(),
                where,
                angleDeg,
                Optional.of(forceN),
                pressure(forceN),
                sides,
                strokes,
                (int) Math.max(1, Math.floor(strokes / spread)),
                (int) Math.ceil(strokes * spread),
                seconds,
                on.lubricant().key(),
                look,
                gate,
                ifNot,
                burr,
                why,
                caution);
    }

    private static Step plain(
            Step.Kind kind,
            String title,
            Stretch where,
            Optional<Double> angleDeg,
            double seconds,
            String look,
            String gate,
            String ifNot,
            String burr,
            String why,
            String caution) {
        return new Step(
                kind,
                title,
                "",
                "",
                where,
                angleDeg,
                Optional.empty(),
                "",
                List.of(),
                0,
                0,
                0,
                seconds,
                "",
                look,
                gate,
                ifNot,
                burr,
                why,
                caution);
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
