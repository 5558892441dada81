package truekeen.core.powered;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import truekeen.core.keenness.Stretch;
import truekeen.core.message.Numbers;
import truekeen.core.quantity.Angle;
import truekeen.core.repair.Caution;
import truekeen.core.stepsheet.Step;
import truekeen.core.table.Prior;
import truekeen.core.tool.Blade;
import truekeen.core.tool.EdgeLayout;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ToothedBlade;

/** Writes the steps of a powered blade out. Words and small counts are workshop priors. */
final class PoweredSteps {
    private static final double SECONDS_TO_CLEAN = Prior.POWERED_STEPS_SECONDS_TO_CLEAN.value();
    private static final double SECONDS_TO_MEASURE = Prior.POWERED_STEPS_SECONDS_TO_MEASURE.value();
    private static final double SECONDS_TO_SET = Prior.POWERED_STEPS_SECONDS_TO_SET.value();
    private static final int BURR_STROKES = Prior.POWERED_STEPS_BURR_STROKES.whole();
    /** Sets that the strokes of one end are dealt in, so that neither end runs ahead. */
    private static final int SETS = Prior.POWERED_STEPS_SETS.whole();

    private final Blade blade;
    private final Tooling by;
    private final Angle bevel;
    private final double lostMm;
    private final Stretch edge;

    PoweredSteps(Blade blade, Tooling by, Angle bevel, double lostMm) {
        this.blade = blade;
        this.by = by;
        this.bevel = bevel;
        this.lostMm = lostMm;
        this.edge = new Stretch(0, blade.edgeLengthMm());
    }

    List<Step> all() {
        List<Step> steps = new ArrayList<>();
        steps.add(clean());
        boolean turns = blade.kind() != GeometryKind.TRIMMER;
        if (turns) {
            steps.add(measure());
        }
        steps.add(ready());
        steps.add(blade.layout().form() == EdgeLayout.Form.BAR ? ends() : teeth());
        if (blade.kind() == GeometryKind.BRUSH_CUTTER) {
            steps.add(plain(
                    "Keep the round at every root",
                    "A round file where a root has lost its radius; never a saw cut or a sharp corner.",
                    "Is every root round and smooth?",
                    "Round it out. A root that stays sharp, or shows a line, ends the blade: inspect it again.",
                    "A crack begins where a corner is sharp.",
                    ""));
        }
        steps.add(burr());
        if (blade.kind() == GeometryKind.TRIMMER) {
            steps.add(gap());
            steps.add(plain(
                    "Oil the blades",
                    "A few drops along the sliding faces; move them once by hand, gloved, and wipe what runs off.",
                    "Do they slide freely the whole way?",
                    "Look for a burr left on a flat, or resin in the slots.",
                    "Dry blades wear each other's flats.",
                    Caution.GLOVES.words()));
        }
        return List.copyOf(steps);
    }

    private Step clean() {
        boolean trimmer = blade.kind() == GeometryKind.TRIMMER;
        return Step.of(Step.Kind.PREPARE, trimmer ? "Clean the resin off" : "Clean the blade bare", edge)
                .lasting(SECONDS_TO_CLEAN)
                .look(
                        trimmer
                                ? "Resin softener or soapy water, a brush along the teeth, never a finger; dry it."
                                : "Scrape and brush grass, rust and paint off the edges, the bore and the flat side; mark"
                                        + " the underside and photograph how it sat, washers too.")
                .gate(
                        "Is bare steel to be seen along every edge?",
                        "Go on cleaning: what is covered cannot be inspected, and clogs the file.")
                .because("Dirt hides cracks and carries weight.")
                .caution(Caution.GLOVES.words())
                .done();
    }

    private Step measure() {
        boolean bar = blade.layout().form() == EdgeLayout.Form.BAR;
        String title =
                bar ? "Mark three places on each end and measure" : "Mark four edges a quarter apart and measure";
        return Step.of(Step.Kind.MEASURE, title, edge)
                .counting(bar ? List.of(Step.Side.FIRST_END, Step.Side.SECOND_END) : List.of(Step.Side.EDGES), 0)
                .lasting(SECONDS_TO_MEASURE)
                .look(
                        bar
                                ? "Width from the edge to the trailing side at the inner end, the middle and the outer end"
                                        + " of each cutting edge. Scratch the marks: the same places are measured"
                                        + " afterwards."
                                : "From the bore to the tip of the edge, at four edges a quarter turn apart.")
                .gate("Are all of them put down?", "Measure those that are missing.")
                .because("Equal loss can only be told from what was there before.")
                .done();
    }

    private Step ready() {
        return switch (by.way()) {
            case FILE, STONE ->
                plain(
                        "Clamp it and find the bevel",
                        (blade.kind() == GeometryKind.TRIMMER
                                        ? "Flat side down on the bench, the row toward you. "
                                        : "Flat in the vice, top side up, the edge just clear of the jaws. ")
                                + "Lay the " + by.piece().name() + " on the old bevel, " + bevel
                                + " from the flat side; ink tells.",
                        "Does it lie on the old bevel from heel to edge?",
                        "Tip it until it does; the blade's own angle, not a new one.",
                        "A bevel that is met is held without thinking.",
                        Caution.FINGERS.words());
            default ->
                plain(
                        "Set the " + by.piece().name() + " to " + bevel,
                        "Rest set with the wheel standing; the bar laid flat side down. Gloves off before it is switched"
                                + " on.",
                        "Does the inked bevel meet it evenly, turned by hand?",
                        "Set the rest again.",
                        "The blade's own angle, not a new one.",
                        String.join(
                                " ",
                                Caution.EYES.words(),
                                Caution.NO_GLOVES.words(),
                                Caution.SPEED.words(),
                                Caution.REST_GAP.words()));
        };
    }

