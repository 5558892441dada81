package truekeen.app.change;

import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.change.ChangeRecords.ChangesView;

/** What was changed of tools, kit and rules. */
@RestController
@RequestMapping("/api/v1/changes")
class ChangeController {
    private final ChangeService changes;

    ChangeController(ChangeService changes) {
        this.changes = changes;
    }

    @GetMapping
    ChangesView changes(@RequestParam(required = false) UUID tool, @RequestParam(required = false) Long before) {
        return changes.changes(Optional.ofNullable(tool), Optional.ofNullable(before));
    }
}
