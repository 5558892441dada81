package truekeen.app.units;

import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.platform.Form;
import truekeen.app.platform.OneOf;
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
    record UnitsForm(
            @OneOf(ShownUnits.Lengths.class) String lengths,
            @OneOf(ShownUnits.Forces.class) String forces,
            @OneOf(ShownUnits.Masses.class) String masses) {}

    @GetMapping
    UnitsView units() {
        return view();
    }

    @OwnerOnly
    @PutMapping
    UnitsView pick(@RequestBody UnitsForm in) {
        Form form = new Form();
        ShownUnits.Lengths lengths =
                form.oneOf("lengths", UnitsWords.LENGTHS.words(), in.lengths(), ShownUnits.Lengths.class);
        ShownUnits.Forces forces =
                form.oneOf("forces", UnitsWords.FORCES.words(), in.forces(), ShownUnits.Forces.class);
        ShownUnits.Masses masses =
                form.oneOf("masses", UnitsWords.MASSES.words(), in.masses(), ShownUnits.Masses.class);
        form.checks().orThrow();
        units.pick(new ShownUnits(lengths, forces, masses));
        return view();
    }

    private UnitsView view() {
        Optional<ShownUnits> picked = units.picked();
        ShownUnits now = picked.orElse(ShownUnits.METRIC);
        return new UnitsView(picked.isPresent(), now.lengths(), now.forces(), now.masses());
    }
}
