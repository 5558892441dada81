package truekeen.app.trial;

import java.util.Arrays;
import java.util.List;
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
import truekeen.app.platform.OwnerOnly;
import truekeen.app.platform.Runs;
import truekeen.app.trial.TrialRecords.AgainForm;
import truekeen.app.trial.TrialRecords.EdgeEndForm;
import truekeen.app.trial.TrialRecords.EffortForm;
import truekeen.app.trial.TrialRecords.PreparationLine;
import truekeen.app.trial.TrialRecords.QuestionView;
import truekeen.app.trial.TrialRecords.TrialChoices;
import truekeen.app.trial.TrialRecords.TrialCsvForm;
import truekeen.app.trial.TrialRecords.TrialForm;
import truekeen.app.trial.TrialRecords.TrialImport;
import truekeen.app.trial.TrialRecords.TrialLine;
import truekeen.app.trial.TrialRecords.TrialReadingForm;
import truekeen.app.trial.TrialRecords.TrialSheet;
import truekeen.app.trial.TrialRecords.UnitView;
import truekeen.core.rule.HouseRule;
import truekeen.core.trial.Question;
import truekeen.core.trial.TrialDesign;
import truekeen.core.upkeep.UseUnit;

@RestController
@RequestMapping("/api/v1/trials")
class TrialController {
    private final TrialService trials;
    private final TrialImports imports;
    private final Runs runs;

    TrialController(TrialService trials, TrialImports imports, Runs runs) {
        this.trials = trials;
        this.imports = imports;
        this.runs = runs;
    }

    @GetMapping
    List<TrialLine> all() {
        return trials.all();
    }

    @GetMapping("/choices")
    TrialChoices choices() {
        return new TrialChoices(
                Arrays.stream(Question.values())
                        .map(q -> new QuestionView(
                                q,
                                q.words(),
                                q.ways(),
                                q.rule().map(HouseRule::question).orElse("")))
                        .toList(),
                Arrays.stream(UseUnit.values())
                        .map(u -> new UnitView(u, u.words(), u.touches().get(0)))
                        .toList(),
                List.of(2, 3, TrialDesign.MOST_WAYS).stream()
                        .map(TrialDesign::leastRounds)
                        .toList());
    }

    @PostMapping
    TrialSheet begin(@RequestBody TrialForm form) {
        return trials.begin(form);
    }

    @PostMapping("/import")
    TrialImport read(
            @RequestParam(required = false) UUID run,
            @RequestParam(defaultValue = "false") boolean dry,
            @RequestBody TrialCsvForm form) {
        return imports.read(form, runs.begin(Optional.ofNullable(run)), dry);
    }

    @GetMapping("/{id}")
    TrialSheet sheet(@PathVariable UUID id) {
        return trials.sheet(id);
    }

    @GetMapping("/{id}/preparation")
    List<PreparationLine> preparation(@PathVariable UUID id) {
        return trials.preparation(id);
    }

    @GetMapping(value = "/{id}/readings.csv", produces = "text/csv")
    ResponseEntity<String> csv(@PathVariable UUID id) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"trial-" + id + ".csv\"")
                .body(trials.csv(id));
    }

    @PostMapping("/{id}/readings")
    TrialSheet read(@PathVariable UUID id, @RequestBody TrialReadingForm form) {
        return trials.read(id, form);
    }

    @PostMapping("/{id}/again")
    TrialSheet again(@PathVariable UUID id, @RequestBody AgainForm form) {
        return trials.again(id, form);
    }

    @PostMapping("/{id}/effort")
    TrialSheet effort(@PathVariable UUID id, @RequestBody EffortForm form) {
        return trials.effort(id, form);
    }

    @PostMapping("/{id}/edge-end")
    TrialSheet endEdge(@PathVariable UUID id, @RequestBody EdgeEndForm form) {
        return trials.endEdge(id, form);
    }

    @PostMapping("/{id}/uncover")
    TrialSheet uncover(@PathVariable UUID id) {
        return trials.uncover(id);
    }

    @PostMapping("/{id}/end")
    TrialSheet end(@PathVariable UUID id) {
        return trials.end(id, true);
    }

    @PostMapping("/{id}/go-on")
    TrialSheet goOn(@PathVariable UUID id) {
        return trials.end(id, false);
    }

    @PostMapping("/{id}/rule")
    TrialSheet rule(@PathVariable UUID id) {
        return trials.rule(id);
    }

    @OwnerOnly
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable UUID id) {
        trials.hide(id, true);
    }

    @PostMapping("/{id}/bring-back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void bringBack(@PathVariable UUID id) {
        trials.hide(id, false);
    }
}
