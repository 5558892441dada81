package truekeen.app.tool;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import truekeen.core.tool.Blade;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.Measures;

@Entity
@Table(name = "tool")
class ToolRow {
    @Id
    UUID id;

    String name;
    UUID crewId;
    String trade;
    String steel;

    @Enumerated(EnumType.STRING)
    GeometryKind geometry;

    /** By field, in mm, degrees and counts. */
    @JdbcTypeCode(SqlTypes.JSON)
    Map<String, Double> dimensions;

    Double hardnessHrc;
    Double scratchUm;
    String note;
    LocalDate wantedBy;

    @JdbcTypeCode(SqlTypes.JSON)
    Map<String, String> typed;

    Instant takenInAt;

    @Version
    Long version;

    protected ToolRow() {}

    ToolRow(UUID id) {
        this.id = id;
    }

    Blade blade() {
        return geometry.build(new Measures(dimensions));
    }
}
