package truekeen.app.profile;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import truekeen.app.profile.ProfileRecords.TraceForm;
import truekeen.core.section.Point;

@Entity
@Table(name = "trace")
class TraceRow {
    @Id
    UUID id;

    UUID toolId;
    Instant takenAt;
    String person;
    UUID photoId;

    @JdbcTypeCode(SqlTypes.JSON)
    TraceForm form;

    /** As traced, in millimetres. */
    @JdbcTypeCode(SqlTypes.JSON)
    List<Point> points;

    protected TraceRow() {}

    TraceRow(UUID toolId, Instant takenAt, UUID photoId, TraceForm form, List<Point> points) {
        this.id = UUID.randomUUID();
        this.toolId = toolId;
        this.takenAt = takenAt;
        this.person = form.person();
        this.photoId = photoId;
        this.form = form;
        this.points = points;
    }
}
