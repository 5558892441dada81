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
import truekeen.core.message.RefusedException;
import truekeen.core.profile.EdgeProfile;
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

    /** JSON of {@link TraceStore#FORM}. */
    @JdbcTypeCode(SqlTypes.JSON)
    String form;

    /** JSON of {@link TraceStore#POINTS}. */
    @JdbcTypeCode(SqlTypes.JSON)
    String points;

    protected TraceRow() {}

    TraceRow(UUID toolId, Instant takenAt, UUID photoId, TraceForm form, List<Point> points) {
        this.id = UUID.randomUUID();
        this.toolId = toolId;
        this.takenAt = takenAt;
        this.person = form.person();
        this.photoId = photoId;
        this.form = TraceStore.FORM.write(form);
        this.points = TraceStore.POINTS.write(points);
    }

    /** The trace as it was put in; refused where it cannot be read any more. */
    TraceForm form() {
        return TraceStore.FORM.read(form).orRefuse("trace");
    }

    /** The same on the tool (mm); refused where it cannot be read any more. */
    List<Point> points() {
        return TraceStore.POINTS.read(points).orRefuse("trace");
    }

    /** Whether both can be read. */
    boolean readable() {
        try {
            return TraceStore.FORM.read(form).value().isPresent()
                    && EdgeProfile.through(points()).lengthMm() > 0;
        } catch (RefusedException noCurve) {
            return false;
        }
    }
}
