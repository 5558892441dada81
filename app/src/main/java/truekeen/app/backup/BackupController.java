package truekeen.app.backup;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.UUID;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.InputStreamResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.backup.BackupRecords.BackupsView;
import truekeen.app.backup.BackupRecords.RestoredView;
import truekeen.app.platform.OwnerOnly;

/** Backups of the shop. */
@OwnerOnly
@RestController
@RequestMapping("/api/v1/backups")
class BackupController {
    private static final String ZIP = "application/zip";

    private final BackupService backups;

    BackupController(BackupService backups) {
        this.backups = backups;
    }

    @GetMapping
    BackupsView backups() {
        return backups.backups();
    }

    @PostMapping
    BackupsView write(@RequestParam(required = false) UUID run) {
        return backups.write(Optional.ofNullable(run));
    }

    @GetMapping(path = "/{name}", produces = ZIP)
    ResponseEntity<Resource> file(@PathVariable String name) {
        Path file = backups.file(name);
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(ZIP))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(new FileSystemResource(file));
    }

    @PostMapping(path = "/restore", consumes = ZIP)
    RestoredView restore(@RequestParam(required = false) UUID run, @RequestBody InputStreamResource sent)
            throws IOException {
        return backups.restore(sent.getInputStream(), Optional.ofNullable(run));
    }
}
