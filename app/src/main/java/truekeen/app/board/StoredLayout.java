package truekeen.app.board;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import truekeen.app.store.StoredFormat;
import truekeen.core.tool.EdgeLayout;

/** How the edges of a tool lie, as the board keeps it (mm). */
record StoredLayout(
        String form,
        int edges,
        double edgeMm,
        String from,
        String to,
        List<StoredRise> rise,
        double bodyMm,
        Integer perTooth) {
    static final StoredFormat<StoredLayout, EdgeLayout> FORMAT = StoredFormat.of(
                    "tool_standing.layout",
                    StoredLayout.class,
                    StoredLayout::toCore,
                    StoredLayout::of,
                    StoredFormat::asItWas)
            .then(StoredLayout::codesForWords);

    record StoredRise(double alongMm, double riseMm) {}

    private static StoredLayout of(EdgeLayout l) {
        return new StoredLayout(
                l.form().name(),
                l.edges(),
                l.edgeMm(),
                l.from().name(),
                l.to().name(),
                thinned(l.rise()),
                l.bodyMm(),
                l.perTooth());
    }

    /** Every fourth place and the last: a line of the board is drawn a few millimetres high. */
    private static List<StoredRise> thinned(List<EdgeLayout.Rise> all) {
        List<StoredRise> kept = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            if (i % 4 == 0 || i == all.size() - 1) {
                kept.add(new StoredRise(all.get(i).alongMm(), all.get(i).riseMm()));
            }
        }
        return kept;
    }

    /** Version 1 held the words of the ends. */
    private static JsonNode codesForWords(JsonNode old) {
        ObjectNode layout = (ObjectNode) old;
        for (String end : List.of("from", "to")) {
            layout.put(end, code(layout.path(end).asText()));
        }
        return layout;
    }

    private static String code(String words) {
        return Arrays.stream(EdgeLayout.End.values())
                .filter(e -> e.words().equals(words))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no end called " + words))
                .name();
    }

    private EdgeLayout toCore() {
        return new EdgeLayout(
                EdgeLayout.Form.valueOf(form),
                edges,
                edgeMm,
                EdgeLayout.End.valueOf(from),
                EdgeLayout.End.valueOf(to),
                rise.stream().map(r -> new EdgeLayout.Rise(r.alongMm, r.riseMm)).toList(),
                bodyMm,
                perTooth == null ? 0 : perTooth);
    }
}
