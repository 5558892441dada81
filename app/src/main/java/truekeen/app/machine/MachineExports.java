package truekeen.app.machine;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.JdbcTemplate;
import truekeen.app.history.ExportSource;
import truekeen.app.history.TableExport;

/** What this place writes into the file of a tool. */
@Configuration
class MachineExports {
    @Bean
    ExportSource machineExport(JdbcTemplate jdbc) {
        return TableExport.of(
                jdbc,
                "machines",
                "select to_jsonb(m)::text from machine m join machine_blade b on b.machine_id = m.id"
                        + " where b.tool_id = ?");
    }

    @Bean
    ExportSource bladeExport(JdbcTemplate jdbc) {
        return TableExport.ofTool(jdbc, "blades", "machine_blade", "since");
    }

    @Bean
    ExportSource isolationExport(JdbcTemplate jdbc) {
        return TableExport.of(
                jdbc,
                "isolated",
                "select to_jsonb(i)::text from isolation i join machine_blade b on b.machine_id = i.machine_id"
                        + " where b.tool_id = ? order by i.at");
    }

    @Bean
    ExportSource inspectionExport(JdbcTemplate jdbc) {
        return TableExport.ofTool(jdbc, "inspected", "inspection", "at");
    }

    @Bean
    ExportSource hoursExport(JdbcTemplate jdbc) {
        return TableExport.ofTool(jdbc, "hours", "running_hours", "day");
    }
}
