package truekeen.app.day;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import truekeen.app.board.BoardService.OpenWork;
import truekeen.app.day.DayRecords.DayPlanView;
import truekeen.app.day.DayRecords.DayView;
import truekeen.app.day.DayRecords.OpenToolView;

/** Makes what is shown of the day, at a moment. */
final class DayViews {
    static final int MINUTE = 60;
    private static final String USUAL_END = "17:00";
    private static final String END_OF_DAY = "23:59";
    private static final LocalTime LATEST_PLANNED = LocalTime.of(16, 0);

    private final LocalDate today;
    private final Instant now;
    private final ZoneId zone;
    private final List<OpenTools.Seen> open;

    DayViews(LocalDate today, Instant now, ZoneId zone, List<OpenTools.Seen> open) {
        this.today = today;
        this.now = now;
        this.zone = zone;
        this.open = open;
    }

    /** The day with its newest plan; {@code before}: when the plan before that would have ended. */
    DayView view(Optional<DayRow> newest, Optional<Instant> before) {
        return new DayView(
                today,
                now,
                readyBy(),
                open.stream().map(this::open).toList(),
                newest.flatMap(row -> plan(row, before)).orElse(null));
    }

    /** The usual end of a working day; once that is near or past, the end of the day. */
    private String readyBy() {
        boolean past = now.atZone(zone).toLocalTime().isAfter(LATEST_PLANNED);
        return past ? END_OF_DAY : USUAL_END;
    }

    private OpenToolView open(OpenTools.Seen seen) {
        OpenWork w = seen.work();
        Optional<OpenTools.Workable> tool = seen.tool();
        return new OpenToolView(
                w.tool(),
                w.name(),
                w.owner(),
                w.wantedBy().orElse(null),
                w.late(),
                tool.isPresent(),
                tool.map(t -> minutes(t.seconds())).orElse(0),
                w.next(),
                w.path());
    }

    static int minutes(long seconds) {
        return (int) ((seconds + MINUTE - 1) / MINUTE);
    }

    /** The plan; none where its record cannot be read any more. */
    private Optional<DayPlanView> plan(DayRow row, Optional<Instant> before) {
        return StoredDay.TIMETABLE.read(row.timetable).value().flatMap(p -> StoredDay.WISHES
                .read(row.wishes)
                .value()
                .map(w -> new ShownPlan(row, p, w, open, now, zone).view(before)));
    }
}
