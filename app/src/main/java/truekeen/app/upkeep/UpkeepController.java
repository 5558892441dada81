package truekeen.app.upkeep;

import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.upkeep.UpkeepRecords.NextTimeForm;
import truekeen.app.upkeep.UpkeepRecords.NextTimeView;
import truekeen.app.upkeep.UpkeepRecords.TouchUpForm;
import truekeen.app.upkeep.UpkeepRecords.UpkeepSheet;
import truekeen.app.upkeep.UpkeepRecords.UseForm;
import truekeen.app.upkeep.UpkeepRecords.UseReadingForm;

@RestController
@RequestMapping("/api/v1/tools/{id}")
class UpkeepController {
    private final UpkeepService upkeep;
    private final NextTimeService nextTime;

    UpkeepController(UpkeepService upkeep, NextTimeService nextTime) {
        this.upkeep = upkeep;
        this.nextTime = nextTime;
    }

    @GetMapping("/upkeep")
    UpkeepSheet sheet(@PathVariable UUID id) {
        return upkeep.sheet(id);
    }

    @PostMapping("/upkeep/use")
    UpkeepSheet use(@PathVariable UUID id, @RequestBody UseForm form) {
        upkeep.use(id, form);
        return upkeep.sheet(id);
    }

    @PostMapping("/upkeep/reading")
    UpkeepSheet read(@PathVariable UUID id, @RequestBody UseReadingForm form) {
        upkeep.read(id, form);
        return upkeep.sheet(id);
    }

    @PostMapping("/upkeep/touch-up")
    UpkeepSheet touchUp(@PathVariable UUID id, @RequestBody TouchUpForm form) {
        upkeep.touchUp(id, form);
        return upkeep.sheet(id);
    }

    @GetMapping("/next-time")
    NextTimeView nextTime(@PathVariable UUID id) {
        return nextTime.of(id);
    }

    @PostMapping("/next-time")
    NextTimeView note(@PathVariable UUID id, @RequestBody NextTimeForm form) {
        return nextTime.note(id, form);
    }

    @PostMapping("/next-time/{note}/done")
    NextTimeView done(@PathVariable UUID id, @PathVariable UUID note) {
        return nextTime.done(id, note);
    }
}
