package truekeen.app.kit;

import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.kit.KitRecords.AbrasiveForm;
import truekeen.app.kit.KitRecords.AbrasiveView;
import truekeen.app.kit.KitRecords.GrainForm;
import truekeen.app.kit.KitRecords.GrainView;
import truekeen.app.kit.KitRecords.KindView;
import truekeen.app.kit.KitRecords.KitView;
import truekeen.app.kit.KitRecords.StandardView;
import truekeen.app.kit.KitRecords.TesterForm;
import truekeen.app.kit.KitRecords.TesterView;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveClass;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.abrasive.AbrasiveKinds;
import truekeen.core.grit.GrainSize;
import truekeen.core.grit.GritStandard;
import truekeen.core.grit.GritTable;
import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.quantity.QuantityReader;

/** Keeps the kit and hands it to the core. */
@Service
@Transactional
public class KitService {
    private final Abrasives abrasives;
    private final HolderService holders;
    private final WheelService wheels;
    private final Testers testers;
    private final BenchClock clock;

    KitService(Abrasives abrasives, HolderService holders, WheelService wheels, Testers testers, BenchClock clock) {
        this.abrasives = abrasives;
        this.holders = holders;
        this.wheels = wheels;
        this.testers = testers;
        this.clock = clock;
    }

    /** Everything owned, with what there is to choose from. */
    @Transactional(readOnly = true)
    public KitView kit() {
        return new KitView(
                abrasives.findAllByOrderByShelfOrder().stream().map(this::view).toList(),
                holders.all(),
                HolderService.kinds(),
                wheels.all(),
                WheelService.kinds(),
                testers(),
                AbrasiveKinds.all().stream()
                        .map(k -> new KindView(k.name(), k.use().name(), k.lubricants(), k.soakMinutes()))
                        .toList(),
                Arrays.stream(GritStandard.values())
                        .map(s -> new StandardView(s.key(), s.meaning(), s.source(), s.prefix()))
                        .toList());
    }

    /** The shelf as the core knows it, in its own order, as it stands now. */
    @Transactional(readOnly = true)
    public List<Abrasive> shelf() {
        Instant now = clock.instant();
        return abrasives.findAllByOrderByShelfOrder().stream()
                .map(a -> a.toCore(now))
                .toList();
    }

    /** All testers. */
    @Transactional(readOnly = true)
    public List<TesterView> testers() {
        return testers.findAllByOrderByName().stream()
                .map(t -> new TesterView(t.id, t.name, t.referenceG, t.version))
                .toList();
    }

    /** What a grit name means. */
    public GrainView grain(GrainForm form) {
        Form reading = new Form();
        GrainSize size = size(reading, form.gritStandard(), form.gritName(), form.makerUm());
        reading.checks().orThrow();
        return new GrainView(size.d50Um(), size.evidence().name(), words(size));
    }

    /** Adds an abrasive at the end of the shelf. */
    public AbrasiveView add(AbrasiveForm form) {
        AbrasiveRow row = new AbrasiveRow(UUID.randomUUID(), (int) abrasives.count());
        fill(row, form);
        return view(abrasives.save(row));
    }

    /** Changes an abrasive. */
    public AbrasiveView change(UUID id, AbrasiveForm form) {
        AbrasiveRow row = abrasives.findById(id).orElseThrow(() -> Form.notFound("abrasive", id));
        Form.sameVersion(row.version, form.version());
        fill(row, form);
        return view(abrasives.saveAndFlush(row));
    }

    /** Puts a stone that soaks into the water now. */
    public AbrasiveView soak(UUID id) {
        AbrasiveRow row = abrasives.findById(id).orElseThrow(() -> Form.notFound("abrasive", id));
        row.soakingSince = clock.instant();
        return view(abrasives.saveAndFlush(row));
    }

    /** Adds strokes that were done on abrasives since they were lapped, by id. */
    public void countStrokes(Map<UUID, Integer> strokes) {
        abrasives.findAllById(strokes.keySet()).forEach(a -> a.strokesSinceLapped += strokes.get(a.id));
    }

    /** Adds a tester. */
    public TesterView addTester(TesterForm form) {
        return fill(new TesterRow(UUID.randomUUID()), form);
    }

    /** Changes a tester. */
    public TesterView changeTester(UUID id, TesterForm form) {
        TesterRow row = testers.findById(id).orElseThrow(() -> Form.notFound("tester", id));
        Form.sameVersion(row.version, form.version());
        return fill(row, form);
    }

    private TesterView fill(TesterRow row, TesterForm form) {
        Checks checks = new Checks();
        checks.text("name", "A name", form.name(), true, 80);
        Double grams = checks.attempt(() -> QuantityReader.number("reference", form.reference(), "g"));
        checks.within("reference", "A reference reading", grams, 1, 5000, " g");
        checks.orThrow();
        row.name = form.name().strip();
        row.referenceG = grams;
        TesterRow saved = testers.saveAndFlush(row);
        return new TesterView(saved.id, saved.name, saved.referenceG, saved.version);
    }

