package truekeen.app.ticket;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import truekeen.app.bench.SessionReadings;
import truekeen.app.board.BoardService;
import truekeen.app.board.BoardService.WorkedTool;
import truekeen.core.ticket.ThingState;

/** How far the things on tickets are. */
@Component
class TicketThings {
    private final BoardService board;
    private final SessionReadings sessions;

    TicketThings(BoardService board, SessionReadings sessions) {
        this.board = board;
        this.sessions = sessions;
    }

    /**
     * A thing on a ticket.
     *
     * @param work where the work on it stands
     * @param doneAt when it was done; empty while it is not
     * @param since when the round of work that it was brought for began: what was seen of it before is of another
     */
    record Thing(ThingRow row, WorkedTool work, ThingState state, Optional<Instant> doneAt, Instant since) {}

    /** Things in their order; those whose tool was deleted are passed over. */
    List<Thing> of(Collection<ThingRow> rows) {
        List<UUID> tools = rows.stream().map(r -> r.toolId).distinct().toList();
        Map<UUID, WorkedTool> worked = board.worked(tools);
        Map<UUID, Instant> finished = tools.isEmpty() ? Map.of() : sessions.lastFinished(tools);
        return rows.stream()
                .filter(r -> worked.containsKey(r.toolId))
                .map(r -> thing(r, worked.get(r.toolId), Optional.ofNullable(finished.get(r.toolId))))
                .toList();
    }

    private Thing thing(ThingRow row, WorkedTool work, Optional<Instant> finished) {
        ThingState state =
                ThingState.of(row.broughtAt, finished, work.begun(), work.rejected(), Optional.ofNullable(row.leftHow));
        boolean done = state == ThingState.TO_COLLECT || state == ThingState.HANDED_OVER;
        return new Thing(
                row,
                work,
                state,
                finished.filter(at -> done && at.isAfter(row.broughtAt)),
                sessions.roundBegan(row.toolId, row.broughtAt));
    }

    /** The same by ticket. */
    Map<UUID, List<Thing>> byTicket(Collection<ThingRow> rows) {
        return of(rows).stream().collect(Collectors.groupingBy(t -> t.row().ticketId));
    }
}
