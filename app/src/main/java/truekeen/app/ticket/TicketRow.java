package truekeen.app.ticket;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

@Entity
@Table(name = "ticket")
class TicketRow {
    @Id
    UUID id;

    int number;

    /** Whose things they are; null where that owner is not known any more. */
    UUID crewId;

    String broughtBy = "";
    String contact = "";
    LocalDate promised;
    String agreed = "";
    Instant cameAt;

    /** When the names on it were deleted; null while they stand. */
    Instant forgottenAt;

    @Version
    Long version;

    protected TicketRow() {}

    TicketRow(int number, Instant cameAt) {
        this.id = UUID.randomUUID();
        this.number = number;
        this.cameAt = cameAt;
    }

    interface Rows extends JpaRepository<TicketRow, UUID> {
        @Query(value = "select nextval('ticket_number')", nativeQuery = true)
        int nextNumber();

        /** Tickets of which something is still here, or on which nothing stands yet. */
        @Query(
                "select t from TicketRow t where exists (select 1 from ThingRow h where h.ticketId = t.id and h.leftAt is null)"
                        + " or not exists (select 1 from ThingRow h where h.ticketId = t.id) order by t.number")
        List<TicketRow> open();

        /** Tickets of which everything has left, the newest first. */
        @Query("select t from TicketRow t where exists (select 1 from ThingRow h where h.ticketId = t.id)"
                + " and not exists (select 1 from ThingRow h where h.ticketId = t.id and h.leftAt is null)"
                + " order by t.number desc")
        List<TicketRow> ended(Limit most);
    }
}
