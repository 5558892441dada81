package truekeen.core.tool;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.table.Prior;

/**
 * The families of geometry: what each is measured by, how its angles are spoken of, what may be done to it and what may
 * not. Widths of secondaries are workshop priors.
 */
public enum GeometryKind {
    CHISEL("chisel", Convention.FROM_BACK, Dimensions.CHISEL, Chisel::of, Widths.BENCH, Traits.SQUARE_END),
    SKEW_CHISEL(
            "skew chisel", Convention.FROM_BACK, Dimensions.SKEW_CHISEL, Chisel::of, Widths.BENCH, Traits.SQUARE_END),
    PLANE_IRON_DOWN(
            "plane iron, bevel down",
            Convention.FROM_BACK,
            Dimensions.PLANE_IRON,
            PlaneIron::of,
            Widths.BENCH,
            Traits.SQUARE_END),
    PLANE_IRON_UP(
            "plane iron, bevel up",
            Convention.FROM_BACK,
            Dimensions.PLANE_IRON,
            PlaneIron::of,
            Widths.BENCH,
            Traits.SQUARE_END),
    SQUARE_IRON_DOWN(
            "square iron, bevel down",
            Convention.FROM_BACK,
            Dimensions.SQUARE_IRON,
            PlaneIron::of,
            Widths.BENCH,
            Traits.SQUARE_END),
    SQUARE_IRON_UP(
            "square iron, bevel up",
            Convention.FROM_BACK,
            Dimensions.SQUARE_IRON,
            PlaneIron::of,
            Widths.BENCH,
            Traits.SQUARE_END),
    DRAWKNIFE(
            "drawknife",
            Convention.FROM_BACK,
            Dimensions.DRAWKNIFE,
            (k, m) -> Drawknife.of(m),
            Widths.BENCH,
            Traits.BACK),
    KNIFE("double-bevel knife", Convention.PER_SIDE, Dimensions.KNIFE, DoubleBevelKnife::of, Widths.KNIFE, Traits.NONE),
    RECURVE("recurve", Convention.PER_SIDE, Dimensions.RECURVE, DoubleBevelKnife::of, Widths.KNIFE, Traits.NONE),
    WIDE_BEVEL_KNIFE(
            "wide-bevel knife",
            Convention.PER_SIDE,
            Dimensions.WIDE_BEVEL,
            WideBevelKnife::of,
            Widths.WIDE_KNIFE,
            Traits.NONE),
    HOOK_KNIFE("hook knife", Convention.PER_SIDE, Dimensions.HOOK, WideBevelKnife::of, Widths.WIDE_KNIFE, Traits.NONE),
    SINGLE_BEVEL_KNIFE(
            "single-bevel knife",
            Convention.FROM_BACK,
            Dimensions.SINGLE_BEVEL,
            (k, m) -> SingleBevelKnife.of(m),
            Widths.SINGLE_BEVEL,
            Traits.BACK),
    FLAT_FACED_KNIFE(
            "flat-faced knife",
            Convention.FROM_BACK,
            Dimensions.FLAT_FACED,
            (k, m) -> FlatFacedKnife.of(m),
            Widths.FLAT_FACED,
            Traits.BACK),
    CONVEX_BLADE(
            "convex blade",
            Convention.PER_SIDE,
            Dimensions.CONVEX,
            (k, m) -> ConvexBlade.of(m),
            Widths.CONVEX,
            Traits.NONE),
    SHEAR_BLADE(
            "shear blade",
            Convention.FROM_BACK,
            Dimensions.SHEAR,
            (k, m) -> ShearBlade.of(m),
            Widths.NONE,
            Traits.NONE),
    TURNSCREW(
            "turnscrew",
            Convention.FROM_BACK,
            Dimensions.TURNSCREW,
            (k, m) -> Turnscrew.of(m),
            Widths.NONE,
            Traits.SQUARE),
    MOWER_BAR(
            "mower bar",
            Convention.FROM_BACK,
            Dimensions.MOWER_BAR,
            (k, m) -> MowerBar.of(m),
            Widths.NONE,
            Traits.POWERED),
    TRIMMER("trimmer blade", Convention.FROM_BACK, Dimensions.TRIMMER, ToothedBlade::of, Widths.NONE, Traits.POWERED),
    BRUSH_CUTTER(
            "brush-cutter disc", Convention.FROM_BACK, Dimensions.DISC, ToothedBlade::of, Widths.NONE, Traits.POWERED);

