package truekeen.core.rehearsal;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.tool.GeometryKind;

/** Faults put into blades: named, and mended by the first remedy of the verdict. {@code ./bench judge} takes more. */
class RemedyJudgeTest {
    private static final int TOOLS = 12;
    private static final List<GeometryKind> FAMILIES =
            List.of(GeometryKind.CHISEL, GeometryKind.KNIFE, GeometryKind.PLANE_IRON_UP, GeometryKind.FLAT_FACED_KNIFE);

    @ParameterizedTest
    @EnumSource(RemedyJudge.PutIn.class)
    void theVerdictNamesMostAndItsFirstRemedyMendsMost(RemedyJudge.PutIn fault) {
        List<RemedyJudge.Judged> all = new ArrayList<>();
        for (long seed = 0; all.size() < TOOLS && seed < 1200; seed++) {
            long its = seed;
            MadeUp.of(FAMILIES.get((int) (seed % FAMILIES.size())), seed)
                    .filter(m -> m.damage() == MadeUp.Damage.NONE)
                    .flatMap(m -> RemedyJudge.judge(m, fault, its))
                    .ifPresent(all::add);
        }
        assertThat(all).hasSize(TOOLS);
        assertThat(all.stream().filter(RemedyJudge.Judged::right).count())
                .as("named: %s", all)
                .isGreaterThanOrEqualTo(TOOLS * 6 / 10);
        assertThat(all.stream().filter(RemedyJudge.Judged::mended).count())
                .as("mended: %s", all)
                .isGreaterThanOrEqualTo(least(fault));
    }

    /** Of twelve; rounding by leather is the hardest to mend, for what follows it is leather again. */
    private static long least(RemedyJudge.PutIn fault) {
        return switch (fault) {
            case APEX_NOT_REACHED, CHIP_LEFT -> 10;
            case BURR_LEFT -> 8;
            case SCRATCHES_REMAIN -> 6;
            case OVER_STROPPED -> 5;
        };
    }
}
