package truekeen.app.platform;

import java.util.UUID;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How far long work is, and the way to stop it. */
@RestController
@RequestMapping("/api/v1/runs/{id}")
class RunsController {
    private final Runs runs;

    RunsController(Runs runs) {
        this.runs = runs;
    }

    @GetMapping
    Runs.Far far(@PathVariable UUID id) {
        return runs.far(id);
    }

    @DeleteMapping
    Runs.Far stop(@PathVariable UUID id) {
        return runs.stop(id);
    }
}