    /** What a survey asks beyond the edge itself, and whether a machine must be made safe first. */
    private enum Traits {
        NONE,
        SQUARE,
        BACK,
        SQUARE_END,
        POWERED
    }

    /** How wide a secondary is when it is fresh, and how wide one may be that is still honed. */
    private enum Widths {
        NONE(null, null),
        BENCH(Prior.SECONDARY_BENCH_MM, Prior.SECONDARY_BENCH_WIDEST_MM),
        KNIFE(Prior.SECONDARY_KNIFE_MM, Prior.SECONDARY_KNIFE_WIDEST_MM),
        WIDE_KNIFE(Prior.SECONDARY_WIDE_KNIFE_MM, Prior.SECONDARY_WIDE_KNIFE_WIDEST_MM),
        SINGLE_BEVEL(Prior.SECONDARY_SINGLE_BEVEL_MM, Prior.SECONDARY_SINGLE_BEVEL_WIDEST_MM),
        FLAT_FACED(Prior.SECONDARY_FLAT_FACED_MM, Prior.SECONDARY_FLAT_FACED_WIDEST_MM),
        CONVEX(Prior.SECONDARY_CONVEX_MM, Prior.SECONDARY_CONVEX_WIDEST_MM);

        private final Optional<Prior> fresh;
        private final Optional<Prior> widest;

        Widths(Prior fresh, Prior widest) {
            this.fresh = Optional.ofNullable(fresh);
            this.widest = Optional.ofNullable(widest);
        }
    }

    private static final Map<GeometryKind, Map<Operation, String>> REFUSED = Refusals.all();

    private final String key;
    private final Convention convention;
    private final List<Dimension> dimensions;
    private final BiFunction<GeometryKind, Measures, Blade> factory;
    private final double freshSecondaryMm;
    private final double widestSecondaryMm;
    private final Traits traits;

    GeometryKind(
            String key,
            Convention convention,
            List<Dimension> dimensions,
            BiFunction<GeometryKind, Measures, Blade> factory,
            Widths secondary,
            Traits traits) {
        this.key = key;
        this.convention = convention;
        this.dimensions = dimensions;
        this.factory = factory;
        this.freshSecondaryMm = secondary.fresh.map(Prior::value).orElse(0.0);
        this.widestSecondaryMm = secondary.widest.map(Prior::value).orElse(0.0);
        this.traits = traits;
    }

    /** How the table of angles names it. */
    public String key() {
        return key;
    }

    /** How its angles are measured. */
    public Convention convention() {
        return convention;
    }

    /** What it is measured by at the door, in the order of asking. */
    public List<Dimension> dimensions() {
        return dimensions;
    }

    /** The dimension of that field, if this family has it. */
    public Optional<Dimension> dimension(String field) {
        return dimensions.stream().filter(d -> d.field().equals(field)).findFirst();
    }

    /** The blade with these dimensions; all that are needed must be there. */
    public Blade build(Measures measures) {
        return factory.apply(this, measures);
    }

