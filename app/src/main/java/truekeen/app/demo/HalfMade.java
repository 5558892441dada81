package truekeen.app.demo;

import java.util.List;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Clears a demonstration that was left half made. Only ever called where the database is marked as one that was begun by
 * this program and not finished.
 */
@Component
class HalfMade {
    private final JdbcTemplate jdbc;

    HalfMade(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    /** Empties every table but those about the installation itself. */
    @Transactional
    public void clear() {
        List<String> tables = jdbc.queryForList(
                "select quote_ident(table_name) from information_schema.tables where table_schema = 'public'"
                        + " and table_type = 'BASE TABLE' and table_name not in ('flyway_schema_history', 'shop_fact')",
                String.class);
        jdbc.execute("truncate " + String.join(", ", tables) + " restart identity cascade");
    }
}
