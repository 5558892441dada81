package truekeen.app.shop;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/v1")
class ShopController {
    private final ShopService shop;

    ShopController(ShopService shop) {
        this.shop = shop;
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

    @GetMapping("/people")
    List<ShopService.Named> people() {
        return shop.people();
    }

    @PostMapping("/people")
    ShopService.Named addPerson(@RequestBody NewName body) {
        return shop.addPerson(body.name());
    }
}
