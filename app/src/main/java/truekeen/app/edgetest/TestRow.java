package truekeen.app.edgetest;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import truekeen.core.fault.Diagnosis;
import truekeen.core.fault.Observation;
import truekeen.core.keenness.EdgeTest;
import truekeen.core.keenness.Reading;
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
    Double referenceG;

    @JdbcTypeCode(SqlTypes.JSON)
    List<Reading> readings;

    @JdbcTypeCode(SqlTypes.JSON)
    List<Observation> seen;

    @JdbcTypeCode(SqlTypes.JSON)
    Verdict verdict;

    /** Empty for tests of older versions: what they found stands in {@link #found}. */
    @JdbcTypeCode(SqlTypes.JSON)
    Diagnosis diagnosis;

    String found;
    boolean keen;
    boolean remedied;

    protected TestRow() {}

    TestRow(UUID sessionId, UUID toolId, Instant takenAt, String person) {
        this.id = UUID.randomUUID();
        this.sessionId = sessionId;
        this.toolId = toolId;
        this.takenAt = takenAt;
        this.person = person;
    }

    TestRow judged(
            Optional<EdgeTest> force,
            Optional<Verdict> judged,
            List<Observation> tests,
            Diagnosis likely,
            boolean passes) {
        referenceG = force.map(EdgeTest::referenceGrams).orElse(null);
        readings = force.map(EdgeTest::readings).orElse(List.of());
        seen = tests;
        verdict = judged.orElse(null);
        diagnosis = likely;
        found = likely.words();
        keen = passes;
        return this;
    }
}
