package truekeen.core.day;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import truekeen.core.holding.HolderKind;
import truekeen.core.holding.SavedSetting;
import truekeen.core.holding.SetBevel;
import truekeen.core.holding.Setting;
import truekeen.core.holding.Setup;
import truekeen.core.keenness.Stretch;
import truekeen.core.message.InWords;
import truekeen.core.quantity.Angle;
import truekeen.core.section.TargetBevel;
import truekeen.core.stepsheet.Step;
import truekeen.core.stepsheet.StepBuilder;

class ToolTasksTest {
    private static final Stretch EDGE = new Stretch(0, 20);

    private static final Optional<ToolTasks.Held> GUIDE = Optional.of(new ToolTasks.Held(
            "guide",
            new Setup(
                    "bench",
                    new TargetBevel(Angle.ofDegrees(25), Angle.ofDegrees(30)),
                    Optional.empty(),
                    HolderKind.ROLLER_GUIDE,
                    "brass roller guide",
                    List.of(new SavedSetting(
                            SetBevel.SECONDARY,
                            Angle.ofDegrees(30),
                            "Projection",
                            Setting.Unit.MM,
                            30.18,
                            "",
                            Optional.empty())),
                    Angle.ofDegrees(0))));

    private static StepBuilder step(Step.Kind kind) {
        return Step.of(kind, kind.name(), EDGE);
    }

    private static final List<Step> STEPS = List.of(
            step(Step.Kind.PREPARE).lasting(300).done(),
            step(Step.Kind.SET_GUIDE).at(Angle.ofDegrees(30)).lasting(40).done(),
            step(Step.Kind.WORK)
                    .at(Angle.ofDegrees(30))
                    .on("medium", "medium", "water")
                    .counting(List.of(Step.Side.BEVEL), 50, 30, 80)
                    .lasting(205)
                    .done(),
            step(Step.Kind.DEBURR)
                    .on("medium", "medium", "water")
                    .counting(List.of(Step.Side.BACK), 10)
                    .lasting(12)
                    .done(),
            step(Step.Kind.GAP).lasting(90).done());

    @Test
    void inAGuideOnlyStrokesOnABevelAreHeldAndSettingItIsNoTask() {
        List<DayTask> tasks = ToolTasks.of("chisel", "plan", STEPS, 0, GUIDE, 1);
        assertThat(tasks).extracting(DayTask::id).containsExactly("plan#2", "plan#3", "plan#4", "plan#test");
        // 50 strokes of 1.2 s, 10 of them, and what has no strokes by its time; changing the stone is counted by the
        // day.
        assertThat(tasks).extracting(DayTask::seconds).containsExactly(60, 12, 90, 150);
        assertThat(tasks).extracting(DayTask::leastSeconds).containsExactly(36, 12, 69, 115);
        assertThat(tasks).extracting(DayTask::mostSeconds).containsExactly(96, 12, 117, 195);
        DayTask.Hold hold = tasks.get(0).hold().orElseThrow();
        assertThat(hold.holder()).isEqualTo("guide");
        assertThat(hold.setting().replace("\u2060", "")).isEqualTo("30°, projection 30.2" + InWords.MM);
        assertThat(tasks.get(1).hold()).isEmpty();
        assertThat(tasks.get(1).stone()).contains("medium");
        assertThat(tasks.get(1).after()).containsExactly("plan#2");
    }

    @Test
    void whatAHolderCannotHoldIsFoundByHand() {
        List<Step> other = List.of(
                step(Step.Kind.SET_GUIDE).at(Angle.ofDegrees(25)).lasting(40).done(),
                step(Step.Kind.WORK)
                        .at(Angle.ofDegrees(25))
                        .counting(List.of(Step.Side.BEVEL), 50)
                        .done());
        DayTask first = ToolTasks.of("chisel", "plan", other, 0, GUIDE, 1).get(0);
        assertThat(first.hold()).isEmpty();
        assertThat(first.seconds()).isEqualTo(100);
    }

    @Test
    void byHandTheAngleIsFoundOnTheStone() {
        List<DayTask> tasks = ToolTasks.of("chisel", "plan", STEPS, 0, Optional.empty(), 1);
        assertThat(tasks).extracting(DayTask::seconds).containsExactly(100, 12, 90, 150);
        assertThat(tasks).allMatch(t -> t.hold().isEmpty());
        assertThat(ToolTasks.of("chisel", "plan", STEPS, 0, Optional.empty(), 2))
                .extracting(DayTask::seconds)
                .containsExactly(200, 24, 180, 300);
    }

    @Test
    void whatIsDoneIsNoTaskAnyMore() {
        List<DayTask> tasks = ToolTasks.of("chisel", "plan", STEPS, 3, GUIDE, 1);
        assertThat(tasks).extracting(DayTask::id).containsExactly("plan#3", "plan#4", "plan#test");
        assertThat(tasks.get(0).after()).isEmpty();
        assertThat(ToolTasks.of("chisel", "plan", STEPS, STEPS.size(), Optional.empty(), 1))
                .singleElement()
                .satisfies(t -> assertThat(ToolTasks.step(t.id())).isEmpty());
        assertThat(ToolTasks.step("plan#4")).hasValue(4);
        assertThat(ToolTasks.plan("plan#4")).isEqualTo("plan");
    }

    @Test
    void whatNeedsNoChangeIsOneRun() {
        BenchDay day = Days.of(
                List.of(Days.job("a"), Days.job("b")),
                List.of(
                        Days.task("a", 0, 10, "fine", "guide", "30"),
                        Days.task("b", 0, 10, "fine", "guide", "30"),
                        Days.task("a", 1, 10, "fine", "", "")),
                List.of(Days.stone("fine", 2)),
                "Anna");
        List<DayRun> runs = DayRun.of(
                DayPlanner.timed(day, List.of(List.of("a/0", "b/0", "a/1"))).slots());
        assertThat(runs).hasSize(2);
        assertThat(runs.get(0).slots()).hasSize(2);
        assertThat(runs.get(0).fromSeconds()).isZero();
        assertThat(runs.get(0).untilSeconds()).isEqualTo(40 + 15 + 25 + 10 + 15 + 10);
        assertThat(runs.get(0).acts()).containsExactly(ChangeAct.SET, ChangeAct.PUT_IN, ChangeAct.LAY_DOWN);
        assertThat(runs.get(1).acts()).isEmpty();
        assertThat(runs.get(1).hold()).isEmpty();
        assertThat(runs.get(1).stone()).contains("fine");
    }
}
