package truekeen.core.rule;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import truekeen.core.angle.AngleHabits;
import truekeen.core.quantity.Angle;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.Operation;

/**
 * The house rules that hold for one tool: the shop's, with the exceptions of the tool over them.
 *
 * @param picked options by rule; what is absent goes by the usual one
 */
public record HouseRules(Map<HouseRule, RuleOption> picked) {
    /** Keeps the picks from changing. */
    public HouseRules {
        picked = Map.copyOf(picked);
    }

    /** Nobody picked anything. */
    public static HouseRules usual() {
        return new HouseRules(Map.of());
    }

    /** These rules with exceptions over them. */
    public HouseRules with(Map<HouseRule, RuleOption> exceptions) {
        Map<HouseRule, RuleOption> all = new EnumMap<>(HouseRule.class);
        all.putAll(picked);
        all.putAll(exceptions);
        return new HouseRules(all);
    }

    /** The school that holds. */
    public RuleOption of(HouseRule rule) {
        return picked.getOrDefault(rule, rule.usual());
    }

    /** What they say about the angles of a family; what the family refuses falls back to the usual form. */
    public AngleHabits angleHabits(GeometryKind kind) {
        AngleHabits.Form form =
                switch (of(HouseRule.BEVEL_FORM)) {
                    case BEVEL_FORM_FLAT -> AngleHabits.Form.SINGLE_FLAT;
                    case BEVEL_FORM_HOLLOW ->
                        kind.allows(Operation.HOLLOW)
                                ? AngleHabits.Form.HOLLOW
                                : AngleHabits.Form.PRIMARY_AND_SECONDARY;
                    default -> AngleHabits.Form.PRIMARY_AND_SECONDARY;
                };
        return new AngleHabits(form, secondaryStep(), of(HouseRule.ACCURACY) == RuleOption.ACCURACY_REPEAT);
    }

    private Optional<Angle> secondaryStep() {
        return switch (of(HouseRule.SECONDARY_STEP)) {
            case SECONDARY_STEP_DEG_2 -> Optional.of(Angle.ofDegrees(2));
            case SECONDARY_STEP_DEG_5 -> Optional.of(Angle.ofDegrees(5));
            case SECONDARY_STEP_DEG_10 -> Optional.of(Angle.ofDegrees(10));
            default -> Optional.empty();
        };
    }

    /** Whether a new set-up begins with a guide where one fits. */
    public boolean guidesFirst() {
        RuleOption holding = of(HouseRule.HOLDING);
        return holding == RuleOption.HOLDING_BY_TOOL || holding == RuleOption.HOLDING_GUIDE;
    }

    /** Whether a new set-up begins on a wheel, with a rest or a bar. */
    public boolean wheelFirst() {
        return of(HouseRule.HOLDING) == RuleOption.HOLDING_WHEEL;
    }

    /** Whether a thin-rule back bevel is offered on plane irons. */
    public boolean thinRule() {
        return of(HouseRule.IRON_BACK) == RuleOption.IRON_BACK_THIN_RULE;
    }

    /** Whether irons are cambered at all. */
    public boolean cambers() {
        return of(HouseRule.CAMBER) != RuleOption.CAMBER_NONE;
    }

    /** Whether the house asked for cambered irons itself, so that a straight one gets the usual camber unasked. */
    public boolean asksForCamber() {
        return picked.containsKey(HouseRule.CAMBER) && cambers();
    }

    /** Whether the camber is honed at counted stations. */
    public boolean camberAtStations() {
        return of(HouseRule.CAMBER) == RuleOption.CAMBER_STATIONS;
    }

    /** Volume of shaping above which a wheel or belt is offered (mm³): none at all where the house works on stones only. */
    public double offerPowerAboveMm3(double usual) {
        return switch (of(HouseRule.REPAIRS)) {
            case REPAIRS_STONES -> Double.POSITIVE_INFINITY;
            case REPAIRS_GRIND, REPAIRS_WHEEL -> 0;
            default -> usual;
        };
    }

    /** Whether the slow wet wheel does the whole edge, however little there is to do. */
    public boolean allOnWheel() {
        return of(HouseRule.REPAIRS) == RuleOption.REPAIRS_WHEEL;
    }

    /** Whether an edge is ground blunt to its new line before the bevel. */
    public boolean bluntFirst() {
        return of(HouseRule.NEW_EDGE) == RuleOption.NEW_EDGE_BLUNT;
    }
}
