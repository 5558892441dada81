package truekeen.app.kit;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;

@Entity
@Table(name = "tester")
class TesterRow {
    @Id
    UUID id;

    String name;

    @Column(name = "reference_g")
    double referenceG;

    @Version
    Long version;

    protected TesterRow() {}

    TesterRow(UUID id) {
        this.id = id;
    }
}
