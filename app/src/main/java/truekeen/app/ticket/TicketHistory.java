package truekeen.app.ticket;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.history.ExportSource;
import truekeen.app.history.HistoryEntry;
import truekeen.app.history.HistoryEntry.Kind;
import truekeen.app.history.HistorySource;
import truekeen.app.history.TableExport;
import truekeen.core.message.Days;
import truekeen.core.ticket.ThingState;

/** On which tickets a tool lay, for its log and its file. Names of whoever brought or took it are left out. */
@Component
@Transactional(readOnly = true)
class TicketHistory implements HistorySource {
    private final TicketRow.Rows tickets;
    private final ThingRow.Rows things;

    TicketHistory(TicketRow.Rows tickets, ThingRow.Rows things) {
        this.tickets = tickets;
        this.things = things;
    }

    @Override
    public List<HistoryEntry> history(UUID toolId) {
        List<HistoryEntry> entries = new ArrayList<>();
        for (ThingRow thing : things.findByToolIdOrderByBroughtAt(toolId)) {
            TicketRow ticket = tickets.findById(thing.ticketId).orElseThrow();
            List<String> lines = new ArrayList<>();
            if (ticket.promised != null) {
                lines.add(TicketWords.PROMISED_FOR.fill("day", Days.words(ticket.promised)));
            }
            if (!ticket.agreed.isBlank()) {
                lines.add(ticket.agreed);
            }
            entries.add(new HistoryEntry(
                    thing.broughtAt, Kind.TICKET, TicketWords.BROUGHT.fill("number", ticket.number), lines));
            if (thing.leftAt != null) {
                TicketWords left =
                        thing.leftHow == ThingState.Left.DONE ? TicketWords.LEFT_DONE : TicketWords.LEFT_UNDONE;
                entries.add(new HistoryEntry(
                        thing.leftAt,
                        Kind.TICKET,
                        left.fill("number", ticket.number),
                        thing.charged.isEmpty() ? List.of() : List.of(thing.charged)));
            }
        }
        return entries;
    }

    /** What this place writes into the file of a tool. */
    @Configuration
    static class Exports {
        @Bean
        ExportSource ticketExport(JdbcTemplate jdbc) {
            return TableExport.of(
                    jdbc,
                    "tickets",
                    "select (to_jsonb(h) - 'handed_to' || jsonb_build_object('number', t.number, 'promised', t.promised,"
                            + " 'agreed', t.agreed))::text from ticket_thing h join ticket t on t.id = h.ticket_id"
                            + " where h.tool_id = ? order by h.brought_at");
        }
    }
}
