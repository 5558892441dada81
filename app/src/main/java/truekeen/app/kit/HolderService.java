package truekeen.app.kit;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.kit.HolderRecords.CalibrationForm;
import truekeen.app.kit.HolderRecords.CalibrationView;
import truekeen.app.kit.HolderRecords.ChangedView;
import truekeen.app.kit.HolderRecords.HolderForm;
import truekeen.app.kit.HolderRecords.HolderKindView;
import truekeen.app.kit.HolderRecords.HolderView;
import truekeen.app.kit.HolderRecords.PartView;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.core.holding.Holder;
import truekeen.core.holding.HolderKind;
import truekeen.core.holding.Wheel;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Length;
import truekeen.core.setup.GuideCalibration;
import truekeen.core.tool.Measures;

/** Keeps what holds an angle, and calibrates guides. */
@Service
@Transactional
public class HolderService {
    private final Holders holders;
    private final Wheels wheels;
    private final SetupsOnHolders setups;
    private final BenchClock clock;

    HolderService(Holders holders, Wheels wheels, SetupsOnHolders setups, BenchClock clock) {
        this.holders = holders;
        this.wheels = wheels;
        this.setups = setups;
        this.clock = clock;
    }

    /**
     * Something of the kit that holds an angle, as the core knows it.
     *
     * @param name what the shop calls it
     * @param core empty where it cannot be used as it stands, say because its wheel has worn below its contact
     * @param fault then the reason
     */
    public record CoreHolder(UUID id, String name, HolderKind kind, Optional<Holder> core, String fault) {}

    /** What there is to choose from; the bare hand needs no place in the kit. */
    public static List<HolderKindView> kinds() {
        return Arrays.stream(HolderKind.values())
                .filter(k -> k != HolderKind.HAND)
                .map(k -> new HolderKindView(
                        k,
                        k.words(),
                        k.sets(),
                        k.meaning(),
                        k.onWheel(),
                        k.takesBlocks(),
                        k.dimensions().stream()
                                .map(d -> new PartView(d.field(), d.label(), d.measure(), d.needed(), d.where()))
                                .toList()))
                .toList();
    }

    /** All holders as they are shown. */
    @Transactional(readOnly = true)
    public List<HolderView> all() {
        Map<UUID, WheelRow> byId = wheelsById();
        return holders.findAllByOrderByName().stream()
                .map(h -> HolderViews.of(h, byId))
                .toList();
    }

    /** The holder of that id, as it is shown. */
    @Transactional(readOnly = true)
    public HolderView one(UUID id) {
        return HolderViews.of(row(id), wheelsById());
    }

    /** All holders with what the core knows of them. */
    @Transactional(readOnly = true)
    public List<CoreHolder> core() {
        Map<UUID, WheelRow> byId = wheelsById();
        return holders.findAllByOrderByName().stream()
                .map(h -> HolderViews.core(h, byId))
                .toList();
    }

    /** The holder of that id. */
    @Transactional(readOnly = true)
    public CoreHolder core(UUID id) {
        return HolderViews.core(row(id), wheelsById());
    }

    /** What each is called, by its id. */
    @Transactional(readOnly = true)
    public Map<String, String> names() {
        return holders.findAll().stream().collect(Collectors.toMap(h -> h.id.toString(), h -> h.name));
    }

    /** Those that stand before a wheel. */
    @Transactional(readOnly = true)
    public List<CoreHolder> before(UUID wheelId) {
        Map<UUID, WheelRow> byId = wheelsById();
        return holders.findByWheelIdOrderByName(wheelId).stream()
                .map(h -> HolderViews.core(h, byId))
                .toList();
    }

    /** What was measured of a guide, fitted, if it was calibrated. */
    @Transactional(readOnly = true)
    public Optional<GuideCalibration> calibration(UUID id) {
        HolderRow row = row(id);
        return row.calibration().flatMap(c -> Calibrations.fit(new Form(), c, row.kind, row.measures()));
    }

    private Map<UUID, WheelRow> wheelsById() {
        return wheels.findAll().stream().collect(Collectors.toMap(w -> w.id, w -> w));
    }

    private HolderRow row(UUID id) {
        return holders.findById(id).orElseThrow(() -> Form.notFound("holder", id));
    }

    /** Adds a holder. */
    public HolderView add(HolderForm in) {
        HolderRow row = new HolderRow(UUID.randomUUID());
        fill(row, in);
        return HolderViews.of(holders.saveAndFlush(row), wheelsById());
    }

