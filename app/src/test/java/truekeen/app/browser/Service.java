package truekeen.app.browser;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.HttpURLConnection;
import java.net.ServerSocket;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import truekeen.app.TestDatabase;

/**
 * The service as it is shipped: a process of its own, from a copy of the jar, on a database of its own. All tests of one
 * run share it, since it takes long to start; each asks for the demonstration as it was loaded, or for empty tables.
 */
final class Service implements AutoCloseable {
    private static final String DEADLOCK = "40P01";
    private static final int MOST_TRIES = 10;
    private static final Path BUILT = Path.of("target/truekeen.jar");
    private static final Path STAND_INS = Path.of("../standins/target/truekeen-standins.jar");

    private final String database;
    private final int port;
    /** Where the tablets of a network are let in, once the owner has a passphrase. */
    private final int network;

    private final Path jar;
    private final Path log;
    private Process process;
    private final Map<String, Integer> instruments = new TreeMap<>();

    private static Service shared;

    private Service() {
        try {
            database = TestDatabase.demo();
            Path home = Files.createTempDirectory("tk-service");
            jar = Files.copy(BUILT, home.resolve("truekeen.jar"), StandardCopyOption.REPLACE_EXISTING);
            log = home.resolve("log");
            port = free();
            network = free();
            for (String kind : List.of("ANGLE_GAUGE", "THREAD_TESTER", "THERMOMETER", "BEAM")) {
                instruments.put(kind, free());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static int free() throws IOException {
        try (ServerSocket free = new ServerSocket(0)) {
            return free.getLocalPort();
        }
    }

    /** Plugs a stand-in for an instrument in, which points at that value; its process can be killed. */
    Process plugIn(String kind, double value) {
        try {
            return new ProcessBuilder(
                            System.getProperty("java.home") + "/bin/java",
                            "-Xmx16m",
                            "-XX:+UseSerialGC",
                            "-XX:TieredStopAtLevel=1",
                            "-jar",
                            STAND_INS.toString(),
                            kind,
                            String.valueOf(instruments.get(kind)),
                            String.valueOf(value))
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.appendTo(log.toFile()))
                    .start();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** With nothing in its tables. */
    static Service empty() {
        return shared().tables(false);
    }

    /** On the demonstration, as it was loaded. */
    static Service demo() {
        return shared().tables(true);
    }

    private static synchronized Service shared() {
        if (shared == null) {
            shared = new Service().start();
            Runtime.getRuntime().addShutdownHook(new Thread(shared::end));
            shared.sql("create schema loaded");
            for (String table : shared.names()) {
                shared.sql("create table loaded." + table + " as table public." + table);
            }
        }
        return shared;
    }

    /** Empties all tables and fills them again with what was loaded, if that is asked for. */
    private Service tables(boolean filled) {
        StringBuilder all = new StringBuilder();
        names().forEach(t -> all.append("truncate public.").append(t).append(" cascade;"));
        if (filled) {
            // Foreign keys are not looked at meanwhile, so that the order of the tables does not matter.
            all.append("set session_replication_role = replica;");
            names().forEach(t -> all.append(
                    "insert into public.%s overriding system value select * from loaded.%s;".formatted(t, t)));
        }
        sql(all.toString());
        return this;
    }

    private List<String> names() {
        List<String> names = new ArrayList<>();
        try (Connection connection =
                        DriverManager.getConnection(database, TestDatabase.user(), TestDatabase.password());
                Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("select tablename from pg_tables where schemaname = 'public'"
                        + " and tablename <> 'flyway_schema_history'")) {
            while (rows.next()) {
                names.add(rows.getString(1));
            }
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
        return names;
    }

    /** The day that it is for the service. */
    static final LocalDate TODAY = LocalDate.of(2026, 5, 14);

    /** As if a day had gone by since the tool of that name was to be ready today. */
    void promisedForYesterday(String name) {
        for (String table : List.of("tool", "tool_standing")) {
            sql("update %s set wanted_by = '%s' where name = '%s'".formatted(table, TODAY.minusDays(1), name));
        }
    }

    /** What keeps a table from being written to. */
    interface WritingHeld extends AutoCloseable {
        void release() throws SQLException;

        @Override
        default void close() throws SQLException {
            release();
        }
    }

    /** Nothing can be written to that table until what comes back is released, as if the writing took long. */
    WritingHeld writingHeld(String table) {
        try {
            Connection holding = DriverManager.getConnection(database, TestDatabase.user(), TestDatabase.password());
            holding.setAutoCommit(false);
            try (Statement statement = holding.createStatement()) {
                statement.execute("lock table " + table + " in share mode");
            }
            return () -> {
                if (!holding.isClosed()) {
                    holding.rollback();
                    holding.close();
                }
            };
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Runs it; once more where a page of the test before still asked something and the two waited for each other. */
    private void sql(String code) {
        for (int tries = 1; ; tries++) {
            try (Connection connection =
                            DriverManager.getConnection(database, TestDatabase.user(), TestDatabase.password());
                    Statement statement = connection.createStatement()) {
                statement.execute(code);
                return;
            } catch (SQLException e) {
                if (!DEADLOCK.equals(e.getSQLState()) || tries == MOST_TRIES) {
                    throw new IllegalStateException(e);
                }
            }
        }
    }

    String url() {
        return "http://127.0.0.1:" + port;
    }

    /** Starts the process and waits until it answers. */
    Service start() {
        try {
            ProcessBuilder builder = new ProcessBuilder(
                            System.getProperty("java.home") + "/bin/java",
                            "-Xmx512m",
                            // a short life: quick to start matters more than quick at last
                            "-XX:TieredStopAtLevel=1",
                            "-XX:+UseSerialGC",
                            "-Djava.io.tmpdir=" + System.getProperty("java.io.tmpdir"),
                            "-jar",
                            jar.toString())
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.appendTo(log.toFile()));
            builder.environment()
                    .putAll(Map.of(
                            "TRUEKEEN_DB_URL",
                            database,
                            "TRUEKEEN_DB_USER",
                            TestDatabase.user(),
                            "TRUEKEEN_DB_PASSWORD",
                            TestDatabase.password(),
                            "TRUEKEEN_PORT",
                            String.valueOf(port),
                            "TRUEKEEN_DEMO",
                            "true",
                            "TRUEKEEN_CLOCK",
                            TestDatabase.DEMO_CLOCK));
            builder.environment()
                    .putAll(Map.of(
                            "TRUEKEEN_LAN",
                            "true",
                            "TRUEKEEN_LAN_PORT",
                            String.valueOf(network),
                            "TRUEKEEN_LAN_FOLDER",
                            jar.resolveSibling("lan").toString()));
            instruments.forEach((kind, at) -> builder.environment().put("TRUEKEEN_" + kind, "127.0.0.1:" + at));
            process = builder.start();
            // A busy machine takes long to start; six minutes are enough for one that can be worked at.
            for (int i = 0; i < 3600 && !healthy(); i++) {
                if (process.waitFor(100, TimeUnit.MILLISECONDS)) {
                    throw new IllegalStateException("the service ended: " + Files.readString(log));
                }
            }
            if (!healthy()) {
                throw new IllegalStateException("the service does not answer: " + Files.readString(log));
            }
            return this;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** Holds the process still, or lets it go on: meanwhile it takes requests and answers none. */
    void silent(boolean still) {
        try {
            new ProcessBuilder("sh", "-c", "kill -" + (still ? "STOP " : "CONT ") + process.pid())
                    .inheritIO()
                    .start()
                    .waitFor();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** SIGKILL: no farewell, as in a power cut. */
    void kill() {
        process.destroyForcibly();
        try {
            process.waitFor(20, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** Turns every connection to the database away and ends those there are, or lets them in again. */
    void databaseAway(boolean away) {
        String name = database.substring(database.lastIndexOf('/') + 1);
        String server = database.substring(0, database.lastIndexOf('/') + 1) + "postgres";
        try (Connection connection = DriverManager.getConnection(server, TestDatabase.user(), TestDatabase.password());
                Statement statement = connection.createStatement()) {
            statement.execute("alter database " + name + " allow_connections " + !away);
            statement.execute("select pg_terminate_backend(pid) from pg_stat_activity where datname = '" + name + "'");
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    private boolean healthy() {
        try {
            HttpURLConnection ask = (HttpURLConnection)
                    URI.create(url() + "/actuator/health").toURL().openConnection();
            ask.setConnectTimeout(500);
            ask.setReadTimeout(2000);
            return ask.getResponseCode() == 200;
        } catch (IOException notYet) {
            return false;
        }
    }

    /** The process goes on for the next test. */
    @Override
    public void close() {
        // Nothing to do: it ends with the run.
    }

    private void end() {
        process.destroyForcibly();
        try {
            Files.deleteIfExists(jar);
        } catch (IOException left) {
            throw new UncheckedIOException(left);
        }
    }
}
