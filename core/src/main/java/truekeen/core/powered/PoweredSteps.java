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
                    PoweredWords.KEEP_THE_ROUND.words(),
                    PoweredWords.ROUND_FILE.words(),
                    PoweredWords.ROOTS_ROUND.words(),
                    PoweredWords.ROOTS_NOT_ROUND.words(),
                    PoweredWords.WHY_ROUND.words(),
                    ""));
        }
        steps.add(burr());
        if (blade.kind() == GeometryKind.TRIMMER) {
            steps.add(gap());
            steps.add(plain(
                    PoweredWords.OIL_THE_BLADES.words(),
                    PoweredWords.OIL_DROPS.words(),
                    PoweredWords.SLIDE_FREELY.words(),
                    PoweredWords.SLIDE_NOT.words(),
                    PoweredWords.WHY_OIL.words(),
                    Caution.GLOVES.words()));
        }
        return List.copyOf(steps);
    }

    private Step clean() {
        boolean trimmer = blade.kind() == GeometryKind.TRIMMER;
        return Step.of(
                        Step.Kind.PREPARE,
                        trimmer ? PoweredWords.CLEAN_RESIN.words() : PoweredWords.CLEAN_BARE.words(),
                        edge)
                .lasting(SECONDS_TO_CLEAN)
                .look(trimmer ? PoweredWords.CLEAN_RESIN_HOW.words() : PoweredWords.CLEAN_BARE_HOW.words())
                .gate(PoweredWords.BARE_STEEL.words(), PoweredWords.NOT_BARE.words())
                .because(PoweredWords.WHY_CLEAN.words())
                .caution(Caution.GLOVES.words())
                .done();
    }

    private Step measure() {
        boolean bar = blade.layout().form() == EdgeLayout.Form.BAR;
        String title = bar ? PoweredWords.MARK_THREE_PLACES.words() : PoweredWords.MARK_FOUR_EDGES.words();
        return Step.of(Step.Kind.MEASURE, title, edge)
                .counting(bar ? List.of(Step.Side.FIRST_END, Step.Side.SECOND_END) : List.of(Step.Side.EDGES), 0)
                .lasting(SECONDS_TO_MEASURE)
                .look(bar ? PoweredWords.MEASURE_WIDTHS.words() : PoweredWords.MEASURE_FROM_THE_BORE.words())
                .gate(PoweredWords.ALL_PUT_DOWN.words(), PoweredWords.NOT_ALL_PUT_DOWN.words())
                .because(PoweredWords.WHY_MEASURE.words())
                .done();
    }

    private Step ready() {
        return switch (by.way()) {
            case FILE, STONE ->
                plain(
                        PoweredWords.CLAMP_AND_FIND.words(),
                        PoweredWords.LAY_ON_THE_BEVEL.fill(
                                "held",
                                (blade.kind() == GeometryKind.TRIMMER
                                        ? PoweredWords.FLAT_ON_THE_BENCH.words()
                                        : PoweredWords.FLAT_IN_THE_VICE.words()),
                                "piece",
                                by.piece().name(),
                                "bevel",
                                bevel),
                        PoweredWords.LIES_ON_THE_BEVEL.words(),
                        PoweredWords.LIES_NOT.words(),
                        PoweredWords.WHY_FIND.words(),
                        Caution.FINGERS.words());
            default ->
                plain(
                        PoweredWords.SET_THE_MACHINE.fill("piece", by.piece().name(), "bevel", bevel),
                        PoweredWords.REST_SET_STANDING.words(),
                        PoweredWords.MEETS_EVENLY.words(),
                        PoweredWords.MEETS_NOT.words(),
                        PoweredWords.WHY_ITS_OWN_ANGLE.words(),
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
        how.add(PoweredWords.TOP_SIDE_ONLY.words());
        how.add(PoweredWords.STOP_SHORT_OF_THE_WING.words());
        how.add(PoweredWords.LEAVE_A_LAND.fill("land", Prior.POWERED_LAND_MM.figure()));
        if (!by.dip().isEmpty()) {
            how.add(by.dip());
        }
        return Step.of(Step.Kind.ENDS, title(PoweredWords.BOTH_ENDS_ALIKE.words()), edge)
                .on(by.piece())
                .at(bevel)
                .pressed(
                        by.forceN(), by.powered() ? PoweredWords.LIGHT_HAND.words() : PoweredWords.FIRM_FORWARD.words())
                .counting(
                        List.of(Step.Side.FIRST_END, Step.Side.SECOND_END),
                        by.strokes(),
                        by.strokesLow(),
                        by.strokesHigh())
                .lasting(by.seconds(2))
                .look(PoweredWords.LOSS_AT_EACH_END.fill("lost", Numbers.plain(lostMm, 2), "counts", by.counts()))
                .gate(PoweredWords.LAND_EVEN.words(), PoweredWords.LAND_NOT_EVEN.words())
                .because(PoweredWords.WHY_ALIKE.words())
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
        how.add(trimmer ? PoweredWords.TWO_BEVELS_A_TOOTH.words() : PoweredWords.FROM_THE_ROOT.words());
        how.add(PoweredWords.SAME_ON_EVERY_EDGE.fill("counts", by.counts()));
        if (!by.dip().isEmpty()) {
            how.add(by.dip());
        }
        return Step.of(
                        Step.Kind.TEETH,
                        title(trimmer ? PoweredWords.EVERY_TOOTH.words() : PoweredWords.EVERY_EDGE.words()),
                        edge)
                .on(by.piece())
                .at(bevel)
                .pressed(
                        by.forceN(),
                        by.powered() ? PoweredWords.LIGHT_HAND.words() : PoweredWords.LIGHT_ONE_WAY.words())
                .counting(sides, by.strokes() * perBlade, by.strokesLow() * perBlade, by.strokesHigh() * perBlade)
                .lasting(by.seconds(sides.size() * perBlade))
                .look(PoweredWords.EACH_EDGE_COUNT.fill("strokes", by.strokes()))
                .gate(
                        trimmer ? PoweredWords.HAS_ITS_SHARE.words() : PoweredWords.HAS_ITS_SHARE_ALL_ROUND.words(),
                        PoweredWords.MISSED_EDGES.words())
                .because(PoweredWords.WHY_COUNT.words())
                .caution(Caution.FINGERS.words())
                .how(how)
                .learned(by.handFactor())
                .atStations(planned)
                .inSetsOf(by.strokes())
                .done();
    }

    private String title(String what) {
        String piece = by.piece().name();
        return by.powered()
                ? PoweredWords.GRIND_WITH.fill("what", what, "piece", piece)
                : by.way() == Tooling.Way.FILE
                        ? PoweredWords.FILE_WITH.fill("what", what, "piece", piece)
                        : PoweredWords.STONE_WITH.fill("what", what, "piece", piece);
    }

    private Step burr() {
        boolean trimmer = blade.kind() == GeometryKind.TRIMMER;
        return plain(
                PoweredWords.BURR_OFF_THE_FLAT.words(),
                trimmer
                        ? PoweredWords.BURR_OFF_FLATS_HOW.fill("strokes", BURR_STROKES)
                        : PoweredWords.BURR_OFF_UNDERSIDE_HOW.fill("strokes", BURR_STROKES),
                PoweredWords.FLAT_FREE.words(),
                PoweredWords.FLAT_NOT_FREE.words(),
                trimmer ? PoweredWords.WHY_FLATS.words() : PoweredWords.WHY_UNDERSIDE.words(),
                Caution.GLOVES.words());
    }

    private Step gap() {
        return Step.of(Step.Kind.GAP, PoweredWords.CHECK_THE_GAP.words(), edge)
                .lasting(SECONDS_TO_SET)
                .look(PoweredWords.GAP_HOW.words())
                .gate(PoweredWords.GAP_WITHIN.words(), PoweredWords.GAP_OVER.words())
                .because(PoweredWords.WHY_GAP.words())
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
