package truekeen.app.edgetest;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import truekeen.core.fault.Diagnosis;
import truekeen.core.fault.Remedy;

/** A remedy that was accepted, and what the next test said of it. */
@Entity
@Table(name = "remedy_trial")
class TriedRemedyRow {
    @Id
    UUID id;

    UUID toolId;
    UUID testId;
    UUID afterId;
    String remedy;

    /** JSON of {@link TestStore#FINDING}. */
    @JdbcTypeCode(SqlTypes.JSON)
    String finding;

    Boolean worked;
    Instant at;

    protected TriedRemedyRow() {}

    TriedRemedyRow(TestRow test, Remedy remedy, Diagnosis.Finding finding, Instant at) {
        this.id = UUID.randomUUID();
        this.toolId = test.toolId;
        this.testId = test.id;
        this.remedy = remedy.key();
        this.finding = TestStore.FINDING.write(finding);
        this.at = at;
    }

    /** The finding it was accepted for, where that can be read. */
    Optional<Diagnosis.Finding> finding() {
        return TestStore.FINDING.read(finding).value();
    }
}
