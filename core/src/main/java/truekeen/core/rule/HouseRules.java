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
 * @param picked option keys by rule; what is absent goes by the usual one
 */
public record HouseRules(Map<HouseRule, String> picked) {
    /** Keeps the picks from changing. */
    public HouseRules {
        picked = Map.copyOf(picked);
    }

    /** Nobody picked anything. */
    public static HouseRules usual() {
        return new HouseRules(Map.of());
    }

    /** These rules with exceptions over them. */
    public HouseRules with(Map<HouseRule, String> exceptions) {
        Map<HouseRule, String> all = new EnumMap<>(HouseRule.class);
        all.putAll(picked);
        all.putAll(exceptions);
        return new HouseRules(all);
    }

    /** The school that holds. */
    public HouseRule.Option of(HouseRule rule) {
        return Optional.ofNullable(picked.get(rule)).flatMap(rule::option).orElse(rule.usual());
    }

    /** What they say about the angles of a family; what the family refuses falls back to the usual form. */
    public AngleHabits angleHabits(GeometryKind kind) {
        AngleHabits.Form form =
                switch (of(HouseRule.BEVEL_FORM).key()) {
                    case "FLAT" -> AngleHabits.Form.SINGLE_FLAT;
                    case "HOLLOW" ->
                        kind.allows(Operation.HOLLOW)
                                ? AngleHabits.Form.HOLLOW
                                : AngleHabits.Form.PRIMARY_AND_SECONDARY;
                    default -> AngleHabits.Form.PRIMARY_AND_SECONDARY;
                };
        String step = of(HouseRule.SECONDARY_STEP).key();
        return new AngleHabits(
                form,
                step.equals("BY_WORK") ? Optional.empty() : Optional.of(Angle.ofDegrees(Double.parseDouble(step))),
                of(HouseRule.ACCURACY).key().equals("REPEAT"));
    }

    /** Whether a new set-up begins with a guide where one fits. */
    public boolean guidesFirst() {
        String holding = of(HouseRule.HOLDING).key();
        return holding.equals("BY_TOOL") || holding.equals("GUIDE");
    }

    /** Whether a new set-up begins on a wheel, with a rest or a bar. */
    public boolean wheelFirst() {
        return of(HouseRule.HOLDING).key().equals("WHEEL");
    }

    /** Whether a thin-rule back bevel is offered on plane irons. */
    public boolean thinRule() {
        return of(HouseRule.IRON_BACK).key().equals("THIN_RULE");
    }

    /** Whether irons are cambered at all. */
    public boolean cambers() {
        return !of(HouseRule.CAMBER).key().equals("NONE");
    }

    /** Whether the camber is honed at counted stations. */
    public boolean camberAtStations() {
        return of(HouseRule.CAMBER).key().equals("STATIONS");
    }

    /** Volume of shaping above which a wheel or belt is offered (mm³): none at all where the house works on stones only. */
    public double offerPowerAboveMm3(double usual) {
        return switch (of(HouseRule.REPAIRS).key()) {
            case "STONES" -> Double.POSITIVE_INFINITY;
            case "GRIND" -> 0;
            default -> usual;
        };
    }

    /** Whether an edge is ground blunt to its new line before the bevel. */
    public boolean bluntFirst() {
        return of(HouseRule.NEW_EDGE).key().equals("BLUNT");
    }
}
