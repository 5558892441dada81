package truekeen.core.rehearsal;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import java.util.TreeMap;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.condition.BackState;
import truekeen.core.condition.Dullness;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.Finding;
import truekeen.core.condition.Occasion;
import truekeen.core.holding.HolderKind;
import truekeen.core.holding.StoneHolder;
import truekeen.core.keenness.ApexKeenness;
import truekeen.core.keenness.KeennessPurpose;
import truekeen.core.message.Checks;
import truekeen.core.progression.PlanAsk;
import truekeen.core.progression.PlanRules;
import truekeen.core.quantity.Angle;
import truekeen.core.section.TargetBevel;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;
import truekeen.core.stepsheet.PlanCase;
import truekeen.core.stepsheet.WorkingMethod;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Convention;
import truekeen.core.tool.Dimension;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ToolUse;
import truekeen.core.tool.ToolUses;
import truekeen.core.tool.UsualDimensions;

/**
 * A tool, its damage, a shelf and a hand made up from a seed: believable ones, so that plans can be judged and hands trained on
 * as many as are wanted. Workshop priors all.
 *
 * @param plan what is to be planned
 * @param holder what holds it on the stones
 * @param damage what is wrong with it beside being dull
 */
public record MadeUp(PlanCase plan, HolderKind holder, Damage damage) {
    /** What is wrong with an edge beside being dull. */
    public enum Damage {
        NONE,
        CHIP,
        DENT,
        CORNER,
        NEW_ANGLE
    }

    private static final List<AbrasiveKind> STONES = List.of(
            AbrasiveKind.OXIDE_WATER_STONE,
            AbrasiveKind.CERAMIC_WATER_STONE,
            AbrasiveKind.OXIDE_OIL_STONE,
            AbrasiveKind.PLATED_DIAMOND,
            AbrasiveKind.FILM_ON_GLASS);

    /** Steps between neighbouring stones of a shelf, as times of their grain. */
    private static final double NARROWEST = 1.8;

    private static final double WIDEST = 3.2;
    private static final double STROP_UM = 0.5;
    private static final int TRIES = 40;
    /** One in so many bevels that a wheel can leave hollow is, from a wheel about so wide (mm). */
    private static final int HOLLOW_ONE_IN = 3;

    private static final double WHEEL_MM = 200;
    /** Hardest a steel must come for what cuts wood with a flat back, and for knives (HRC). */
    private static final double HARD_HRC = 59;

    private static final double KNIFE_HRC = 57;

    /** One of a family; empty where none that fits together is found. */
    public static Optional<MadeUp> of(GeometryKind family, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        for (int i = 0; i < TRIES; i++) {
            Optional<MadeUp> made = attempt(family, random);
            if (made.isPresent()) {
                return made;
            }
        }
        return Optional.empty();
    }

    private static Optional<MadeUp> attempt(GeometryKind family, SplittableRandom random) {
        List<ToolUse> uses =
                ToolUses.all().stream().filter(u -> u.geometry() == family).toList();
        ToolUse use = uses.get(random.nextInt(uses.size()));
        Optional<Blade> read = family.read(dimensions(family, use, random), new Checks());
        if (read.isEmpty()) {
            return Optional.empty();
        }
        Blade blade = read.get();
        List<SteelClass> steels =
                Steels.all().stream().filter(s -> suits(s, family)).toList();
        SteelClass steel = steels.get(random.nextInt(steels.size()));
        Damage damage = Damage.values()[random.nextInt(Damage.values().length)];
        Dullness dullness = Dullness.values()[random.nextInt(Dullness.values().length)];
        EdgeSurvey survey = new EdgeSurvey(
                finding(damage, blade.edgeLengthMm(), random).stream().toList(),
                EdgeSurvey.Squareness.SQUARE,
                dullness,
                false,
                BackState.POLISHED,
                0);
        double steeper = damage == Damage.NEW_ANGLE ? 1 + random.nextInt(3) : 0;
        TargetBevel target = new TargetBevel(
                blade.primary(), blade.lastBevel().plus(Angle.ofDegrees(steeper)), Optional.empty(), blade.wheel());
        HolderKind holder = holder(family, random);
        List<Abrasive> shelf = shelf(use, random);
        boolean strop = shelf.stream().anyMatch(a -> a.shape() == Abrasive.Shape.STROP);
        OptionalDouble thin = use.thinAtMm() > 0 ? OptionalDouble.of(use.thinAtMm()) : OptionalDouble.empty();
        PlanCase plan = new PlanCase(
                blade,
                survey,
                target,
                steel,
                use,
                WorkingMethod.heldBy(family, target, Optional.of(StoneHolder.of("holder", holder)), Optional.empty()),
                shelf,
                PlanRules.USUAL,
                new PlanAsk(OptionalDouble.empty(), Optional.empty()).at(target),
                new Occasion(false, thin, false, Occasion.BackDecision.FLATTEN, strop));
        return Optional.of(new MadeUp(plan, holder, damage));
    }

    /** Whether tools of a family are made of a steel: nobody makes chisels of spring steel. */
    private static boolean suits(SteelClass steel, GeometryKind family) {
        double hrc = steel.hardnessHigh().orElse(0);
        return switch (family) {
            case CONVEX_BLADE, SHEAR_BLADE -> true;
            default ->
                hrc >= (family.convention() == Convention.FROM_BACK ? HARD_HRC : KNIFE_HRC)
                        && steel.resistanceOxide() >= 1;
        };
    }