    /**
     * The blade with these dimensions, once all has been looked at: what is missing, what is not believable, what does
     * not fit together. Every fault is noted at its field.
     *
     * @param values numbers by field (mm, °, counts); fields of other families are refused
     * @return the blade, or nothing where there was a fault
     */
    public Optional<Blade> read(Map<String, Double> values, Checks checks) {
        int before = checks.refusals().size();
        for (Dimension d : dimensions) {
            Double value = values.get(d.field());
            checks.require(value != null || !d.needed(), () -> Refusal.of(MessageCode.EMPTY, d.field(), "")
                    .with("what", d.label()));
            checks.within(
                    d.field(), d.label(), value, d.low(), d.high(), d.measure().unit());
        }
        for (String field : values.keySet()) {
            checks.require(dimension(field).isPresent(), () -> Refusal.of(MessageCode.NOT_OF_THIS_FAMILY, field, field)
                    .with("what", key));
        }
        boolean angle = values.containsKey("secondary");
        checks.require(
                angle == values.containsKey("secondaryWidth"),
                () -> Refusal.of(MessageCode.SECONDARY_PAIR, angle ? "secondaryWidth" : "secondary", ""));
        if (checks.refusals().size() > before) {
            return Optional.empty();
        }
        Blade blade = build(new Measures(values));
        blade.check(checks);
        return checks.refusals().size() == before ? Optional.of(blade) : Optional.empty();
    }

    /** Width given to a fresh secondary (mm). */
    public double freshSecondaryMm() {
        return freshSecondaryMm;
    }

    /** Widest secondary that is still honed rather than reground (mm). */
    public double widestSecondaryMm() {
        return widestSecondaryMm;
    }

    /** Whether its end can be out of square. */
    public boolean square() {
        return traits == Traits.SQUARE_END || traits == Traits.SQUARE;
    }

    /** Whether it has a back whose state matters. */
    public boolean back() {
        return traits == Traits.SQUARE_END || traits == Traits.BACK;
    }

    /** Whether it has a flat back and a square or skewed end that a guide can grip. */
    public boolean endHeld() {
        return traits == Traits.SQUARE_END;
    }

    /** Whether it has a bevel on either side that gets its own strokes. */
    public boolean bothSides() {
        return convention == Convention.PER_SIDE || this == TURNSCREW;
    }

    /** Whether it is the iron of a plane, which is bedded, cambered and refitted. */
    public boolean iron() {
        return dimensions == Dimensions.PLANE_IRON || dimensions == Dimensions.SQUARE_IRON;
    }

    /** Whether its usable length is measured from the edge to a spine. */
    public boolean spined() {
        return dimensions.contains(Dimensions.BLADE_WIDTH);
    }

    /** Whether it belongs to a machine that must be made safe before a blade is touched. */
    public boolean powered() {
        return traits == Traits.POWERED;
    }

    /** What may be done to it. */
    public List<Operation> allowed() {
        return java.util.Arrays.stream(Operation.values())
                .filter(o -> !refused().containsKey(o))
                .toList();
    }

    /** What may not be done to it, and why. */
    public Map<Operation, String> refused() {
        return REFUSED.getOrDefault(this, new EnumMap<>(Operation.class));
    }

    /** Whether an operation may be done to it. */
    public boolean allows(Operation operation) {
        return !refused().containsKey(operation);
    }

    /**
     * Why an operation may not be done; empty where it may.
     *
     * @param field the field that asks for it
     */
    public Optional<Refusal> refusal(Operation operation, String field) {
        return Optional.ofNullable(refused().get(operation))
                .map(reason -> Refusal.of(MessageCode.OPERATION_REFUSED, field, operation.words())
                        .with("what", key)
                        .with("reason", reason));
    }

    /**
     * Makes sure that an operation may be done.
     *
     * @param field the field that asks for it
     * @throws RefusedException with the reason where it may not
     */
    public void require(Operation operation, String field) {
        refusal(operation, field).ifPresent(r -> {
            throw new RefusedException(r);
        });
    }

    /**
     * The field whose measure is the thickness that the bevel spans, for an angle taken from the length of a bevel;
     * empty where that is no flat bevel.
     */
    public Optional<String> bevelSpans() {
        if (convention == Convention.PER_SIDE) {
            return this == CONVEX_BLADE
                    ? Optional.empty()
                    : Optional.of(dimension("behindEdge").isPresent() ? "behindEdge" : "thickness");
        }
        return this == TURNSCREW || this == SINGLE_BEVEL_KNIFE || this == MOWER_BAR
                ? Optional.empty()
                : Optional.of("thickness");
    }
}
