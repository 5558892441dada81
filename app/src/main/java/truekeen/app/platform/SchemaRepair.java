package truekeen.app.platform;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Set;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Migration 2 was changed twice after shops had been made with it. A shop that was made with an earlier text of it has a
 * checksum that no longer fits and lacks what was added: both are put right here, before anything else is migrated, and
 * every record is kept. No other difference is passed over; a test holds the checksum of every migration.
 */
public final class SchemaRepair {
    private static final Logger LOG = LoggerFactory.getLogger(SchemaRepair.class);
    /** Checksums of the earlier texts of migration 2. */
    private static final Set<Integer> EARLIER = Set.of(1566513470, -763438836);
    /** Checksum of its text as it is. */
    private static final int NOW = -1718512803;

    /** What the earlier texts did not do yet; harmless where it was done. */
    private static final String ADDED =
            """
            alter table tool add column if not exists hardness_hrc double precision;
            update setup set typed = jsonb_build_object(
                'trade', '', 'primary', '', 'last', '', 'backBevel', '', 'ruleThickness', '', 'ruleReach', '',
                'wheelDiameter', '', 'camber', '', 'shaving', '', 'strokes', '', 'otherPrimary', '', 'otherLast', '',
                'guideId', guide_id::text, 'name', name, 'version', 0) || coalesce(typed, '{}'::jsonb);
            update survey set form = '{"fared": ""}'::jsonb || form;
            update tool set typed = (
                select coalesce(jsonb_object_agg(key, value), '{}'::jsonb) from jsonb_each_text(typed)
                where value <> '');
            """;

    private SchemaRepair() {}

    /** Brings a shop that was made with an earlier text of migration 2 up to date; harmless for any other. */
    public static void repair(DataSource source) {
        try (Connection connection = source.getConnection()) {
            connection.setAutoCommit(false);
            if (atEarlierTwo(connection)) {
                try (Statement statement = connection.createStatement()) {
                    statement.execute(ADDED);
                    statement.executeUpdate(
                            "update flyway_schema_history set checksum = " + NOW + " where version = '2'");
                }
                connection.commit();
                LOG.info("An earlier text of migration 2 was brought up to date");
            }
        } catch (SQLException e) {
            throw new IllegalStateException("the schema of an earlier version could not be brought up to date", e);
        }
    }

    private static boolean atEarlierTwo(Connection connection) throws SQLException {
        try (PreparedStatement there =
                        connection.prepareStatement("select to_regclass('flyway_schema_history') is not null");
                ResultSet answer = there.executeQuery()) {
            if (!answer.next() || !answer.getBoolean(1)) {
                return false;
            }
        }
        try (PreparedStatement checksum = connection.prepareStatement(
                        "select checksum from flyway_schema_history where version = '2' and success");
                ResultSet answer = checksum.executeQuery()) {
            return answer.next() && EARLIER.contains(answer.getInt(1));
        }
    }
}
