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
import truekeen.core.holding.SavedSetting;
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

    /** JSON of {@link SetupStore#SETTINGS}. */
    @JdbcTypeCode(SqlTypes.JSON)
    String settings = SetupStore.SETTINGS.write(List.of());

    double inkDeg;

    /** JSON of {@link SetupStore#RESTATED}. */
    @JdbcTypeCode(SqlTypes.JSON)
    String restated = SetupStore.RESTATED.write(List.of());

    /** JSON of {@link SetupStore#TYPED}. */
    @JdbcTypeCode(SqlTypes.JSON)
    String typed;

    Instant madeAt;

    @Version
    Long version;

    protected SetupRow() {}

    SetupRow(UUID toolId, String name) {
        this.id = UUID.randomUUID();
        this.toolId = toolId;
        this.name = name;
    }

    /** The same for another tool like it. */
    SetupRow forAnother(UUID tool, Instant now) {
        SetupRow row = new SetupRow(tool, name);
        row.trade = trade;
        row.primaryDeg = primaryDeg;
        row.lastDeg = lastDeg;
        row.backDeg = backDeg;
        row.wheelMm = wheelMm;
        row.camberMm = camberMm;
        row.holderId = holderId;
        row.settings = settings;
        row.inkDeg = inkDeg;
        row.typed = typed;
        row.madeAt = now;
        return row;
    }

    /** Why and when the settings changed, and from what to what. */
    record Restated(Instant at, String because, String change) {}

    /** What is set for each bevel; nothing where that cannot be read any more, so that it is set anew. */
    List<SavedSetting> settings() {
        return SetupStore.SETTINGS.read(settings).orElse(List.of());
    }

    /** What changed the settings, oldest first. */
    List<Restated> restated() {
        return SetupStore.RESTATED.read(restated).orElse(List.of());
    }

    /** The set-up as it was typed. */
    AngleForm typed() {
        return SetupStore.TYPED.read(typed).orElse(AngleForm.advised("", "", "", name));
    }

    TargetBevel target() {
        return new TargetBevel(
                Angle.ofDegrees(primaryDeg),
                Angle.ofDegrees(lastDeg),
                Optional.ofNullable(backDeg).map(Angle::ofDegrees),
                Optional.ofNullable(wheelMm).map(Length::ofMm));
    }
}
