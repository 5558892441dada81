package truekeen.app.machine;

import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.machine.MachineStore.Blades;
import truekeen.app.machine.MachineStore.Inspections;
import truekeen.app.machine.MachineStore.Isolations;
import truekeen.app.machine.MachineStore.Machines;
import truekeen.app.tool.ToolService;
import truekeen.core.machine.Inspection;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;

/**
 * The gate that every place asks before it shows or takes anything about the blade of a machine. Tools that belong to no
 * machine pass it untouched.
 */
@Service
@Transactional(readOnly = true)
public class MachineReadiness {
    private final ToolService tools;
    private final Machines machines;
    private final Blades blades;
    private final Isolations isolations;
    private final Inspections inspections;

    MachineReadiness(
            ToolService tools, Machines machines, Blades blades, Isolations isolations, Inspections inspections) {
        this.tools = tools;
        this.machines = machines;
        this.blades = blades;
        this.isolations = isolations;
        this.inspections = inspections;
    }

    /**
     * How a blade stands before the gate.
     *
     * @param powered whether it belongs to a machine at all
     * @param safe whether its machine is recorded as safe
     * @param fit whether it was inspected and may be worked
     * @param rejected why it may not be worked ever again; empty where it may
     */
    public record Standing(boolean powered, boolean safe, boolean fit, Optional<String> rejected) {
        /** Whether it may be worked. */
        public boolean ready() {
            return !powered || safe && fit && rejected.isEmpty();
        }
    }

    /** How a blade stands. */
    public Standing standing(UUID toolId) {
        if (!tools.powered(toolId)) {
            return new Standing(false, true, true, Optional.empty());
        }
        // A record from before the blade was put to this machine does not speak for it.
        boolean safe = blades.findById(toolId)
                .filter(b -> isolations
                        .findByMachineIdAndLiftedAtIsNull(b.machineId)
                        .filter(i -> !i.at.isBefore(b.since))
                        .isPresent())
                .isPresent();
        Optional<InspectionRow> newest = inspections.findFirstByToolIdAndClosedAtIsNullOrderByAtDesc(toolId);
        return new Standing(
                true,
                safe,
                newest.filter(i -> i.verdict == Inspection.Verdict.FIT).isPresent(),
                newest.filter(i -> i.verdict == Inspection.Verdict.REJECT).map(i -> String.join("; ", i.reasons())));
    }

    /** Refuses unless the machine is recorded as safe. */
    public void requireSafe(UUID toolId) {
        require(toolId, standing(toolId), false);
    }

    /** Refuses unless the machine is recorded as safe and the blade was found fit. */
    public void requireReady(UUID toolId) {
        require(toolId, standing(toolId), true);
    }

    private void require(UUID toolId, Standing standing, boolean inspected) {
        if (!standing.powered) {
            return;
        }
        if (!standing.safe) {
            throw new RefusedException(Refusal.of(MessageCode.ISOLATE_FIRST, "", "")
                    .with(
                            "what",
                            machineOf(toolId)
                                    .map(m -> "“" + m.name + "”")
                                    .orElse(MachineWords.MACHINE_OF_BLADE.words())));
        }
        if (!inspected) {
            return;
        }
        standing.rejected.ifPresent(why -> {
            throw new RefusedException(Refusal.of(MessageCode.BLADE_REJECTED, "", why));
        });
        if (!standing.fit) {
            throw new RefusedException(Refusal.of(MessageCode.INSPECT_FIRST, "", MachineWords.CRACKS_FIRST.words()));
        }
    }

    private Optional<MachineRow> machineOf(UUID toolId) {
        return blades.findById(toolId).flatMap(b -> machines.findById(b.machineId));
    }
}
