package truekeen.app.angle;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import truekeen.app.angle.AngleRecords.AngleForm;
import truekeen.app.angle.AngleRecords.KeptSetting;
import truekeen.app.angle.AngleRecords.RestatedNote;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.TargetBevel;

@Entity
@Table(name = "setup")
class SetupRow {
    @Id
    UUID id;

    UUID toolId;
    String name;
    String trade;
    double primaryDeg;
    double lastDeg;
    Double backDeg;
    Double wheelMm;
    Double camberMm;
    UUID holderId;

    @JdbcTypeCode(SqlTypes.JSON)
    List<KeptSetting> settings = List.of();

    double inkDeg;

    @JdbcTypeCode(SqlTypes.JSON)
    List<RestatedNote> restated = List.of();

    @JdbcTypeCode(SqlTypes.JSON)
    AngleForm typed;

    Instant madeAt;

    @Version
    Long version;

    protected SetupRow() {}

    SetupRow(UUID toolId, String name) {
        this.id = UUID.randomUUID();
        this.toolId = toolId;
        this.name = name;
    }

    TargetBevel target() {
        return new TargetBevel(
                Angle.ofDegrees(primaryDeg),
                Angle.ofDegrees(lastDeg),
                Optional.ofNullable(backDeg).map(Angle::ofDegrees),
                Optional.ofNullable(wheelMm).map(Length::ofMm));
    }
}
