package truekeen.app.print;

import jakarta.servlet.http.HttpServletRequest;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Files to print, cut or make; asked for by plain links. */
@RestController
@RequestMapping("/api/v1/print")
class PrintController {
    private static final MediaType STL = MediaType.valueOf("model/stl");

    private final PrintService prints;
    private final LabelService labels;
    private final PrintedFiles files;

    PrintController(PrintService prints, LabelService labels, PrintedFiles files) {
        this.files = files;
        this.prints = prints;
        this.labels = labels;
    }

    @GetMapping("/stop-board.pdf")
    ResponseEntity<byte[]> stopBoard(
            @RequestParam UUID holder, @RequestParam String angles, @RequestParam(defaultValue = "") String thickness) {
        return files.pdf(prints.stopBoard(holder, angles, thickness));
    }

    @GetMapping("/stop-board.svg")
    ResponseEntity<byte[]> stopBoardDrawing(
            @RequestParam UUID holder, @RequestParam String angles, @RequestParam(defaultValue = "") String thickness) {
        return files.svg(prints.stopBoard(holder, angles, thickness));
    }

    @GetMapping("/wedges.pdf")
    ResponseEntity<byte[]> wedges(@RequestParam String angles) {
        return files.pdf(prints.wedges(angles));
    }

    @GetMapping("/wedges.svg")
    ResponseEntity<byte[]> wedgesDrawing(@RequestParam String angles) {
        return files.svg(prints.wedges(angles));
    }

    @GetMapping("/wedge.stl")
    ResponseEntity<byte[]> wedge(@RequestParam String angle) {
        return PrintedFiles.of("wedge.stl", STL, prints.wedgeBlock(angle));
    }

    @GetMapping("/protractor.pdf")
    ResponseEntity<byte[]> protractor(@RequestParam(defaultValue = "") String angles) {
        return files.pdf(prints.protractor(angles));
    }

    @GetMapping("/labels.pdf")
    ResponseEntity<byte[]> labels(HttpServletRequest request) {
        return files.pdf(labels.labels(base(request)));
    }

    @GetMapping("/tools/{id}/label.pdf")
    ResponseEntity<byte[]> label(@PathVariable UUID id, HttpServletRequest request) {
        return files.pdf(labels.label(id, base(request)));
    }

    @GetMapping("/tools/{id}/ticket.pdf")
    ResponseEntity<byte[]> ticket(@PathVariable UUID id, HttpServletRequest request) {
        return files.pdf(labels.ticket(id, base(request)));
    }

    /** The address that the person who asks reaches this service at. */
    private static String base(HttpServletRequest request) {
        return ServletUriComponentsBuilder.fromContextPath(request).build().toUriString();
    }

    @GetMapping("/tools/{id}/camber.pdf")
    ResponseEntity<byte[]> camber(@PathVariable UUID id) {
        return files.pdf(prints.camber(id));
    }

    @GetMapping("/tools/{id}/reject-tag.pdf")
    ResponseEntity<byte[]> rejectTag(@PathVariable UUID id) {
        return files.pdf(prints.rejectTag(id));
    }

    @GetMapping("/setups/{id}/card.pdf")
    ResponseEntity<byte[]> card(@PathVariable UUID id) {
        return files.pdf(prints.setupCard(id));
    }
}
