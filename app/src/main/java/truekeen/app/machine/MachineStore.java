package truekeen.app.machine;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

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

        @Modifying(flushAutomatically = true, clearAutomatically = true)
        @Query(
                value = "update running_hours set deleted_at = :at where id = :id and tool_id = :toolId",
                nativeQuery = true)
        int hide(UUID toolId, UUID id, Instant at);
    }
}
