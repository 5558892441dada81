package truekeen.app.kit;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.kit.KitRecords.TesterForm;
import truekeen.app.kit.KitRecords.TesterView;
import truekeen.app.platform.Form;
import truekeen.core.message.Checks;
import truekeen.core.message.InWords;
import truekeen.core.quantity.QuantityReader;

/** Keeps the thread-cut testers. */
@Service
@Transactional
public class TesterService {
    private final Testers testers;

    TesterService(Testers testers) {
        this.testers = testers;
    }

    /**
     * A thread-cut tester of the shop.
     *
     * @param referenceG its own reading of a new utility blade (g)
     */
    public record Tester(String name, double referenceG) {}

    /** The tester that is read, if the shop has one. */
    @Transactional(readOnly = true)
    public Optional<Tester> first() {
        return testers.findAllByOrderByName().stream().findFirst().map(t -> new Tester(t.name, t.referenceG));
    }

    /** All of them, by name. */
    @Transactional(readOnly = true)
    List<TesterView> all() {
        return testers.findAllByOrderByName().stream()
                .map(t -> new TesterView(t.id, t.name, t.referenceG, t.version))
                .toList();
    }

    /** Adds a tester. */
    public TesterView add(TesterForm form) {
        return fill(new TesterRow(UUID.randomUUID()), form);
    }

    /** Changes a tester. */
    public TesterView change(UUID id, TesterForm form) {
        TesterRow row = testers.findById(id).orElseThrow(() -> Form.notFound("tester", id));
        Form.sameVersion(row.version, form.version());
        return fill(row, form);
    }

    private TesterView fill(TesterRow row, TesterForm form) {
        Checks checks = new Checks();
        checks.text("name", KitWords.A_NAME.words(), form.name(), true, 80);
        Double grams = checks.attempt(() -> QuantityReader.grams("reference", form.reference()));
        checks.within("reference", KitWords.REFERENCE_READING.words(), grams, 1, 5000, InWords.G);
        checks.orThrow();
        row.name = form.name().strip();
        row.referenceG = grams;
        TesterRow saved = testers.saveAndFlush(row);
        return new TesterView(saved.id, saved.name, saved.referenceG, saved.version);
    }
}
