package truekeen.app.day;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.day.DayRecords.DayForm;
import truekeen.app.day.DayRecords.DayFrontView;
import truekeen.app.day.DayRecords.DayView;

@RestController
@RequestMapping("/api/v1/day")
class DayController {
    private final DayService days;

    DayController(DayService days) {
        this.days = days;
    }

    @GetMapping
    DayView day() {
        return days.day();
    }

    @GetMapping("/front")
    DayFrontView front() {
        return days.front();
    }

    @PostMapping
    DayView plan(@RequestBody DayForm in) {
        return days.plan(in);
    }
}
