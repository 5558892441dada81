package truekeen.app.backup;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.zip.GZIPInputStream;
import org.flywaydb.core.Flyway;
import org.postgresql.ds.PGSimpleDataSource;
import truekeen.app.TestDatabase;

/** Shops to write backups of, and to read them into. */
final class Shops {
    private Shops() {}

    static PGSimpleDataSource at(String url) {
        PGSimpleDataSource source = new PGSimpleDataSource();
        source.setUrl(url);
        source.setUser(TestDatabase.user());
        source.setPassword(TestDatabase.password());
        return source;
    }

    /** A shop as a released version left it. */
    static PGSimpleDataSource released(String shop) throws IOException, SQLException {
        PGSimpleDataSource source = at(TestDatabase.fresh());
        try (InputStream in = Shops.class.getResourceAsStream("/shops/" + shop + ".sql.gz");
                Connection connection = source.getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute(new String(new GZIPInputStream(in).readAllBytes(), StandardCharsets.UTF_8));
        }
        return source;
    }

    /** A shop into which nothing was put yet. Its tables are made once; each that asks gets a copy. */
    static PGSimpleDataSource empty() {
        return at(TestDatabase.copy(Empty.URL));
    }

    /** Made when the first asks. */
    private static final class Empty {
        private static final String URL = TestDatabase.fresh();

        static {
            migrate(at(URL));
        }
    }

    static void migrate(PGSimpleDataSource source) {
        Flyway.configure().dataSource(source).load().migrate();
    }

    /** All rows of all tables and where the sequences stand, each as one text, by table. */
    static Map<String, String> all(PGSimpleDataSource source) throws SQLException {
        Map<String, String> all = new TreeMap<>();
        try (Connection connection = source.getConnection()) {
            connection.createStatement().execute("set time zone 'UTC'");
            ShopTables tables = new ShopTables(connection, "public");
            for (ShopTables.Table table : tables.all()) {
                all.put(
                        table.name(),
                        text(
                                connection,
                                "select coalesce(string_agg(t::text, E'\\n' order by t::text), '') from "
                                        + tables.full(table.name()) + " t"));
            }
            all.put(
                    "sequences",
                    tables.sequences().stream().map(Object::toString).collect(Collectors.joining("\n")));
        }
        return all;
    }

    static String text(Connection connection, String sql) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet found = statement.executeQuery(sql)) {
            found.next();
            return found.getString(1);
        }
    }
}
