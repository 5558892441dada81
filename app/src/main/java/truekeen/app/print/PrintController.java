package truekeen.app.print;

import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;
import truekeen.core.template.Page;

/** Files to print, cut or make; asked for by plain links. */
@RestController
@RequestMapping("/api/v1/print")
class PrintController {
    private static final MediaType SVG = MediaType.valueOf("image/svg+xml");
    private static final MediaType STL = MediaType.valueOf("model/stl");

    private final PrintService prints;
    private final LabelService labels;

    PrintController(PrintService prints, LabelService labels) {
        this.prints = prints;
        this.labels = labels;
    }

    @GetMapping("/stop-board.pdf")
    ResponseEntity<byte[]> stopBoard(
            @RequestParam UUID holder, @RequestParam String angles, @RequestParam(defaultValue = "") String thickness) {
        return pdf(prints.stopBoard(holder, angles, thickness));
    }

    @GetMapping("/stop-board.svg")
    ResponseEntity<byte[]> stopBoardDrawing(
            @RequestParam UUID holder, @RequestParam String angles, @RequestParam(defaultValue = "") String thickness) {
        return svg(prints.stopBoard(holder, angles, thickness));
    }

    @GetMapping("/wedges.pdf")
    ResponseEntity<byte[]> wedges(@RequestParam String angles) {
        return pdf(prints.wedges(angles));
    }

    @GetMapping("/wedges.svg")
    ResponseEntity<byte[]> wedgesDrawing(@RequestParam String angles) {
        return svg(prints.wedges(angles));
    }

    @GetMapping("/wedge.stl")
    ResponseEntity<byte[]> wedge(@RequestParam String angle) {
        return PrintedFile.of("wedge.stl", STL, prints.wedgeBlock(angle));
    }

    @GetMapping("/protractor.pdf")
    ResponseEntity<byte[]> protractor(@RequestParam(defaultValue = "") String angles) {
        return pdf(prints.protractor(angles));
    }

    @GetMapping("/labels.pdf")
    ResponseEntity<byte[]> labels(HttpServletRequest request) {
        return pdf(labels.labels(base(request)));
    }

    @GetMapping("/tools/{id}/label.pdf")
    ResponseEntity<byte[]> label(@PathVariable UUID id, HttpServletRequest request) {
        return pdf(labels.label(id, base(request)));
    }

    /** The address that the person who asks reaches this service at. */
    private static String base(HttpServletRequest request) {
        return ServletUriComponentsBuilder.fromContextPath(request).build().toUriString();
    }

    @GetMapping("/tools/{id}/camber.pdf")
    ResponseEntity<byte[]> camber(@PathVariable UUID id) {
        return pdf(prints.camber(id));
    }

    @GetMapping("/tools/{id}/reject-tag.pdf")
    ResponseEntity<byte[]> rejectTag(@PathVariable UUID id) {
        return pdf(prints.rejectTag(id));
    }

    @GetMapping("/setups/{id}/card.pdf")
    ResponseEntity<byte[]> card(@PathVariable UUID id) {
        return pdf(prints.setupCard(id));
    }

    private static ResponseEntity<byte[]> pdf(List<Page> pages) {
        return PrintedFile.pdf(pages);
    }

    /** The first page: a drawing is one sheet. */
    private static ResponseEntity<byte[]> svg(List<Page> pages) {
        return PrintedFile.of(
                pages.get(0).name() + ".svg", SVG, SvgPage.write(pages.get(0)).getBytes(StandardCharsets.UTF_8));
    }
}
