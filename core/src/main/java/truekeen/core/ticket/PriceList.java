package truekeen.core.ticket;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import truekeen.core.condition.Finding;
import truekeen.core.quantity.Length;
import truekeen.core.table.Prior;

/**
 * What the shop charges: for each kind of tool, more for each kind of damage that is on it, and for every millimetre that
 * the edge must go back beyond what a sharpening takes anyway.
 *
 * @param currency what stands behind an amount: "EUR"
 * @param tools price of a sharpening by kind of tool: "kitchen knife"
 * @param damage what comes on top where the survey found such damage to be ground out, however often it is there
 * @param perMillimetre what comes on top for each millimetre, once started, that the edge must go back beyond a usual
 *     sharpening; the first quarter of a millimetre is free
 */
public record PriceList(
        String currency, Map<String, Price> tools, Map<Finding.Kind, Price> damage, Price perMillimetre) {
    /** Keeps the parts from changing. */
    public PriceList {
        tools = Map.copyOf(tools);
        damage = Map.copyOf(damage);
    }

    /**
     * What a survey found, as far as a price asks.
     *
     * @param back how far the edge must go back beyond what a dull edge asks anyway
     */
    public record Damage(List<Finding> findings, Length back) {
        /** Keeps the findings from changing. */
        public Damage {
            findings = List.copyOf(findings);
        }
    }

    /**
     * What one thing costs.
     *
     * @param tool kind of tool
     * @param found what its survey found; empty while it was not surveyed
     * @return empty where the list has no price for such a tool
     */
    public Optional<Quote> quote(String tool, Optional<Damage> found) {
        return Optional.ofNullable(tools.get(tool)).map(base -> quoted(base, found));
    }

    private Quote quoted(Price base, Optional<Damage> found) {
        List<Quote.Line> lines = new ArrayList<>();
        lines.add(new Quote.Line(Quote.For.SHARPENING, Optional.empty(), base));
        found.ifPresent(damaged -> {
            for (Finding.Kind kind : toBeGroundOut(damaged)) {
                add(lines, Quote.For.DAMAGE, Optional.of(kind), damage.getOrDefault(kind, Price.NOTHING));
            }
            add(
                    lines,
                    Quote.For.STEEL_TO_GO,
                    Optional.empty(),
                    perMillimetre.times(startedMillimetres(damaged.back())));
        });
        return new Quote(lines, found.isEmpty());
    }

    private static double startedMillimetres(Length back) {
        return Math.ceil(Math.max(0, back.mm() - Prior.PRICE_FREE_MM.value()));
    }

    /** What is left in place on purpose is not charged. */
    private static Set<Finding.Kind> toBeGroundOut(Damage found) {
        Set<Finding.Kind> kinds = EnumSet.noneOf(Finding.Kind.class);
        found.findings().stream().filter(f -> !f.leave()).forEach(f -> kinds.add(f.kind()));
        return kinds;
    }

    private static void add(List<Quote.Line> lines, Quote.For what, Optional<Finding.Kind> kind, Price price) {
        if (!price.nothing()) {
            lines.add(new Quote.Line(what, kind, price));
        }
    }
}
