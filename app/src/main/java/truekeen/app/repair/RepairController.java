package truekeen.app.repair;

import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.repair.RepairRecords.RepairView;
import truekeen.app.repair.RepairRecords.SeenForm;
import truekeen.app.repair.RepairRecords.SeenView;

@RestController
@RequestMapping("/api/v1/tools/{id}/repair")
class RepairController {
    private final RepairService repairs;

    RepairController(RepairService repairs) {
        this.repairs = repairs;
    }

    @GetMapping
    RepairView repair(@PathVariable UUID id, @RequestParam(defaultValue = "") String by) {
        return repairs.repair(id, by);
    }

    @PostMapping("/seen")
    SeenView seen(@PathVariable UUID id, @RequestBody SeenForm form) {
        return repairs.seen(id, form);
    }
}
