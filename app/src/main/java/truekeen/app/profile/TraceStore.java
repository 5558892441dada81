package truekeen.app.profile;

import java.util.List;
import truekeen.app.profile.ProfileRecords.OffsetForm;
import truekeen.app.profile.ProfileRecords.PixelForm;
import truekeen.app.profile.ProfileRecords.TraceForm;
import truekeen.app.store.StoredFormat;
import truekeen.core.section.Point;

/** How the JSON columns of traces are kept. */
final class TraceStore {
    /** A trace as it was put in: places on a photograph, or offsets as typed. */
    static final StoredFormat<StoredTrace, TraceForm> FORM = StoredFormat.of(
            "trace.form", StoredTrace.class, StoredTrace::toForm, StoredTrace::of, StoredFormat::asItWas);

    /** The same on the tool (mm). */
    static final StoredFormat<StoredPoints, List<Point>> POINTS = StoredFormat.of(
            "trace.points",
            StoredPoints.class,
            s -> s.items().stream().map(p -> new Point(p.x, p.y)).toList(),
            points -> new StoredPoints(
                    points.stream().map(p -> new StoredPlace(p.x(), p.y())).toList()),
            StoredFormat::bareList);

    private TraceStore() {}

    /** A place: mm on the tool, pixels on a photograph. */
    record StoredPlace(double x, double y) {}

    record StoredPoints(List<StoredPlace> items) {}

    record StoredOffset(String along, String offset) {}

    record StoredTrace(
            String photoId,
            List<StoredPlace> marks,
            String apart,
            List<StoredPlace> pixels,
            List<StoredOffset> offsets,
            String person) {
        static StoredTrace of(TraceForm f) {
            return new StoredTrace(
                    f.photoId(),
                    places(f.marks()),
                    f.apart(),
                    places(f.pixels()),
                    f.offsets().stream()
                            .map(o -> new StoredOffset(o.along(), o.offset()))
                            .toList(),
                    f.person());
        }

        private static List<StoredPlace> places(List<PixelForm> pixels) {
            return pixels.stream().map(p -> new StoredPlace(p.x(), p.y())).toList();
        }

        TraceForm toForm() {
            return new TraceForm(
                    photoId,
                    pixels(marks),
                    apart,
                    pixels(pixels),
                    offsets == null
                            ? List.of()
                            : offsets.stream()
                                    .map(o -> new OffsetForm(o.along, o.offset))
                                    .toList(),
                    person);
        }

        private static List<PixelForm> pixels(List<StoredPlace> places) {
            return places == null
                    ? List.of()
                    : places.stream().map(p -> new PixelForm(p.x, p.y)).toList();
        }
    }
}
