package truekeen.app.kit;

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
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.kit.KitRecords.AbrasiveForm;
import truekeen.app.kit.KitRecords.AbrasiveView;
import truekeen.app.kit.KitRecords.CommonKitForm;
import truekeen.app.kit.KitRecords.CommonKitView;
import truekeen.app.kit.KitRecords.CsvForm;
import truekeen.app.kit.KitRecords.GrainForm;
import truekeen.app.kit.KitRecords.GrainView;
import truekeen.app.kit.KitRecords.ImportView;
import truekeen.app.kit.KitRecords.KitActForm;
import truekeen.app.kit.KitRecords.KitCare;
import truekeen.app.kit.KitRecords.KitView;
import truekeen.app.kit.KitRecords.TesterForm;
import truekeen.app.kit.KitRecords.TesterView;
import truekeen.app.kit.KitRecords.ThicknessForm;
import truekeen.app.platform.Form;
import truekeen.app.platform.OwnerOnly;
import truekeen.app.platform.Runs;

@RestController
@RequestMapping("/api/v1/kit")
class KitController {
    private final KitService kit;
    private final TesterService testers;
    private final CommonKitService common;
    private final KitRemoval removal;
    private final Runs runs;

    KitController(KitService kit, TesterService testers, CommonKitService common, KitRemoval removal, Runs runs) {
        this.runs = runs;
        this.removal = removal;
        this.kit = kit;
        this.testers = testers;
        this.common = common;
    }

    @GetMapping
    KitView kit() {
        return kit.kit();
    }

    @GetMapping("/common")
    List<CommonKitView> common() {
        return common.all();
    }

    @PostMapping("/common")
    List<CommonKitView> addCommon(@RequestBody CommonKitForm form) {
        return common.add(form);
    }

    @PostMapping("/grain")
    GrainView grain(@RequestBody GrainForm form) {
        return kit.grain(form);
    }

    @PostMapping("/abrasives")
    AbrasiveView addAbrasive(@RequestBody AbrasiveForm form) {
        return kit.add(form);
    }

    @PutMapping("/abrasives/{id}")
    AbrasiveView changeAbrasive(@PathVariable UUID id, @RequestBody AbrasiveForm form) {
        return kit.change(id, form);
    }

    @PostMapping("/abrasives/{id}/soak")
    AbrasiveView soak(@PathVariable UUID id) {
        return kit.soak(id);
    }

    @PostMapping("/abrasives/{id}/acts")
    AbrasiveView act(@PathVariable UUID id, @RequestBody KitActForm form) {
        return kit.act(id, form);
    }

    @OwnerOnly
    @DeleteMapping("/{list}/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable String list, @PathVariable UUID id) {
        removal.delete(list(list), id);
    }

    @PostMapping("/{list}/{id}/bring-back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void bringBack(@PathVariable String list, @PathVariable UUID id) {
        removal.bringBack(list(list), id);
    }

    private static KitRemoval.KitList list(String word) {
        return KitRemoval.KitList.of(word).orElseThrow(() -> Form.notFound("list", word));
    }

    @GetMapping("/care")
    KitCare care() {
        return kit.care();
    }

    @PostMapping("/abrasives/{id}/thickness")
    KitCare measure(@PathVariable UUID id, @RequestBody ThicknessForm form) {
        kit.measure(id, form);
        return kit.care();
    }

    @GetMapping(value = "/abrasives.csv", produces = "text/csv")
    ResponseEntity<String> csv() {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"kit.csv\"")
                .body(kit.csv());
    }

    @PostMapping("/abrasives/import")
    ImportView read(
            @RequestParam(required = false) UUID run,
            @RequestParam(defaultValue = "false") boolean dry,
            @RequestBody CsvForm form) {
        return kit.read(form.text(), runs.begin(Optional.ofNullable(run)), dry);
    }

    @PostMapping("/testers")
    TesterView addTester(@RequestBody TesterForm form) {
        return testers.add(form);
    }

    @PutMapping("/testers/{id}")
    TesterView changeTester(@PathVariable UUID id, @RequestBody TesterForm form) {
        return testers.change(id, form);
    }
}
