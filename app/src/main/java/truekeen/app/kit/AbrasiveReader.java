package truekeen.app.kit;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import truekeen.app.kit.KitRecords.AbrasiveForm;
import truekeen.app.platform.Form;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveClass;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.abrasive.Lubricant;
import truekeen.core.grit.GrainSize;
import truekeen.core.grit.GritStandard;
import truekeen.core.grit.GritTable;
import truekeen.core.message.Checks;
import truekeen.core.message.InWords;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.quantity.Length;
import truekeen.core.quantity.QuantityReader;

/** Reads what is typed for an abrasive. Nothing of a row is changed before all of it could be read. */
final class AbrasiveReader {
    private AbrasiveReader() {}

    static void fill(AbrasiveRow row, AbrasiveForm form) {
        Form reading = new Form();
        Checks checks = reading.checks();
        checks.text("name", KitWords.A_NAME.words(), form.name(), true, 80);
        AbrasiveKind kind = reading.choice(
                "kind",
                KitWords.A_KIND.words(),
                form.kind(),
                AbrasiveKind.byKey(Form.orEmpty(form.kind())),
                Arrays.stream(AbrasiveKind.values()).map(AbrasiveKind::key).collect(Collectors.joining(", ")));
        Abrasive.Shape shape = reading.oneOf("shape", KitWords.A_SHAPE.words(), form.shape(), Abrasive.Shape.class);
        GrainSize size = bare(kind)
                ? new GrainSize(0, GrainSize.Evidence.MAKER)
                : size(reading, form.gritStandard(), form.gritName(), form.makerUm());
        checks.text("gritName", KitWords.GRIT_NAME.words(), form.gritName(), false, 20);
        checks.text("gritStandard", KitWords.GRIT_STANDARD.words(), form.gritStandard(), false, 16);
        checks.within(
                "strokesSinceLapped", KitWords.COUNT_OF_STROKES.words(), form.strokesSinceLapped(), 0, 1_000_000, "");
        if (kind != null && !lubricants(kind).contains(Form.orEmpty(form.lubricant()))) {
            checks.refuse(Refusal.of(MessageCode.UNKNOWN_CHOICE, "lubricant", form.lubricant())
                    .with("allowed", String.join(", ", lubricants(kind))));
        }
        Abrasive.Firmness firmness = oneOrUsual(checks, "firmness", Abrasive.Firmness.values(), form.firmness());
        Abrasive.Slurry slurry = oneOrUsual(checks, "slurry", Abrasive.Slurry.values(), form.slurry());
        Optional<Length> length = reading.lengthIfAny("length", form.length());
        checks.within(
                "length",
                KitWords.A_LENGTH.words(),
                length.map(Length::mm).orElse(null),
                shape != null && shape.inHand() ? 30 : 80,
                600,
                InWords.MM);
        Double worn = Form.blank(form.worn())
                ? (Double) 0.0
                : checks.attempt(() -> QuantityReader.number("worn", form.worn(), "%"));
        checks.within("worn", "Wear", worn, 0, 100, " %");
        Double finest = grain(checks, "lapsFinest", form.lapsFinest());
        Double coarsest = grain(checks, "lapsCoarsest", form.lapsCoarsest());
        if (finest != null && coarsest != null && finest > coarsest) {
            checks.refuse(Refusal.of(MessageCode.OUT_OF_RANGE, "lapsFinest", form.lapsFinest())
                    .with("what", KitWords.FINEST_GRAIN.words())
                    .with("low", KitWords.MORE_THAN_NOTHING.words())
                    .with("high", form.lapsCoarsest()));
        }
        AbrasiveClass grainClass = grainClass(row, kind, checks, form.grain());
        checks.orThrow();
        row.name = form.name().strip();
        row.kind = kind.key();
        row.gritStandard = Form.orEmpty(form.gritStandard());
        row.gritName = Form.orEmpty(form.gritName()).strip();
        row.makerUm = size.evidence() == GrainSize.Evidence.MAKER && !bare(kind) ? (Double) size.d50Um() : null;
        row.d50Um = size.d50Um();
        row.grainEvidence = size.evidence();
        row.grainClass = grainClass;
        row.shape = shape;
        row.lubricant = form.lubricant();
        row.flat = form.flat();
        row.strokesSinceLapped = form.strokesSinceLapped();
        row.lappable = form.lappable();
        row.soaks = form.soaks() && kind.soakMinutes() > 0;
        row.retired = form.retired();
        row.frozen = form.frozen();
        row.firmness = firmness;
        row.favourite = form.favourite();
        row.slurry = slurry;
        row.lengthMm = length.map(Length::mm).orElse(null);
        row.lengthTyped = Form.orEmpty(form.length()).strip();
        row.glazed = form.glazed();
        row.oilInside = form.oilInside() || row.oiled();
        row.worn = worn / 100;
        row.laps = form.laps();
        row.lapsFinestUm = finest;
        row.lapsCoarsestUm = coarsest;
        row.nicked = form.nicked();
        if (row.flat) {
            row.dishMm = null;
        }
    }

