package truekeen.app.day;

import biweekly.Biweekly;
import biweekly.ICalVersion;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.property.DateStart;
import biweekly.util.DateTimeComponents;
import biweekly.util.ICalDate;
import java.time.LocalDate;
import java.util.Date;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.board.BoardService;
import truekeen.app.board.BoardService.DatedWork;
import truekeen.app.platform.BenchClock;

/** Promised and due dates as iCalendar (RFC 5545): whole days, to be downloaded or subscribed to. */
@Service
@Transactional(readOnly = true)
public class CalendarService {
    private final BoardService board;
    private final BenchClock clock;

    CalendarService(BoardService board, BenchClock clock) {
        this.board = board;
        this.clock = clock;
    }

    /** The calendar, as its text. */
    public String text() {
        ICalendar calendar = new ICalendar();
        calendar.setVersion(ICalVersion.V2_0);
        calendar.setProductId("-//True Keen//bench//EN");
        Date made = Date.from(clock.instant());
        List<DatedWork> dated = board.datedWork();
        dated.forEach(work -> calendar.addEvent(event(work, made)));
        return Biweekly.write(calendar).go();
    }

    private static VEvent event(DatedWork work, Date made) {
        VEvent event = new VEvent();
        // The same date of the same tool stays one entry however often it is read.
        event.setUid(work.tool() + (work.promised() ? "-promised" : "-due") + "@truekeen");
        event.setDateTimeStamp(made);
        event.setSummary((work.promised() ? DayWords.PROMISED : DayWords.DUE).fill("tool", work.name()));
        event.setDescription(work.owner());
        event.setDateStart(new DateStart(wholeDay(work.day()), false));
        return event;
    }

    /** A date without a time. */
    private static Date wholeDay(LocalDate day) {
        return new ICalDate(new DateTimeComponents(day.getYear(), day.getMonthValue(), day.getDayOfMonth()), false);
    }
}
