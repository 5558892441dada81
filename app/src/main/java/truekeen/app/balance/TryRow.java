package truekeen.app.balance;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import truekeen.core.balance.BalanceTry;
import truekeen.core.balance.Balancing;

@Entity
@Table(name = "balance_try")
class TryRow {
    @Id
    UUID id;

    UUID toolId;
    UUID sessionId;
    int number;
    String person;
    Instant at;

    /** JSON of {@link TryStore#TYPED}. */
    @JdbcTypeCode(SqlTypes.JSON)
    String typed;

    int heavy;

    @Column(name = "unbalance_gmm")
    double unbalanceGmm;

    @Column(name = "resolution_gmm")
    double resolutionGmm;

    @Enumerated(EnumType.STRING)
    Balancing.State state;

    @Column(name = "removed_g")
    double removedG;

    int removedAt;

    @Column(name = "removed_radius_mm")
    double removedRadiusMm;

    protected TryRow() {}

    TryRow(UUID toolId, UUID sessionId, int number, Instant at) {
        this.id = UUID.randomUUID();
        this.toolId = toolId;
        this.sessionId = sessionId;
        this.number = number;
        this.at = at;
    }

    /** What was typed, by field; nothing where it cannot be read any more. */
    Map<String, String> typed() {
        return TryStore.TYPED.read(typed).orElse(Map.of());
    }

    BalanceTry toCore() {
        return new BalanceTry(heavy, unbalanceGmm, removedG, removedAt, removedRadiusMm);
    }
}
