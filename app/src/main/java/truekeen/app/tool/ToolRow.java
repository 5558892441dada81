package truekeen.app.tool;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.tool.FlatBackTool;

@Entity
@Table(name = "tool")
class ToolRow {
    @Id
    UUID id;

    String name;
    UUID crewId;
    String trade;
    String steel;
    double widthMm;
    double thicknessMm;
    double usableLengthMm;
    double retireLengthMm;
    double primaryDeg;
    Double secondaryDeg;
    Double secondaryWidthMm;
    double skewDeg;
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

    FlatBackTool geometry() {
        return new FlatBackTool(
                Length.ofMm(widthMm),
                Length.ofMm(thicknessMm),
                Length.ofMm(usableLengthMm),
                Length.ofMm(retireLengthMm),
                Angle.ofDegrees(primaryDeg),
                Optional.ofNullable(secondaryDeg).map(Angle::ofDegrees),
                Optional.ofNullable(secondaryWidthMm).map(Length::ofMm),
                Angle.ofDegrees(skewDeg));
    }
}
