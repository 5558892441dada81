package truekeen.app.kit;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
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
import truekeen.app.kit.HolderRecords.MeasureLine;
import truekeen.app.kit.HolderRecords.PairForm;
import truekeen.app.kit.HolderRecords.PartView;
import truekeen.app.kit.HolderRecords.TaughtForm;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.app.store.Stored;
import truekeen.core.holding.Holder;
import truekeen.core.holding.HolderKind;
import truekeen.core.holding.UsualGuide;
import truekeen.core.holding.Wheel;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.setup.GuideCalibration;
import truekeen.core.setup.PlatformRest;
import truekeen.core.setup.SupportBar;
import truekeen.core.tool.Dimension;
import truekeen.core.tool.Measure;
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
        return holders.findAllByOrderByName().stream().map(h -> view(h, byId)).toList();
    }

    /** The holder of that id, as it is shown. */
    @Transactional(readOnly = true)
    public HolderView one(UUID id) {
        return view(row(id), wheelsById());
    }

    /** All holders with what the core knows of them. */
    @Transactional(readOnly = true)
    public List<CoreHolder> core() {
        Map<UUID, WheelRow> byId = wheelsById();
        return holders.findAllByOrderByName().stream().map(h -> core(h, byId)).toList();
    }

    /** The holder of that id. */
    @Transactional(readOnly = true)
    public CoreHolder core(UUID id) {
        return core(row(id), wheelsById());
    }

    /** Those that stand before a wheel. */
    @Transactional(readOnly = true)
    public List<CoreHolder> before(UUID wheelId) {
        Map<UUID, WheelRow> byId = wheelsById();
        return holders.findByWheelIdOrderByName(wheelId).stream()
                .map(h -> core(h, byId))
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
        return view(holders.saveAndFlush(row), wheelsById());
    }

    /** Adds a guide by what its settings give; without any it is taken as usual, until something is measured. */
    public HolderView teach(TaughtForm in) {
        HolderKind kind = taught(in);
        if (kind.onWheel()) {
            return teachAtWheel(kind, in);
        }
        String note = Form.blank(in.note()) && noPairs(in) ? KitWords.GUIDE_AS_USUAL.words() : in.note();
        HolderView added =
                add(new HolderForm(in.name(), in.kind(), typed(UsualGuide.of(kind)), "", "", Form.orEmpty(note), 0));
        if (!noPairs(in)) {
            calibrate(added.id(), calibration(in, added.version()));
        }
        return one(added.id());
    }

    /** What a guide so taught would give, without keeping it. */
    @Transactional(readOnly = true)
    public CalibrationView tryTeaching(TaughtForm in) {
        HolderKind kind = taught(in);
        if (kind.onWheel()) {
            throw new RefusedException(
                    Refusal.of(MessageCode.UNKNOWN_CHOICE, "kind", in.kind()).with("allowed", KitWords.GUIDES.words()));
        }
        return Calibrations.view(calibration(in, 0), kind, UsualGuide.of(kind));
    }

    /** A rest or a bar: the one dimension that is hard to measure is taken from an angle it gave. */
    private HolderView teachAtWheel(HolderKind kind, TaughtForm in) {
        Form form = new Form();
        WheelRow wheel = form.choice(
                "wheelId",
                KitWords.A_WHEEL.words(),
                in.wheelId(),
                wheel(Form.orEmpty(in.wheelId())),
                KitWords.WHEEL_OF_THIS_KIT.words());
        Map<String, String> parts = new TreeMap<>(in.parts() == null ? Map.of() : in.parts());
        PairForm pair = in.pairs() == null || in.pairs().isEmpty()
                ? new PairForm("", "")
                : in.pairs().get(0);
        Angle gave = form.angle("pairs.0.angle", pair.angle());
        boolean bar = kind == HolderKind.SUPPORT_BAR;
        Length gap = bar ? form.length("pairs.0.projection", pair.projection()) : Length.ZERO;
        Angle tilt = bar ? gave : form.angle("pairs.0.projection", pair.projection());
        Length reach = bar ? form.length("reach", parts.get("reach")) : Length.ZERO;
        Length thick = bar ? form.length("barDiameter", parts.get("barDiameter")) : Length.ZERO;
        form.checks().orThrow();
        Length radius = Length.ofMm(wheel.diameterMm / 2);
        if (bar) {
            SupportBar found = SupportBar.thatGave(radius, reach, thick.dividedBy(2), gap, gave);
            parts.put("offset", Numbers.plain(found.offset().mm(), 3));
        } else {
            PlatformRest found = PlatformRest.thatGave(radius, tilt, gave);
            parts.put("contact", Numbers.plain(found.contact().mm(), 3));
        }
        String note = Form.blank(in.note())
                ? KitWords.TAUGHT_BY.fill("sets", kind.sets(), "setting", pair.projection(), "angle", gave)
                : in.note();
        return add(new HolderForm(in.name(), in.kind(), parts, "", in.wheelId(), note, 0));
    }

    private static HolderKind taught(TaughtForm in) {
        Form form = new Form();
        List<HolderKind> guides = Arrays.stream(HolderKind.values())
                .filter(k -> k.takesBlocks() || k.onWheel())
                .toList();
        HolderKind kind = form.choice(
                "kind",
                KitWords.A_KIND.words(),
                in.kind(),
                guides.stream().filter(k -> k.name().equals(in.kind())).findFirst(),
                guides.stream().map(Enum::name).collect(Collectors.joining(", ")));
        form.checks().orThrow();
        return kind;
    }

    private static boolean noPairs(TaughtForm in) {
        return in.pairs() == null
                || in.pairs().stream().allMatch(p -> Form.blank(p.projection()) && Form.blank(p.angle()));
    }

    private static CalibrationForm calibration(TaughtForm in, long version) {
        return new CalibrationForm("", in.thickness(), in.pairs() == null ? List.of() : in.pairs(), version);
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
                view(saved, wheelsById()),
                setups.restate(List.of(core(saved, wheelsById())), KitWords.HOLDER_MEASURED.fill("holder", row.name)));
    }

    private void fill(HolderRow row, HolderForm in) {
        Form form = new Form();
        form.checks().text("name", KitWords.A_NAME.words(), in.name(), true, 80);
        form.checks().text("note", KitWords.A_NOTE.words(), in.note(), false, 500);
        form.checks().text("blocks", KitWords.STOP_BLOCKS.words(), in.blocks(), false, 300);
        HolderKind kind = form.choice(
                "kind",
                KitWords.A_KIND.words(),
                in.kind(),
                Arrays.stream(HolderKind.values())
                        .filter(k -> k != HolderKind.HAND && k.name().equals(in.kind()))
                        .findFirst(),
                kinds().stream().map(k -> k.key().name()).collect(Collectors.joining(", ")));
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

    private Optional<WheelRow> wheel(String id) {
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
                view(saved, wheelsById()),
                setups.restate(
                        List.of(core(saved, wheelsById())), KitWords.HOLDER_CALIBRATED.fill("holder", row.name)));
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

    private static CoreHolder core(HolderRow row, Map<UUID, WheelRow> byId) {
        try {
            return new CoreHolder(
                    row.id,
                    row.name,
                    row.kind,
                    Optional.of(row.kind.build(
                            row.measures(),
                            row.blocks(),
                            Optional.ofNullable(row.wheelId).map(byId::get).map(WheelRow::toCore))),
                    "");
        } catch (RefusedException refused) {
            return new CoreHolder(
                    row.id,
                    row.name,
                    row.kind,
                    Optional.empty(),
                    refused.refusals().get(0).words());
        } catch (IllegalArgumentException missing) {
            return new CoreHolder(
                    row.id,
                    row.name,
                    row.kind,
                    Optional.empty(),
                    Stored.olderRecord("holder").refusals().get(0).words());
        }
    }

    private static HolderView view(HolderRow h, Map<UUID, WheelRow> byId) {
        Map<String, Double> dimensions = h.dimensions();
        return new HolderView(
                h.id,
                h.name,
                h.kind,
                h.kind.words(),
                h.kind.sets(),
                dimensions,
                h.typed(),
                h.kind.dimensions().stream()
                        .filter(d -> dimensions.containsKey(d.field()))
                        .map(d -> new MeasureLine(d.label(), measure(d, dimensions.get(d.field()))))
                        .toList(),
                h.blocksMm(),
                h.blocksTyped,
                h.wheelId,
                h.wheelId == null ? "" : byId.get(h.wheelId).name,
                h.note,
                dimensions.isEmpty()
                        ? null
                        : h.calibration()
                                .map(c -> Calibrations.view(c, h.kind, h.measures()))
                                .orElse(null),
                h.calibratedAt,
                h.version == null ? 0 : h.version);
    }

    private static String measure(Dimension d, double value) {
        return d.measure() == Measure.ANGLE
                ? Angle.ofDegrees(value).toString()
                : Length.ofMm(Math.round(value * 100) / 100.0).toString();
    }
}
