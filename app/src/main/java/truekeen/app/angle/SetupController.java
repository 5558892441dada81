package truekeen.app.angle;

import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.angle.AngleRecords.InkTakenForm;
import truekeen.app.angle.AngleRecords.SetupView;

@RestController
@RequestMapping("/api/v1/setups")
class SetupController {
    private final SetupService setups;

    SetupController(SetupService setups) {
        this.setups = setups;
    }

    @PostMapping("/{id}/ink")
    SetupView takeInk(@PathVariable UUID id, @RequestBody InkTakenForm form) {
        return setups.takeInk(id, form);
    }
}
