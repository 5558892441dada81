package truekeen.app.units;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.Proxy;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;
import org.springframework.dao.DataAccessResourceFailureException;
import truekeen.core.message.InWords;
import truekeen.core.quantity.ShownUnits;

/** Sentences are written when half of an answer is gone: they never wait for the database. */
class UnitsAtHandTest {
    @Test
    void aSentenceIsSaidInTheShopsUnitsThoughTheDatabaseWentAway() {
        AtomicBoolean away = new AtomicBoolean();
        UnitsService units = new UnitsService(picks(away), null);
        units.afterSingletonsInstantiated();
        away.set(true);
        assertThat(units.now().lengths()).isEqualTo(ShownUnits.Lengths.INCHES);
        assertThat(units.said("It is 25.4" + InWords.MM + " long."))
                .contains("1")
                .contains("in");
    }

    /** Rows of a shop that reads inches, for as long as its database is there. */
    private static UnitsService.Picks picks(AtomicBoolean away) {
        UnitsService.Picked row = new UnitsService.Picked();
        row.lengths = ShownUnits.Lengths.INCHES;
        row.forces = ShownUnits.Forces.NEWTONS;
        row.masses = ShownUnits.Masses.GRAMS;
        return (UnitsService.Picks) Proxy.newProxyInstance(
                UnitsAtHandTest.class.getClassLoader(),
                new Class<?>[] {UnitsService.Picks.class},
                (p, method, args) -> {
                    if (away.get()) {
                        throw new DataAccessResourceFailureException(method.getName());
                    }
                    return Optional.of(row);
                });
    }
}
