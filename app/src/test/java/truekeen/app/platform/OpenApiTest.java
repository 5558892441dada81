package truekeen.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import truekeen.app.ApiTest;

/** The committed description is the one that is served: the screens' client is made from it. */
class OpenApiTest extends ApiTest {
    private static final Path COMMITTED = Path.of("../openapi.json");

    @Test
    void servedAndCommittedAgree() throws IOException {
        JsonNode served = get("/api/v1/openapi").body();
        if (Boolean.getBoolean("truekeen.write-openapi")) {
            Files.writeString(COMMITTED, JSON.writerWithDefaultPrettyPrinter().writeValueAsString(served) + "\n");
        }
        assertThat(JSON.readTree(COMMITTED.toFile()).equals(served))
                .as("openapi.json is what is served; write it anew with: ./test -Dtruekeen.write-openapi=true")
                .isTrue();
    }

    @Test
    void nothingIsOptionalByAccident() {
        JsonNode schemas = get("/api/v1/openapi").body().path("components").path("schemas");
        assertThat(schemas.size()).isGreaterThan(40);
        schemas.properties().forEach(s -> assertThat(s.getValue().path("required"))
                .as(s.getKey())
                .hasSize(s.getValue().path("properties").size()));
    }
}
