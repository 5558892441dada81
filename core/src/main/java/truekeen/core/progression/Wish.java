package truekeen.core.progression;

import java.util.List;
import java.util.Set;

/**
 * What a person wants of a job's path.
 *
 * @param answer what it is to be best at
 * @param without ids of abrasives that are to stay on the shelf
 * @param through ids of abrasives that are to be used
 * @param always ids of the stones that this work is always done on, coarse first; empty where nothing was saved
 */
public record Wish(Answer answer, Set<String> without, Set<String> through, List<String> always) {
    /** The quickest path, with nothing asked of it. */
    public static final Wish NONE = new Wish(Answer.LEAST_TIME, Set.of(), Set.of(), List.of());

    /** Keeps the sets from changing. */
    public Wish {
        without = Set.copyOf(without);
        through = Set.copyOf(through);
        always = List.copyOf(always);
    }
}
