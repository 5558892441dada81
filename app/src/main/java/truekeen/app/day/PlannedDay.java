package truekeen.app.day;

import java.util.List;
import java.util.Map;
import truekeen.core.day.LearnedChanges;
import truekeen.core.day.Timetable;

/**
 * A day as it was planned.
 *
 * @param table its order
 * @param byTicket how good ticket after ticket would be
 * @param boundSeconds the day cannot end earlier (s)
 * @param whole whether the search came to its end
 * @param soaked what has to soak, and how long (s), by its id
 * @param flattened ids of what is flattened before its first use
 * @param titles what is done in each task, by its id
 * @param changes what the bench had taught of changing over when it was planned
 * @param names what pieces of the kit and holders are called, by id
 */
record PlannedDay(
        Timetable table,
        Timetable.Merit byTicket,
        long boundSeconds,
        boolean whole,
        Map<String, Integer> soaked,
        List<String> flattened,
        LearnedChanges changes,
        Map<String, String> titles,
        Map<String, String> names) {
    PlannedDay {
        soaked = Map.copyOf(soaked);
        flattened = List.copyOf(flattened);
        titles = Map.copyOf(titles);
        names = Map.copyOf(names);
    }
}
