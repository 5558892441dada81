package truekeen.core.condition;

import java.util.List;
import java.util.TreeSet;
import truekeen.core.job.Job;
import truekeen.core.job.Shaping;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.BevelCut;
import truekeen.core.section.EdgeShape;
import truekeen.core.section.HollowGrind;
import truekeen.core.section.MicroBevel;
import truekeen.core.section.Section;
import truekeen.core.section.TargetBevel;
import truekeen.core.setup.ThinRule;
import truekeen.core.table.Prior;
import truekeen.core.tool.Blade;
import truekeen.core.tool.ConvexBlade;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.Operation;

/**
 * Works out what must go. The intended edge is moved back until it clears the present edge, every finding to be
 * removed, and the worn steel of a dull apex; the volume integrates that recession over the stations, each cut by the
 * section kernel. Source: derived here; limits are workshop priors.
 */
public final class Restorer {
    /** Pits on the back deeper than this at the edge end the life of a tool that takes no back bevel (mm). */
    public static final double DEEPEST_PITS_MM = Prior.RESTORER_DEEPEST_PITS_MM.value();
    /** How much of the back of a square-ended tool, from the edge, is kept flat (mm). */
    public static final double BACK_ZONE_MM = Prior.RESTORER_BACK_ZONE_MM.value();
    /** The same strip on a long blade (mm). */
    public static final double BACK_STRIP_MM = Prior.RESTORER_BACK_STRIP_MM.value();

    /** Widest facet at the corners of a camber, or over a back bevel, that is still honed (mm). */
    private static final double CORNER_MM = Prior.CAMBER_CORNER_MM.value();

    /** A fresh secondary takes no more than this share of the face it lies on. */
    private static final double FRESH_SHARE = Prior.RESTORER_FRESH_SHARE.value();
    /** Nor is one honed that takes more than this share. */
    /** A knife's edge bevel narrower than this is never ground under its micro-bevel (mm). Source: workshop prior. */
    private static final double NARROW_BEVEL_MM = Prior.NARROW_KNIFE_BEVEL_MM.value();

    private static final double WIDEST_SHARE = Prior.RESTORER_WIDEST_SHARE.value();

    private final Blade blade;
    private final EdgeSurvey found;
    private final EdgeSurvey survey;
    private final TargetBevel target;
    private final EdgeShape shape;
    private final EdgeLine edge;
    private final StationCutter cutter;
    private final List<Demand> demands;
    private final double line;
    private final boolean strop;
    private final Occasion occasion;

    private Restorer(Blade blade, EdgeSurvey found, TargetBevel asked, Occasion occasion) {
        this.blade = blade;
        this.occasion = occasion;
        this.found = found;
        this.survey = found.decided(occasion.back());
        boolean saving = occasion.back() == Occasion.BackDecision.BACK_BEVEL && found.pitsAtEdgeMm() > 0;
        TargetBevel wanted = saving ? SavingBackBevel.into(asked, found.pitsAtEdgeMm()) : asked;
        // A curve is worked as a curve: whatever is wanted at the apex, no flat facet is laid on it.
        this.target = blade instanceof ConvexBlade
                ? new TargetBevel(wanted.last(), wanted.last(), wanted.back(), wanted.wheel(), wanted.camber())
                : wanted;
        EdgeLine unworn = new EdgeLine(survey, blade, target, 0);
        StationCutter looked = new StationCutter(blade, survey, target, unworn, true);
        this.shape = looked.extremes().get(0);
        this.strop = stropOnly(looked, unworn);
        this.edge = new EdgeLine(
                survey, blade, target, strop ? 0 : survey.dullness().recessionMm(blade.kind()));
        this.cutter = new StationCutter(blade, survey, target, edge, !strop);
        this.demands = edge.demands();
        this.line = edge.newEdge();
    }

    /**
     * Works out what must go.
     *
     * @throws RefusedException when the edge would have to move past the steel there is, or the family does not allow
     *     what is wanted
     */
    public static Restoration restore(Blade blade, EdgeSurvey survey, TargetBevel target) {
        return restore(blade, survey, target, Occasion.PLAIN);
    }

    /** The same on an occasion that decides which jobs it is made of. */
    public static Restoration restore(Blade blade, EdgeSurvey survey, TargetBevel target, Occasion occasion) {
        require(blade, target);
        if (occasion.back() == Occasion.BackDecision.BACK_BEVEL) {
            blade.kind().require(Operation.BACK_BEVEL, "back");
        }
        return new Restorer(blade, survey, target, occasion).restore();
    }

