package truekeen.app.plan;

import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import truekeen.app.kit.KitUse;

/** Plans that are still to be worked want the stones that they were made with. */
@Component
class PlansOnKit implements KitUse {
    private static final String STILL_TO_BE_WORKED = "select t.name from plan p join tool t on t.id = p.tool_id"
            + " where t.deleted_at is null"
            + " and p.made_at = (select max(q.made_at) from plan q where q.tool_id = p.tool_id)"
            + " and not exists (select 1 from bench_session s where s.plan_id = p.id and s.finished_at is not null)"
            + " and (p.grind_on = ?::uuid or p.snapshot::text like ? or p.steps::text like ?)"
            + " order by t.name limit 1";

    private final JdbcTemplate jdbc;

    PlansOnKit(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    @Override
    public Optional<String> wantedFor(UUID piece) {
        String somewhere = "%" + piece + "%";
        return jdbc.queryForList(STILL_TO_BE_WORKED, String.class, piece.toString(), somewhere, somewhere).stream()
                .findFirst()
                .map(tool -> PlanWords.WANTED_BY_PLAN.fill("tool", tool));
    }
}
