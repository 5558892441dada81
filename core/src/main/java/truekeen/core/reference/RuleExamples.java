package truekeen.core.reference;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.abrasive.Lubricant;
import truekeen.core.angle.AngleChoice;
import truekeen.core.angle.AngleChooser;
import truekeen.core.angle.AngleHistory;
import truekeen.core.job.JobKind;
import truekeen.core.job.Shaping;
import truekeen.core.message.InWords;
import truekeen.core.message.Numbers;
import truekeen.core.progression.FinishWindow;
import truekeen.core.progression.HouseStones;
import truekeen.core.progression.PlanRules;
import truekeen.core.progression.ProgressionPlanner;
import truekeen.core.progression.ShelfRule;
import truekeen.core.progression.StoneHabits;
import truekeen.core.progression.StoneWork;
import truekeen.core.quantity.Angle;
import truekeen.core.rule.HouseRule;
import truekeen.core.rule.HouseRules;
import truekeen.core.rule.RuleOption;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;
import truekeen.core.stepsheet.SheetHabits;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ToolUse;
import truekeen.core.tool.ToolUses;
import truekeen.core.upkeep.TouchUpSchool;

/** Rules tried on a made-up case, so that their pages show what they do. */
public final class RuleExamples {
    private RuleExamples() {}

    /**
     * One case.
     *
     * @param given what it is
     * @param result what the rule makes of it
     */
    public record Line(String given, String result) {}

    /** A stone that the rule bars, and the same stone without what bars it. */
    public static List<Line> of(ShelfRule rule) {
        AbrasiveKind oxide = List.of(AbrasiveKind.values()).stream()
                .filter(k -> k.cutsInStrokes() && k.use() != AbrasiveKind.Use.STROP)
                .findFirst()
                .orElseThrow();
        Abrasive.State ready = Abrasive.State.READY;
        SteelClass plain = Steels.all().get(0);
        SteelClass hard = Steels.all().stream()
                .max((a, b) -> Double.compare(a.resistanceOxide(), b.resistanceOxide()))
                .orElseThrow();
        StoneWork bench = job(false);
        return switch (rule) {
            case RETIRED ->
                tried(
                        "marked as out of use",
                        stone(oxide, 9.5, Abrasive.Shape.BENCH, new Abrasive.State(true, 0, true, 0, true, false)),
                        stone(oxide, 9.5, Abrasive.Shape.BENCH, ready),
                        bench,
                        bench,
                        plain,
                        plain);
            case FROZEN ->
                tried(
                        "marked as frozen wet",
                        stone(oxide, 9.5, Abrasive.Shape.BENCH, new Abrasive.State(true, 0, true, 0, false, true)),
                        stone(oxide, 9.5, Abrasive.Shape.BENCH, ready),
                        bench,
                        bench,
                        plain,
                        plain);
            case UNFLAT_FOR_GOOD ->
                tried(
                        "not flat, and no plate here may lap it",
                        stone(
                                flattened(),
                                9.5,
                                Abrasive.Shape.BENCH,
                                new Abrasive.State(false, 0, false, 0, false, false)),
                        stone(
                                flattened(),
                                9.5,
                                Abrasive.Shape.BENCH,
                                new Abrasive.State(false, 0, true, 0, false, false)),
                        bench,
                        bench,
                        plain,
                        plain);
            case WRONG_SHAPE ->
                tried(
                        "a round rod, for a face that wants a bench stone",
                        stone(oxide, 9.5, Abrasive.Shape.ROD, ready),
                        stone(oxide, 9.5, Abrasive.Shape.BENCH, ready),
                        bench,
                        bench,
                        plain,
                        plain);
            case FINE_ONLY ->
                tried(
                        "9.5 µm, on a face that only fine stones may touch",
                        stone(oxide, 9.5, Abrasive.Shape.BENCH, ready),
                        stone(oxide, 2, Abrasive.Shape.BENCH, ready),
                        job(true),
                        job(true),
                        plain,
                        plain);
            case WORN_OUT ->
                tried(
                        "marked as worn to its end",
                        stone(oxide, 9.5, Abrasive.Shape.BENCH, state(false, 1)),
                        stone(oxide, 9.5, Abrasive.Shape.BENCH, state(false, 0.5)),
                        bench,
                        bench,
                        plain,
                        plain);
            case OIL_INSIDE ->
                tried(
                        "used with water, after oil",
                        stone(oxide, 9.5, Abrasive.Shape.BENCH, state(true, 0), Lubricant.WATER),
                        stone(oxide, 9.5, Abrasive.Shape.BENCH, state(true, 0), Lubricant.OIL),
                        bench,
                        bench,
                        plain,
                        plain);
            case HOUSE_LUBRICANT -> houseLubricant(oxide, bench, plain);
            case OXIDE_ON_HARD_CARBIDE ->
                tried(
                        "oxide grain on " + hard.name(),
                        stone(oxide, 9.5, Abrasive.Shape.BENCH, ready),
                        stone(oxide, 9.5, Abrasive.Shape.BENCH, ready),
                        bench,
                        bench,
                        hard,
                        plain);
        };
    }

