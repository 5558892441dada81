package truekeen.app.survey;

import java.util.List;
import java.util.Optional;
import truekeen.core.condition.Departures;
import truekeen.core.condition.Departures.StationMeasure;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/** How a blade departs from what was noted, as it is stored: plain numbers, null where there is nothing. */
record KeptDepartures(
        List<StationMeasure> measures,
        Double leftDeg,
        Double rightDeg,
        Double oldBackWidthMm,
        Double oldBackDeg,
        Departures.OldBackGoes oldBackGoes,
        Double bendMm) {

    KeptDepartures {
        measures = measures == null ? List.of() : List.copyOf(measures);
    }

    static KeptDepartures of(Departures d) {
        return new KeptDepartures(
                d.measures(),
                d.uneven().map(u -> u.left().degrees()).orElse(null),
                d.uneven().map(u -> u.right().degrees()).orElse(null),
                d.oldBack().map(o -> o.width().mm()).orElse(null),
                d.oldBack().map(o -> o.angle().degrees()).orElse(null),
                d.oldBack().map(Departures.OldBack::goes).orElse(null),
                d.bend().map(b -> b.gap().mm()).orElse(null));
    }

    Departures toCore() {
        return new Departures(
                measures,
                leftDeg == null
                        ? Optional.empty()
                        : Optional.of(new Departures.Uneven(Angle.ofDegrees(leftDeg), Angle.ofDegrees(rightDeg))),
                oldBackWidthMm == null
                        ? Optional.empty()
                        : Optional.of(new Departures.OldBack(
                                Length.ofMm(oldBackWidthMm), Angle.ofDegrees(oldBackDeg), oldBackGoes)),
                bendMm == null ? Optional.empty() : Optional.of(new Departures.Bend(Length.ofMm(bendMm))));
    }
}