    private static double around(double usual, double spread, SplittableRandom random) {
        return usual * Math.exp((random.nextDouble() * 2 - 1) * Math.log(spread));
    }

    private static Map<String, Double> dimensions(GeometryKind family, ToolUse use, SplittableRandom random) {
        Map<String, Double> values = new TreeMap<>();
        for (Dimension d : family.dimensions()) {
            OptionalDouble usual = UsualDimensions.of(family, d.field());
            if (usual.isPresent()) {
                boolean steel = d.field().equals("usableLength") || d.field().equals("retireLength");
                double spread = d.field().equals("width") || d.field().equals("edgeLength") ? 1.6 : steel ? 1 : 1.15;
                values.put(d.field(), around(usual.getAsDouble(), spread, random));
            }
        }
        values.put("primary", use.primaryUsual().degrees());
        if (use.stepUsual().degrees() > 0) {
            values.put("secondary", use.primaryUsual().plus(use.stepUsual()).degrees());
            values.put("secondaryWidth", around(family.freshSecondaryMm(), 1.4, random));
        }
        boolean canBeHollow =
                family.dimensions().stream().anyMatch(d -> d.field().equals("wheelDiameter"));
        if (canBeHollow && random.nextInt(HOLLOW_ONE_IN) == 0) {
            values.put("wheelDiameter", around(WHEEL_MM, 1.3, random));
        }
        return values;
    }

    private static Optional<Finding> finding(Damage damage, double edge, SplittableRandom random) {
        double wide = Math.min(edge / 4, 1 + 3 * random.nextDouble());
        double from = random.nextDouble() * (edge - wide);
        double deep = 0.05 + 0.45 * random.nextDouble() * random.nextDouble();
        return switch (damage) {
            case CHIP -> Optional.of(new Finding(Finding.Kind.CHIP, from, from + wide, deep, false));
            case DENT -> Optional.of(new Finding(Finding.Kind.DENT, from, from + wide, deep, false));
            case CORNER -> Optional.of(new Finding(Finding.Kind.ROUNDED_CORNER, 0, wide, deep, false));
            case NONE, NEW_ANGLE -> Optional.empty();
        };
    }

    private static HolderKind holder(GeometryKind family, SplittableRandom random) {
        List<HolderKind> kinds = List.of(HolderKind.ROLLER_GUIDE, HolderKind.WEDGE_BLOCK, HolderKind.HAND).stream()
                .filter(k -> k.holds(family))
                .toList();
        return kinds.get(random.nextInt(kinds.size()));
    }

    /** From one that ends as fine as the work asks up to one that takes steel, of one kind mostly, and mostly a strop. */
    private static List<Abrasive> shelf(ToolUse use, SplittableRandom random) {
        AbrasiveKind kind = STONES.get(random.nextInt(STONES.size()));
        List<Abrasive> shelf = new ArrayList<>();
        double fineEnough = KeennessPurpose.byName(use.keennessPurpose())
                .map(KeennessPurpose::indexTarget)
                .filter(OptionalDouble::isPresent)
                .map(index -> ApexKeenness.deepestScratchUm(index.getAsDouble()) / kind.scratchRatio())
                .orElse(use.finishUsualUm());
        double um = Math.min(around(use.finishUsualUm(), 1.3, random), fineEnough);
        double coarsest = Math.max(45, 2 * um) * (1 + random.nextDouble());
        while (um < coarsest) {
            shelf.add(piece("stone " + shelf.size(), kind, um, Abrasive.Shape.BENCH));
            um *= NARROWEST + (WIDEST - NARROWEST) * random.nextDouble();
        }
        if (random.nextInt(5) > 0) {
            shelf.add(piece("strop", AbrasiveKind.CHARGED_STROP, STROP_UM, Abrasive.Shape.STROP));
        }
        return shelf;
    }

    private static Abrasive piece(String name, AbrasiveKind kind, double um, Abrasive.Shape shape) {
        return new Abrasive(
                name,
                name,
                kind,
                kind.grain(),
                um,
                false,
                shape,
                kind.lubricants().get(0),
                Abrasive.State.READY);
    }

    /** The same after a strop was tried and did not bring it back. */
    MadeUp stropTried() {
        EdgeSurvey s = plan.survey();
        EdgeSurvey tried =
                new EdgeSurvey(s.findings(), s.square(), s.dullness(), true, s.back(), s.backDepthMm(), s.departures());
        return new MadeUp(plan.surveyed(tried), holder, damage);
    }

    /** It on the virtual bench. */
    public Rehearsal rehearsal(double lostMm) {
        return new RehearsedTool(
                        plan.blade(),
                        plan.survey(),
                        plan.target(),
                        lostMm,
                        plan.steel(),
                        OptionalDouble.empty(),
                        OptionalDouble.empty(),
                        KeennessPurpose.byName(plan.trade().keennessPurpose())
                                .map(KeennessPurpose::indexTouchUp)
                                .orElse(OptionalDouble.empty()))
                .on(plan.shelf(), Steadiness.in(holder));
    }
}
