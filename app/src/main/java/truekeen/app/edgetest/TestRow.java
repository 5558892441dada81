package truekeen.app.edgetest;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import truekeen.core.keenness.EdgeTest;
import truekeen.core.keenness.Reading;
import truekeen.core.keenness.Stretch;
import truekeen.core.keenness.Verdict;

@Entity
@Table(name = "edge_test")
class TestRow {
    @Id
    UUID id;

    UUID sessionId;
    UUID toolId;
    Instant takenAt;
    String person;

    @Column(name = "reference_g")
    double referenceG;

    @JdbcTypeCode(SqlTypes.JSON)
    List<Reading> readings;

    @JdbcTypeCode(SqlTypes.JSON)
    List<Stretch> light;

    @JdbcTypeCode(SqlTypes.JSON)
    Verdict verdict;

    boolean keen;
    boolean remedied;

    protected TestRow() {}

    TestRow(UUID sessionId, UUID toolId, Instant takenAt, String person, EdgeTest test, Verdict verdict) {
        this.id = UUID.randomUUID();
        this.sessionId = sessionId;
        this.toolId = toolId;
        this.takenAt = takenAt;
        this.person = person;
        this.referenceG = test.referenceGrams();
        this.readings = test.readings();
        this.light = test.light();
        this.verdict = verdict;
        this.keen = verdict.keen();
    }
}