    private Step ends() {
        int set = Math.max(1, (by.strokes() + SETS - 1) / SETS);
        List<String> how = new ArrayList<>();
        how.add("Top side only, the whole length of the cutting edge each time, along its own line.");
        how.add("Stop short of the wing: no grind may run into the bend.");
        how.add("Leave a land of about half a millimetre: as keen as a table knife, no more.");
        if (!by.dip().isEmpty()) {
            how.add(by.dip());
        }
        String title = (by.powered() ? "Grind" : "File") + " both ends alike on the "
                + by.piece().name();
        return Step.of(Step.Kind.ENDS, title, edge)
                .on(by.piece())
                .at(bevel)
                .pressed(by.forceN(), by.powered() ? "light hand, always moving" : "firm, forward only")
                .counting(
                        List.of(Step.Side.FIRST_END, Step.Side.SECOND_END),
                        by.strokes(),
                        by.strokesLow(),
                        by.strokesHigh())
                .lasting(2 * by.strokes() * by.secondsEach())
                .look("About " + Numbers.plain(lostMm, 2) + " mm goes from each end, in " + by.counts()
                        + ". Then measure at the marks again.")
                .gate(
                        "Is the land even, and the loss alike at both ends?",
                        "Bring the end that lost less up to the other; never more off the one that lost most.")
                .because("The same count and the same loss at both ends keep the bar near its balance.")
                .caution(by.powered() ? Caution.SPARKS.words() : Caution.FINGERS.words())
                .how(how)
                .learned(by.handFactor())
                .inSetsOf(set)
                .done();
    }

    private Step teeth() {
        ToothedBlade toothed = (ToothedBlade) blade;
        boolean trimmer = blade.kind() == GeometryKind.TRIMMER;
        int perBlade = toothed.edgesPerBlade();
        List<Step.Side> sides = !trimmer
                ? List.of(Step.Side.EDGES)
                : toothed.blades() == 1
                        ? List.of(Step.Side.TOP_BLADE)
                        : List.of(Step.Side.TOP_BLADE, Step.Side.BOTTOM_BLADE);
        List<Integer> planned =
                IntStream.rangeClosed(1, perBlade).mapToObj(i -> by.strokes()).toList();
        List<String> how = new ArrayList<>();
        how.add(
                trimmer
                        ? "Each tooth has two bevelled edges; along the bevel, one direction, flats untouched."
                        : "Each edge from the root outward, its own angle, stopping short of the root.");
        how.add("The same " + by.counts() + " on every edge; a broken one is left out.");
        if (!by.dip().isEmpty()) {
            how.add(by.dip());
        }
        String title = (by.powered() ? "Grind" : by.way() == Tooling.Way.FILE ? "File" : "Stone")
                + (trimmer ? " every tooth" : " every edge") + " on the "
                + by.piece().name();
        return Step.of(Step.Kind.TEETH, title, edge)
                .on(by.piece())
                .at(bevel)
                .pressed(by.forceN(), by.powered() ? "light hand, always moving" : "light, one direction")
                .counting(sides, by.strokes() * perBlade, by.strokesLow() * perBlade, by.strokesHigh() * perBlade)
                .lasting((double) sides.size() * perBlade * by.strokes() * by.secondsEach())
                .look(by.strokes() + " on each edge. Measure a tooth's angle now and then.")
                .gate(
                        trimmer
                                ? "Has every edge its share?"
                                : "Has every edge its share, and is the loss alike all round?",
                        "Go back to those that were missed.")
                .because("Counting is the whole trouble: one tooth missed tears, one with too much cuts alone.")
                .caution(Caution.FINGERS.words())
                .how(how)
                .learned(by.handFactor())
                .atStations(planned)
                .inSetsOf(by.strokes())
                .done();
    }

    private Step burr() {
        boolean trimmer = blade.kind() == GeometryKind.TRIMMER;
        return plain(
                "Take the burr off the flat side",
                (trimmer ? "The stone dead flat on the flats, " : "The file or stone dead flat on the underside, ")
                        + BURR_STROKES + " light strokes along; no bevel there.",
                "Is the flat side free of burr?",
                "Once more, flat; never at an angle.",
                trimmer
                        ? "A burr on a flat holds the blades apart."
                        : "The flat side is the reference; a bevel there weakens the edge.",
                Caution.GLOVES.words());
    }

    private Step gap() {
        return Step.of(Step.Kind.GAP, "Check the gap between the blades", edge)
                .lasting(SECONDS_TO_SET)
                .look("Join the blades and pass a feeler between them along the row; the widest place counts.")
                .gate(
                        "Is the gap within its limit?",
                        "Take the slack up at its screws as the manual says, evenly, until the blades just slide.")
                .because("Past the limit twigs fold between the blades and are chewed.")
                .caution(Caution.GLOVES.words())
                .done();
    }

    private Step plain(String title, String look, String gate, String ifNot, String why, String caution) {
        return Step.of(Step.Kind.ADJUST, title, edge)
                .lasting(SECONDS_TO_SET)
                .look(look)
                .gate(gate, ifNot)
                .because(why)
                .caution(caution)
                .done();
    }
}
