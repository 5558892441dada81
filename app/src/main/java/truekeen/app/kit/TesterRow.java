package truekeen.app.kit;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.SQLRestriction;

@Entity
@Table(name = "tester")
@SQLRestriction("deleted_at is null")
class TesterRow {
    @Id
    UUID id;

    /** When it was deleted; null while it is there. */
    Instant deletedAt;

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
