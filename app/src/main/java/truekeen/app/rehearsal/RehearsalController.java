package truekeen.app.rehearsal;

import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.platform.HarmlessTwice;
import truekeen.app.rehearsal.RehearsalRecords.RehearsalForm;
import truekeen.app.rehearsal.RehearsalRecords.RehearsalView;

@RestController
@RequestMapping("/api/v1/tools/{id}/rehearsal")
class RehearsalController {
    private final RehearsalService rehearsals;

    RehearsalController(RehearsalService rehearsals) {
        this.rehearsals = rehearsals;
    }

    @HarmlessTwice
    @PostMapping
    RehearsalView rehearse(@PathVariable UUID id, @RequestBody RehearsalForm form) {
        return rehearsals.rehearse(id, form);
    }
}
