package truekeen.app.units;

import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.platform.Form;
import truekeen.app.platform.OwnerOnly;
import truekeen.core.quantity.ShownUnits;

@RestController
@RequestMapping("/api/v1/units")
class UnitsController {
    private final UnitsService units;

    UnitsController(UnitsService units) {
        this.units = units;
    }

    /**
     * The units of the shop.
     *
     * @param picked whether somebody picked them; before that they are metric
     */
    record UnitsView(boolean picked, ShownUnits.Lengths lengths, ShownUnits.Forces forces, ShownUnits.Masses masses) {}

    /** Units by their names, all three of them. */
    record UnitsForm(String lengths, String forces, String masses) {}

    @GetMapping
    UnitsView units() {
        return view();
    }

    @OwnerOnly
    @PutMapping
    UnitsView pick(@RequestBody UnitsForm in) {
        Form form = new Form();
        ShownUnits.Lengths lengths =
                choice(form, "lengths", UnitsWords.LENGTHS, in.lengths(), ShownUnits.Lengths.values());
        ShownUnits.Forces forces = choice(form, "forces", UnitsWords.FORCES, in.forces(), ShownUnits.Forces.values());
        ShownUnits.Masses masses = choice(form, "masses", UnitsWords.MASSES, in.masses(), ShownUnits.Masses.values());
        form.checks().orThrow();
        units.pick(new ShownUnits(lengths, forces, masses));
        return view();
    }

    private UnitsView view() {
        Optional<ShownUnits> picked = units.picked();
        ShownUnits now = picked.orElse(ShownUnits.METRIC);
        return new UnitsView(picked.isPresent(), now.lengths(), now.forces(), now.masses());
    }

    private static <E extends Enum<E>> E choice(Form form, String field, UnitsWords what, String given, E[] all) {
        Optional<E> found =
                Arrays.stream(all).filter(e -> e.name().equals(given)).findFirst();
        String allowed = Arrays.stream(all).map(Enum::name).collect(Collectors.joining(", "));
        return form.choice(field, what.words(), given, found, allowed);
    }
}
