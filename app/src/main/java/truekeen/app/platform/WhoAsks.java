package truekeen.app.platform;

import jakarta.servlet.http.HttpServletRequest;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.WeakHashMap;
import javax.sql.DataSource;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.jdbc.datasource.DelegatingDataSource;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/**
 * Tells the database who asks, and what time it is for the bench: it writes down itself what is changed of tools, kit and rules.
 * Who works at a device is picked there and sent along; it is a name and no login.
 */
@Component
public class WhoAsks implements BeanPostProcessor {
    /** Who works at the device, written as a part of an address. */
    public static final String PERSON = "Truekeen-Person";

    /** Attribute of a request: the name of the device that it comes from; none at the machine itself. */
    public static final String DEVICE = "truekeen.device";

    private static final int LONGEST = 80;
    private static final List<String> READS = List.of("GET", "HEAD");

    private final ObjectProvider<BenchClock> clock;

    WhoAsks(ObjectProvider<BenchClock> clock) {
        this.clock = clock;
    }

    @Override
    public Object postProcessAfterInitialization(Object bean, String name) {
        return bean instanceof DataSource source ? new Telling(source, clock) : bean;
    }

    /** Who asks now, as far as it is known; empty outside of a request and where nobody said so. */
    static String now() {
        if (!(RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes of)) {
            return "";
        }
        HttpServletRequest request = of.getRequest();
        String device = request.getAttribute(DEVICE) instanceof String d ? d : "";
        String person = person(request.getHeader(PERSON));
        return person.isEmpty() ? device : person;
    }

    private static String person(String sent) {
        if (sent == null) {
            return "";
        }
        try {
            String name = URLDecoder.decode(sent, StandardCharsets.UTF_8)
                    .replaceAll("\\p{Cntrl}", " ")
                    .strip();
            return name.substring(0, Math.min(name.length(), LONGEST));
        } catch (IllegalArgumentException odd) {
            return "";
        }
    }

    private static boolean changes() {
        return !(RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes of)
                || !READS.contains(of.getRequest().getMethod());
    }

    private static final class Telling extends DelegatingDataSource {
        private final ObjectProvider<BenchClock> clock;
        /** What each connection was told last. */
        private final Map<Connection, String> told = Collections.synchronizedMap(new WeakHashMap<>());

        Telling(DataSource source, ObjectProvider<BenchClock> clock) {
            super(source);
            this.clock = clock;
        }

        @Override
        public Connection getConnection() throws SQLException {
            Connection connection = super.getConnection();
            if (!changes()) {
                return connection;
            }
            String person = now();
            BenchClock bench = clock.getIfAvailable();
            String offset = (bench == null ? 0 : bench.offset().toMillis()) + " milliseconds";
            Connection itself =
                    connection.isWrapperFor(Connection.class) ? connection.unwrap(Connection.class) : connection;
            String tell = offset + " " + person;
            if (!tell.equals(told.get(itself))) {
                try (PreparedStatement set = connection.prepareStatement(
                        "select set_config('truekeen.person', ?, false), set_config('truekeen.offset', ?, false)")) {
                    set.setString(1, person);
                    set.setString(2, offset);
                    set.execute();
                    if (!connection.getAutoCommit()) {
                        // Else it would be undone with the transaction that follows.
                        connection.commit();
                    }
                } catch (SQLException away) {
                    connection.close();
                    throw away;
                }
                told.put(itself, tell);
            }
            return connection;
        }
    }
}
