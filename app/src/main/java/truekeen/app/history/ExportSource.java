package truekeen.app.history;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.UUID;

/** A place that has records of a tool to be written out. */
public interface ExportSource {
    /** Name of its section in the file. */
    String section();

    /** Its records of a tool, oldest first, as they are stored: what cannot be read any more is written out too. */
    List<JsonNode> rows(UUID toolId);
}
