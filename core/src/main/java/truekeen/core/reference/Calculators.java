package truekeen.core.reference;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import truekeen.core.advice.Formula;

/** All calculators: at least one for every formula. */
public final class Calculators {
    private static final List<Calculator> ALL = Stream.of(
                    SectionCalculators.all(),
                    GuideCalculators.all(),
                    HoldingCalculators.all(),
                    ShopCalculators.all(),
                    WorkCalculators.all(),
                    RepairCalculators.all(),
                    PoweredCalculators.all())
            .flatMap(List::stream)
            .toList();

    private Calculators() {}

    /** All, by subject. */
    public static List<Calculator> all() {
        return ALL;
    }

    /** The calculator of that name. */
    public static Optional<Calculator> byId(String id) {
        return ALL.stream().filter(c -> c.id().equals(id)).findFirst();
    }

    /** The calculators of a formula. */
    public static List<Calculator> of(Formula formula) {
        return ALL.stream().filter(c -> c.formula() == formula).toList();
    }
}
