package truekeen.app.profile;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.platform.AdviceView;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.app.profile.ProfileRecords.ComparisonView;
import truekeen.app.profile.ProfileRecords.DeviationView;
import truekeen.app.profile.ProfileRecords.PhotoView;
import truekeen.app.profile.ProfileRecords.PlaceView;
import truekeen.app.profile.ProfileRecords.ProfileView;
import truekeen.app.profile.ProfileRecords.ShapeChangeView;
import truekeen.app.profile.ProfileRecords.TraceForm;
import truekeen.app.profile.ProfileRecords.TracePreview;
import truekeen.app.profile.ProfileRecords.TraceView;
import truekeen.app.tool.ToolRecords.FaultView;
import truekeen.app.tool.ToolService;
import truekeen.core.advice.Advice;
import truekeen.core.advice.Formula;
import truekeen.core.message.InWords;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.profile.EdgeProfile;
import truekeen.core.profile.ProfileComparison;
import truekeen.core.profile.ProfileComparison.Sample;
import truekeen.core.quantity.QuantityReader;
import truekeen.core.section.Point;

/** Keeps photographs and traces of edges, and compares them. */
@Service
@Transactional
public class ProfileService {
    private static final int MOST_KEPT = 40;
    /** Two measurements of the same distance differ by no more than this share. */
    private static final double SAME_MARKS = 0.01;

    private final Photos photos;
    private final Traces traces;
    private final ToolService tools;
    private final PhotoReader reader;
    private final BenchClock clock;

    ProfileService(Photos photos, Traces traces, ToolService tools, PhotoReader reader, BenchClock clock) {
        this.photos = photos;
        this.traces = traces;
        this.tools = tools;
        this.reader = reader;
        this.clock = clock;
    }

    /** All traces and photographs of a tool. */
    @Transactional(readOnly = true)
    public ProfileView profile(UUID toolId) {
        tools.core(toolId);
        List<TraceRow> all = traces.findByToolIdOrderByTakenAt(toolId);
        List<TraceRow> readable = all.stream().filter(TraceRow::readable).toList();
        return new ProfileView(
                readable.stream().map(ProfileService::view).toList(),
                photos.ofTool(toolId).stream()
                        .map(p -> new PhotoView(p.getId(), p.getTakenAt(), p.getWidthPx(), p.getHeightPx()))
                        .toList(),
                all.size() - readable.size());
    }

    /** A camber that was traced (mm). */
    public record CamberAt(Instant at, double mm) {}

    /** The camber of each trace of a tool, oldest first. */
    @Transactional(readOnly = true)
    public List<CamberAt> cambers(UUID toolId) {
        return traces.findByToolIdOrderByTakenAt(toolId).stream()
                .filter(TraceRow::readable)
                .map(t ->
                        new CamberAt(t.takenAt, EdgeProfile.through(t.points()).camberMm()))
                .toList();
    }

    /** Keeps a photograph. While it waits its turn and is read, no connection to the database is held. */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    public PhotoView add(UUID toolId, byte[] sent, String person) {
        tools.core(toolId);
        room(photos.countByToolId(toolId), ProfileWords.PHOTOGRAPHS.words());
        PhotoRow row = photos.save(new PhotoRow(toolId, clock.instant(), person, reader.read(sent)));
        return new PhotoView(row.id, row.takenAt, row.widthPx, row.heightPx);
    }

    /** A photograph's picture, as JPEG. */
    @Transactional(readOnly = true)
    public byte[] picture(UUID toolId, UUID photoId) {
        return photos.findById(photoId)
                .filter(p -> p.toolId.equals(toolId))
                .orElseThrow(() -> Form.notFound("photograph", photoId))
                .jpeg;
    }

    /** Takes a photograph away, unless a trace lies on it. */
    public ProfileView removePhoto(UUID toolId, UUID photoId) {
        PhotoRow row = photos.findById(photoId)
                .filter(p -> p.toolId.equals(toolId))
                .orElseThrow(() -> Form.notFound("photograph", photoId));
        if (traces.existsByPhotoId(photoId)) {
            throw new RefusedException(Refusal.of(MessageCode.PHOTO_TRACED, "", ""));
        }
        photos.delete(row);
        photos.flush();
        return profile(toolId);
    }

