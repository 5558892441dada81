package truekeen.app.tool;

import jakarta.persistence.Embeddable;
import truekeen.app.tool.ToolWear.Lost;
import truekeen.core.condition.MeanLoss;

/**
 * What somebody measured of a tool's length, as sums: what a plan foresaw is no measurement. Sharpenings between two
 * lengths that a person took count together.
 */
@Embeddable
class MeasuredLoss {
    /** What measured sharpenings took in all (mm). */
    double measuredLossMm;

    /** How many these were. */
    int measuredSharpenings;

    /** The length that was measured last (mm); null where that was before anything was kept of it. */
    Double lengthMeasuredMm;

    /** Sharpenings since then of which nobody measured what they took. */
    int unmeasuredSharpenings;

    /** What one takes, as far as it is known. */
    MeanLoss loss() {
        return MeanLoss.of(measuredLossMm, measuredSharpenings);
    }

    /** A sharpening was done; the length was so much before it (mm). */
    void afterSession(double beforeMm, Lost lost) {
        if (lengthMeasuredMm == null && unmeasuredSharpenings == 0) {
            lengthMeasuredMm = beforeMm;
        }
        if (lost.measured()) {
            measuredLossMm += lost.mm();
            measuredSharpenings++;
            lengthMeasuredMm = lengthMeasuredMm == null ? null : Double.valueOf(lengthMeasuredMm - lost.mm());
        } else {
            unmeasuredSharpenings++;
        }
    }

    /**
     * A length was typed: a measurement, where it is another one than was typed before. One that is longer than the length
     * measured before says nothing of what went; it only begins anew.
     *
     * @param typed as it is typed now
     * @param before as it was typed, or as a session wrote it; null where there was none
     * @param mm the length (mm)
     */
    void lengthTyped(String typed, String before, double mm) {
        if (before != null && before.equals(typed)) {
            return;
        }
        if (lengthMeasuredMm != null && unmeasuredSharpenings > 0 && mm <= lengthMeasuredMm) {
            measuredLossMm += lengthMeasuredMm - mm;
            measuredSharpenings += unmeasuredSharpenings;
        }
        lengthMeasuredMm = mm;
        unmeasuredSharpenings = 0;
    }
}
