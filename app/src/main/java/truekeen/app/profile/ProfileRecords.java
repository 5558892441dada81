package truekeen.app.profile;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import truekeen.app.platform.AdviceView;
import truekeen.app.platform.Form;
import truekeen.app.tool.ToolRecords.FaultView;
import truekeen.core.profile.ShapeChange;

/** What the profile keeper shows and takes. */
public final class ProfileRecords {
    private ProfileRecords() {}

    /** A place on a photograph (pixels, y downward). */
    public record PixelForm(double x, double y) {}

    /** An offset, as typed: how far along a straight edge, and how far from it the blade's edge lies. */
    public record OffsetForm(String along, String offset) {}

    /**
     * A trace.
     *
     * @param photoId the photograph it is traced on; empty where offsets are typed
     * @param marks two marks on the photograph that sharpening does not touch
     * @param apart their distance on the tool, as typed
     * @param pixels places of the edge on the photograph, in order
     * @param offsets typed offsets, in order
     */
    public record TraceForm(
            String photoId,
            List<PixelForm> marks,
            String apart,
            List<PixelForm> pixels,
            List<OffsetForm> offsets,
            String person) {
        /** What is missing is empty. */
        public TraceForm {
            photoId = Form.orEmpty(photoId);
            marks = marks == null ? List.of() : marks;
            apart = Form.orEmpty(apart);
            pixels = pixels == null ? List.of() : pixels;
            offsets = offsets == null ? List.of() : offsets;
            person = Form.orEmpty(person);
        }
    }

    /** A place on the tool (mm) or on its photograph (pixels). */
    public record PlaceView(double x, double y) {}

    /**
     * A trace read.
     *
     * @param curve the smooth curve on the tool (mm, y upward)
     * @param onPhoto the same on the photograph (pixels); empty where there is none
     * @param lengthMm its length
     * @param farthestMm the greatest distance of a point put down from it
     * @param mmPerPixel size of a pixel, where there is a photograph
     */
    public record TracePreview(
            List<FaultView> faults,
            List<PlaceView> curve,
            List<PlaceView> onPhoto,
            double lengthMm,
            double farthestMm,
            @Nullable Double mmPerPixel) {}

    /** A trace that is kept. */
    public record TraceView(
            UUID id,
            Instant takenAt,
            String person,
            @Nullable UUID photoId,
            TraceForm form,
            List<PlaceView> points,
            List<PlaceView> curve,
            double lengthMm) {}

    /** A photograph that is kept. */
    public record PhotoView(UUID id, Instant takenAt, int width, int height) {}

    /**
     * All traces and photographs of a tool, oldest first.
     *
     * @param unreadable how many older traces are kept that cannot be read any more
     */
    public record ProfileView(List<TraceView> traces, List<PhotoView> photos, int unreadable) {}

    /** Distance at a place along the edge as it was (mm). */
    public record DeviationView(double alongMm, double apartMm, double deviationMm) {}

    /** A stretch that changed its shape. */
    public record ShapeChangeView(ShapeChange.Kind kind, String words, double fromMm, double toMm) {}

    /**
     * Two traces laid over each other.
     *
     * @param verdict in words
     * @param kept whether the shape was kept
     * @param sameFrame whether both were taken from the same marks
     * @param before the smooth curve of the earlier one (mm)
     * @param after that of the later one, laid on it (mm)
     */
    public record ComparisonView(
            String verdict,
            boolean kept,
            boolean sameFrame,
            AdviceView worst,
            double worstAtMm,
            double lostMm,
            List<ShapeChangeView> changes,
            List<DeviationView> samples,
            List<PlaceView> before,
            List<PlaceView> after) {}
}
