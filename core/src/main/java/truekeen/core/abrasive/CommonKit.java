package truekeen.core.abrasive;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import truekeen.core.table.TableReader;

/**
 * Something that many a bench has, put on the shelf in one touch: by its kind, never by a maker. What it is called and how
 * fine it is may be changed afterwards like anything on the shelf. Source: workshop prior.
 *
 * @param key its name in the table
 * @param title what it is, in words
 * @param drawing which drawing shows it
 * @param pieces what goes on the shelf with it, coarse first
 */
public record CommonKit(String key, String title, Drawing drawing, List<Piece> pieces) {

    /** Drawings that show such a thing. */
    public enum Drawing {
        STONE,
        TWO_SIDED,
        PLATE,
        PAPER,
        ROD,
        STROP,
        FILE,
        /** The roller guide that is offered beside them. */
        ROLLER_GUIDE
    }

    /**
     * One piece, as it is typed.
     *
     * @param name what the shelf calls it at first
     * @param kind its kind by the table of abrasives
     * @param standard its grit standard; MICRON where it is known by its grain
     * @param grit as printed on it, or its grain (µm)
     * @param shape its shape
     * @param lubricant what is on it
     * @param otherSide name of the piece that is its other face; empty for none
     */
    public record Piece(
            String name,
            AbrasiveKind kind,
            String standard,
            String grit,
            Abrasive.Shape shape,
            Lubricant lubricant,
            String otherSide) {}

    private static final List<CommonKit> ALL = read();

    /** Keeps the pieces from changing. */
    public CommonKit {
        pieces = List.copyOf(pieces);
    }

    /** All of them, in the order they are offered. */
    public static List<CommonKit> all() {
        return ALL;
    }

    private static List<CommonKit> read() {
        Map<String, CommonKit> heads = new LinkedHashMap<>();
        Map<String, List<Piece>> pieces = new LinkedHashMap<>();
        for (TableReader.Row row : TableReader.rows("common_kit")) {
            String key = row.text("common");
            heads.computeIfAbsent(
                    key, k -> new CommonKit(k, row.text("title"), Drawing.valueOf(row.text("drawing")), List.of()));
            pieces.computeIfAbsent(key, k -> new ArrayList<>())
                    .add(new Piece(
                            row.text("name"),
                            AbrasiveKind.byKey(row.text("kind")).orElseThrow(),
                            row.text("standard"),
                            row.text("grit"),
                            Abrasive.Shape.valueOf(row.text("shape")),
                            Lubricant.byKey(row.text("lubricant")).orElseThrow(),
                            row.text("other_side")));
        }
        return heads.values().stream()
                .map(h -> new CommonKit(h.key, h.title, h.drawing, pieces.get(h.key)))
                .toList();
    }
}
