package truekeen.app.plan;

import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.print.PrintedFiles;

/** The chosen plan of a tool as a card to print. */
@RestController
@RequestMapping("/api/v1/print/tools/{id}")
class BenchCardController {
    private final BenchCards cards;
    private final PrintedFiles files;

    BenchCardController(BenchCards cards, PrintedFiles files) {
        this.files = files;
        this.cards = cards;
    }

    @GetMapping("/bench-card.pdf")
    ResponseEntity<byte[]> card(@PathVariable UUID id) {
        return files.pdf(cards.of(id));
    }
}
