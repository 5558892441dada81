package truekeen.app.kit;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import truekeen.app.kit.KitRecords.AbrasiveForm;
import truekeen.app.platform.Form;
import truekeen.core.grit.GrainSize;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;

/** A stone with two sides: one piece with two faces, each on the shelf by itself, in the water and in the frost together. */
@Component
class TwoSides {
    private final Abrasives abrasives;

    TwoSides(Abrasives abrasives) {
        this.abrasives = abrasives;
    }

    /** Joins a face with the other one that its form names, or that its form asks for to be made. */
    void join(AbrasiveRow face, AbrasiveForm form) {
        if (!Form.blank(form.otherSideGrit()) && face.otherSide == null) {
            second(face, form);
            return;
        }
        if (Form.blank(form.otherSide())) {
            if (form.otherSide() != null) {
                part(face);
            }
            return;
        }
        AbrasiveRow other = named(face, form.otherSide());
        if (other.id.equals(face.otherSide)) {
            return;
        }
        part(face);
        part(other);
        pair(face, other);
    }

    /** What happens to both faces at once. */
    void both(AbrasiveRow face) {
        other(face).ifPresent(o -> {
            o.soakingSince = face.soakingSince;
            o.frozen = face.frozen;
            o.oilInside = face.oilInside;
            abrasives.save(o);
        });
    }

    private Optional<AbrasiveRow> other(AbrasiveRow face) {
        return face.otherSide == null ? Optional.empty() : abrasives.findById(face.otherSide);
    }

    private void part(AbrasiveRow face) {
        other(face).ifPresent(o -> {
            o.otherSide = null;
            abrasives.save(o);
        });
        face.otherSide = null;
    }

    private void pair(AbrasiveRow one, AbrasiveRow other) {
        one.otherSide = other.id;
        other.otherSide = one.id;
        abrasives.save(other);
    }

    private AbrasiveRow named(AbrasiveRow face, String name) {
        List<AbrasiveRow> shelf = abrasives.findAllByOrderByShelfOrder();
        return shelf.stream()
                .filter(a -> a.name.equals(name.strip()) && !a.id.equals(face.id))
                .findFirst()
                .orElseThrow(() -> new RefusedException(Refusal.of(MessageCode.UNKNOWN_CHOICE, "otherSide", name)
                        .with(
                                "allowed",
                                shelf.stream()
                                        .filter(a -> !a.id.equals(face.id))
                                        .map(a -> a.name)
                                        .collect(Collectors.joining(", ")))));
    }

    /** The second face, as the first but for its grain. Both names say which face it is. */
    private void second(AbrasiveRow face, AbrasiveForm form) {
        String grit = form.otherSideGrit().strip();
        String name = face.name;
        Form reading = new Form();
        GrainSize size = AbrasiveReader.size(reading, form.gritStandard(), grit, "");
        if (!reading.checks().clean()) {
            throw new RefusedException(reading.checks().refusals()).at("otherSideGrit");
        }
        String longest = KitWords.SIDE_OF.fill(
                "piece", name, "grit", grit.length() > face.gritName.length() ? grit : face.gritName);
        reading.checks().text("name", KitWords.A_NAME.words(), longest, true, 80);
        reading.checks().orThrow();
        AbrasiveRow other = new AbrasiveRow(UUID.randomUUID(), (int) abrasives.count());
        other.name = KitWords.SIDE_OF.fill("piece", name, "grit", grit);
        other.kind = face.kind;
        other.gritStandard = face.gritStandard;
        other.gritName = grit;
        other.d50Um = size.d50Um();
        other.grainEvidence = size.evidence();
        other.grainClass = face.grainClass;
        other.shape = face.shape;
        other.lubricant = face.lubricant;
        other.flat = true;
        other.lappable = face.lappable;
        other.soaks = face.soaks;
        other.soakingSince = face.soakingSince;
        other.frozen = face.frozen;
        other.oilInside = face.oilInside;
        other.lengthMm = face.lengthMm;
        other.lengthTyped = face.lengthTyped;
        face.name = KitWords.SIDE_OF.fill("piece", name, "grit", face.gritName);
        pair(face, other);
    }
}
