package truekeen.app.board;

import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import truekeen.app.history.ShopFilling;
import truekeen.app.history.ShopReplaced;
import truekeen.app.history.ToolChanged;
import truekeen.app.platform.BenchClock;
import truekeen.app.shop.CrewRenamed;
import truekeen.app.survey.SurveyService;
import truekeen.app.tool.ToolKeeping;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolService.RackedTool;
import truekeen.core.message.RefusedException;

/** Keeps the board's rows true: each within the transaction that changes its tool. */
@Component
class BoardProjection implements SmartInitializingSingleton {
    private static final Logger LOG = LoggerFactory.getLogger(BoardProjection.class);

    private final StandingRow.Rows rows;
    private final Standings standings;
    private final ToolService tools;
    private final ToolKeeping keeping;
    private final SurveyService surveys;
    private final BenchClock clock;
    private final TransactionTemplate transaction;
    private final boolean rebuild;
    /** While a whole shop is put in: when each of its tools was touched last. */
    private final Map<UUID, Instant> waiting = new LinkedHashMap<>();

    private boolean filling;

    BoardProjection(
            StandingRow.Rows rows,
            Standings standings,
            ToolService tools,
            ToolKeeping keeping,
            SurveyService surveys,
            BenchClock clock,
            TransactionTemplate transaction,
            @Value("${truekeen.rebuild-board:false}") boolean rebuild) {
        this.rows = rows;
        this.standings = standings;
        this.tools = tools;
        this.keeping = keeping;
        this.surveys = surveys;
        this.clock = clock;
        this.transaction = transaction;
        this.rebuild = rebuild;
    }

    /** Works out anew where a tool stands. */
    @EventListener
    @Transactional
    public void changed(ToolChanged change) {
        if (filling) {
            waiting.put(change.toolId(), clock.instant());
        } else {
            write(change.toolId(), clock.instant());
        }
    }

    /** Waits while a whole shop is put in, before the first request is taken, and then works out each tool once. */
    @EventListener
    public void filled(ShopFilling shop) {
        filling = !shop.done();
        waiting.forEach((tool, touched) -> transaction.executeWithoutResult(t -> write(tool, touched)));
        waiting.clear();
    }

    /** Writes the new name of an owner at each of its tools. */
    @EventListener
    @Transactional
    public void renamed(CrewRenamed owner) {
        keeping.ofCrew(owner.crewId()).forEach(tool -> write(tool, null));
    }

    /** A shop that was read from a backup may come from an older version. */
    @EventListener(ShopReplaced.class)
    public void replaced() {
        afterSingletonsInstantiated();
    }

    /** Fills in what is missing, as on a shop that comes from an older version; everything, where that is asked for. */
    @Override
    public void afterSingletonsInstantiated() {
        if (rebuild) {
            transaction.executeWithoutResult(t -> rows.deleteAllInBatch());
        }
        var missing = rows.missing();
        for (UUID tool : missing) {
            transaction.executeWithoutResult(t -> write(tool, null));
        }
        if (!missing.isEmpty()) {
            LOG.info("The board was worked out for {} tools", missing.size());
        }
    }

    private void write(UUID id, Instant touched) {
        if (!keeping.there(id)) {
            rows.deleteById(id);
            return;
        }
        RackedTool tool = tools.racked(id);
        StandingRow row = rows.findById(id).orElseGet(() -> new StandingRow(id));
        row.name = tool.name();
        row.owner = tool.owner();
        row.kind = tool.kind();
        row.wantedBy = tool.wantedBy().orElse(null);
        row.layout = tool.layout().map(StoredLayout.FORMAT::write).orElse(null);
        row.powered = tool.powered();
        row.family = tool.family();
        row.steel = tool.steel();
        row.retired = tool.retired();
        row.pinned = tool.pinned();
        row.away = tool.away();
        if (tool.layout().isPresent()) {
            fill(row, tool);
        } else {
            unreadable(row);
        }
        row.touchedAt = touched == null ? row.touchedAt : touched;
        rows.save(row);
    }

    private void fill(StandingRow row, RackedTool tool) {
        try {
            ToolStanding s = standings.of(tool);
            row.standing = s.standing();
            row.next = s.next();
            row.sessionId = s.openSession().orElse(null);
            row.ready = s.rested();
            row.nextCheck = s.rested() ? s.nextCheck().orElse(null) : null;
            row.marks = s.surveyed() ? StoredMarks.FORMAT.write(surveys.found(tool.id())) : null;
        } catch (RefusedException olderRecord) {
            unreadable(row);
        }
    }

    private static void unreadable(StandingRow row) {
        row.standing = Standing.UNREADABLE;
        row.next = NextAct.LOOK;
        row.sessionId = null;
        row.ready = false;
        row.nextCheck = null;
        row.marks = null;
    }
}
