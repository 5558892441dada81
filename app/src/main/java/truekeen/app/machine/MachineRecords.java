package truekeen.app.machine;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import truekeen.app.platform.AdviceView;
import truekeen.app.platform.OneOf;
import truekeen.core.machine.Ground;
import truekeen.core.machine.Inspection;
import truekeen.core.machine.InspectionItem;
import truekeen.core.machine.PowerSource;

/** What the places about machines show and take. */
public final class MachineRecords {
    private MachineRecords() {}

    /**
     * A machine as typed.
     *
     * @param power PETROL, BATTERY, MAINS or TOWED
     * @param perMinute turns of the blade a minute, by its plate; empty where it is not known
     * @param seasonFrom first month it is used, 1 to 12
     * @param seasonTo last month
     */
    public record MachineForm(
            String name,
            @OneOf(value = PowerSource.class, orNone = true) String power,
            String perMinute,
            int seasonFrom,
            int seasonTo) {}

    /** A machine. */
    public record MachineView(
            UUID id,
            String name,
            PowerSource power,
            String powerWords,
            @Nullable Double perMinute,
            int seasonFrom,
            int seasonTo) {}

    /**
     * Which machine a blade belongs to.
     *
     * @param machineId one that is known; empty for a new one
     * @param machine the new one
     * @param fitted whether the blade is on it, else it is a spare
     * @param mass mass of the blade as typed (g); empty where it was not weighed
     */
    public record BladeForm(String machineId, @Nullable MachineForm machine, boolean fitted, String mass) {}

    /** The machine is recorded as safe: by whom, and each act that was done. */
    public record IsolationForm(String person, List<String> acts) {}

    /** It goes back together, or is no longer safe. */
    public record LiftForm(String person, String why) {}

    /**
     * What was found.
     *
     * @param found by item: {@code answer} yes or no, or the inputs as typed
     * @param limits limits of the maker by item, as typed; empty for the rule of thumb
     * @param corrects what was put down wrongly, where a rejected blade is judged again
     */
    public record InspectionForm(
            String person, Map<String, Map<String, String>> found, Map<String, String> limits, String corrects) {}

    /** Hours that were run. */
    public record HoursForm(String day, String hours, @OneOf(Ground.class) String ground, String person) {}

    /** What may drive a machine, and what it is called. */
    public record PowerView(PowerSource power, String words) {}

    /** The ground a blade may run over, and what it is called. */
    public record GroundView(Ground ground, String words) {}

    /** An act of making safe. */
    public record SafetyActView(String key, String title, String how, String why) {}

    /** A machine in force as safe. */
    public record IsolationView(String person, Instant at, List<String> acts) {}

    /** A number to be measured. */
    public record MeasuredInput(String key, String label) {}

    /**
     * Something a blade is inspected for.
     *
     * @param question whether it is answered with yes or no
     * @param atLeast whether its limit is the least allowed, else the most
     * @param unit of limit and inputs, or empty
     * @param usual its limit as a rule of thumb; null for a question
     * @param maker the maker's limit, where it was put in
     */
    public record ItemView(
            InspectionItem key,
            String title,
            String how,
            boolean question,
            boolean atLeast,
            String unit,
            List<MeasuredInput> inputs,
            @Nullable Double usual,
            @Nullable Double maker) {}

    /** An inspection: OPEN, FIT or REJECT. */
    public record InspectionView(
            Inspection.Verdict verdict,
            List<String> reasons,
            List<String> notes,
            List<String> open,
            String person,
            @Nullable Instant at,
            Map<String, Map<String, String>> found) {}

    /** Hours on record. */
    public record RunView(LocalDate day, double hours, String groundWords) {}

    /** How far its hours have gone. */
    public record HoursView(
            double worn,
            double interval,
            int intervals,
            @Nullable LocalDate due,
            String words,
            AdviceView why,
            List<RunView> runs,
            List<GroundView> grounds) {}

    /** A blade of the same machine. */
    public record SpareView(UUID toolId, String name, boolean fitted, String words) {}

    /**
     * Where a blade stands as to its machine.
     *
     * @param first the line that manuals, local rules and licensed service come first
     * @param machine its machine, once it is known
     * @param machines those known
     * @param acts how it is made safe; empty while no machine is known
     * @param isolation in force, or null
     * @param items what to inspect; empty until the machine is safe
     * @param inspection the one in force, or null
     * @param ready whether its blade may be worked
     */
    public record MachineState(
            UUID toolId,
            String toolName,
            boolean powered,
            boolean turns,
            String first,
            @Nullable MachineView machine,
            List<MachineView> machines,
            List<PowerView> powers,
            boolean fitted,
            @Nullable Double massG,
            List<SafetyActView> acts,
            @Nullable IsolationView isolation,
            List<ItemView> items,
            @Nullable InspectionView inspection,
            boolean ready,
            @Nullable HoursView hours,
            List<SpareView> spares) {}
}
