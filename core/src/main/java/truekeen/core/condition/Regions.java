package truekeen.core.condition;

import java.util.ArrayList;
import java.util.List;
import truekeen.core.tool.EdgeLayout;

/** How the parts of an edge are called. */
final class Regions {
    private Regions() {}

    /** Thirds of an edge by name; each end of a bar; all teeth together. Nothing is said yet of what goes there. */
    static List<Region> of(EdgeLayout layout) {
        double length = layout.totalMm();
        return switch (layout.form()) {
            case STRAIGHT, CURVED ->
                "heel".equals(layout.from())
                        ? parts(
                                length,
                                "heel",
                                layout.form() == EdgeLayout.Form.CURVED ? "belly" : "middle",
                                layout.to())
                        : parts(length, layout.from(), "middle", layout.to());
            case BAR -> parts(length, "one end", "other end");
            case TEETH -> parts(length, "all teeth");
        };
    }

    private static List<Region> parts(double length, String... names) {
        List<Region> parts = new ArrayList<>();
        for (int i = 0; i < names.length; i++) {
            parts.add(new Region(names[i], length * i / names.length, length * (i + 1) / names.length, 0));
        }
        return parts;
    }
}