    private static AbrasiveKind flattened() {
        return List.of(AbrasiveKind.values()).stream()
                .filter(k -> k.flattenAfterStrokes().isPresent())
                .findFirst()
                .orElseThrow();
    }

    /** A shelf of one oil stone, one water stone and one dry plate of each of three grains. */
    private static String onStones(HouseRules rules) {
        List<Abrasive> shelf = new ArrayList<>();
        for (double um : new double[] {30, 9, 1}) {
            for (Lubricant lubricant : new Lubricant[] {Lubricant.OIL, Lubricant.WATER, Lubricant.DRY}) {
                AbrasiveKind kind = List.of(AbrasiveKind.values()).get(0);
                shelf.add(new Abrasive(
                        lubricant.key() + um,
                        Numbers.plain(um, 0) + " µm " + lubricant.key(),
                        kind,
                        kind.grain(),
                        um,
                        false,
                        Abrasive.Shape.BENCH,
                        lubricant,
                        Abrasive.State.READY));
            }
        }
        ToolUse trade = ToolUses.all().get(0);
        PlanRules house = PlanRules.USUAL.with(HouseStones.of(rules));
        StoneWork job = job(false);
        FinishWindow window = house.habits()
                .finish()
                .of(new FinishWindow(trade.finishFinestUm(), trade.finishUsualUm(), trade.finishCoarsestUm()));
        StoneWork wanted = new StoneWork(
                job.kind(),
                job.shaping(),
                job.startScratchUm(),
                Optional.of(window),
                job.forces(),
                false,
                job.shapes());
        return "of oil, water and dry stones of 30, 9 and 1 µm: "
                + ProgressionPlanner.plan(shelf, wanted, Steels.all().get(0), house, false).legs().stream()
                        .map(l -> l.abrasive().name())
                        .collect(java.util.stream.Collectors.joining(", then "));
    }

    private static List<Line> houseLubricant(AbrasiveKind kind, StoneWork job, SteelClass steel) {
        Abrasive oily = stone(kind, 9.5, Abrasive.Shape.BENCH, Abrasive.State.READY, Lubricant.OIL);
        StoneHabits water =
                new StoneHabits(StoneHabits.HouseLubricant.WATER, StoneHabits.Finish.PURPOSE, true, 8, false);
        return List.of(
                new Line(
                        "an oil stone where the house works with water",
                        words(ShelfRule.barring(oily, job, steel, PlanRules.USUAL.with(water)))),
                new Line("the same case without that", words(ShelfRule.barring(oily, job, steel))));
    }

    private static Abrasive.State state(boolean oilInside, double worn) {
        return new Abrasive.State(true, 0, true, 0, false, false, false, oilInside, worn);
    }

    private static Abrasive stone(AbrasiveKind kind, double um, Abrasive.Shape shape, Abrasive.State state) {
        return stone(kind, um, shape, state, Lubricant.WATER);
    }

    private static Abrasive stone(
            AbrasiveKind kind, double um, Abrasive.Shape shape, Abrasive.State state, Lubricant lubricant) {
        return new Abrasive("example", "example", kind, kind.grain(), um, false, shape, lubricant, state);
    }

    private static StoneWork job(boolean fineOnly) {
        return new StoneWork(
                JobKind.SECONDARY,
                Shaping.none(10),
                3,
                Optional.of(new FinishWindow(1, 2, 10)),
                StoneWork.Forces.of(20),
                fineOnly,
                EnumSet.of(Abrasive.Shape.BENCH));
    }

