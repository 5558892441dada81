package truekeen.app.platform;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is served here. */
@RestController
@RequestMapping("/api/v1/installation")
class InstallationController {
    private final Settings settings;

    InstallationController(Settings settings) {
        this.settings = settings;
    }

    /**
     * What is served here.
     *
     * @param demonstration whether it is the made-up demonstration, and not a shop's own records
     */
    record InstallationView(boolean demonstration) {}

    @GetMapping
    InstallationView installation() {
        return new InstallationView(settings.demo());
    }
}
