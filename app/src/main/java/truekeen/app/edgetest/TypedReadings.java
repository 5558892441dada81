package truekeen.app.edgetest;

import java.util.ArrayList;
import java.util.List;
import truekeen.app.edgetest.TestRecords.ReadingForm;
import truekeen.app.platform.Form;
import truekeen.core.keenness.Reading;
import truekeen.core.quantity.QuantityReader;

/** Readings typed by hand; each fault is noted at its own field. */
final class TypedReadings {
    private final List<Reading> readings = new ArrayList<>();

    TypedReadings(Form form, List<ReadingForm> typed) {
        for (int i = 0; i < typed.size(); i++) {
            ReadingForm reading = typed.get(i);
            String field = "readings[" + i + "].grams";
            Double grams = form.checks().attempt(() -> QuantityReader.grams(field, reading.grams()));
            if (grams != null) {
                readings.add(new Reading(reading.xMm(), grams));
            }
        }
    }

    /** The readings, each with its station. */
    List<Reading> readings() {
        return readings;
    }
}
