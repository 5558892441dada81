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
                parts(length, layout.from().words(), middle(layout), layout.to().words());
            case BAR -> parts(length, ConditionWords.ONE_END.words(), ConditionWords.OTHER_END.words());
            case TEETH -> parts(length, ConditionWords.ALL_TEETH.words());
        };
    }

    private static String middle(EdgeLayout layout) {
        boolean belly = layout.from() == EdgeLayout.End.HEEL && layout.form() == EdgeLayout.Form.CURVED;
        return (belly ? ConditionWords.BELLY : ConditionWords.MIDDLE).words();
    }

    private static List<Region> parts(double length, String... names) {
        List<Region> parts = new ArrayList<>();
        for (int i = 0; i < names.length; i++) {
            parts.add(new Region(names[i], length * i / names.length, length * (i + 1) / names.length, 0));
        }
        return parts;
    }
}
