package truekeen.app.edgetest;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import truekeen.core.fault.RemedyRecord;

interface TriedRemedies extends JpaRepository<TriedRemedyRow, UUID> {
    List<TriedRemedyRow> findByTestIdOrderByAt(UUID testId);

    List<TriedRemedyRow> findByAfterIdOrderByAt(UUID afterId);

    List<TriedRemedyRow> findByToolIdOrderByAt(UUID toolId);

    /** What was tried in a session and no test has judged yet. */
    @Query("select t from TriedRemedyRow t where t.worked is null"
            + " and t.testId in (select e.id from TestRow e where e.sessionId = :sessionId)")
    List<TriedRemedyRow> open(UUID sessionId);

    /** How each remedy did here, over all tools. */
    @Query("select new truekeen.core.fault.RemedyRecord(t.remedy, cast(count(t) as integer),"
            + " cast(sum(case when t.worked then 1 else 0 end) as integer))"
            + " from TriedRemedyRow t where t.worked is not null group by t.remedy")
    List<RemedyRecord> records();
}
