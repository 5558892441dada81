package truekeen.app.log;

import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.history.HistoryEntry;
import truekeen.app.log.LogRecords.Export;
import truekeen.app.log.LogRecords.LogCsvForm;
import truekeen.app.log.LogRecords.LogImport;
import truekeen.app.log.LogRecords.LogView;
import truekeen.app.log.LogRecords.NoteForm;
import truekeen.app.platform.Runs;

@RestController
@RequestMapping("/api/v1/tools/{id}")
class LogController {
    private final LogService log;
    private final Runs runs;

    LogController(LogService log, Runs runs) {
        this.log = log;
        this.runs = runs;
    }

    @GetMapping("/log")
    LogView log(@PathVariable UUID id, @RequestParam(defaultValue = "60") int newest) {
        return log.log(id, newest);
    }

    @GetMapping(value = "/log.csv", produces = "text/csv")
    ResponseEntity<String> csv(@PathVariable UUID id) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"log-" + id + ".csv\"")
                .body(log.csv(id));
    }

    @PostMapping("/log/import")
    LogImport read(
            @PathVariable UUID id,
            @RequestParam(required = false) UUID run,
            @RequestParam(defaultValue = "false") boolean dry,
            @RequestBody LogCsvForm form) {
        return log.read(id, form.text(), runs.begin(Optional.ofNullable(run)), dry);
    }

    @PostMapping("/log/notes")
    LogView note(@PathVariable UUID id, @RequestBody NoteForm form) {
        return log.note(id, form);
    }

    @DeleteMapping("/log/{kind}/{entryId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id, @PathVariable HistoryEntry.Kind kind, @PathVariable UUID entryId) {
        log.hide(id, kind, entryId, true);
    }

    @PostMapping("/log/{kind}/{entryId}/bring-back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void bringBack(@PathVariable UUID id, @PathVariable HistoryEntry.Kind kind, @PathVariable UUID entryId) {
        log.hide(id, kind, entryId, false);
    }

    @GetMapping("/export")
    ResponseEntity<Export> export(@PathVariable UUID id) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"tool-" + id + ".json\"")
                .body(log.export(id));
    }
}
