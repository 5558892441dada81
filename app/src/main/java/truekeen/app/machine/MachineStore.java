package truekeen.app.machine;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** The stores of this place. */
final class MachineStore {
    private MachineStore() {}

    interface Machines extends JpaRepository<MachineRow, UUID> {
        List<MachineRow> findAllByOrderByName();

        Optional<MachineRow> findByNameIgnoreCase(String name);
    }

    interface Blades extends JpaRepository<BladeRow, UUID> {
        List<BladeRow> findByMachineId(UUID machineId);
    }

    interface Isolations extends JpaRepository<IsolationRow, UUID> {
        Optional<IsolationRow> findByMachineIdAndLiftedAtIsNull(UUID machineId);

        List<IsolationRow> findByMachineIdOrderByAt(UUID machineId);
    }

    interface Inspections extends JpaRepository<InspectionRow, UUID> {
        Optional<InspectionRow> findFirstByToolIdAndClosedAtIsNullOrderByAtDesc(UUID toolId);

        List<InspectionRow> findByToolIdAndClosedAtIsNull(UUID toolId);

        List<InspectionRow> findByToolIdOrderByAt(UUID toolId);
    }

    interface Hours extends JpaRepository<HoursRow, UUID> {
        List<HoursRow> findByToolIdOrderByDay(UUID toolId);

        List<HoursRow> findByToolIdInOrderByDay(Collection<UUID> toolIds);
    }
}
