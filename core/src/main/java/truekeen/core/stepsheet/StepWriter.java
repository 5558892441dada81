package truekeen.core.stepsheet;

import java.util.List;
import java.util.Optional;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.keenness.Stretch;
import truekeen.core.message.Numbers;
import truekeen.core.progression.Job;
import truekeen.core.progression.JobPath;
import truekeen.core.progression.Leg;
import truekeen.core.progression.PowerOffer;
import truekeen.core.quantity.Angle;
import truekeen.core.removal.StockRemoval;
import truekeen.core.steel.SteelClass;

/** Words and figures of single steps. */
final class StepWriter {
    /** Prior: light strokes a side to take the burr off. */
    static final int DEBURR_STROKES = 6;
    /** Prior: strokes of the back on the finest stone at every honing. */
    static final int BACK_STROKES = 10;
    /** Prior: time of a stroke (s). */
    static final double SECONDS_PER_STROKE = 1.2;
    /** Prior: the weight of a chisel on the stone (N). */
    static final double TOOL_WEIGHT_N = 3;

    static final double SECONDS_TO_SET = 40;
    private static final double SECONDS_TO_PROTECT = 60;

    private final Manner manner;

    StepWriter(Manner manner) {
        this.manner = manner;
    }

    Step work(JobPath path, int index, Angle angle, Stretch edge) {
        Leg leg = path.legs().get(index);
        boolean shapes = index == 0;
        String bevel = face(path.job().kind());
        return counted(
                Step.Kind.WORK,
                (shapes ? "Shape the " : "Refine the ") + bevel + " on the "
                        + leg.abrasive().name(),
                leg.abrasive(),
                edge,
                Optional.of(angle.degrees()),
                leg.forceN(),
                manner.worked(),
                manner.eachSide(leg.wholeStrokes()),
                leg.seconds(),
                (shapes
                                ? "Even scratches over the whole bevel right to the edge, then a burr you can feel on "
                                        + manner.other() + "."
                                : "The scratches of the stone before are gone; the burr still runs end to end, finer.")
                        + manner.stations(leg.wholeStrokes(), shapes),
                shapes
                        ? "Is there a burr along the whole edge, end to end?"
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
                offer.machine().lubricant(),
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

    Step prepare(String acts, Stretch edge) {
        return plain(
                Step.Kind.PREPARE,
                "Make the stones ready",
                edge,
                Optional.empty(),
                0,
                Character.toUpperCase(acts.charAt(0)) + acts.substring(1) + ".",
                "",
                "",
                "",
                "Finest stone first when flattening, so that no coarse grit gets onto it.",
                "");
    }

    Step deburr(Abrasive finest, Stretch edge, int strokes) {
        return counted(
                Step.Kind.DEBURR,
                "Take the burr off on the " + finest.name(),
                finest,
                edge,
                Optional.empty(),
                TOOL_WEIGHT_N,
                manner.burrSides(),
                strokes,
                2 * strokes * SECONDS_PER_STROKE,
                "Alternate the sides, edge leading, ever lighter. A cloth drawn off the edge catches nothing.",
                "Does the nail slide off both sides without a catch?",
                "A few more, lighter; trailing strokes for a stubborn burr. Never snap it off with the thumb.",
                "Gone.",
                "A burr feels keen, folds in the first cuts, and takes the edge with it.",
                manner.worked().size() == 2
                        ? ""
                        : "Back flat on the stone; start with the edge off its side and slide on.");
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
                "Edge trailing on leather, always.");
    }

    Step protect(SteelClass steel, Stretch edge) {
        boolean rusts = steel.note().contains("rust") || steel.name().contains("carbon");
        return plain(
                Step.Kind.PROTECT,
                "Clean, dry and oil the tool",
                edge,
                Optional.empty(),
                SECONDS_TO_PROTECT,
                rusts
                        ? "Wash, dry at once, wipe with light oil or wax: this steel rusts overnight."
                        : "Wash, dry at once, wipe with light oil or wax.",
                "",
                "",
                "",
                "Water in the corner of the back starts the next pits.",
                "Gloves for the last wipe.");
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
        double spread = byRule ? 1 : StockRemoval.firstEstimateSpread();
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
                on.lubricant(),
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
