package truekeen.core.day;

/**
 * The day in arrays, and the clock that times orders of it; one for each search, which is on one thread.
 *
 * @param clock is changed by each order that it times
 * @param watch called at each try
 */
record DayModelFact(DayModel model, DayClock clock, Runnable watch) {
    DayModelFact(DayModel model, Runnable watch) {
        this(model, new DayClock(model), watch);
    }
}
