package truekeen.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.test.context.DynamicPropertyRegistry;
import truekeen.core.progression.ProgressionPlanner;

/** Databases of their own for tests, on the throwaway cluster that ./test starts. */
public final class TestDatabase {
    /** When it is in the demonstration. */
    public static final String DEMO_CLOCK = "2026-05-14T09:30:00Z";

    private static final AtomicInteger NUMBER = new AtomicInteger();

    private TestDatabase() {}

    /** Makes an empty database and gives its JDBC address. */
    public static String fresh() {
        return made("");
    }

    /**
     * Makes a database with the demonstration of {@link #DEMO_CLOCK} in it and gives its JDBC address. The first that
     * asks has it made by the services, as a first start does; whoever comes later, in whatever process, gets a copy.
     */
    public static String demo() {
        String name = "demo_" + Long.toString(builtAt(), Character.MAX_RADIX);
        try (Connection connection = DriverManager.getConnection(base() + "postgres", user(), password());
                Statement statement = connection.createStatement()) {
            // Held until the connection is closed: one process makes it, the other waits.
            statement.execute("select pg_advisory_lock(" + name.hashCode() + ")");
            if (!there(statement, name)) {
                String url = fresh();
                demonstration(url).close();
                String made = url.substring(base().length());
                statement.execute("alter database " + made + " rename to " + name);
            }
            return made(" template " + name);
        } catch (SQLException e) {
            throw new IllegalStateException("no demonstration could be made at " + base(), e);
        }
    }

    /** Makes a copy of a database that nobody is connected to, and gives its JDBC address. */
    public static String copy(String url) {
        return made(" template " + url.substring(base().length()));
    }

    private static boolean there(Statement statement, String name) throws SQLException {
        try (var found = statement.executeQuery("select 1 from pg_database where datname = '" + name + "'")) {
            return found.next();
        }
    }

    private static ConfigurableApplicationContext demonstration(String url) {
        return new SpringApplicationBuilder(TrueKeenApplication.class)
                .run(
                        "--server.port=0",
                        "--spring.datasource.url=" + url,
                        "--spring.datasource.username=" + user(),
                        "--spring.datasource.password=" + password(),
                        "--logging.structured.format.console=",
                        "--truekeen.demo=true",
                        "--truekeen.clock=" + DEMO_CLOCK);
    }

    /** When the code was built that would make the demonstration: a cluster that lasts keeps older ones too. */
    private static long builtAt() {
        return Stream.of(TrueKeenApplication.class, ProgressionPlanner.class)
                .map(c -> Path.of(
                        c.getProtectionDomain().getCodeSource().getLocation().getPath()))
                .mapToLong(TestDatabase::newest)
                .max()
                .orElseThrow();
    }

    private static long newest(Path built) {
        try (Stream<Path> files = Files.walk(built)) {
            return files.mapToLong(f -> f.toFile().lastModified()).max().orElseThrow();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String base() {
        String server = System.getenv("TRUEKEEN_TEST_DB");
        if (server == null) {
            throw new IllegalStateException("tests want a cluster: run them with ./test");
        }
        return "jdbc:postgresql://" + server + "/";
    }

    private static String made(String how) {
        String name = "t" + ProcessHandle.current().pid() + "_" + NUMBER.incrementAndGet();
        try (Connection connection = DriverManager.getConnection(base() + "postgres", user(), password());
                Statement statement = connection.createStatement()) {
            statement.execute("create database " + name + how);
        } catch (SQLException e) {
            throw new IllegalStateException("no database could be made at " + base(), e);
        }
        return base() + name;
    }

    /** Gives a test class a database of its own, beside the one that all others share. */
    public static void own(DynamicPropertyRegistry registry) {
        String url = fresh();
        registry.add("spring.datasource.hikari.jdbc-url", () -> url);
    }

    /** Gives a test class a demonstration of its own. */
    public static void ownDemo(DynamicPropertyRegistry registry) {
        String url = demo();
        registry.add("spring.datasource.hikari.jdbc-url", () -> url);
    }

    public static String user() {
        return System.getenv("TRUEKEEN_DB_USER");
    }

    public static String password() {
        return System.getenv("TRUEKEEN_DB_PASSWORD");
    }
}