    private static List<Line> tried(
            String barring,
            Abrasive barred,
            Abrasive free,
            StoneWork one,
            StoneWork other,
            SteelClass steel,
            SteelClass otherSteel) {
        return List.of(
                new Line(barring, words(ShelfRule.barring(barred, one, steel))),
                new Line("the same case without that", words(ShelfRule.barring(free, other, otherSteel))));
    }

    private static String words(Optional<ShelfRule> barring) {
        return barring.map(r -> "barred: " + r.reason()).orElse("may be used");
    }

    /** What each option makes of a bench chisel; on a kitchen knife for those of upkeep. */
    public static List<Line> of(HouseRule rule) {
        List<Line> lines = new ArrayList<>();
        for (RuleOption option : rule.options()) {
            HouseRules rules = HouseRules.usual().with(Map.of(rule, option));
            String result =
                    switch (rule) {
                        case HOLDING ->
                            rules.wheelFirst()
                                    ? "begins with a rest or a bar"
                                    : rules.guidesFirst() ? "begins in a guide" : "begins by hand";
                        case IRON_BACK ->
                            rules.thinRule() ? "a thin rule is offered on irons" : "no thin rule is offered";
                        case CAMBER ->
                            !rules.cambers()
                                    ? "irons begin straight"
                                    : rules.camberAtStations() ? "camber with strokes at stations" : "camber, ground";
                        case REPAIRS -> {
                            double above = rules.offerPowerAboveMm3(PlanRules.USUAL.offerPowerAboveMm3());
                            yield Double.isInfinite(above)
                                    ? "no wheel or belt is offered"
                                    : rules.allOnWheel()
                                            ? "a slow wet wheel does the whole edge, where one is in the kit"
                                            : above == 0
                                                    ? "a wheel or belt is offered for any grinding"
                                                    : "a wheel or belt is offered above " + Numbers.plain(above, 0)
                                                            + InWords.MM3;
                        }
                        case NEW_EDGE ->
                            rules.bluntFirst()
                                    ? "the grinding plan goes blunt to the line first"
                                    : "the grinding plan goes straight at the bevel";
                        case STROP, LEATHER -> {
                            StoneHabits habits = HouseStones.of(rules);
                            yield habits.strop()
                                    ? habits.stropStrokes() + " strokes a side on the strop at the end"
                                    : "no strop: it is finished off the stone";
                        }
                        case FINISH, LUBRICANT -> onStones(rules);
                        case BURR_BETWEEN, FRESH_BURR, STROKE, LAST_STROKES, SLURRY, KNIFE_SIDES ->
                            SheetHabits.of(rules).described(rule);
                        case BURR_VIEW ->
                            switch (upkeep(rules).steelRod()) {
                                case IN_ITS_TURN -> "the steel rod comes after the strop and the ceramic rod";
                                case FIRST -> "the steel rod comes first: the edge is laid straight";
                                case NEVER -> "no steel rod: the burr is taken off";
                            };
                        case POLISH_LASTS ->
                            upkeep(rules).medium()
                                    ? "a kitchen knife is touched up on a medium stone"
                                    : "a kitchen knife is touched up on the finest stone";
                        default -> chisel(rules);
                    };
            lines.add(new Line(option.words(), result));
        }
        return lines;
    }

    private static TouchUpSchool upkeep(HouseRules rules) {
        return TouchUpSchool.of(
                rules, ToolUses.all().stream().filter(ToolUse::food).findFirst().orElseThrow());
    }

    private static String chisel(HouseRules rules) {
        ToolUse trade = ToolUses.all().stream()
                .filter(t -> t.tool().equals("bench chisel"))
                .findFirst()
                .orElse(ToolUses.all().get(0));
        AngleChoice c = AngleChooser.choose(
                trade,
                Steels.all().get(1),
                OptionalDouble.empty(),
                Optional.of(Angle.ofDegrees(25)),
                Optional.of(Angle.ofDegrees(30.5)),
                AngleHistory.of(List.of()),
                rules.angleHabits(GeometryKind.CHISEL));
        return "a bench chisel of 25° honed at 30.5°: primary " + c.primary() + ", last bevel " + c.last();
    }
}