    /** Reads a trace without keeping it. */
    @Transactional(readOnly = true)
    public TracePreview preview(UUID toolId, TraceForm in) {
        tools.core(toolId);
        TraceReader read = new TraceReader(in);
        if (read.profile == null) {
            return new TracePreview(FaultView.of(read.form), List.of(), List.of(), 0, 0, mmPerPixel(read));
        }
        List<Point> curve = read.profile.curve();
        return new TracePreview(
                FaultView.of(read.form),
                places(curve),
                read.scale
                        .map(s -> places(curve.stream().map(s::onPhoto).toList()))
                        .orElse(List.of()),
                read.profile.lengthMm(),
                read.profile.farthestPointMm(),
                mmPerPixel(read));
    }

    private static Double mmPerPixel(TraceReader read) {
        return read.scale.map(s -> (Double) s.mmPerPixel()).orElse(null);
    }

    /** Keeps a trace. */
    public TraceView keep(UUID toolId, TraceForm in) {
        tools.core(toolId);
        room(traces.countByToolId(toolId), ProfileWords.TRACES.words());
        TraceReader read = new TraceReader(in);
        read.form.checks().orThrow();
        UUID photo = in.photoId().isEmpty() ? null : Form.id("photograph", in.photoId());
        if (photo != null
                && photos.findById(photo).filter(p -> p.toolId.equals(toolId)).isEmpty()) {
            throw Form.notFound("photograph", photo);
        }
        return view(traces.saveAndFlush(new TraceRow(toolId, clock.instant(), photo, in, read.profile.raw())));
    }

    /** Takes a trace away. */
    public ProfileView removeTrace(UUID toolId, UUID traceId) {
        traces.delete(trace(toolId, traceId));
        traces.flush();
        return profile(toolId);
    }

    /** Lays a later trace over an earlier one. */
    @Transactional(readOnly = true)
    public ComparisonView compare(UUID toolId, UUID beforeId, UUID afterId) {
        TraceRow before = trace(toolId, beforeId);
        TraceRow after = trace(toolId, afterId);
        EdgeProfile was = EdgeProfile.through(before.points());
        EdgeProfile is = EdgeProfile.through(after.points());
        boolean sameFrame = sameFrame(before.form(), after.form());
        ProfileComparison c = ProfileComparison.of(was, is, sameFrame);
        Sample worst = c.worst();
        return new ComparisonView(
                verdict(c, sameFrame),
                c.kept(),
                sameFrame,
                AdviceView.of(Advice.exact(
                        ProfileWords.GREATEST_DIFFERENCE.words(),
                        worst.deviationMm(),
                        "mm",
                        Formula.PROFILE_CHANGE,
                        List.of(
                                new Advice.Given(
                                        "at",
                                        ProfileWords.ALONG_THE_EDGE.fill("along", Numbers.plain(worst.alongMm(), 0))),
                                new Advice.Given(
                                        ProfileWords.WENT_EVENLY.words(), Numbers.plain(c.lostMm(), 2) + InWords.MM),
                                new Advice.Given(
                                        ProfileWords.EARLIER_TRACE.words(),
                                        before.points().size() + " points"),
                                new Advice.Given(
                                        ProfileWords.LATER_TRACE.words(),
                                        after.points().size() + " points"),
                                new Advice.Given(
                                        ProfileWords.RESOLUTION.words(),
                                        Numbers.plain(c.resolutionMm(), 0) + InWords.MM),
                                new Advice.Given(
                                        ProfileWords.TAKEN_AS_SAME.words(),
                                        ProfileWords.SAME_UP_TO.fill(
                                                "same", Numbers.plain(ProfileComparison.SAME_SHAPE_MM, 1)))),
                        ProfileWords.COMPARISON_CHANGES.words())),
                worst.alongMm(),
                c.lostMm(),
                c.changes().stream()
                        .map(s -> new ShapeChangeView(s.kind(), s.kind().words(), s.fromMm(), s.toMm()))
                        .toList(),
                c.samples().stream()
                        .map(s -> new DeviationView(s.alongMm(), s.apartMm(), s.deviationMm()))
                        .toList(),
                places(was.curve()),
                places(sameFrame ? is.curve() : is.laidOn(was).curve()));
    }

