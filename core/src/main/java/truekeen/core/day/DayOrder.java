package truekeen.core.day;

import ai.timefold.solver.core.api.domain.solution.PlanningEntityCollectionProperty;
import ai.timefold.solver.core.api.domain.solution.PlanningScore;
import ai.timefold.solver.core.api.domain.solution.PlanningSolution;
import ai.timefold.solver.core.api.domain.solution.ProblemFactCollectionProperty;
import ai.timefold.solver.core.api.domain.solution.ProblemFactProperty;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeProvider;
import ai.timefold.solver.core.api.score.buildin.bendablelong.BendableLongScore;
import java.util.List;

/** An order of a whole day: what the search looks at. */
@PlanningSolution
public class DayOrder {
    @ProblemFactProperty
    private DayModelFact model;

    @ProblemFactCollectionProperty
    @ValueRangeProvider
    private List<TaskPlace> tasks;

    @PlanningEntityCollectionProperty
    private List<PersonOrder> people;

    @PlanningScore(bendableHardLevelsSize = 0, bendableSoftLevelsSize = 4)
    private BendableLongScore score;

    /** For the search, which copies it. */
    public DayOrder() {}

    DayOrder(DayModelFact model, List<TaskPlace> tasks, List<PersonOrder> people) {
        this.model = model;
        this.tasks = tasks;
        this.people = people;
    }

    DayModelFact model() {
        return model;
    }

    int[][] orders() {
        int[][] orders = new int[people.size()][];
        for (PersonOrder p : people) {
            orders[p.person()] = p.numbers();
        }
        return orders;
    }
}
