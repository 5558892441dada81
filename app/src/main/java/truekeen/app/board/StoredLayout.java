package truekeen.app.board;

import java.util.ArrayList;
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
        boolean toTip,
        List<StoredRise> rise,
        double bodyMm) {
    static final StoredFormat<StoredLayout, EdgeLayout> FORMAT = StoredFormat.of(
            "tool_standing.layout", StoredLayout.class, StoredLayout::toCore, StoredLayout::of, StoredFormat::asItWas);

    record StoredRise(double alongMm, double riseMm) {}

    private static StoredLayout of(EdgeLayout l) {
        return new StoredLayout(
                l.form().name(), l.edges(), l.edgeMm(), l.from(), l.to(), l.toTip(), thinned(l.rise()), l.bodyMm());
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

    private EdgeLayout toCore() {
        return new EdgeLayout(
                EdgeLayout.Form.valueOf(form),
                edges,
                edgeMm,
                from,
                to,
                toTip,
                rise.stream().map(r -> new EdgeLayout.Rise(r.alongMm, r.riseMm)).toList(),
                bodyMm);
    }
}
