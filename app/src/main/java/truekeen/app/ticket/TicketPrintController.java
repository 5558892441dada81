package truekeen.app.ticket;

import jakarta.servlet.http.HttpServletRequest;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;
import truekeen.app.print.PrintedFiles;

/** What is printed of a ticket; asked for by plain links. */
@RestController
@RequestMapping("/api/v1/print/tickets/{id}")
class TicketPrintController {
    private final TicketPrints prints;
    private final DoneCards cards;
    private final PrintedFiles files;

    TicketPrintController(TicketPrints prints, DoneCards cards, PrintedFiles files) {
        this.prints = prints;
        this.cards = cards;
        this.files = files;
    }

    @GetMapping("/labels.pdf")
    ResponseEntity<byte[]> labels(@PathVariable UUID id, HttpServletRequest request) {
        return files.pdf(prints.labels(id, base(request)));
    }

    @GetMapping("/receipt.pdf")
    ResponseEntity<byte[]> receipt(@PathVariable UUID id, HttpServletRequest request) {
        return files.pdf(prints.receipt(id, base(request)));
    }

    @GetMapping("/things/{tool}/card.pdf")
    ResponseEntity<byte[]> card(@PathVariable UUID id, @PathVariable UUID tool, HttpServletRequest request) {
        return files.pdf(cards.of(id, tool, base(request)));
    }

    /** The address that the person who asks reaches this service at. */
    private static String base(HttpServletRequest request) {
        return ServletUriComponentsBuilder.fromContextPath(request).build().toUriString();
    }
}
