package truekeen.core.day;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.entity.PlanningPinToIndex;
import ai.timefold.solver.core.api.domain.lookup.PlanningId;
import ai.timefold.solver.core.api.domain.variable.PlanningListVariable;
import java.util.ArrayList;
import java.util.List;

/** What one person prefers to do, first things first: what the search changes. */
@PlanningEntity
public class PersonOrder {
    @PlanningId
    private int person;

    @PlanningPinToIndex
    private int pinned;

    @PlanningListVariable
    private List<TaskPlace> tasks = new ArrayList<>();

    /** For the search, which copies it. */
    public PersonOrder() {}

    PersonOrder(int person, int pinned, List<TaskPlace> tasks) {
        this.person = person;
        this.pinned = pinned;
        this.tasks = tasks;
    }

    int[] numbers() {
        int[] numbers = new int[tasks.size()];
        for (int i = 0; i < numbers.length; i++) {
            numbers[i] = tasks.get(i).number();
        }
        return numbers;
    }

    int person() {
        return person;
    }
}
