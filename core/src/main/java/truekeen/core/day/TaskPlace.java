package truekeen.core.day;

import ai.timefold.solver.core.api.domain.lookup.PlanningId;

/**
 * A task, as the search moves it.
 *
 * @param number its place among the tasks of the day
 */
public record TaskPlace(@PlanningId int number) {}
