package truekeen.app.upkeep;

import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.upkeep.UpkeepRecords.TouchUpForm;
import truekeen.app.upkeep.UpkeepRecords.UpkeepSheet;
import truekeen.app.upkeep.UpkeepRecords.UseForm;
import truekeen.app.upkeep.UpkeepRecords.UseReadingForm;

@RestController
@RequestMapping("/api/v1/tools/{id}/upkeep")
class UpkeepController {
    private final UpkeepService upkeep;

    UpkeepController(UpkeepService upkeep) {
        this.upkeep = upkeep;
    }

    @GetMapping
    UpkeepSheet sheet(@PathVariable UUID id) {
        return upkeep.sheet(id);
    }

    @PostMapping("/use")
    UpkeepSheet use(@PathVariable UUID id, @RequestBody UseForm form) {
        upkeep.use(id, form);
        return upkeep.sheet(id);
    }

    @PostMapping("/reading")
    UpkeepSheet read(@PathVariable UUID id, @RequestBody UseReadingForm form) {
        upkeep.read(id, form);
        return upkeep.sheet(id);
    }

    @PostMapping("/touch-up")
    UpkeepSheet touchUp(@PathVariable UUID id, @RequestBody TouchUpForm form) {
        upkeep.touchUp(id, form);
        return upkeep.sheet(id);
    }
}
