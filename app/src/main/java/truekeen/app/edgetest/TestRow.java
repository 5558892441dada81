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

    /** JSON of {@link TestStore#READINGS}. */
    @JdbcTypeCode(SqlTypes.JSON)
    String readings;

    /** JSON of {@link TestStore#SEEN}. */
    @JdbcTypeCode(SqlTypes.JSON)
    String seen;

    /** JSON of {@link TestStore#VERDICT}; null where force was not read. */
    @JdbcTypeCode(SqlTypes.JSON)
    String verdict;

    /** JSON of {@link TestStore#DIAGNOSIS}; null for tests of older versions: what they found stands in {@link #found}. */
    @JdbcTypeCode(SqlTypes.JSON)
    String diagnosis;

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
        readings = TestStore.READINGS.write(force.map(EdgeTest::readings).orElse(List.of()));
        seen = TestStore.SEEN.write(tests);
        verdict = TestStore.VERDICT.write(judged.orElse(null));
        diagnosis = TestStore.DIAGNOSIS.write(likely);
        found = likely.words();
        keen = passes;
        return this;
    }

    /** Force at stations; none where it cannot be read any more. */
    List<Reading> readings() {
        return TestStore.READINGS.read(readings).orElse(List.of());
    }

    /** What was seen; nothing where it cannot be read any more. */
    List<Observation> seen() {
        return TestStore.SEEN.read(seen).orElse(List.of());
    }

    /** The judgement by force, where there is one that can be read. */
    Optional<Verdict> verdict() {
        return TestStore.VERDICT.read(verdict).value();
    }

    /** What is likely wrong, where that was worked out and can be read. */
    Optional<Diagnosis> diagnosis() {
        return TestStore.DIAGNOSIS.read(diagnosis).value();
    }

    /** Whether something of it is stored that cannot be read any more. */
    boolean unreadable() {
        return TestStore.READINGS.read(readings).unreadable()
                || TestStore.SEEN.read(seen).unreadable()
                || TestStore.VERDICT.read(verdict).unreadable()
                || TestStore.DIAGNOSIS.read(diagnosis).unreadable();
    }
}
