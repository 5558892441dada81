package truekeen.app.bench;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface Events extends JpaRepository<EventRow, Long> {
    List<EventRow> findBySessionIdAndPositionGreaterThanOrderByPosition(UUID sessionId, long position);

    /** Those of the ids that are stored. */
    @Query("select e.id from EventRow e where e.sessionId = :sessionId and e.id in :ids")
    Set<UUID> stored(UUID sessionId, Collection<UUID> ids);

    /** Ids of the newest events of a device, in the order they came. */
    @Query(
            value = "select id from (select id, position from bench_event where session_id = :sessionId"
                    + " and device = :device order by position desc limit :most) newest order by position",
            nativeQuery = true)
    List<UUID> newest(UUID sessionId, String device, int most);

    /** When something was first and last put down at a step of a session of a plan. */
    interface StepTimes {
        UUID getPlanId();

        int getStep();

        Instant getFirstAt();

        Instant getLastAt();

        /** Strokes that were put down with the first; they were done before it. */
        int getFirstAmount();
    }

    @Query(
            value = "select s.plan_id as planId, e.step as step, min(e.at) as firstAt, max(e.at) as lastAt,"
                    + " (array_agg(e.amount order by e.position))[1] as firstAmount from bench_event e"
                    + " join bench_session s on s.id = e.session_id where s.plan_id in :planIds"
                    + " group by s.plan_id, e.step",
            nativeQuery = true)
    List<StepTimes> stepTimes(Collection<UUID> planIds);

    @Query("select max(e.receivedAt) from EventRow e where e.sessionId = :sessionId and e.kind = 'COUNT'")
    Optional<Instant> lastCounted(UUID sessionId);
}
