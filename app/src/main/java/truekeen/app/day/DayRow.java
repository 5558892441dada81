package truekeen.app.day;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

@Entity
@Immutable
@Table(name = "day_plan")
class DayRow {
    @Id
    UUID id;

    LocalDate day;
    Instant madeAt;
    Instant beginsAt;

    /** JSON of {@link StoredDay#WISHES}. */
    @JdbcTypeCode(SqlTypes.JSON)
    String wishes;

    /** JSON of {@link StoredDay#TIMETABLE}. */
    @JdbcTypeCode(SqlTypes.JSON)
    String timetable;

    protected DayRow() {}

    DayRow(LocalDate day, Instant madeAt, Instant beginsAt) {
        this.id = UUID.randomUUID();
        this.day = day;
        this.madeAt = madeAt;
        this.beginsAt = beginsAt;
    }

    interface Rows extends JpaRepository<DayRow, UUID> {
        Optional<DayRow> findFirstByDayOrderByMadeAtDesc(LocalDate day);

        Optional<DayRow> findFirstByDayAndMadeAtLessThanOrderByMadeAtDesc(LocalDate day, Instant madeAt);

        List<DayRow> findByDayLessThanEqualOrderByMadeAtDesc(LocalDate day, Limit most);
    }
}
