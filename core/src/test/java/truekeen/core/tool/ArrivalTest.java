package truekeen.core.tool;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.fault.Observation;
import truekeen.core.fault.Sign;
import truekeen.core.fault.TestSigns;
import truekeen.core.finish.FinishAct;
import truekeen.core.finish.Finishing;
import truekeen.core.finish.NextCheck;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;

/** What a tool brings with it is asked where it applies, and used later. */
class ArrivalTest {
    private static final SteelClass CARBON = Steels.byName("plain carbon").orElseThrow();
    private static final ToolUse POCKET =
            ToolUses.byKey("pocket knife / general").orElseThrow();
    private static final ToolUse CHISEL =
            ToolUses.byKey("bench chisel / general bench work").orElseThrow();

    private static Arrival arrived(Arrival.Age age, Arrival.Lock lock, Arrival.Kept kept) {
        return new Arrival(age, Arrival.MakersBack.UNKNOWN, Optional.empty(), lock, kept);
    }

    @Test
    void onlyWhatAFamilyHasIsAsked() {
        for (ToolUse use : ToolUses.all()) {
            assertThat(use.asked().contains(Arrival.Asked.LOCK)).as(use.key()).isEqualTo(use.folds());
            assertThat(use.asked().contains(Arrival.Asked.BACK))
                    .isEqualTo(use.geometry().back());
            assertThat(use.asked().contains(Arrival.Asked.KEPT))
                    .isNotEqualTo(use.geometry().powered());
            assertThat(use.asked()).contains(Arrival.Asked.AGE);
        }
        assertThat(CHISEL.asked()).contains(Arrival.Asked.HARD_LAYER).doesNotContain(Arrival.Asked.LOCK);
        assertThat(ToolUses.byKey("axe / felling and limbing")
                        .or(() -> ToolUses.all().stream()
                                .filter(t -> t.geometry() == GeometryKind.CONVEX_BLADE)
                                .findFirst())
                        .orElseThrow()
                        .asked())
                .doesNotContain(Arrival.Asked.HARD_LAYER, Arrival.Asked.BACK);
    }

    @ParameterizedTest
    @CsvSource({
        "NEW, 0, true, true",
        "NEW, 9, true, true",
        "NEW, 10, false, false",
        "UNKNOWN, 3, false, true",
        "OLD, 0, false, false"
    })
    void aTipSettlesOverItsFirstTenSharpenings(Arrival.Age age, int sharpenings, boolean brittle, boolean may) {
        Arrival arrival = arrived(age, Arrival.Lock.UNKNOWN, Arrival.Kept.UNKNOWN);
        assertThat(arrival.brittle(sharpenings)).isEqualTo(brittle);
        assertThat(arrival.mayBeBrittle(sharpenings)).isEqualTo(may);
        assertThat(Arrival.settlesIn(sharpenings)).isEqualTo(10 - sharpenings);
    }

    @Test
    void aBrittleTipIsLookedAtSoonerUntilItsOwnLogKnows() {
        LocalDate today = LocalDate.of(2026, 5, 14);
        NextCheck usual = NextCheck.propose(today, CHISEL, List.of(today), false);
        NextCheck sooner = NextCheck.propose(today, CHISEL, List.of(today), true);
        assertThat(sooner.days()).isEqualTo((int) Math.round(0.7 * usual.days()));
        assertThat(sooner.day()).isEqualTo(today.plusDays(sooner.days()));
        List<LocalDate> log = List.of(today, today.minusDays(10), today.minusDays(20), today.minusDays(30));
        assertThat(NextCheck.propose(today, CHISEL, log, true).days()).isEqualTo(10);
    }

    @Test
    void theVerdictWeighsAToolThatCameNewMoreThanOneOfWhichNothingIsKnown() {
        Blade chisel = Blades.blade(GeometryKind.CHISEL);
        assertThat(signs(chisel, Arrival.Age.NEW)).contains(Sign.NEW_FROM_MAKER).doesNotContain(Sign.FEW_SHARPENINGS);
        assertThat(signs(chisel, Arrival.Age.UNKNOWN)).contains(Sign.FEW_SHARPENINGS);
        assertThat(signs(chisel, Arrival.Age.OLD)).doesNotContain(Sign.FEW_SHARPENINGS, Sign.NEW_FROM_MAKER);
    }

    private static List<Sign> signs(Blade blade, Arrival.Age age) {
        return TestSigns.ofTool(
                        blade,
                        CHISEL,
                        CARBON,
                        blade.lastBevel(),
                        arrived(age, Arrival.Lock.UNKNOWN, Arrival.Kept.UNKNOWN),
                        3)
                .stream()
                .map(Observation::sign)
                .toList();
    }

    @ParameterizedTest
    @EnumSource(Arrival.Lock.class)
    void aKnifeThatDoesNotLockIsSaidToCloseUntilItIsKnownToLock(Arrival.Lock lock) {
        Arrival arrival = arrived(Arrival.Age.OLD, lock, Arrival.Kept.UNKNOWN);
        assertThat(arrival.mayClose(POCKET)).isEqualTo(lock != Arrival.Lock.LOCKS);
        assertThat(arrival.mayClose(CHISEL)).isFalse();
        assertThat(cover(POCKET, arrival).caution().isEmpty()).isEqualTo(lock == Arrival.Lock.LOCKS);
    }

    @Test
    void whatIsCarriedGetsASheathAndWhatStaysItsPlace() {
        List<String> words = java.util.Arrays.stream(Arrival.Kept.values())
                .map(k -> cover(CHISEL, arrived(Arrival.Age.OLD, Arrival.Lock.UNKNOWN, k))
                        .words())
                .toList();
        assertThat(words).doesNotHaveDuplicates();
        assertThat(words.get(Arrival.Kept.CARRIED.ordinal())).contains("sheath");
    }

    private static FinishAct cover(ToolUse use, Arrival arrival) {
        return Finishing.acts(use, CARBON, false, arrival, false).stream()
                .filter(a -> a.key() == FinishAct.Key.COVER)
                .findFirst()
                .orElseThrow();
    }
}
