package truekeen.app.finish;

import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.bench.BenchRecords.SessionView;
import truekeen.app.bench.BenchService;
import truekeen.app.finish.FinishRecords.FinishCardForm;
import truekeen.app.finish.FinishRecords.FinishSheet;

@RestController
@RequestMapping("/api/v1")
class FinishController {
    private final FinishService finishing;
    private final BenchService bench;

    FinishController(FinishService finishing, BenchService bench) {
        this.finishing = finishing;
        this.bench = bench;
    }

    @GetMapping("/tools/{id}/finish")
    FinishSheet sheet(@PathVariable UUID id) {
        return finishing.sheet(id);
    }

    @PostMapping("/sessions/{id}/finish-card")
    SessionView close(@PathVariable UUID id, @RequestBody FinishCardForm form) {
        finishing.close(id, form);
        return bench.session(id, form.device());
    }
}
