package truekeen.app.angle;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Optional;
import truekeen.app.angle.AngleRecords.AngleForm;
import truekeen.app.angle.SetupRow.Restated;
import truekeen.app.platform.Form;
import truekeen.app.store.StoredFormat;
import truekeen.core.holding.SavedSetting;
import truekeen.core.holding.SetBevel;
import truekeen.core.holding.Setting;
import truekeen.core.quantity.Angle;

/** How the JSON columns of set-ups are kept. */
final class SetupStore {
    /** What is set for each bevel. Before versions were kept, bevel and unit were words: "primary", "mm". */
    static final StoredFormat<StoredSettings, List<SavedSetting>> SETTINGS = StoredFormat.of(
            "setup.settings",
            StoredSettings.class,
            s -> s.items().stream().map(StoredSetting::toCore).toList(),
            settings ->
                    new StoredSettings(settings.stream().map(StoredSetting::of).toList()),
            SetupStore::codesForWords);

    /** What changed the settings since the set-up was saved, oldest first. */
    static final StoredFormat<StoredNotes, List<Restated>> RESTATED = StoredFormat.of(
            "setup.restated",
            StoredNotes.class,
            s -> s.items().stream()
                    .map(n -> new Restated(java.time.Instant.parse(n.at), n.because, n.change))
                    .toList(),
            notes -> new StoredNotes(notes.stream()
                    .map(n -> new StoredNote(n.at().toString(), n.because(), n.change()))
                    .toList()),
            StoredFormat::bareList);

    /** The set-up as it was typed. */
    static final StoredFormat<StoredForm, AngleForm> TYPED =
            StoredFormat.of("setup.typed", StoredForm.class, StoredForm::toForm, StoredForm::of, StoredFormat::asItWas);

    private SetupStore() {}

    private static JsonNode codesForWords(JsonNode old) {
        JsonNode list = StoredFormat.bareList(old);
        for (JsonNode item : list.path(StoredFormat.ITEMS)) {
            ObjectNode setting = (ObjectNode) item;
            setting.put("bevel", bevel(setting.path("bevel").asText()).name());
            setting.put("label", setting.path("name").asText());
            setting.put("unit", setting.path("unit").asText().equals("mm") ? "MM" : "DEGREES");
        }
        return list;
    }

    private static SetBevel bevel(String words) {
        for (SetBevel bevel : SetBevel.values()) {
            if (bevel.words().equals(words)) {
                return bevel;
            }
        }
        throw new IllegalArgumentException("no bevel called " + words);
    }

    record StoredSettings(List<StoredSetting> items) {}

    record StoredSetting(
            String bevel,
            double angleDeg,
            String label,
            String unit,
            double value,
            String where,
            StoredScheme.Drawing scheme) {
        static StoredSetting of(SavedSetting s) {
            return new StoredSetting(
                    s.bevel().name(),
                    s.angle().degrees(),
                    s.label(),
                    s.unit().name(),
                    s.value(),
                    s.where(),
                    s.scheme().map(StoredScheme::of).orElse(null));
        }

        SavedSetting toCore() {
            return new SavedSetting(
                    SetBevel.valueOf(bevel),
                    Angle.ofDegrees(angleDeg),
                    label,
                    Setting.Unit.valueOf(unit),
                    value,
                    Form.orEmpty(where),
                    Optional.ofNullable(scheme).map(StoredScheme::toCore));
        }
    }

    record StoredNote(String at, String because, String change) {}

    record StoredNotes(List<StoredNote> items) {}

    /** An angle form; what older forms did not ask for is missing and reads as left empty. */
    record StoredForm(
            String trade,
            String primary,
            String last,
            String backBevel,
            String ruleThickness,
            String ruleReach,
            String wheelDiameter,
            String camber,
            String shaving,
            String strokes,
            String otherPrimary,
            String otherLast,
            String holderId,
            String standsAt,
            String name) {
        static StoredForm of(AngleForm f) {
            return new StoredForm(
                    f.trade(),
                    f.primary(),
                    f.last(),
                    f.backBevel(),
                    f.ruleThickness(),
                    f.ruleReach(),
                    f.wheelDiameter(),
                    f.camber(),
                    f.shaving(),
                    f.strokes(),
                    f.otherPrimary(),
                    f.otherLast(),
                    f.holderId(),
                    f.standsAt(),
                    f.name());
        }

        AngleForm toForm() {
            return new AngleForm(
                    Form.orEmpty(trade),
                    Form.orEmpty(primary),
                    Form.orEmpty(last),
                    Form.orEmpty(backBevel),
                    Form.orEmpty(ruleThickness),
                    Form.orEmpty(ruleReach),
                    Form.orEmpty(wheelDiameter),
                    Form.orEmpty(camber),
                    Form.orEmpty(shaving),
                    Form.orEmpty(strokes),
                    Form.orEmpty(otherPrimary),
                    Form.orEmpty(otherLast),
                    Form.orEmpty(holderId),
                    Form.orEmpty(standsAt),
                    Form.orEmpty(name),
                    0);
        }
    }
}
