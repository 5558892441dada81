package truekeen.app.repair;

import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.repair.RepairRecords.DecisionForm;
import truekeen.app.repair.RepairRecords.RepairView;
import truekeen.app.repair.RepairRecords.SeenForm;
import truekeen.app.repair.RepairRecords.SeenView;
import truekeen.app.repair.RepairRecords.SignView;
import truekeen.core.repair.Caution;

@RestController
@RequestMapping("/api/v1")
class RepairController {
    private final RepairService repairs;

    RepairController(RepairService repairs) {
        this.repairs = repairs;
    }

    @GetMapping("/tools/{id}/repair")
    RepairView repair(@PathVariable UUID id, @RequestParam(defaultValue = "") String by) {
        return repairs.repair(id, by);
    }

    @PutMapping("/tools/{id}/repair/decision")
    RepairView decide(@PathVariable UUID id, @RequestBody DecisionForm form) {
        return repairs.decide(id, form);
    }

    @PostMapping("/tools/{id}/repair/seen")
    SeenView seen(@PathVariable UUID id, @RequestBody SeenForm form) {
        return repairs.seen(id, form);
    }

    @GetMapping("/wheel-signs")
    List<SignView> signs() {
        return RepairService.signs();
    }

    @GetMapping("/cautions")
    List<String> cautions() {
        return Arrays.stream(Caution.values()).map(Caution::words).toList();
    }
}
