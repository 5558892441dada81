package truekeen.app.balance;

import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.balance.BalanceRecords.BalanceSheet;
import truekeen.app.balance.BalanceRecords.BeamForm;
import truekeen.app.balance.BalanceRecords.BeamPreview;
import truekeen.app.balance.BalanceRecords.TakenOffForm;

@RestController
@RequestMapping("/api/v1/tools/{id}/balance")
class BalanceController {
    private final BalanceService balance;

    BalanceController(BalanceService balance) {
        this.balance = balance;
    }

    @GetMapping
    BalanceSheet sheet(@PathVariable UUID id) {
        return balance.sheet(id);
    }

    @PostMapping("/preview")
    BeamPreview preview(@PathVariable UUID id, @RequestBody BeamForm form) {
        return balance.preview(id, form);
    }

    @PostMapping("/tries")
    BalanceSheet hang(@PathVariable UUID id, @RequestBody BeamForm form) {
        return balance.hang(id, form);
    }

    @PostMapping("/taken-off")
    BalanceSheet takenOff(@PathVariable UUID id, @RequestBody TakenOffForm form) {
        return balance.takenOff(id, form);
    }
}
