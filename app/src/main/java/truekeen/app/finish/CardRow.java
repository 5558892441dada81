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

    @JdbcTypeCode(SqlTypes.JSON)
    List<String> done;

    /** Signs of the first cut, in words. */
    @JdbcTypeCode(SqlTypes.JSON)
    List<String> seen;

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
}
