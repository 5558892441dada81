package truekeen.app.tool;

import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.tool.ToolRecords.AnotherForm;
import truekeen.app.tool.ToolRecords.TakeInChoices;
import truekeen.app.tool.ToolRecords.ToolForm;
import truekeen.app.tool.ToolRecords.ToolPreview;
import truekeen.app.tool.ToolRecords.ToolView;

@RestController
@RequestMapping("/api/v1")
class ToolController {
    private final ToolService tools;

    ToolController(ToolService tools) {
        this.tools = tools;
    }

    @GetMapping("/take-in/choices")
    TakeInChoices choices() {
        return tools.choices();
    }

    @PostMapping("/take-in/preview")
    ToolPreview preview(@RequestBody ToolForm form) {
        return tools.preview(form);
    }

    @PostMapping("/tools")
    ToolView takeIn(@RequestBody ToolForm form) {
        return tools.takeIn(form);
    }

    @GetMapping("/tools/{id}")
    ToolView tool(@PathVariable UUID id) {
        return tools.tool(id);
    }

    @PostMapping("/tools/{id}/another")
    ToolView another(@PathVariable UUID id, @RequestBody AnotherForm form) {
        return tools.another(id, form.name());
    }

    @PutMapping("/tools/{id}")
    ToolView change(@PathVariable UUID id, @RequestBody ToolForm form) {
        return tools.change(id, form);
    }
}
