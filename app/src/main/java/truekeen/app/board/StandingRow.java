package truekeen.app.board;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import truekeen.core.tool.GeometryKind;

/** A tool on the board. */
@Entity
@Table(name = "tool_standing")
class StandingRow {
    @Id
    UUID toolId;

    String name;
    String owner;
    String kind;
    LocalDate wantedBy;

    /** JSON of {@link StoredLayout#FORMAT}; null where the tool's record cannot be read. */
    @JdbcTypeCode(SqlTypes.JSON)
    String layout;

    boolean powered;

    @Enumerated(EnumType.STRING)
    Standing standing;

    @Enumerated(EnumType.STRING)
    NextAct next;

    /** The open session, or null. */
    UUID sessionId;

    boolean ready;
    LocalDate nextCheck;

    @Enumerated(EnumType.STRING)
    GeometryKind family;

    String steel;

    /** JSON of {@link StoredMarks#FORMAT}: what the survey of this round found; null where there is none. */
    @JdbcTypeCode(SqlTypes.JSON)
    String marks;

    boolean retired;
    boolean pinned;

    /** Whether its owner took it back before it was done. */
    boolean away;

    /** When something was last done with it; null where that is not known. */
    Instant touchedAt;

    protected StandingRow() {}

    StandingRow(UUID toolId) {
        this.toolId = toolId;
    }

    interface Rows extends JpaRepository<StandingRow, UUID> {
        /** Tools that may press: all but those that are ready and not yet due, or not here. */
        @Query(
                value = "select * from tool_standing where not retired and not away"
                        + " and (not ready or powered or next_check <= :today)"
                        + " order by wanted_by asc nulls last, name",
                nativeQuery = true)
        List<StandingRow> pressing(LocalDate today);

        List<StandingRow> findByPinnedTrueAndRetiredFalseOrderByName();

        List<StandingRow> findByRetiredFalseAndTouchedAtNotNullOrderByTouchedAtDesc(Limit most);

        int countByRetiredFalse();

        @Query(value = "select * from tool_standing order by wanted_by asc nulls last, name", nativeQuery = true)
        List<StandingRow> inOrder();

        /** Tools that have no row yet. */
        @Query(
                value = "select t.id from tool t where t.deleted_at is null and not exists"
                        + " (select 1 from tool_standing s where s.tool_id = t.id)",
                nativeQuery = true)
        List<UUID> missing();
    }
}
