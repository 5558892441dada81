package truekeen.app.history;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;

/** Writes the rows of one table out, column by column, as they are stored. */
public final class TableExport implements ExportSource {
    private static final ObjectMapper JSON = new ObjectMapper();

    private final JdbcTemplate jdbc;
    private final String section;
    private final String query;

    private TableExport(JdbcTemplate jdbc, String section, String query) {
        this.jdbc = jdbc;
        this.section = section;
        this.query = query;
    }

    /**
     * The rows of a table that has a column {@code tool_id}.
     *
     * @param order column they are ordered by
     */
    public static TableExport ofTool(JdbcTemplate jdbc, String section, String table, String order) {
        return new TableExport(
                jdbc, section, "select to_jsonb(t)::text from " + table + " t where t.tool_id = ? order by t." + order);
    }

    /**
     * The rows that a query gives.
     *
     * @param query gives one JSON text a row; its one parameter is the id of the tool
     */
    public static TableExport of(JdbcTemplate jdbc, String section, String query) {
        return new TableExport(jdbc, section, query);
    }

    @Override
    public String section() {
        return section;
    }

    @Override
    public List<JsonNode> rows(UUID toolId) {
        return jdbc.query(query, (row, number) -> read(row.getString(1)), toolId);
    }

    private static JsonNode read(String json) {
        try {
            return JSON.readTree(json);
        } catch (JsonProcessingException impossible) {
            throw new IllegalStateException("the database gave what is no JSON", impossible);
        }
    }
}
