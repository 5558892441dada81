package truekeen.app.survey;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.JdbcTemplate;
import truekeen.app.history.ExportSource;
import truekeen.app.history.TableExport;

/** What this place writes into the file of a tool. */
@Configuration
class SurveyExports {
    @Bean
    ExportSource surveyExport(JdbcTemplate jdbc) {
        return TableExport.ofTool(jdbc, "surveys", "survey", "taken_at");
    }

    @Bean
    ExportSource outcomeExport(JdbcTemplate jdbc) {
        return TableExport.ofTool(jdbc, "outcomes", "edge_outcome", "at");
    }
}
