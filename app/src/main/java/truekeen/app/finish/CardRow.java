package truekeen.app.finish;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

@Entity
@Table(name = "finish_card")
class CardRow {
    @Id
    UUID sessionId;

    UUID toolId;
    Instant at;
    String person;

    /** JSON of {@link CardStore#DONE}. */
    @JdbcTypeCode(SqlTypes.JSON)
    String done;

    /** JSON of {@link CardStore#SEEN}. */
    @JdbcTypeCode(SqlTypes.JSON)
    String seen;

    @Column(name = "cap_iron_mm")
    Double capIronMm;

    String capTyped = "";
    String torque = "";
    LocalDate nextCheck;

    protected CardRow() {}

    CardRow(UUID sessionId, UUID toolId, Instant at, String person) {
        this.sessionId = sessionId;
        this.toolId = toolId;
        this.at = at;
        this.person = person;
    }

    /** Names of the acts that were done. */
    List<String> done() {
        return CardStore.DONE.read(done).orElse(List.of());
    }

    /** What the first cut showed, in words. */
    List<String> seen() {
        return CardStore.SEEN.read(seen).orElse(List.of());
    }
}
