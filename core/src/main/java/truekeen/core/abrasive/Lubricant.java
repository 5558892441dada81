package truekeen.core.abrasive;

import java.util.Arrays;
import java.util.Optional;

/** What floats the swarf off an abrasive. */
public enum Lubricant {
    WATER("water"),
    SOAPY_WATER("soapy water"),
    /** Soapy water on a stone for oil: only as long as no oil has ever been in it. */
    SOAPY_WATER_BEFORE_OIL("soapy water if never oiled"),
    OIL("oil"),
    DRY("dry");

    private final String key;

    Lubricant(String key) {
        this.key = key;
    }

    /** How it is kept, sent and called. */
    public String key() {
        return key;
    }

    /** Whether it is water, plain or soapy. */
    public boolean wet() {
        return this != OIL && this != DRY;
    }

    /** The lubricant of that key. */
    public static Optional<Lubricant> byKey(String key) {
        return Arrays.stream(values()).filter(l -> l.key.equals(key)).findFirst();
    }
}
