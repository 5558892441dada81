package truekeen.app.houserule;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.JdbcTemplate;
import truekeen.app.history.ExportSource;
import truekeen.app.history.TableExport;

/** What this place writes into the file of a tool: the rules it is excepted from. */
@Configuration
class HouseRuleExports {
    @Bean
    ExportSource exceptionExport(JdbcTemplate jdbc) {
        return TableExport.ofTool(jdbc, "exceptions", "house_rule", "rule");
    }
}
