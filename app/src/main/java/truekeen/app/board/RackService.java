package truekeen.app.board;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.board.BoardRecords.BelongingsView;
import truekeen.app.board.BoardRecords.DeletedView;
import truekeen.app.history.ExportSource;
import truekeen.app.tool.ToolKeeping;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;

/** Takes tools off the rack and hangs them back: out of use, deleted, brought back. */
@Service
@Transactional
public class RackService {
    /** What a person knows of a tool, by section of its file: one of it, several. */
    private static final Map<String, String[]> NAMED = Map.of(
            "surveys", new String[] {"survey", "surveys"},
            "setups", new String[] {"set-up", "set-ups"},
            "plans", new String[] {"plan", "plans"},
            "sessions", new String[] {"session at the bench", "sessions at the bench"},
            "tests", new String[] {"test", "tests"},
            "notes", new String[] {"note", "notes"},
            "photos", new String[] {"photograph", "photographs"},
            "traces", new String[] {"outline", "outlines"},
            "balance", new String[] {"balance", "balances"},
            "inspected", new String[] {"inspection", "inspections"});

    private final ToolKeeping keeping;
    private final Standings standings;
    private final List<ExportSource> sources;

    RackService(ToolKeeping keeping, Standings standings, List<ExportSource> sources) {
        this.keeping = keeping;
        this.standings = standings;
        this.sources = sources;
    }

    /** What goes with a tool when it is deleted, and whether it can be. */
    @Transactional(readOnly = true)
    public BelongingsView belongings(UUID toolId) {
        boolean open = standings.of(toolId).openSession().isPresent();
        return new BelongingsView(
                open ? MessageCode.AT_THE_BENCH.words() : "",
                sources.stream().flatMap(s -> part(s, toolId)).toList());
    }

    private static Stream<String> part(ExportSource source, UUID toolId) {
        String[] named = NAMED.get(source.section());
        int count = named == null ? 0 : source.rows(toolId).size();
        return count == 0 ? Stream.empty() : Stream.of(count + " " + named[count == 1 ? 0 : 1]);
    }

    /** Takes a tool out of use; one at the bench is refused. */
    public void retire(UUID toolId) {
        notAtTheBench(toolId);
        keeping.retire(toolId, true);
    }

    /** Deletes a tool, for a while to be undone; one at the bench is refused. */
    public void delete(UUID toolId) {
        notAtTheBench(toolId);
        keeping.delete(toolId);
    }

    /** What was deleted and can be brought back. */
    @Transactional(readOnly = true)
    public List<DeletedView> deleted() {
        return keeping.deleted().stream()
                .map(t -> new DeletedView(t.id(), t.name(), t.deletedAt(), t.until()))
                .toList();
    }

    /** Every day: what was deleted long enough ago is gone for good. */
    @Scheduled(fixedDelay = 24, initialDelay = 0, timeUnit = java.util.concurrent.TimeUnit.HOURS)
    public void forget() {
        keeping.forget();
    }

    private void notAtTheBench(UUID toolId) {
        if (standings.of(toolId).openSession().isPresent()) {
            throw new RefusedException(Refusal.of(MessageCode.AT_THE_BENCH, "", ""));
        }
    }
}
