package truekeen.app.ticket;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import truekeen.core.ticket.ThingState;

@Entity
@Table(name = "ticket_thing")
class ThingRow {
    @Id
    UUID id;

    UUID ticketId;
    UUID toolId;
    int place;
    Instant broughtAt;

    /** How it left; null while it is here. */
    @Enumerated(EnumType.STRING)
    ThingState.Left leftHow;

    Instant leftAt;
    String handedTo = "";

    /** What was asked for it when it left, in words; empty where there is no price. */
    String charged = "";

    protected ThingRow() {}

    ThingRow(UUID ticketId, UUID toolId, int place, Instant broughtAt) {
        this.id = UUID.randomUUID();
        this.ticketId = ticketId;
        this.toolId = toolId;
        this.place = place;
        this.broughtAt = broughtAt;
    }

    interface Rows extends JpaRepository<ThingRow, UUID> {
        List<ThingRow> findByTicketIdOrderByPlace(UUID ticketId);

        List<ThingRow> findByTicketIdInOrderByPlace(Collection<UUID> ticketIds);

        List<ThingRow> findByToolIdOrderByBroughtAt(UUID toolId);

        List<ThingRow> findByToolIdInAndLeftAtIsNull(Collection<UUID> toolIds);
    }
}
