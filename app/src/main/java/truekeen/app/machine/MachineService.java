package truekeen.app.machine;

import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.history.HistoryEntry;
import truekeen.app.history.HistorySource;
import truekeen.app.history.ToolChanged;
import truekeen.app.machine.MachineRecords.BladeForm;
import truekeen.app.machine.MachineRecords.IsolationForm;
import truekeen.app.machine.MachineRecords.IsolationView;
import truekeen.app.machine.MachineRecords.LiftForm;
import truekeen.app.machine.MachineRecords.MachineForm;
import truekeen.app.machine.MachineRecords.MachineState;
import truekeen.app.machine.MachineRecords.MachineView;
import truekeen.app.machine.MachineRecords.PowerView;
import truekeen.app.machine.MachineRecords.SafetyActView;
import truekeen.app.machine.MachineRecords.SpareView;
import truekeen.app.machine.MachineStore.Blades;
import truekeen.app.machine.MachineStore.Isolations;
import truekeen.app.machine.MachineStore.Machines;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.app.tool.ToolKeeping;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.core.machine.Isolation;
import truekeen.core.machine.PowerSource;
import truekeen.core.machine.SafetyAct;
import truekeen.core.message.InWords;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.QuantityReader;
import truekeen.core.tool.GeometryKind;

/** Machines, and whether they are safe to reach into. */
@Service
@Transactional
public class MachineService implements HistorySource {
    private final Machines machines;
    private final Blades blades;
    private final Isolations isolations;
    private final InspectionService inspections;
    private final HoursService hours;
    private final ToolService tools;
    private final ToolKeeping keeping;
    private final MachineReadiness gate;
    private final ApplicationEventPublisher publisher;
    private final BenchClock clock;

    MachineService(
            Machines machines,
            Blades blades,
            Isolations isolations,
            InspectionService inspections,
            HoursService hours,
            ToolService tools,
            ToolKeeping keeping,
            MachineReadiness gate,
            ApplicationEventPublisher publisher,
            BenchClock clock) {
        this.machines = machines;
        this.blades = blades;
        this.isolations = isolations;
        this.inspections = inspections;
        this.hours = hours;
        this.tools = tools;
        this.keeping = keeping;
        this.gate = gate;
        this.publisher = publisher;
        this.clock = clock;
    }

    /** What a blade turns at and weighs, as far as it is known. */
    public record Running(Optional<String> machine, Optional<Double> perMinute, Optional<Double> massG) {}

    /** Where a blade stands as to its machine. */
    @Transactional(readOnly = true)
    public MachineState state(UUID toolId) {
        CoreTool tool = tools.core(toolId);
        GeometryKind kind = tool.geometry().kind();
        Optional<BladeRow> blade = blades.findById(toolId);
        Optional<MachineRow> machine = blade.flatMap(b -> machines.findById(b.machineId));
        MachineReadiness.Standing standing = gate.standing(toolId);
        Optional<IsolationRow> isolation =
                machine.filter(m -> standing.safe()).flatMap(m -> isolations.findByMachineIdAndLiftedAtIsNull(m.id));
        return new MachineState(
                toolId,
                tool.name(),
                kind.powered(),
                kind.powered() && kind != GeometryKind.TRIMMER,
                Isolation.FIRST,
                machine.map(MachineService::view).orElse(null),
                machines.findAllByOrderByName().stream()
                        .map(MachineService::view)
                        .toList(),
                Arrays.stream(PowerSource.values())
                        .map(p -> new PowerView(p, p.words()))
                        .toList(),
                blade.map(b -> b.fitted).orElse(false),
                blade.map(b -> b.massG).orElse(null),
                machine.map(m -> Isolation.acts(m.power, kind).stream()
                                .map(MachineService::view)
                                .toList())
                        .orElse(List.of()),
                isolation.map(i -> view(i, machine.get().power, kind)).orElse(null),
                isolation.isPresent() ? inspections.items(toolId) : List.of(),
                inspections.current(toolId).orElse(null),
                standing.ready(),
                hours.view(toolId).orElse(null),
                machine.map(m -> spares(m, toolId)).orElse(List.of()));
    }

