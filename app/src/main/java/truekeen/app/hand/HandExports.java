package truekeen.app.hand;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.JdbcTemplate;
import truekeen.app.history.ExportSource;
import truekeen.app.history.TableExport;

/** What this place writes into the file of a tool: strokes done and predicted. */
@Configuration
class HandExports {
    @Bean
    ExportSource observationExport(JdbcTemplate jdbc) {
        return TableExport.of(
                jdbc,
                "observations",
                "select to_jsonb(o)::text from stroke_observation o join bench_session s on s.id = o.session_id"
                        + " where s.tool_id = ? order by o.at, o.step");
    }
}
