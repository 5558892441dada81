package truekeen.app.upkeep;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.SQLRestriction;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import truekeen.core.upkeep.EdgeLife;
import truekeen.core.upkeep.Rung;

/** What is stored of upkeep. What was put down by mistake is hidden, and can be brought back. */
final class UpkeepRows {
    private UpkeepRows() {}

    /** What is put down of a tool at some moment by some person, and can be hidden. */
    @MappedSuperclass
    abstract static class PutDown {
        @Id
        UUID id;

        UUID toolId;
        Instant at;
        String person;
        Instant deletedAt;

        protected PutDown() {}

        PutDown(UUID toolId, Instant at, String person) {
            this.id = UUID.randomUUID();
            this.toolId = toolId;
            this.at = at;
            this.person = person;
        }
    }

    @Entity(name = "ToolUseRow")
    @Table(name = "tool_use")
    @SQLRestriction("deleted_at is null")
    static class UseRow extends PutDown {
        double amount;

        protected UseRow() {}

        UseRow(UUID toolId, Instant at, double amount, String person) {
            super(toolId, at, person);
            this.amount = amount;
        }
    }

    @Entity(name = "UseReadingRow")
    @Table(name = "use_reading")
    @SQLRestriction("deleted_at is null")
    static class ReadingRow extends PutDown {
        double grams;

        @Column(name = "reference_g")
        double referenceG;

        protected ReadingRow() {}

        ReadingRow(UUID toolId, Instant at, double grams, double referenceG, String person) {
            super(toolId, at, person);
            this.grams = grams;
            this.referenceG = referenceG;
        }
    }

    @Entity(name = "TouchUpRow")
    @Table(name = "touch_up")
    @SQLRestriction("deleted_at is null")
    static class TouchUpRow extends PutDown {

        @Enumerated(EnumType.STRING)
        Rung rung;

        int strokes;
        boolean regained;

        @Column(name = "before_g")
        Double beforeG;

        @Column(name = "after_g")
        Double afterG;

        @Column(name = "reference_g")
        Double referenceG;

        protected TouchUpRow() {}

        TouchUpRow(UUID toolId, Instant at, Rung rung, String person) {
            super(toolId, at, person);
            this.rung = rung;
        }
    }

    @Entity(name = "NextTimeRow")
    @Table(name = "next_time")
    static class NextTimeRow {
        @Id
        UUID id;

        UUID toolId;
        Instant at;
        String words;
        String person;
        Instant doneAt;

        protected NextTimeRow() {}

        NextTimeRow(UUID toolId, Instant at, String words, String person) {
            this.id = UUID.randomUUID();
            this.toolId = toolId;
            this.at = at;
            this.words = words;
            this.person = person;
        }
    }

    interface NextTimes extends JpaRepository<NextTimeRow, UUID> {
        List<NextTimeRow> findByToolIdOrderByAt(UUID toolId);
    }

    interface Uses extends JpaRepository<UseRow, UUID> {
        List<UseRow> findByToolIdOrderByAtDesc(UUID toolId, Limit most);

        /** What the curve needs and no more: a year of them is read with every look at the page. */
        @Query("select new truekeen.core.upkeep.EdgeLife$Use(u.at, u.amount) from ToolUseRow u where u.toolId = :toolId"
                + " order by u.at")
        List<EdgeLife.Use> used(UUID toolId);
    }

    interface Readings extends JpaRepository<ReadingRow, UUID> {
        List<ReadingRow> findByToolIdOrderByAtDesc(UUID toolId, Limit most);

        boolean existsByToolId(UUID toolId);

        @Query("select new truekeen.core.upkeep.EdgeLife$Dated(r.at, r.grams / r.referenceG) from UseReadingRow r"
                + " where r.toolId = :toolId order by r.at")
        List<EdgeLife.Dated> read(UUID toolId);
    }

    interface TouchUps extends JpaRepository<TouchUpRow, UUID> {
        List<TouchUpRow> findByToolIdOrderByAt(UUID toolId);

        List<TouchUpRow> findByToolIdOrderByAtDesc(UUID toolId, Limit most);
    }
}
