package truekeen.app.hand;

import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.hand.HandRecords.HandView;
import truekeen.app.hand.HandRecords.JudgeForm;

@RestController
@RequestMapping("/api/v1/hand")
class HandController {
    private final HandService hands;

    HandController(HandService hands) {
        this.hands = hands;
    }

    @GetMapping
    HandView hand(@RequestParam(defaultValue = "") String person) {
        return hands.view(person);
    }

    @PostMapping("/odd/{id}")
    HandView judge(@PathVariable UUID id, @RequestBody JudgeForm form) {
        return hands.judge(id, form);
    }
}
