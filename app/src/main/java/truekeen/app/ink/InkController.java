package truekeen.app.ink;

import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.ink.InkRecords.InkForm;
import truekeen.app.ink.InkRecords.InkView;

@RestController
@RequestMapping("/api/v1/sessions")
class InkController {
    private final InkService ink;

    InkController(InkService ink) {
        this.ink = ink;
    }

    @PostMapping("/{id}/ink")
    InkView check(@PathVariable UUID id, @RequestBody InkForm form) {
        return ink.check(id, form);
    }
}
