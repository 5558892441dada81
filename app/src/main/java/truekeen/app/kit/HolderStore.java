package truekeen.app.kit;

import java.util.List;
import java.util.Map;
import truekeen.app.kit.HolderRecords.CalibrationForm;
import truekeen.app.kit.HolderRecords.PairForm;
import truekeen.app.store.StoredFormat;
import truekeen.app.store.StoredFormats;

/** How the JSON columns of things that hold an angle are kept. */
final class HolderStore {
    /** Dimensions by field, in mm and degrees. */
    static final StoredFormat<StoredFormats.NumberMap, Map<String, Double>> DIMENSIONS =
            StoredFormats.numbersByName("holder.dimensions");

    /** The same as they were typed. */
    static final StoredFormat<StoredFormats.TextMap, Map<String, String>> TYPED =
            StoredFormats.textsByName("holder.typed");

    /** Lengths of stop blocks (mm). */
    static final StoredFormat<StoredFormats.NumberList, List<Double>> BLOCKS =
            StoredFormats.numbers("holder.blocks_mm");

    /** Measured pairs of a guide, as typed. */
    static final StoredFormat<StoredCalibration, CalibrationForm> CALIBRATION = StoredFormat.of(
            "holder.calibration",
            StoredCalibration.class,
            StoredCalibration::toForm,
            StoredCalibration::of,
            StoredFormat::asItWas);

    private HolderStore() {}

    record StoredPair(String projection, String angle) {}

    record StoredCalibration(String rollerRadius, String thickness, List<StoredPair> pairs) {
        static StoredCalibration of(CalibrationForm f) {
            List<PairForm> pairs = f.pairs() == null ? List.of() : f.pairs();
            return new StoredCalibration(
                    f.rollerRadius(),
                    f.thickness(),
                    pairs.stream()
                            .map(p -> new StoredPair(p.projection(), p.angle()))
                            .toList());
        }

        CalibrationForm toForm() {
            return new CalibrationForm(
                    rollerRadius,
                    thickness,
                    pairs.stream().map(p -> new PairForm(p.projection, p.angle)).toList(),
                    0);
        }
    }
}
