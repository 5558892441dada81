package truekeen.app.kit;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;

@Entity
@Table(name = "guide")
class GuideRow {
    @Id
    UUID id;

    String name;
    double rollerRadiusMm;
    double axleBelowBackMm;
    double axleSetbackMm;
    String note;

    @Version
    Long version;

    protected GuideRow() {}

    GuideRow(UUID id) {
        this.id = id;
    }
}