    /**
     * The blade cut through at one place, before and after.
     *
     * @param xMm the place along the edge (mm), within it
     * @throws RefusedException as {@link #restore}
     */
    public static StationSection section(
            Blade blade, EdgeSurvey survey, TargetBevel target, Occasion occasion, double xMm) {
        require(blade, target);
        Restorer all = new Restorer(blade, survey, target, occasion);
        String grind = all.strop ? null : all.grindReason();
        StationCutter.Station at = all.cutter.cut(xMm, all.line, all.finalLine(grind), grind != null);
        return new StationSection(xMm, at.before(), at.after(), at.removed());
    }

    private static void require(Blade blade, TargetBevel target) {
        target.back().ifPresent(b -> blade.kind().require(Operation.BACK_BEVEL, "backBevel"));
        target.wheel().ifPresent(w -> blade.kind().require(Operation.HOLLOW, "wheelDiameter"));
    }

    /** Widest secondary of a blade that is still honed rather than reground (mm). */
    public static double widestSecondaryMm(Blade blade, TargetBevel target) {
        return widest(blade, EdgeShape.of(blade, target), target);
    }

    private Restoration restore() {
        if (line + edge.mostGain() >= blade.usable().mm()) {
            throw new RefusedException(Refusal.of(MessageCode.MOVED_PAST_STEEL, "findings", Length.ofMm(line))
                    .with("high", blade.usable()));
        }
        String grindReason = strop ? null : grindReason();
        boolean ground = grindReason != null;
        double last = finalLine(grindReason);
        TreeSet<Double> stations = new TreeSet<>(edge.stations());
        List<Region> named = Regions.of(blade.layout());
        named.forEach(r -> stations.add(r.toMm()));
        Integral cuts = new Integral(stations, x -> cutter.cut(x, line, last, ground));
        StationCutter.Station deepest = cuts.deepest();
        double width = strop ? StationCutter.facetWidth(shape, List.of(shape.now())) : cuts.widestHoned();
        double after = blade.usable().mm() - last;
        double left = after - blade.retire().mm();
        List<Job> jobs = strop
                ? List.of()
                : new JobList(blade, survey, target, occasion, shape, edge)
                        .of(cuts, cutter, ground, line, last, width, deepest.after());
        Blade afterwards = Job.after(blade, jobs);
        ScopeChoice choice = ScopeChoice.of(survey, blade.kind(), left, grindReason, damaged(), strop, bevelChange());
        boolean repair = choice.scope() == Scope.FULL_HONING
                && damaged()
                && jobs.stream()
                        .anyMatch(j -> j.byMachine() && j.shaping().volumeMm3() > Prior.BY_MACHINE_ABOVE_MM3.value());
        return new Restoration(
                // Damage that takes more steel than hands should is a repair, whether or not a bevel is ground for it.
                repair ? Scope.REPAIR : choice.scope(),
                choice.reasons(),
                line,
                last,
                jobs,
                back(),
                width,
                after,
                left,
                honingRecessionMm(width),
                afterwards.measures(),
                cuts.stations().stream()
                        .map(s -> new StationCut(
                                s.x(),
                                s.present(),
                                last + edge.gain(s.x()) - s.present(),
                                s.removedArea(),
                                EdgeShape.shoulderThickness(s.after())))
                        .toList(),
                ground ? cuts.ahead(x -> line + edge.gain(x)) : 0,
                ground ? cuts.landAt(x -> line + edge.gain(x)) : 0,
                demands,
                named.stream()
                        .map(r -> new Region(r.name(), r.fromMm(), r.toMm(), cuts.volume(r.fromMm(), r.toMm())))
                        .toList(),
                deepest.before(),
                deepest.after(),
                deepest.removed());
    }

    private double finalLine(String grindReason) {
        return strop ? 0 : grindReason == null ? honedLine() : line + freshRecession();
    }

    private boolean keepsHoned() {
        return cutter.keepsHoned();
    }

    private double freshWidth() {
        return Math.min(
                blade.kind().freshSecondaryMm(),
                FRESH_SHARE * shape.depthMm() / target.primary().sin());
    }

    private static double widest(Blade blade, EdgeShape shape, TargetBevel target) {
        double bevel = shape.depthMm() / target.primary().sin();
        // The bevel of a knife is narrow: a micro-bevel that grows over all of it is the bevel. What stands thick is
        // thinned.
        boolean narrow = blade.kind().spined() && blade.kind().bothSides() && bevel < NARROW_BEVEL_MM;
        return narrow ? bevel : Math.min(blade.kind().widestSecondaryMm(), WIDEST_SHARE * bevel);
    }

    /** What a fresh honing takes after the grinding: a new secondary, or the first lands of a hollow. */
    private double freshRecession() {
        return shape.honedSteeper() ? recessionFor(freshWidth()) : Dullness.DULL.recessionMm(blade.kind());
    }

