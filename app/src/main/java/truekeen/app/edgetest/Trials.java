package truekeen.app.edgetest;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import truekeen.core.fault.RemedyRecord;

interface Trials extends JpaRepository<TrialRow, UUID> {
    List<TrialRow> findByTestIdOrderByAt(UUID testId);

    List<TrialRow> findByTestIdInAndWorkedIsNull(List<UUID> testIds);

    /** How each remedy did here, over all tools. */
    @Query("select new truekeen.core.fault.RemedyRecord(t.remedy, cast(count(t) as integer),"
            + " cast(sum(case when t.worked then 1 else 0 end) as integer))"
            + " from TrialRow t where t.worked is not null group by t.remedy")
    List<RemedyRecord> records();
}
