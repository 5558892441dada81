package truekeen.app.plan;

import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.print.PrintedFile;

/** The chosen plan of a tool as a card to print. */
@RestController
@RequestMapping("/api/v1/print/tools/{id}")
class BenchCardController {
    private final BenchCards cards;

    BenchCardController(BenchCards cards) {
        this.cards = cards;
    }

    @GetMapping("/bench-card.pdf")
    ResponseEntity<byte[]> card(@PathVariable UUID id) {
        return PrintedFile.pdf(cards.of(id));
    }
}
