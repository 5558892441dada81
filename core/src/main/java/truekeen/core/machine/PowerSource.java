package truekeen.core.machine;

/** What drives a machine; each is isolated in its own way. */
public enum PowerSource {
    PETROL("petrol engine"),
    BATTERY("battery"),
    MAINS("mains cable"),
    TOWED("driven by a tractor");

    private final String words;

    PowerSource(String words) {
        this.words = words;
    }

    /** What it is called. */
    public String words() {
        return words;
    }
}
