package truekeen.core.day;

import truekeen.core.table.Prior;

/**
 * How long it takes to change over from one task to the next (s).
 *
 * @param setting setting whatever holds the tool to another angle
 * @param clamping putting another tool into it, as it is set
 * @param changing laying another stone down
 * @param cleaning washing hands, guide and bench before a finer stone follows a coarser one
 */
public record ChangeTimes(int setting, int clamping, int changing, int cleaning) {
    /** Refuses less than no time. */
    public ChangeTimes {
        if (Math.min(Math.min(setting, clamping), Math.min(changing, cleaning)) < 0) {
            throw new IllegalArgumentException("less than no time");
        }
    }

    /** Each so many times as long, in whole seconds. */
    public ChangeTimes times(double factor) {
        return new ChangeTimes(
                seconds(setting, factor),
                seconds(clamping, factor),
                seconds(changing, factor),
                seconds(cleaning, factor));
    }

    private static int seconds(int usual, double factor) {
        return (int) Math.round(usual * factor);
    }

    /** What a bench takes whose own times are not known. */
    public static ChangeTimes usual() {
        return new ChangeTimes(
                Prior.SETTING_SECONDS.whole(),
                Prior.CLAMPING_SECONDS.whole(),
                Prior.CHANGE_SECONDS.whole(),
                Prior.CLEANING_SECONDS.whole());
    }
}