    /** Says which machine a blade belongs to. */
    public MachineState belongsTo(UUID toolId, BladeForm in) {
        requirePowered(toolId);
        Form form = new Form();
        MachineRow machine = Form.blank(in.machineId())
                ? made(form, in.machine())
                : machines.findById(Form.id("machine", in.machineId()))
                        .orElseThrow(() -> Form.notFound("machine", in.machineId()));
        Double mass =
                Form.blank(in.mass()) ? null : form.checks().attempt(() -> QuantityReader.grams("mass", in.mass()));
        form.checks().within("mass", MachineWords.MASS_OF_BLADE.words(), mass, 20, 20_000, InWords.G);
        form.checks().orThrow();
        if (Form.blank(in.machineId())) {
            machines.saveAndFlush(machine);
        }
        BladeRow blade = blades.findById(toolId).orElseGet(() -> new BladeRow(toolId, clock.instant()));
        if (in.fitted()) {
            gate.standing(toolId).rejected().ifPresent(why -> {
                throw new RefusedException(Refusal.of(MessageCode.BLADE_REJECTED, "fitted", why));
            });
            makeRoom(machine, blade);
        }
        if (!machine.id.equals(blade.machineId)) {
            blade.since = clock.instant();
        }
        blade.machineId = machine.id;
        blade.fitted = in.fitted();
        if (mass != null) {
            blade.massG = mass;
        }
        blades.saveAndFlush(blade);
        changed(machine);
        return state(toolId);
    }

    /** A blade that leaves the rack is on no machine any more; brought back it is a spare. */
    public void comesOff(UUID toolId) {
        blades.findById(toolId).ifPresent(b -> {
            b.fitted = false;
            blades.saveAndFlush(b);
        });
    }

    /** A spare of the same machine takes its turn; a blade that is new to a machine does not push another off it. */
    private void makeRoom(MachineRow machine, BladeRow blade) {
        Optional<BladeRow> other = blades.findByMachineId(machine.id).stream()
                .filter(b -> b.fitted && !b.toolId.equals(blade.toolId))
                .findFirst();
        if (other.isPresent() && !machine.id.equals(blade.machineId)) {
            throw new RefusedException(Refusal.of(MessageCode.TWO_FITTED, "fitted", tools.name(other.get().toolId))
                    .with("what", machine.name));
        }
        other.ifPresent(b -> {
            b.fitted = false;
            blades.saveAndFlush(b);
        });
    }

    /** Records a machine as safe: every act confirmed, with a name. Asking twice records it once. */
    public MachineState isolate(UUID toolId, IsolationForm in) {
        GeometryKind kind = requirePowered(toolId);
        MachineRow machine = machineOf(toolId);
        Form form = new Form();
        form.checks().text("person", MachineWords.WHO_MADE_IT_SAFE.words(), in.person(), true, 80);
        List<String> acts = in.acts() == null ? List.of() : in.acts();
        List<SafetyAct> missing = Isolation.missing(machine.power, kind, new HashSet<>(acts));
        form.checks()
                .require(
                        missing.isEmpty(),
                        () -> Refusal.of(
                                MessageCode.ISOLATION_OPEN,
                                "acts",
                                String.join(
                                        ", ",
                                        missing.stream()
                                                .map(a -> a.title().toLowerCase(java.util.Locale.ROOT))
                                                .toList())));
        form.checks().orThrow();
        if (!gate.standing(toolId).safe()) {
            lift(machine, in.person().strip(), MachineWords.RECORDED_AGAIN.words());
            List<String> confirmed = Isolation.acts(machine.power, kind).stream()
                    .map(SafetyAct::key)
                    .toList();
            isolations.saveAndFlush(new IsolationRow(machine.id, in.person().strip(), clock.instant(), confirmed));
            changed(machine);
        }
        return state(toolId);
    }

    /** The machine is no longer safe: from now on nothing is done to its blades. */
    public MachineState lift(UUID toolId, LiftForm in) {
        requirePowered(toolId);
        Form form = new Form();
        form.checks().text("person", MachineWords.WHO_GIVES_BACK.words(), in.person(), true, 80);
        form.checks().text("why", MachineWords.A_REASON.words(), in.why(), false, 200);
        form.checks().orThrow();
        lift(machineOf(toolId), in.person().strip(), Form.orEmpty(in.why()).strip());
        return state(toolId);
    }

    /** A blade went back on its machine: its inspection is over, and the machine is given back. */
    public void refitted(UUID toolId, String person) {
        if (tools.powered(toolId)) {
            inspections.close(toolId);
            lift(machineOf(toolId), Form.blank(person) ? MachineWords.NO_NAME.words() : person.strip(), "refitted");
        }
    }

