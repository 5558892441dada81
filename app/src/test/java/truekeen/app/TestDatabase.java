package truekeen.app;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.test.context.DynamicPropertyRegistry;

/** Databases of their own for tests, on the throwaway cluster that ./test starts. */
public final class TestDatabase {
    private static final AtomicInteger NUMBER = new AtomicInteger();

    private TestDatabase() {}

    /** Makes an empty database and gives its JDBC address. */
    public static String fresh() {
        String server = System.getenv("TRUEKEEN_TEST_DB");
        if (server == null) {
            throw new IllegalStateException("tests want a cluster: run them with ./test");
        }
        String name = "t" + ProcessHandle.current().pid() + "_" + NUMBER.incrementAndGet();
        String base = "jdbc:postgresql://" + server + "/";
        try (Connection connection = DriverManager.getConnection(base + "postgres", user(), password());
                Statement statement = connection.createStatement()) {
            statement.execute("create database " + name);
        } catch (SQLException e) {
            throw new IllegalStateException("no database could be made at " + base, e);
        }
        return base + name;
    }

    /** Gives a test class a database of its own, beside the one that all others share. */
    public static void own(DynamicPropertyRegistry registry) {
        String url = fresh();
        registry.add("spring.datasource.hikari.jdbc-url", () -> url);
    }

    public static String user() {
        return System.getenv("TRUEKEEN_DB_USER");
    }

    public static String password() {
        return System.getenv("TRUEKEEN_DB_PASSWORD");
    }
}