    /** Dimensions as a person would type them. */
    static Map<String, String> typed(Measures measures) {
        return measures.values().entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, e -> Numbers.plain(e.getValue(), 3)));
    }

    /** Changes a holder; set-ups on it are restated. */
    public ChangedView change(UUID id, HolderForm in) {
        HolderRow row = row(id);
        Form.sameVersion(row.version, in.version());
        HolderKind before = row.kind;
        Map<String, Double> was = row.dimensions();
        long held = setups.count(id);
        if (held > 0 && !before.name().equals(in.kind())) {
            throw new RefusedException(
                    Refusal.of(MessageCode.HOLDER_IN_USE, "kind", in.kind()).with("what", held));
        }
        fill(row, in);
        if (!was.equals(row.dimensions())) {
            row.calibration = null;
            row.calibratedAt = null;
        }
        HolderRow saved = holders.saveAndFlush(row);
        return new ChangedView(
                null,
                HolderViews.of(saved, wheelsById()),
                setups.restate(
                        List.of(HolderViews.core(saved, wheelsById())),
                        KitWords.HOLDER_MEASURED.fill("holder", row.name)));
    }

    private void fill(HolderRow row, HolderForm in) {
        Form form = new Form();
        form.checks().text("name", KitWords.A_NAME.words(), in.name(), true, 80);
        form.checks().text("note", KitWords.A_NOTE.words(), in.note(), false, 500);
        form.checks().text("blocks", KitWords.STOP_BLOCKS.words(), in.blocks(), false, 300);
        HolderKind kind = form.oneOf(
                "kind",
                KitWords.A_KIND.words(),
                in.kind(),
                kinds().stream().map(HolderKindView::key).toList());
        form.checks().orThrow();
        // What was not touched stays as exact as it was measured; the form shows it rounded.
        Map<String, Double> values = kind == row.kind && row.typed().equals(in.parts())
                ? row.dimensions()
                : HolderReader.dimensions(form, kind.dimensions(), in.parts());
        List<Double> blocks = kind.takesBlocks() ? HolderReader.blocks(form, in.blocks()) : List.of();
        Optional<WheelRow> wheel = kind.onWheel() && !Form.blank(in.wheelId())
                ? Optional.ofNullable(form.choice(
                        "wheelId",
                        KitWords.A_WHEEL.words(),
                        in.wheelId(),
                        wheel(in.wheelId()),
                        KitWords.WHEEL_OF_THIS_KIT.words()))
                : Optional.empty();
        if (form.checks().clean()) {
            kind.read(
                    new Measures(values),
                    blocks.stream().map(Length::ofMm).toList(),
                    wheel.map(WheelRow::toCore),
                    form.checks());
        }
        form.checks().orThrow();
        row.name = in.name().strip();
        row.kind = kind;
        row.dimensions = HolderStore.DIMENSIONS.write(values);
        row.typed = HolderStore.TYPED.write(in.parts() == null ? Map.of() : in.parts());
        row.blocksMm = HolderStore.BLOCKS.write(blocks);
        row.blocksTyped = kind.takesBlocks() ? Form.orEmpty(in.blocks()).strip() : "";
        row.wheelId = wheel.map(w -> w.id).orElse(null);
        row.note = Form.orEmpty(in.note());
    }

    /** The wheel of that id, if the kit has one. */
    Optional<WheelRow> wheel(String id) {
        return wheels.findAll().stream().filter(w -> w.id.toString().equals(id)).findFirst();
    }

    /** What measured pairs would tell, without keeping them. */
    @Transactional(readOnly = true)
    public CalibrationView tryPairs(UUID id, CalibrationForm in) {
        HolderRow row = guide(id);
        return Calibrations.view(in, row.kind, row.measures());
    }

    /** Takes measured pairs: the guide is what they say from now on, and set-ups on it are restated. */
    public ChangedView calibrate(UUID id, CalibrationForm in) {
        HolderRow row = guide(id);
        Form.sameVersion(row.version, in.version());
        Form form = new Form();
        Optional<GuideCalibration> fit = Calibrations.fit(form, in, row.kind, row.measures());
        Optional<Measures> measured = fit.isEmpty()
                ? Calibrations.one(form, in, row.kind, row.measures())
                : fit.map(f -> Calibrations.measures(f.guide(), in, row.kind, row.measures()));
        form.checks().orThrow();
        Measures now = measured.orElseThrow();
        kindChecks(row, now);
        row.dimensions = HolderStore.DIMENSIONS.write(now.values());
        row.typed = HolderStore.TYPED.write(typed(now));
        row.calibration = fit.isPresent() ? HolderStore.CALIBRATION.write(in) : null;
        row.calibratedAt = clock.instant();
        HolderRow saved = holders.saveAndFlush(row);
        return new ChangedView(
                null,
                HolderViews.of(saved, wheelsById()),
                setups.restate(
                        List.of(HolderViews.core(saved, wheelsById())),
                        KitWords.HOLDER_CALIBRATED.fill("holder", row.name)));
    }

    private static void kindChecks(HolderRow row, Measures now) {
        row.kind.build(now, row.blocks(), Optional.<Wheel>empty());
    }

    private HolderRow guide(UUID id) {
        HolderRow row = row(id);
        if (!row.kind.takesBlocks()) {
            throw new RefusedException(Refusal.of(MessageCode.NOT_CALIBRATED_SO, "", row.kind.words()));
        }
        return row;
    }
}
