package truekeen.app.platform;

import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Facts about this installation itself, each by its name: kept in the database, beside the shop's records. */
@Component
@Transactional
public class InstallationFacts {
    private final JdbcTemplate jdbc;

    InstallationFacts(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    /** What this is, and of which version. */
    public static String application() {
        String version = InstallationFacts.class.getPackage().getImplementationVersion();
        return "True Keen " + (version == null ? "under development" : version);
    }

    /** What is known under a name. */
    public Optional<String> get(String name) {
        List<String> values = jdbc.queryForList("select value from shop_fact where name = ?", String.class, name);
        return values.stream().findFirst();
    }

    /** Writes it, in place of what was there. */
    public void put(String name, String value) {
        jdbc.update(
                "insert into shop_fact (name, value) values (?, ?)"
                        + " on conflict (name) do update set value = excluded.value",
                name,
                value);
    }
}
