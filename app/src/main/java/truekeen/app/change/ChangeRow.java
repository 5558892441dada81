package truekeen.app.change;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** One part of one thing that was changed, as the database wrote it down. */
@Entity
@Table(name = "change_kept")
class ChangeRow {
    @Id
    Long id;

    Instant at;
    String person;

    /** The table of the thing. */
    String thing;

    UUID thingId;

    /** The tool it belongs to, if it is of one. */
    UUID toolId;

    String name;

    /** Column and the parts below it, by dots; empty where the thing came in. */
    String field;

    String was;
    String becomes;

    protected ChangeRow() {}

    interface Rows extends JpaRepository<ChangeRow, Long> {
        @Query("select c from ChangeRow c where (c.at < :at or c.at = :at and c.id < :id)"
                + " and (cast(:tool as uuid) is null or c.toolId = :tool) order by c.at desc, c.id desc")
        List<ChangeRow> before(Instant at, long id, UUID tool, Limit limit);
    }
}
