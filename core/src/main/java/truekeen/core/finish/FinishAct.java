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

    /** The acts there are, in their order, each with what the log says of it once it is done. */
    public enum Key {
        WASH("washed"),
        DRY("dried"),
        PROTECT("oiled or waxed"),
        STONES("stones put away"),
        JOIN("blades joined"),
        LAY_IN("iron laid in"),
        CAP_IRON("cap iron set"),
        PLAY("play taken up"),
        CENTRE("centred"),
        FIRST_CUT("first cut taken"),
        COVER("edge covered"),
        RIGHT_WAY("put back the right way"),
        WASHERS("washers put back"),
        TORQUE("bolt tightened"),
        UNBLOCK("block taken out"),
        FIRST_RUN("run for the first time");

        private final String done;

        Key(String done) {
            this.done = done;
        }

        /** What was done, in words. */
        public String done() {
            return done;
        }
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
