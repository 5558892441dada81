package truekeen.app.angle;

import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.angle.AngleRecords.AngleAnswer;
import truekeen.app.angle.AngleRecords.AngleChoices;
import truekeen.app.angle.AngleRecords.AngleForm;
import truekeen.app.angle.AngleRecords.Holdings;
import truekeen.app.angle.AngleRecords.SetupView;

@RestController
@RequestMapping("/api/v1/tools/{id}")
class AngleController {
    private final AngleService angles;

    AngleController(AngleService angles) {
        this.angles = angles;
    }

    @GetMapping("/angle")
    AngleChoices choices(@PathVariable UUID id) {
        return angles.choices(id);
    }

    @PostMapping("/angle/advice")
    AngleAnswer advise(@PathVariable UUID id, @RequestBody AngleForm form) {
        return angles.advise(id, form);
    }

    @PostMapping("/angle/holdings")
    Holdings holdings(@PathVariable UUID id, @RequestBody AngleForm form) {
        return angles.holdings(id, form);
    }

    @PostMapping("/setups")
    SetupView save(@PathVariable UUID id, @RequestBody AngleForm form) {
        return angles.save(id, form);
    }
}
