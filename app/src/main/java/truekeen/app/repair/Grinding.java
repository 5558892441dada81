package truekeen.app.repair;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import truekeen.app.angle.SetupService;
import truekeen.app.angle.SetupService.SavedSetup;
import truekeen.app.houserule.HouseRuleService;
import truekeen.app.kit.HolderService;
import truekeen.app.kit.HolderService.CoreHolder;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.condition.Restoration;
import truekeen.core.holding.BarHolder;
import truekeen.core.holding.Holder;
import truekeen.core.holding.RestHolder;
import truekeen.core.holding.Seat;
import truekeen.core.holding.Setting;
import truekeen.core.holding.Wheel;
import truekeen.core.message.Numbers;
import truekeen.core.message.RefusedException;
import truekeen.core.progression.HouseStones;
import truekeen.core.progression.PlanRules;
import truekeen.core.repair.GrindPlan;
import truekeen.core.repair.Means;
import truekeen.core.rule.HouseRules;
import truekeen.core.section.TargetBevel;

/** Brings together what a grinding plan needs: the machine, the wheel that holds the angle and its setting, the house. */
@Component
public class Grinding {
    private final SetupService setups;
    private final HolderService holders;
    private final HouseRuleService houses;

    Grinding(SetupService setups, HolderService holders, HouseRuleService houses) {
        this.setups = setups;
        this.holders = holders;
        this.houses = houses;
    }

    /** The planner's rules as the house has them for a tool. */
    public PlanRules rules(CoreTool tool) {
        HouseRules house = houses.core(tool.id());
        return PlanRules.USUAL
                .withPowerAbove(house.offerPowerAboveMm3(PlanRules.USUAL.offerPowerAboveMm3()))
                .with(HouseStones.of(house));
    }

    /** The means that a kind of abrasive is, if it runs under power. */
    public static Optional<Means> means(AbrasiveKind kind) {
        return List.of(Means.values()).stream()
                .filter(m -> m.powered() && m.kind().filter(k -> k == kind).isPresent())
                .findFirst();
    }

    /**
     * The grinding plan; empty where nothing is ground.
     *
     * @throws RefusedException where its wheel would run above its marking
     */
    public Optional<GrindPlan> plan(CoreTool tool, Restoration r, TargetBevel target, Means means, String piece) {
        Optional<OnWheel> held = onWheel(tool, target, means);
        return GrindPlan.of(
                r,
                tool.geometry(),
                target,
                tool.steel(),
                new GrindPlan.AtHand(
                        means,
                        piece,
                        held.map(OnWheel::wheel),
                        held.map(OnWheel::words).orElse(""),
                        houses.core(tool.id()).bluntFirst()));
    }

    /** Refuses a dry wheel that would run above its marking. */
    public void requireWithinMarking(CoreTool tool, TargetBevel target) {
        onWheel(tool, target, Means.DRY_WHEEL).ifPresent(w -> w.wheel().requireWithinMarking());
    }

    private record OnWheel(Wheel wheel, String words) {}

    /** What holds the tool before a wheel of that kind: what its set-up is held by where that is one, else any. */
    private Optional<OnWheel> onWheel(CoreTool tool, TargetBevel target, Means means) {
        Optional<UUID> chosen = setups.newest(tool.id()).flatMap(SavedSetup::holderId);
        return holders.core().stream()
                .sorted(Comparator.comparing(
                        (CoreHolder h) -> !Optional.of(h.id()).equals(chosen)))
                .flatMap(h -> h.core().stream()
                        .flatMap(core -> wheel(core)
                                .filter(w -> turns(w, means))
                                .map(w -> new OnWheel(w, words(h.name(), core, tool, target)))
                                .stream()))
                .findFirst();
    }

    private static Optional<Wheel> wheel(Holder holder) {
        return holder instanceof RestHolder rest
                ? Optional.of(rest.wheel())
                : holder instanceof BarHolder bar ? Optional.of(bar.wheel()) : Optional.empty();
    }

    private static boolean turns(Wheel wheel, Means means) {
        return switch (means) {
            case DRY_WHEEL -> wheel.kind() == Wheel.Kind.DRY_STONE;
            case SLOW_WET_WHEEL -> wheel.kind() == Wheel.Kind.WET_STONE;
            case PAPER_DISC -> wheel.kind() == Wheel.Kind.PAPER_DISC;
            default -> false;
        };
    }

    private static String words(String name, Holder holder, CoreTool tool, TargetBevel target) {
        try {
            Setting s = holder.setting(Seat.of(tool.geometry()), target.primary());
            return RepairWords.SETTING_ON.fill(
                    "machine",
                    name,
                    "setting",
                    s.name(),
                    "value",
                    Numbers.plain(s.value(), 1),
                    "unit",
                    s.unit().behindANumber(),
                    "where",
                    s.where());
        } catch (RefusedException notHeld) {
            return "";
        }
    }
}
