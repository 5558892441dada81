package truekeen.app.units;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.text.DecimalFormatSymbols;
import java.util.Locale;
import java.util.Optional;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.context.i18n.LocaleContext;
import org.springframework.context.i18n.LocaleContextHolder;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import truekeen.core.quantity.ShownUnits;

/**
 * What the shop picked. It is asked of every sentence that leaves, so it is kept at hand from before the first one: a
 * sentence is written when half of an answer is gone already, and a database that goes away then would break it off.
 */
@Service
public class UnitsService implements SmartInitializingSingleton {
    private static final short THE_ONE = 1;

    private final Picks picks;
    private final TransactionTemplate transaction;
    private volatile ShownUnits known = ShownUnits.METRIC;

    UnitsService(Picks picks, TransactionTemplate transaction) {
        this.picks = picks;
        this.transaction = transaction;
    }

    @Override
    public void afterSingletonsInstantiated() {
        picked();
    }

    /** What the shop picked, as it is stored now; empty where it was never asked. */
    Optional<ShownUnits> picked() {
        Optional<ShownUnits> stored =
                picks.findById(THE_ONE).map(row -> new ShownUnits(row.lengths, row.forces, row.masses));
        known = stored.orElse(ShownUnits.METRIC);
        return stored;
    }

    /** The units that hold: metric ones until the shop picks others. */
    public ShownUnits now() {
        return known;
    }

    /** A sentence as its reader reads figures: in the units of the shop, with the decimal sign of the browser. */
    public String said(String words) {
        return now().sentence(words, decimalSign());
    }

    /** A point, where nobody is known to ask. */
    private static char decimalSign() {
        LocaleContext asking = LocaleContextHolder.getLocaleContext();
        Locale locale = asking == null ? null : asking.getLocale();
        return locale != null && DecimalFormatSymbols.getInstance(locale).getDecimalSeparator() == ',' ? ',' : '.';
    }

    /** Picks the units. */
    void pick(ShownUnits units) {
        transaction.executeWithoutResult(status -> {
            Picked row = picks.findById(THE_ONE).orElseGet(Picked::new);
            row.id = THE_ONE;
            row.lengths = units.lengths();
            row.forces = units.forces();
            row.masses = units.masses();
            picks.save(row);
        });
        known = units;
    }

    @Entity(name = "PickedUnits")
    @Table(name = "picked_units")
    static class Picked {
        @Id
        short id;

        @Enumerated(EnumType.STRING)
        ShownUnits.Lengths lengths;

        @Enumerated(EnumType.STRING)
        ShownUnits.Forces forces;

        @Enumerated(EnumType.STRING)
        ShownUnits.Masses masses;
    }

    interface Picks extends JpaRepository<Picked, Short> {}
}
