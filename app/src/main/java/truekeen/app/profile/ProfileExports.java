package truekeen.app.profile;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.JdbcTemplate;
import truekeen.app.history.ExportSource;
import truekeen.app.history.TableExport;

/** What this place writes into the file of a tool. */
@Configuration
class ProfileExports {
    @Bean
    ExportSource traceExport(JdbcTemplate jdbc) {
        return TableExport.ofTool(jdbc, "traces", "trace", "taken_at");
    }

    /** Photographs with their pictures, as Base64. */
    @Bean
    ExportSource photoExport(JdbcTemplate jdbc) {
        return TableExport.of(
                jdbc,
                "photographs",
                "select ((to_jsonb(p) - 'jpeg') || jsonb_build_object("
                        + "'jpeg_base64', translate(encode(p.jpeg, 'base64'), E'\\n', '')))::text"
                        + " from photo p where p.tool_id = ? order by p.taken_at");
    }
}