    private static void fill(AbrasiveRow row, AbrasiveForm form) {
        Form reading = new Form();
        Checks checks = reading.checks();
        checks.text("name", "A name", form.name(), true, 80);
        AbrasiveKind kind = reading.choice(
                "kind",
                "A kind",
                form.kind(),
                AbrasiveKinds.byName(Form.orEmpty(form.kind())),
                AbrasiveKinds.all().stream().map(AbrasiveKind::name).collect(Collectors.joining(", ")));
        Abrasive.Shape shape = reading.choice(
                "shape",
                "A shape",
                form.shape(),
                oneOf(Abrasive.Shape.values(), form.shape()),
                Arrays.toString(Abrasive.Shape.values()));
        GrainSize size = bare(kind)
                ? new GrainSize(0, GrainSize.Evidence.MAKER)
                : size(reading, form.gritStandard(), form.gritName(), form.makerUm());
        checks.text("gritName", "A grit name", form.gritName(), false, 20);
        checks.text("gritStandard", "A grit standard", form.gritStandard(), false, 16);
        checks.within("strokesSinceLapped", "A count of strokes", form.strokesSinceLapped(), 0, 1_000_000, "");
        if (kind != null && !kind.lubricants().contains(Form.orEmpty(form.lubricant()))) {
            checks.refuse(Refusal.of(MessageCode.UNKNOWN_CHOICE, "lubricant", form.lubricant())
                    .with("allowed", String.join(", ", kind.lubricants())));
        }
        checks.orThrow();
        row.name = form.name().strip();
        row.kind = kind.name();
        row.gritStandard = Form.orEmpty(form.gritStandard());
        row.gritName = Form.orEmpty(form.gritName()).strip();
        row.makerUm = size.evidence() == GrainSize.Evidence.MAKER && !bare(kind) ? (Double) size.d50Um() : null;
        row.d50Um = size.d50Um();
        row.grainEvidence = size.evidence();
        row.grainClass = oneOf(AbrasiveClass.values(), form.grain()).orElse(kind.grain());
        row.shape = shape;
        row.lubricant = form.lubricant();
        row.flat = form.flat();
        row.strokesSinceLapped = form.strokesSinceLapped();
        row.lappable = form.lappable();
        row.soaks = form.soaks() && kind.soakMinutes() > 0;
        row.retired = form.retired();
        row.frozen = form.frozen();
    }

    private static boolean bare(AbrasiveKind kind) {
        return kind != null && kind.grain() == AbrasiveClass.NONE;
    }

    private static GrainSize size(Form reading, String standard, String name, String makerUm) {
        if (!Form.blank(makerUm)) {
            return reading.checks()
                    .attempt(() -> GritTable.fromMaker(
                            "makerUm", QuantityReader.number("makerUm", makerUm.replace("um", "µm"), "µm")));
        }
        GritStandard known = reading.choice(
                "gritStandard",
                "A grit standard",
                standard,
                GritStandard.byKey(Form.orEmpty(standard)),
                Arrays.stream(GritStandard.values()).map(GritStandard::key).collect(Collectors.joining(", ")));
        return known == null ? null : reading.checks().attempt(() -> GritTable.grain("gritName", known, name));
    }

    private static <E extends Enum<E>> Optional<E> oneOf(E[] values, String name) {
        return Arrays.stream(values).filter(v -> v.name().equals(name)).findFirst();
    }

    private static String words(GrainSize size) {
        String um = Numbers.plain(size.d50Um(), 2) + " µm";
        return switch (size.evidence()) {
            case TABLE -> um + ", a row of the standard";
            case INTERPOLATED -> um + ", between two rows of the standard";
            case EXTRAPOLATED -> um + ", carried on beyond the standard: enter the maker's figure";
            case MAKER -> um + ", as stated";
        };
    }

    private AbrasiveView view(AbrasiveRow a) {
        Abrasive core = a.toCore(clock.instant());
        String prefix = GritStandard.byKey(a.gritStandard)
                .map(GritStandard::prefix)
                .filter(p -> !a.gritName.toUpperCase(Locale.ROOT).startsWith(p))
                .orElse("");
        String grit = a.gritName.isEmpty() ? "" : a.gritStandard + " " + prefix + a.gritName;
        return new AbrasiveView(
                a.id,
                a.name,
                a.kind,
                a.gritStandard,
                a.gritName,
                a.makerUm,
                a.d50Um,
                a.grainEvidence.name(),
                grit,
                core.scratchUm(),
                a.shape.name(),
                a.lubricant,
                a.flat,
                a.strokesSinceLapped,
                a.lappable,
                a.soaks,
                core.state().soakLeftSeconds(),
                a.retired,
                a.frozen,
                next(a, core),
                a.version);
    }

    private static String next(AbrasiveRow a, Abrasive core) {
        if (a.retired) {
            return "out of use";
        }
        if (a.frozen) {
            return "may have frozen wet: do not use";
        }
        if (!a.flat) {
            return a.lappable ? "flatten before use" : "not flat, and nothing here laps it";
        }
        if (a.grainEvidence == GrainSize.Evidence.EXTRAPOLATED) {
            return "enter the maker's micrometres";
        }
        double interval = a.kindOf().flattenAfterStrokes().orElse(Double.MAX_VALUE);
        if (a.strokesSinceLapped >= 0.8 * interval) {
            return "flatten soon: " + Numbers.plain(a.strokesSinceLapped, 0) + " strokes since";
        }
        if (core.state().soakLeftSeconds() > 0) {
            return "soak " + Numbers.plain(Math.ceil(core.state().soakLeftSeconds() / 60), 0) + " min before use";
        }
        return "ready";
    }
}
