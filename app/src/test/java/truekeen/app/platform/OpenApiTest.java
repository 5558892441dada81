package truekeen.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
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

    /** Where the words of a property list names in capitals, the description lists them too: clients are checked by it. */
    @Test
    void whatIsOneOfAListIsDescribedAsOne() {
        Pattern list = Pattern.compile("\\b[A-Z][A-Z_]{2,}(, [A-Z][A-Z_]{2,})*,? or [A-Z][A-Z_]{2,}\\b");
        List<String> texts = new ArrayList<>();
        get("/api/v1/openapi")
                .body()
                .path("components")
                .path("schemas")
                .properties()
                .forEach(s -> s.getValue().path("properties").properties().forEach(p -> {
                    boolean listed = p.getValue().has("enum") || p.getValue().has("$ref");
                    if (!listed
                            && list.matcher(p.getValue().path("description").asText())
                                    .find()) {
                        texts.add(s.getKey() + "." + p.getKey());
                    }
                }));
        assertThat(texts)
                .as("texts that are one of a list: @OneOf, or the enumeration itself")
                .isEmpty();
    }
}
