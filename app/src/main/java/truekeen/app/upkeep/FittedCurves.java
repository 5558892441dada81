package truekeen.app.upkeep;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import truekeen.core.upkeep.DullingCurve;
import truekeen.core.upkeep.UseReading;

/** Curves fitted lately: the same readings give the same curve, and fitting is most of what a page of upkeep takes. */
final class FittedCurves {
    private static final int MOST = 200;

    private record Asked(List<UseReading> readings, long seed) {}

    private final Map<Asked, DullingCurve> lately = Collections.synchronizedMap(new Lately());

    /** The curve through readings. */
    DullingCurve of(List<UseReading> readings, long seed) {
        return lately.computeIfAbsent(new Asked(List.copyOf(readings), seed), a -> DullingCurve.of(a.readings, a.seed));
    }

    private static final class Lately extends LinkedHashMap<Asked, DullingCurve> {
        private static final long serialVersionUID = 1;

        Lately() {
            super(MOST, 0.75f, true);
        }

        @Override
        protected boolean removeEldestEntry(Map.Entry<Asked, DullingCurve> eldest) {
            return size() > MOST;
        }
    }
}
