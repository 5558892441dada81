package truekeen.app.day;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import truekeen.app.angle.SetupService;
import truekeen.app.bench.SessionReadings;
import truekeen.app.board.BoardService;
import truekeen.app.board.BoardService.OpenWork;
import truekeen.app.kit.KitService;
import truekeen.app.plan.PlanService;
import truekeen.core.abrasive.Abrasive;
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
    private final KitService kit;

    OpenTools(BoardService board, PlanService plans, SessionReadings sessions, SetupService setups, KitService kit) {
        this.board = board;
        this.plans = plans;
        this.sessions = sessions;
        this.setups = setups;
        this.kit = kit;
    }

    /**
     * A tool that can be planned into a day.
     *
     * @param plan the plan it is worked by
     * @param next the step that is next; the number of steps where only the test is left
     * @param begun whether it is at the bench
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
            boolean begun,
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

    /**
     * Open work, as the day sees it.
     *
     * @param tool what of it can be planned into a day; empty where something else comes first
     * @param gone what its plan asks for and is on the shelf no more; empty where nothing is missing
     */
    record Seen(OpenWork work, Optional<Workable> tool, Optional<String> gone) {}

    /** All open work, the most urgent first. A tool with a record that cannot be read any more cannot be planned. */
    List<Seen> all() {
        Map<String, Abrasive> shelf = kit.shelf().stream().collect(Collectors.toMap(Abrasive::id, Function.identity()));
        return board.openWork().stream().map(w -> seen(w, shelf)).toList();
    }

    private Seen seen(OpenWork open, Map<String, Abrasive> shelf) {
        Optional<Workable> tool = workable(open);
        Optional<String> gone = tool.flatMap(t -> gone(t, shelf));
        if (gone.isEmpty() || tool.filter(Workable::begun).isPresent()) {
            return new Seen(open, tool, gone);
        }
        // Nothing is begun: another plan comes first.
        return new Seen(anew(open, gone.get()), Optional.empty(), gone);
    }

    private static OpenWork anew(OpenWork w, String stone) {
        return new OpenWork(
                w.tool(),
                w.name(),
                w.owner(),
                w.wantedBy(),
                w.late(),
                false,
                DayWords.PLAN_ANEW.fill("stone", stone),
                "/tools/" + w.tool() + "/plan");
    }

    /** The first piece of what is left that is broken, out of use or not on the shelf. */
    private static Optional<String> gone(Workable tool, Map<String, Abrasive> shelf) {
        return tool.steps.subList(Math.min(tool.next, tool.steps.size()), tool.steps.size()).stream()
                .map(Step::abrasiveId)
                .filter(id -> !id.isEmpty())
                .filter(id -> !shelf.containsKey(id) || shelf.get(id).state().retired())
                .findFirst()
                .map(id -> shelf.containsKey(id) ? shelf.get(id).name() : DayWords.A_PIECE.words());
    }

    private Optional<Workable> workable(OpenWork open) {
        try {
            return open.atBenchNext() ? readable(open) : Optional.empty();
        } catch (RefusedException olderRecord) {
            return Optional.empty();
        }
    }

    private Optional<Workable> readable(OpenWork open) {
        Optional<SessionReadings.Progress> session = sessions.progress(open.tool());
        if (session.isPresent()) {
            return session.map(s -> made(open, s.planId(), s.steps(), s.next(), true));
        }
        return plans.newest(open.tool()).map(p -> made(open, p.id(), p.chosen().steps(), 0, false));
    }

    private Workable made(OpenWork open, UUID plan, List<Step> steps, int next, boolean begun) {
        Optional<ToolTasks.Held> held = setups.newest(open.tool())
                .flatMap(s -> s.holderId().map(id -> new ToolTasks.Held(id.toString(), s.setup())));
        return new Workable(
                open.tool(), open.name(), open.wantedBy(), plan.toString(), steps, next, begun, held, open.path());
    }
}
