package truekeen.core.condition;

import java.util.OptionalDouble;
import truekeen.core.table.Prior;

/** Work that was asked for by name, after a test told what is wrong: it is planned whatever the usual limits say. */
public enum AskedWork {
    /** The faces behind a knife's edge are thinned. */
    THIN("thin the faces behind the edge"),
    /** The broad face of a single-bevel knife is worked. */
    BROAD_FACE("work the broad face");

    private final String words;

    AskedWork(String words) {
        this.words = words;
    }

    /** It in words. */
    public String words() {
        return words;
    }

    /**
     * The thickness behind the edge from which a knife is thinned that was asked to be (mm): the work's own limit, or a part
     * of what there is where that is less already. The part is a workshop prior.
     *
     * @param usualMm the work's limit (mm); 0 where it has none
     * @param standsMm what there is behind the edge (mm); empty where nobody measured it
     */
    public static OptionalDouble thinAtMm(double usualMm, OptionalDouble standsMm) {
        if (standsMm.isEmpty()) {
            return usualMm > 0 ? OptionalDouble.of(usualMm) : OptionalDouble.empty();
        }
        double part = Prior.THINNED_ON_ASKING_SHARE.value() * standsMm.getAsDouble();
        return OptionalDouble.of(usualMm > 0 ? Math.min(usualMm, part) : part);
    }
}
