package truekeen.core.finish;

/**
 * One act of putting a tool back to work.
 *
 * @param key its name
 * @param title the act, in the imperative
 * @param words how, and what to see
 * @param why why it is done
 * @param caution one line, or empty
 * @param setting what is set by it; null where nothing is
 */
public record FinishAct(Key key, String title, String words, String why, String caution, Setting setting) {

    /** The acts there are, in their order. */
    public enum Key {
        WASH,
        DRY,
        PROTECT,
        STONES,
        JOIN,
        LAY_IN,
        CAP_IRON,
        PLAY,
        CENTRE,
        FIRST_CUT,
        COVER,
        RIGHT_WAY,
        WASHERS,
        TORQUE,
        UNBLOCK,
        FIRST_RUN
    }

    /**
     * A distance to be set.
     *
     * @param name what is set
     * @param lowMm least usual (mm)
     * @param highMm most usual (mm)
     */
    public record Setting(String name, double lowMm, double highMm) {}
}