    /** Recession from a freshly ground edge to a honed facet of that width: on flat bevels closed, else by the kernel. */
    private double recessionFor(double width) {
        BevelCut ground = shape.ground().get(0);
        if (ground.form() instanceof BevelCut.Flat) {
            return MicroBevel.recession(Length.ofMm(width), ground.angle(), target.last())
                    .mm();
        }
        List<Section> fresh =
                shape.cut(List.of(shape.now()), shape.ground(), line).kept();
        double low = 0;
        double high = shape.depthMm();
        while (high - low > 1e-9) {
            double middle = (low + high) / 2;
            if (StationCutter.facetWidth(
                            shape,
                            shape.cut(fresh, shape.honed(), line + middle).kept())
                    < width) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return high;
    }

    /** Where the edge ends up when the ground bevel stays: a changed angle wants a facet of its own. */
    private double honedLine() {
        double fresh = freshWidth();
        if (shape.ground().isEmpty() || keepsHoned() || cutter.honedWidthAt(line) >= fresh) {
            return line;
        }
        double low = line;
        double high = line + shape.depthMm();
        while (high - low > 1e-9) {
            double middle = (low + high) / 2;
            if (cutter.honedWidthAt(middle) < fresh) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return high;
    }

    /** Why the ground bevel must be ground, or null where honing will do. */
    private String grindReason() {
        if (shape.ground().isEmpty()) {
            return null;
        }
        Angle present = shape.facets().ground();
        Angle wanted = shape.ground().get(0).angle();
        if (!StationCutter.same(present, wanted)) {
            return ConditionWords.PRIMARY_CHANGES.fill("present", present, "wanted", wanted);
        }
        if (target.wheel().isPresent() && blade.wheel().isEmpty()) {
            return ConditionWords.TO_BE_GROUND_HOLLOW.words();
        }
        double even = honedLine();
        double most = widest(blade, shape, target);
        if (target.back().filter(b -> !ThinRule.couldGive(b)).isPresent()) {
            // A back bevel lifts the edge into the bevel: the facet it widens is still honed, not ground away.
            most = Math.max(most, CORNER_MM);
        }
        double width = cutter.honedWidthAt(even);
        if (width <= most && edge.mostGain() > 0) {
            // A camber is honed into the secondary: its corners may be far wider than the rest.
            width = cutter.honedWidthAt(even + edge.mostGain());
            most = Math.max(most, CORNER_MM);
        }
        if (width > most) {
            return ConditionWords.SECONDARY_TOO_WIDE.fill(
                    "width", Numbers.plain(width, 1), "most", Numbers.plain(most, 1));
        }
        return null;
    }

    private Shaping back() {
        return blade.kind().back() ? JobList.flattening(blade, found, line) : Shaping.none(0);
    }

    /** How far the edge can go back before the honed facet is too wide, or the hollow gone; 0 where it has no limit (mm). */
    private double honingRecessionMm(double width) {
        if (shape.ground().isEmpty()) {
            return 0;
        }
        double most = widest(blade, shape, target);
        double left = shape.honedSteeper()
                ? recessionFor(most) - recessionFor(Math.min(width, most))
                : new HollowGrind(
                                Length.ofMm(shape.depthMm()),
                                target.wheel().orElseThrow(),
                                shape.ground().get(0).angle())
                        .recessionUntilGone()
                        .mm();
        return Math.max(0, left);
    }

    /** How the last bevel changes, in words, or null where it stays. */
    private String bevelChange() {
        boolean changes = !keepsHoned()
                && (shape.ground().isEmpty() || shape.facets().honed().isPresent());
        return changes
                ? ConditionWords.LAST_BEVEL_CHANGES.fill("lastBevel", blade.lastBevel(), "last", target.last())
                : null;
    }

    private boolean damaged() {
        return demands.stream().anyMatch(d -> !d.left() && d.subject().kind() != Demand.Kind.WEAR)
                || survey.departures().uneven().isPresent();
    }

    /** A strop will do: nothing but a touch-up is wanted, no strop has failed at it, and no bevel is to change. */
    private boolean stropOnly(StationCutter looked, EdgeLine unworn) {
        return occasion.strop()
                && !blade.kind().powered()
                // Leather does nothing for shears.
                && blade.kind() != GeometryKind.SHEAR_BLADE
                && survey.dullness() == Dullness.TOUCH_UP
                && !survey.stropTried()
                && unworn.demands().stream().allMatch(Demand::left)
                && !survey.backWantsWork()
                && looked.keepsHoned()
                && groundStays()
                && (shape.ground().isEmpty()
                        || looked.extremes().stream()
                                .allMatch(s ->
                                        StationCutter.facetWidth(s, List.of(s.now())) <= widest(blade, shape, target)));
    }

    private boolean groundStays() {
        return shape.ground().isEmpty()
                || StationCutter.same(
                        shape.facets().ground(), shape.ground().get(0).angle());
    }
}
