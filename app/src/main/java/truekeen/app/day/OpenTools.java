package truekeen.app.day;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import org.springframework.stereotype.Component;
import truekeen.app.angle.SetupService;
import truekeen.app.bench.SessionReadings;
import truekeen.app.board.BoardService;
import truekeen.app.board.BoardService.OpenWork;
import truekeen.app.plan.PlanService;
import truekeen.core.day.DayTask;
import truekeen.core.day.ToolTasks;
import truekeen.core.message.RefusedException;
import truekeen.core.stepsheet.Step;

/** What wants work, with the steps that are left of it. */
@Component
class OpenTools {
    private final BoardService board;
    private final PlanService plans;
    private final SessionReadings sessions;
    private final SetupService setups;

    OpenTools(BoardService board, PlanService plans, SessionReadings sessions, SetupService setups) {
        this.board = board;
        this.plans = plans;
        this.sessions = sessions;
        this.setups = setups;
    }

    /**
     * A tool that can be planned into a day.
     *
     * @param plan the plan it is worked by
     * @param next the step that is next; the number of steps where only the test is left
     * @param held what holds it; empty where it is held by hand
     * @param path where it is worked
     */
    record Workable(
            UUID tool,
            String name,
            Optional<LocalDate> wantedBy,
            String plan,
            List<Step> steps,
            int next,
            Optional<ToolTasks.Held> held,
            String path) {
        /** What is left of it. */
        List<DayTask> tasks(double longer) {
            return ToolTasks.of(tool.toString(), plan, steps, next, held, longer);
        }

        /** What a task of it is called. */
        String title(String task) {
            OptionalInt step = ToolTasks.step(task);
            return step.isEmpty()
                    ? DayWords.TEST_AND_CLEAN.words()
                    : steps.get(step.getAsInt()).title();
        }

        int seconds() {
            return tasks(1).stream().mapToInt(DayTask::seconds).sum();
        }
    }

    /** All open work, the most urgent first. */
    List<OpenWork> all() {
        return board.openWork();
    }

    /** The work on a tool, where it can be planned into a day; a tool with a record that cannot be read any more cannot. */
    Optional<Workable> workable(OpenWork open) {
        try {
            return open.atBenchNext() ? readable(open) : Optional.empty();
        } catch (RefusedException olderRecord) {
            return Optional.empty();
        }
    }

    private Optional<Workable> readable(OpenWork open) {
        Optional<SessionReadings.Progress> session = sessions.progress(open.tool());
        if (session.isPresent()) {
            return session.map(s -> made(open, s.planId(), s.steps(), s.next()));
        }
        return plans.newest(open.tool()).map(p -> made(open, p.id(), p.chosen().steps(), 0));
    }

    private Workable made(OpenWork open, UUID plan, List<Step> steps, int next) {
        Optional<ToolTasks.Held> held = setups.newest(open.tool())
                .flatMap(s -> s.holderId().map(id -> new ToolTasks.Held(id.toString(), s.setup())));
        return new Workable(open.tool(), open.name(), open.wantedBy(), plan.toString(), steps, next, held, open.path());
    }
}
