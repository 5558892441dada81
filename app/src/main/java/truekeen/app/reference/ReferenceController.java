package truekeen.app.reference;

import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.platform.HarmlessTwice;
import truekeen.app.reference.ReferenceRecords.AnswerCurveView;
import truekeen.app.reference.ReferenceRecords.CalculatorView;
import truekeen.app.reference.ReferenceRecords.EntryLine;
import truekeen.app.reference.ReferenceRecords.EntryView;
import truekeen.core.reference.Calculators;

@RestController
@RequestMapping("/api/v1")
class ReferenceController {
    private final ReferenceService reference;
    private final CalculatorService calculators;

    ReferenceController(ReferenceService reference, CalculatorService calculators) {
        this.reference = reference;
        this.calculators = calculators;
    }

    @GetMapping("/reference")
    List<EntryLine> all() {
        return reference.all();
    }

    @GetMapping("/reference/{id}")
    EntryView page(@PathVariable String id) {
        return reference.page(id);
    }

    @GetMapping("/calculators")
    List<CalculatorView> calculators() {
        return Calculators.all().stream().map(ReferenceService::view).toList();
    }

    /** The answer of a calculator over one of its numbers. */
    @HarmlessTwice
    @PostMapping("/calculators/{id}/curve")
    AnswerCurveView curve(@PathVariable String id, @RequestParam String over, @RequestBody Map<String, Object> given) {
        return calculators.curve(id, over, given);
    }

    /** Any calculator by its name; each is also described at an address of its own. */
    @HarmlessTwice
    @PostMapping("/calculators/{id}")
    Map<String, Object> ask(@PathVariable String id, @RequestBody Map<String, Object> given) {
        return calculators.ask(id, given);
    }
}
