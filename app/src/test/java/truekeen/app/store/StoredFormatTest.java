package truekeen.app.store;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Records outlive the versions that wrote them, and a broken one breaks nothing. */
class StoredFormatTest {
    record Stone(String name, double um, List<String> notes) {}

    private static final StoredFormat<Stone, Stone> FIRST =
            StoredFormat.of("test.stone", Stone.class, s -> s, s -> s, StoredFormat::asItWas);

    /** A later version, in which grain was renamed. */
    record Graded(String name, double grainUm, List<String> notes) {}

    private static final StoredFormat<Graded, Graded> SECOND = StoredFormat.of(
                    "test.stone", Graded.class, g -> g, g -> g, StoredFormat::asItWas)
            .then(old -> {
                ((ObjectNode) old).put("grainUm", old.path("um").asDouble());
                return old;
            });

    @Test
    void whatIsWrittenIsReadBackAndSaysItsVersion() {
        Stone stone = new Stone("cream", 9.5, List.of("a note"));
        String json = FIRST.write(stone);
        assertThat(json).contains("\"format\":1");
        assertThat(FIRST.read(json).value()).hasValue(stone);
        assertThat(FIRST.read(json).unreadable()).isFalse();
    }

    @Test
    void everyEarlierVersionIsUpgraded() {
        String first = FIRST.write(new Stone("cream", 9.5, List.of()));
        assertThat(SECOND.version()).isEqualTo(2);
        assertThat(SECOND.read(first).value()).hasValue(new Graded("cream", 9.5, List.of()));
        String bare = "{\"name\": \"blue\", \"um\": 3, \"notes\": []}";
        assertThat(SECOND.read(bare).value()).hasValue(new Graded("blue", 3, List.of()));
        String second = SECOND.write(new Graded("grey", 1.2, List.of("x")));
        assertThat(SECOND.read(second).value()).hasValue(new Graded("grey", 1.2, List.of("x")));
    }

    @Test
    void anUnknownKeyIsPassedOver() {
        assertThat(FIRST.read("{\"name\": \"cream\", \"um\": 9.5, \"notes\": [], \"colour\": {\"r\": 1}}")
                        .value())
                .hasValue(new Stone("cream", 9.5, List.of()));
    }

    @ParameterizedTest
    @ValueSource(strings = {"[]", "17", "\"text\"", "{\"um\": \"coarse\"}", "{\"format\": 99}", "{", "{\"notes\": 3}"})
    void whatCannotBeReadIsKeptAsItIs(String broken) {
        Stored<Stone> stored = FIRST.read(broken);
        assertThat(stored.unreadable()).isTrue();
        assertThat(stored.raw()).isEqualTo(broken);
        assertThat(stored.orElse(new Stone("none", 0, List.of())).name()).isEqualTo("none");
    }

    @Test
    void nothingStoredIsNothingAndNotUnreadable() {
        assertThat(FIRST.read(null).unreadable()).isFalse();
        assertThat(FIRST.read("null").value()).isEmpty();
        assertThat(FIRST.write(null)).isNull();
    }

    @Test
    void bareListsAndMapsOfEarlierVersionsAreRead() {
        assertThat(StoredFormats.texts("t").read("[\"a\", \"b\"]").value()).hasValue(List.of("a", "b"));
        assertThat(StoredFormats.numbers("t").read("[1, 2.5]").value()).hasValue(List.of(1.0, 2.5));
        var numbers = StoredFormats.numbersByName("t");
        assertThat(numbers.read("{\"width\": 24, \"odd\": \"x\"}").value()).hasValue(Map.of("width", 24.0));
        assertThat(numbers.read(numbers.write(Map.of("width", 24.0))).value()).hasValue(Map.of("width", 24.0));
        var texts = StoredFormats.textsByName("t");
        assertThat(texts.read("{\"width\": \"24 mm\", \"odd\": 3}").value()).hasValue(Map.of("width", "24 mm"));
        assertThat(texts.read(texts.write(Map.of("format", "24"))).value())
                .as("a field may be called as the version is")
                .hasValue(Map.of("format", "24"));
    }
}
