package truekeen.app.finish;

import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.bench.BenchRecords.SessionView;
import truekeen.app.finish.FinishRecords.FinishCardForm;
import truekeen.app.finish.FinishRecords.FinishSheet;

@RestController
@RequestMapping("/api/v1")
class FinishController {
    private final FinishService finishing;

    FinishController(FinishService finishing) {
        this.finishing = finishing;
    }

    @GetMapping("/tools/{id}/finish")
    FinishSheet sheet(@PathVariable UUID id, @RequestParam(defaultValue = "") String device) {
        return finishing.sheet(id, device);
    }

    @PostMapping("/sessions/{id}/finish-card")
    SessionView close(@PathVariable UUID id, @RequestBody FinishCardForm form) {
        return finishing.close(id, form);
    }
}
