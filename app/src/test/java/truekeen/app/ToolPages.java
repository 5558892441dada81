package truekeen.app;

import java.util.ArrayList;
import java.util.List;
import org.springframework.jdbc.core.JdbcTemplate;

/** The addresses that a tool is read at, its sessions among them. */
public final class ToolPages {
    private ToolPages() {}

    /** All of them; which answer 200 depends on how far the tool is. */
    public static List<String> of(String tool, JdbcTemplate jdbc) {
        List<String> pages = new ArrayList<>();
        for (String page : List.of("", "/stages", "/log", "/export", "/machine", "/session", "/house-rules")) {
            pages.add("/api/v1/tools/" + tool + page);
        }
        for (String page : List.of(
                "/survey",
                "/angle",
                "/plan",
                "/profile",
                "/test",
                "/finish",
                "/plan/usual-way",
                "/balance",
                "/upkeep",
                "/next-time")) {
            pages.add("/api/v1/tools/" + tool + page);
        }
        jdbc.queryForList("select id::text from bench_session where tool_id = ?::uuid", String.class, tool)
                .forEach(s -> pages.add("/api/v1/sessions/" + s));
        return pages;
    }
}