    /** The class of its grain: what was picked where the kind leaves it open, else what it was, or its kind's own. */
    private static AbrasiveClass grainClass(AbrasiveRow row, AbrasiveKind kind, Checks checks, String picked) {
        if (kind == null || !kind.has(AbrasiveKind.Trait.EITHER_GRAIN)) {
            return kind == null ? null : kind.grain();
        }
        if (Form.blank(picked)) {
            return kind.key().equals(row.kind) && row.grainClass != null ? row.grainClass : kind.grain();
        }
        Optional<AbrasiveClass> found = oneOf(AbrasiveClass.values(), picked).filter(c -> c != AbrasiveClass.NONE);
        checks.require(found.isPresent(), () -> Refusal.of(MessageCode.UNKNOWN_CHOICE, "grain", picked)
                .with("allowed", AbrasiveClass.OXIDE + ", " + AbrasiveClass.SUPER));
        return found.orElse(null);
    }

    private static Double grain(Checks checks, String field, String typed) {
        if (Form.blank(typed)) {
            return null;
        }
        Double um = checks.attempt(() -> QuantityReader.number(field, typed.replace("um", "µm"), "µm"));
        checks.within(field, KitWords.A_GRAIN.words(), um, 0.01, 3000, " µm");
        return um;
    }

    private static <E extends Enum<E>> E oneOrUsual(Checks checks, String field, E[] values, String name) {
        Optional<E> found = Form.blank(name) ? Optional.of(values[0]) : oneOf(values, name);
        if (found.isEmpty()) {
            checks.refuse(Refusal.of(MessageCode.UNKNOWN_CHOICE, field, name).with("allowed", Arrays.toString(values)));
        }
        return found.orElse(null);
    }

    private static boolean bare(AbrasiveKind kind) {
        return kind != null && kind.grain() == AbrasiveClass.NONE;
    }

    static GrainSize size(Form reading, String standard, String name, String makerUm) {
        if (!Form.blank(makerUm)) {
            return reading.checks().attempt(() -> GritTable.fromMaker("makerUm", makerUm));
        }
        GritStandard known = reading.choice(
                "gritStandard",
                KitWords.GRIT_STANDARD.words(),
                standard,
                GritStandard.byKey(Form.orEmpty(standard)),
                Arrays.stream(GritStandard.values()).map(GritStandard::key).collect(Collectors.joining(", ")));
        return known == null ? null : reading.checks().attempt(() -> GritTable.grain("gritName", known, name));
    }

    private static <E extends Enum<E>> Optional<E> oneOf(E[] values, String name) {
        return Arrays.stream(values).filter(v -> v.name().equals(name)).findFirst();
    }

    private static List<String> lubricants(AbrasiveKind kind) {
        return kind.lubricants().stream().map(Lubricant::key).toList();
    }
}