    /**
     * Photographs whose marks lie equally far apart on the tool are taken to show the same marks; a straight edge laid
     * anew for typed offsets is meant to lie where it lay.
     */
    private static boolean sameFrame(TraceForm a, TraceForm b) {
        if (a.photoId().isEmpty() || b.photoId().isEmpty()) {
            return a.photoId().isEmpty() && b.photoId().isEmpty();
        }
        double first = QuantityReader.length("apart", a.apart()).mm();
        double second = QuantityReader.length("apart", b.apart()).mm();
        return Math.abs(first - second) <= SAME_MARKS * Math.max(first, second);
    }

    private static String verdict(ProfileComparison c, boolean sameFrame) {
        String even = sameFrame
                ? ProfileWords.EVENLY.fill("lost", Numbers.plain(Math.max(0, c.lostMm()), 2))
                : ProfileWords.EVENLY_UNKNOWN.words();
        if (c.kept()) {
            return ProfileWords.SHAPE_KEPT.fill("even", even);
        }
        String changed = c.changes().stream()
                .map(s -> s.kind().words() + " from " + Numbers.plain(s.fromMm(), 0) + " to "
                        + Numbers.plain(s.toMm(), 0) + InWords.MM)
                .reduce((a, b) -> a + "; " + b)
                .map(w -> Character.toUpperCase(w.charAt(0)) + w.substring(1) + ". ")
                .orElse("");
        double worst = c.worst().deviationMm();
        return ProfileWords.MOST_WENT.fill(
                "even",
                even,
                "changed",
                changed,
                "along",
                Numbers.plain(c.worst().alongMm(), 0),
                "worst",
                Numbers.plain(Math.abs(worst), 2),
                "way",
                (worst > 0 ? "more" : "less"));
    }

    private TraceRow trace(UUID toolId, UUID id) {
        return traces.findById(id).filter(t -> t.toolId.equals(toolId)).orElseThrow(() -> Form.notFound("trace", id));
    }

    private static void room(long there, String what) {
        if (there >= MOST_KEPT) {
            throw new RefusedException(Refusal.of(MessageCode.TOO_MANY, "", there + 1)
                    .with("high", MOST_KEPT)
                    .with("what", what));
        }
    }

    private static TraceView view(TraceRow t) {
        EdgeProfile profile = EdgeProfile.through(t.points());
        return new TraceView(
                t.id,
                t.takenAt,
                t.person,
                t.photoId,
                t.form(),
                places(t.points()),
                places(profile.curve()),
                profile.lengthMm());
    }

    private static List<PlaceView> places(List<Point> points) {
        return points.stream().map(p -> new PlaceView(p.x(), p.y())).toList();
    }

    /** What is told of a photograph without fetching its picture. */
    interface PhotoNote {
        UUID getId();

        java.time.Instant getTakenAt();

        int getWidthPx();

        int getHeightPx();
    }

    interface Photos extends JpaRepository<PhotoRow, UUID> {
        @Query("select p.id as id, p.takenAt as takenAt, p.widthPx as widthPx, p.heightPx as heightPx from PhotoRow p"
                + " where p.toolId = :toolId order by p.takenAt")
        List<PhotoNote> ofTool(UUID toolId);

        long countByToolId(UUID toolId);
    }

    interface Traces extends JpaRepository<TraceRow, UUID> {
        List<TraceRow> findByToolIdOrderByTakenAt(UUID toolId);

        boolean existsByPhotoId(UUID photoId);

        long countByToolId(UUID toolId);
    }
}
