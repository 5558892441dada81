package truekeen.app.kit;

import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import truekeen.app.kit.HolderRecords.HolderView;
import truekeen.app.kit.HolderRecords.MeasureLine;
import truekeen.app.kit.HolderService.CoreHolder;
import truekeen.app.store.Stored;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.tool.Dimension;
import truekeen.core.tool.Measure;

/** Holders as the screens and the core know them. */
final class HolderViews {
    private HolderViews() {}

    /** As the core knows it; without it where it cannot be used as it stands, and then why. */
    static CoreHolder core(HolderRow row, Map<UUID, WheelRow> byId) {
        try {
            return new CoreHolder(
                    row.id,
                    row.name,
                    row.kind,
                    Optional.of(row.kind.build(
                            row.measures(),
                            row.blocks(),
                            Optional.ofNullable(row.wheelId).map(byId::get).map(WheelRow::toCore))),
                    "");
        } catch (RefusedException refused) {
            return new CoreHolder(
                    row.id,
                    row.name,
                    row.kind,
                    Optional.empty(),
                    refused.refusals().get(0).words());
        } catch (IllegalArgumentException missing) {
            return new CoreHolder(
                    row.id,
                    row.name,
                    row.kind,
                    Optional.empty(),
                    Stored.olderRecord("holder").refusals().get(0).words());
        }
    }

    /** As the screens show it. */
    static HolderView of(HolderRow h, Map<UUID, WheelRow> byId) {
        Map<String, Double> dimensions = h.dimensions();
        return new HolderView(
                h.id,
                h.name,
                h.kind,
                h.kind.words(),
                h.kind.sets(),
                dimensions,
                h.typed(),
                h.kind.dimensions().stream()
                        .filter(d -> dimensions.containsKey(d.field()))
                        .map(d -> new MeasureLine(d.label(), measure(d, dimensions.get(d.field()))))
                        .toList(),
                h.blocksMm(),
                h.blocksTyped,
                h.wheelId,
                h.wheelId == null ? "" : byId.get(h.wheelId).name,
                h.note,
                dimensions.isEmpty()
                        ? null
                        : h.calibration()
                                .map(c -> Calibrations.view(c, h.kind, h.measures()))
                                .orElse(null),
                h.calibratedAt,
                h.version == null ? 0 : h.version);
    }

    private static String measure(Dimension d, double value) {
        return d.measure() == Measure.ANGLE
                ? Angle.ofDegrees(value).toString()
                : Length.ofMm(Math.round(value * 100) / 100.0).toString();
    }
}
