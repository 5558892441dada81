package truekeen.app.shop;

import java.util.List;
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
import truekeen.app.platform.OwnerOnly;

@RestController
@RequestMapping("/api/v1")
class ShopController {
    private final ShopService shop;
    private final PeopleList people;

    ShopController(ShopService shop, PeopleList people) {
        this.shop = shop;
        this.people = people;
    }

    record NewName(String name) {}

    @GetMapping("/crews")
    List<ShopService.Named> crews() {
        return shop.crews();
    }

    @PostMapping("/crews")
    ShopService.Named addCrew(@RequestBody NewName body) {
        return shop.addCrew(body.name());
    }

    @OwnerOnly
    @PutMapping("/crews/{id}")
    ShopService.Named renameCrew(@PathVariable UUID id, @RequestBody NewName body) {
        return shop.renameCrew(id, body.name());
    }

    @OwnerOnly
    @PutMapping("/people/{id}")
    ShopService.Named renamePerson(@PathVariable UUID id, @RequestBody NewName body) {
        return shop.renamePerson(id, body.name());
    }

    @OwnerOnly
    @DeleteMapping("/people/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void removePerson(@PathVariable UUID id) {
        shop.removePerson(id);
    }

    /** People of a list to read in: one column, name. */
    record PeopleCsvForm(String text) {}

    @GetMapping(value = "/people.csv", produces = "text/csv")
    ResponseEntity<String> peopleList() {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"people.csv\"")
                .body(people.csv());
    }

    @PostMapping("/people/import")
    PeopleList.PeopleImport readPeople(
            @RequestParam(defaultValue = "false") boolean dry, @RequestBody PeopleCsvForm form) {
        return people.read(form.text(), dry);
    }

    @GetMapping("/people")
    List<ShopService.Named> people() {
        return shop.people();
    }

    @PostMapping("/people")
    ShopService.Named addPerson(@RequestBody NewName body) {
        return shop.addPerson(body.name());
    }
}