    /** What a blade turns at and weighs. */
    @Transactional(readOnly = true)
    public Running running(UUID toolId) {
        Optional<BladeRow> blade = blades.findById(toolId);
        Optional<MachineRow> machine = blade.flatMap(b -> machines.findById(b.machineId));
        return new Running(
                machine.map(m -> m.name),
                machine.flatMap(m -> Optional.ofNullable(m.perMinute)),
                blade.flatMap(b -> Optional.ofNullable(b.massG)));
    }

    /** When its machine was made safe and given back, for the log of a blade. */
    @Override
    @Transactional(readOnly = true)
    public List<HistoryEntry> history(UUID toolId) {
        return blades.findById(toolId)
                .flatMap(b -> machines.findById(b.machineId))
                .map(m -> isolations.findByMachineIdOrderByAt(m.id).stream()
                        .flatMap(i -> MachineHistory.isolation(i, m.power, tools.kind(toolId)).stream())
                        .toList())
                .orElse(List.of());
    }

    private void lift(MachineRow machine, String person, String why) {
        isolations.findByMachineIdAndLiftedAtIsNull(machine.id).ifPresent(i -> {
            i.liftedAt = clock.instant();
            i.liftedBy = person;
            i.liftedWhy = why;
            isolations.saveAndFlush(i);
        });
        changed(machine);
    }

    /** All blades of a machine stand differently once it does. */
    private void changed(MachineRow machine) {
        blades.findByMachineId(machine.id).forEach(b -> publisher.publishEvent(new ToolChanged(b.toolId)));
    }

    private MachineRow made(Form form, MachineForm in) {
        MachineForm given = in == null ? new MachineForm("", "", "", 1, 12) : in;
        form.checks().text("machine.name", MachineWords.NAME_OF_MACHINE.words(), given.name(), true, 80);
        MachineRow row = new MachineRow(clock.instant());
        row.power = form.oneOf("machine.power", MachineWords.WHAT_DRIVES.words(), given.power(), PowerSource.class);
        row.perMinute = Form.blank(given.perMinute())
                ? null
                : form.checks().attempt(() -> QuantityReader.number("machine.perMinute", given.perMinute(), "/min"));
        form.checks()
                .within("machine.perMinute", MachineWords.TURNS_A_MINUTE.words(), row.perMinute, 100, 20_000, " /min");
        form.checks()
                .within("machine.seasonFrom", MachineWords.A_MONTH.words(), (double) given.seasonFrom(), 1, 12, "");
        form.checks().within("machine.seasonTo", MachineWords.A_MONTH.words(), (double) given.seasonTo(), 1, 12, "");
        row.name = Form.orEmpty(given.name()).strip();
        row.seasonFrom = given.seasonFrom();
        row.seasonTo = given.seasonTo();
        form.checks().require(machines.findByNameIgnoreCase(row.name).isEmpty(), () -> Refusal.of(
                        MessageCode.NAME_TAKEN, "machine.name", row.name)
                .with("what", "machine"));
        return row;
    }

    private List<SpareView> spares(MachineRow machine, UUID toolId) {
        return blades.findByMachineId(machine.id).stream()
                .filter(b -> !b.toolId.equals(toolId) && keeping.there(b.toolId))
                .map(b -> new SpareView(
                        b.toolId,
                        tools.name(b.toolId),
                        b.fitted,
                        gate.standing(b.toolId).rejected().isPresent()
                                ? "rejected"
                                : b.fitted ? MachineWords.ON_THE_MACHINE.words() : "spare"))
                .toList();
    }

    private GeometryKind requirePowered(UUID toolId) {
        GeometryKind kind = tools.core(toolId).geometry().kind();
        if (!kind.powered()) {
            throw new RefusedException(Refusal.of(MessageCode.NOT_POWERED, "", kind.key()));
        }
        return kind;
    }

    private MachineRow machineOf(UUID toolId) {
        return blades.findById(toolId)
                .flatMap(b -> machines.findById(b.machineId))
                .orElseThrow(() -> new RefusedException(Refusal.of(MessageCode.MACHINE_FIRST, "machineId", "")));
    }

    private static MachineView view(MachineRow m) {
        return new MachineView(m.id, m.name, m.power, m.power.words(), m.perMinute, m.seasonFrom, m.seasonTo);
    }

    private static SafetyActView view(SafetyAct a) {
        return new SafetyActView(a.key(), a.title(), a.how(), a.why());
    }

    private static IsolationView view(IsolationRow i, PowerSource power, GeometryKind kind) {
        return new IsolationView(
                i.person,
                i.at,
                Isolation.acts(power, kind).stream()
                        .filter(a -> i.acts().contains(a.key()))
                        .map(SafetyAct::title)
                        .toList());
    }
}
