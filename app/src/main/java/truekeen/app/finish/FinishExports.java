package truekeen.app.finish;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.JdbcTemplate;
import truekeen.app.history.ExportSource;
import truekeen.app.history.TableExport;

/** What this place writes into the file of a tool. */
@Configuration
class FinishExports {
    @Bean
    ExportSource finishExport(JdbcTemplate jdbc) {
        return TableExport.ofTool(jdbc, "finished", "finish_card", "at");
    }
}
