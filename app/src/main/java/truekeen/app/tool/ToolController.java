package truekeen.app.tool;

import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.platform.Runs;
import truekeen.app.tool.ToolRecords.AnotherForm;
import truekeen.app.tool.ToolRecords.TakeInChoices;
import truekeen.app.tool.ToolRecords.ToolCsvForm;
import truekeen.app.tool.ToolRecords.ToolForm;
import truekeen.app.tool.ToolRecords.ToolImport;
import truekeen.app.tool.ToolRecords.ToolPreview;
import truekeen.app.tool.ToolRecords.ToolView;

@RestController
@RequestMapping("/api/v1")
class ToolController {
    private final ToolService tools;
    private final ToolList list;
    private final Runs runs;

    ToolController(ToolService tools, ToolList list, Runs runs) {
        this.tools = tools;
        this.list = list;
        this.runs = runs;
    }

    @GetMapping(value = "/tools.csv", produces = "text/csv")
    ResponseEntity<String> csv() {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"tools.csv\"")
                .body(list.csv());
    }

    @PostMapping("/tools/import")
    ToolImport read(
            @RequestParam(required = false) UUID run,
            @RequestParam(defaultValue = "false") boolean dry,
            @RequestBody ToolCsvForm form) {
        return list.read(form.text(), runs.begin(Optional.ofNullable(run)), dry);
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
