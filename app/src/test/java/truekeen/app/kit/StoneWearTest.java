package truekeen.app.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import truekeen.app.ApiTest;
import truekeen.app.TestDatabase;
import truekeen.app.platform.BenchClock;

/** When stones wear out: by what is usual of their kind, then by their own wear. */
class StoneWearTest extends ApiTest {
    @Autowired
    private KitService kit;

    @Autowired
    private BenchClock clock;

    private final Instant now = Instant.parse("2026-05-14T09:00:00Z");

    @DynamicPropertySource
    static void ownShelf(DynamicPropertyRegistry registry) {
        TestDatabase.own(registry);
    }

    @AfterEach
    void home() {
        clock.travelTo(now);
    }

    private JsonNode wear(String name) {
        for (JsonNode w : get("/api/v1/kit/care").body().path("wearing")) {
            if (w.path("name").asText().equals(name)) {
                return w;
            }
        }
        return com.fasterxml.jackson.databind.node.MissingNode.getInstance();
    }

    private String shelved(String name, String kind, String standard, String grit) {
        return post("/api/v1/kit/abrasives", ApiTest.stone(name, kind, standard, grit))
                .body()
                .path("id")
                .asText();
    }

    private Answer thickness(String id, String typed) {
        return post("/api/v1/kit/abrasives/" + id + "/thickness", Map.of("thickness", typed));
    }

    @Test
    void aStoneByItsThicknessAndASheetByItsStrokes() {
        clock.travelTo(now.minus(Duration.ofDays(100)));
        String soaker = shelved("soaker", "aluminium oxide water stone", "JIS", "#1000");
        assertThat(wear("soaker").path("early").isNull())
                .as("nobody measured it")
                .isTrue();
        assertThat(wear("soaker").path("thins").asBoolean()).isTrue();
        assertThat(thickness(soaker, "thick").status()).isEqualTo(422);
        assertThat(thickness(soaker, "900 mm").status()).isEqualTo(422);
        assertThat(thickness(UUID.randomUUID().toString(), "9 mm").status()).isEqualTo(404);
        assertThat(thickness(soaker, "20 mm").status()).isEqualTo(200);
        for (int day = 90; day > 0; day--) {
            clock.travelTo(now.minus(Duration.ofDays(day)));
            kit.countStrokes(Map.of(UUID.fromString(soaker), 300));
        }
        clock.travelTo(now);
        // 16 mm at 60 µm a thousand are 266,667 strokes, less the 27,000 since: half or twice that.
        JsonNode usual = wear("soaker");
        assertThat(usual.path("measured").asBoolean()).isFalse();
        assertThat(usual.path("low").asDouble()).isCloseTo((16 / 60e-6 - 27_000) / 2, within(1.0));
        assertThat(usual.path("soon").asBoolean()).isFalse();
        // It lost 12 mm over those strokes: 4 mm more are 9,000 strokes, a month.
        thickness(soaker, "8 mm");
        JsonNode measured = wear("soaker");
        assertThat(measured.path("measured").asBoolean()).isTrue();
        assertThat(measured.path("low").asDouble()).isBetween(8_500.0, 9_000.0);
        assertThat(measured.path("soon").asBoolean()).isTrue();
        assertThat(thickness(soaker, "8.1 mm").status())
                .as("put right on the same day")
                .isEqualTo(200);
        assertThat(wear("soaker").path("thicknessMm").asDouble()).isEqualTo(8.1);

        String paper = shelved("sheet", "abrasive paper on a plate", "FEPA-P", "P400");
        assertThat(wear("sheet").isMissingNode()).as("it was never used").isTrue();
        kit.countStrokes(Map.of(UUID.fromString(paper), 400));
        assertThat(wear("sheet").path("soon").asBoolean()).isTrue();
        assertThat(get("/api/v1/kit/care")
                        .body()
                        .path("wearing")
                        .get(0)
                        .path("name")
                        .asText())
                .isEqualTo("sheet");
    }
}
