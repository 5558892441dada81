package truekeen.app.day;

import java.nio.charset.StandardCharsets;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.day.DayRecords.BenchTimeForm;
import truekeen.app.day.DayRecords.DayForm;
import truekeen.app.day.DayRecords.DayFrontView;
import truekeen.app.day.DayRecords.DayView;
import truekeen.app.day.DayRecords.MoveForm;
import truekeen.app.day.DayRecords.PromiseView;

@RestController
@RequestMapping("/api/v1/day")
class DayController {
    private static final MediaType CALENDAR = new MediaType("text", "calendar", StandardCharsets.UTF_8);

    private final DayService days;
    private final PromiseService promises;
    private final CalendarService calendar;

    DayController(DayService days, PromiseService promises, CalendarService calendar) {
        this.days = days;
        this.promises = promises;
        this.calendar = calendar;
    }

    @GetMapping
    DayView day() {
        return days.day();
    }

    @GetMapping("/front")
    DayFrontView front() {
        return days.front();
    }

    @GetMapping("/promise")
    PromiseView promise(@RequestParam(defaultValue = "1") int things) {
        return promises.promise(things);
    }

    @PutMapping("/promise")
    PromiseView benchTime(@RequestBody BenchTimeForm in) {
        return promises.benchTime(in);
    }

    @GetMapping("/calendar.ics")
    ResponseEntity<String> calendar() {
        return ResponseEntity.ok().contentType(CALENDAR).body(calendar.text());
    }

    @PostMapping("/move")
    DayView move(@RequestBody MoveForm in) {
        return days.move(in);
    }

    @PostMapping
    DayView plan(@RequestBody DayForm in) {
        return days.plan(in);
    }
}
