package truekeen.core.rehearsal;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import truekeen.core.tool.GeometryKind;

/** Our own plans on the virtual blade: sixty made-up tools, fixed. {@code ./bench judge} takes a thousand. */
class PlanJudgeTest {
    private static final int TOOLS = 60;

    private static List<PlanJudge.Judged> judged() {
        List<GeometryKind> families =
                Stream.of(GeometryKind.values()).filter(RehearsedTool::can).toList();
        List<PlanJudge.Judged> all = new ArrayList<>();
        for (long seed = 1000; all.size() < TOOLS; seed++) {
            GeometryKind family = families.get((int) (seed % families.size()));
            long its = seed;
            MadeUp.of(family, seed).flatMap(m -> PlanJudge.judge(m, its, false)).ifPresent(all::add);
        }
        return all;
    }

    @Test
    void plansThatAreWorkedToTheirGatesEndKeen() {
        List<PlanJudge.Judged> all = judged();
        List<PlanJudge.Judged> not = all.stream().filter(j -> !j.keen()).toList();
        assertThat(not).as("not keen").hasSizeLessThanOrEqualTo(1);
        assertThat(all.stream().map(PlanJudge.Judged::family).distinct()).hasSizeGreaterThan(12);
        assertThat(all.stream().map(PlanJudge.Judged::damage).distinct()).hasSize(MadeUp.Damage.values().length);
    }

    @Test
    void theGatesCatchMostOfWhatTheCountsAloneWouldMiss() {
        List<PlanJudge.Judged> all = judged();
        List<PlanJudge.Judged> blind =
                all.stream().filter(j -> j.blind() != Frame.Outcome.KEEN).toList();
        assertThat(blind).as("counts alone are not always enough").isNotEmpty();
        assertThat(blind.stream().filter(j -> j.held() || j.open()).count())
                .isGreaterThanOrEqualTo(Math.round(0.9 * blind.size()));
    }

    @Test
    void theShortestWayIsNoLongerThanThePlan() {
        // The first that has anything on its shelf for its steel.
        PlanJudge.Judged j = LongStream.range(1, 50)
                .boxed()
                .flatMap(seed ->
                        MadeUp.of(GeometryKind.CHISEL, seed)
                                .flatMap(made -> PlanJudge.judge(made, seed, true))
                                .stream())
                .findFirst()
                .orElseThrow();
        assertThat(j.keen()).isTrue();
        assertThat(j.least().orElseThrow())
                .isPositive()
                .isLessThanOrEqualTo(j.worked().orElseThrow());
        // Who knows beforehand needs no stroke to be sure.
        assertThat(j.hindsight().orElseThrow()).isPositive().isLessThanOrEqualTo(j.strokes());
    }

    @Test
    void theSameSeedMakesTheSameToolAndTheSameJudgement() {
        for (long seed = 1; seed < 20; seed++) {
            long its = seed;
            assertThat(MadeUp.of(GeometryKind.KNIFE, seed).flatMap(m -> PlanJudge.judge(m, its, false)))
                    .isEqualTo(MadeUp.of(GeometryKind.KNIFE, seed).flatMap(m -> PlanJudge.judge(m, its, false)));
        }
    }
}
