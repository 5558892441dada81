package truekeen.app.kit;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.kit.HolderRecords.ChangedView;
import truekeen.app.kit.HolderRecords.TruingForm;
import truekeen.app.kit.HolderRecords.TruingView;
import truekeen.app.kit.HolderRecords.WheelForm;
import truekeen.app.kit.HolderRecords.WheelKindView;
import truekeen.app.kit.HolderRecords.WheelView;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.core.holding.Wheel;
import truekeen.core.message.InWords;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.quantity.Length;
import truekeen.core.quantity.QuantityReader;

/** Keeps the wheels and how they wear. */
@Service
@Transactional
public class WheelService {
    private static final double LEAST_MM = 20;
    private static final double MOST_MM = 1000;

    private final Wheels wheels;
    private final WheelTruings truings;
    private final Holders holders;
    private final HolderService inUse;
    private final SetupsOnHolders setups;
    private final BenchClock clock;

    WheelService(
            Wheels wheels,
            WheelTruings truings,
            Holders holders,
            HolderService inUse,
            SetupsOnHolders setups,
            BenchClock clock) {
        this.wheels = wheels;
        this.truings = truings;
        this.holders = holders;
        this.inUse = inUse;
        this.setups = setups;
        this.clock = clock;
    }

    /** Kinds to choose from. */
    public static List<WheelKindView> kinds() {
        return Arrays.stream(Wheel.Kind.values())
                .map(k -> new WheelKindView(k, k.words()))
                .toList();
    }

    /** All wheels. */
    @Transactional(readOnly = true)
    public List<WheelView> all() {
        return wheels.findAllByOrderByName().stream().map(this::view).toList();
    }

    /** Adds a wheel; its diameter begins its log. */
    public WheelView add(WheelForm in) {
        WheelRow row = new WheelRow(UUID.randomUUID());
        fill(row, in);
        WheelRow saved = wheels.saveAndFlush(row);
        truings.saveAndFlush(new WheelTruingRow(row.id, clock.instant(), row.diameterMm, ""));
        return view(saved);
    }

    /** Changes what is known of a wheel; a changed diameter is a truing. */
    public ChangedView change(UUID id, WheelForm in) {
        WheelRow row = row(id);
        Form.sameVersion(row.version, in.version());
        double before = row.diameterMm;
        fill(row, in);
        WheelRow saved = wheels.saveAndFlush(row);
        if (before == saved.diameterMm) {
            return new ChangedView(view(saved), null, List.of());
        }
        truings.saveAndFlush(new WheelTruingRow(id, clock.instant(), saved.diameterMm, ""));
        return restated(saved, before, KitWords.MEASURED_ANEW.words());
    }

    /** A wheel was trued, or a new one put on: every set-up on it is restated. */
    public ChangedView trued(UUID id, TruingForm in) {
        WheelRow row = row(id);
        Form.sameVersion(row.version, in.version());
        Form form = new Form();
        Length diameter = diameter(form, in.diameter());
        form.checks().text("person", KitWords.A_NAME.words(), in.person(), false, 80);
        form.checks().require(diameter == null || in.fresh() || diameter.mm() <= row.diameterMm, () -> Refusal.of(
                        MessageCode.WHEEL_GROWN, "diameter", diameter)
                .with("low", Length.ofMm(row.diameterMm)));
        form.checks().orThrow();
        double before = row.diameterMm;
        row.diameterMm = diameter.mm();
        WheelRow saved = wheels.saveAndFlush(row);
        truings.saveAndFlush(new WheelTruingRow(id, clock.instant(), diameter.mm(), Form.orEmpty(in.person())));
        return restated(saved, before, in.fresh() ? "replaced" : "trued");
    }

    private ChangedView restated(WheelRow wheel, double beforeMm, String how) {
        String because = "the " + wheel.name + " was " + how + ", " + Numbers.plain(beforeMm, 1) + " to "
                + Numbers.plain(wheel.diameterMm, 1) + InWords.MM;
        return new ChangedView(view(wheel), null, setups.restate(inUse.before(wheel.id), because));
    }

    private WheelRow row(UUID id) {
        return wheels.findById(id).orElseThrow(() -> Form.notFound("wheel", id));
    }

    private static Length diameter(Form form, String typed) {
        Length diameter = form.length("diameter", typed);
        form.checks()
                .within(
                        "diameter",
                        KitWords.A_DIAMETER.words(),
                        diameter == null ? null : diameter.mm(),
                        LEAST_MM,
                        MOST_MM,
                        InWords.MM);
        return diameter;
    }

    private static void fill(WheelRow row, WheelForm in) {
        Form form = new Form();
        form.checks().text("name", KitWords.A_NAME.words(), in.name(), true, 80);
        form.checks().text("note", KitWords.A_NOTE.words(), in.note(), false, 500);
        Wheel.Kind kind = form.oneOf("kind", KitWords.A_KIND.words(), in.kind(), Wheel.Kind.class);
        Length diameter = diameter(form, in.diameter());
        Double turns = number(form, "perMinute", KitWords.TURNS_A_MINUTE.words(), in.perMinute(), 1, 30000, "");
        Double marked = number(form, "marked", KitWords.MARKED_SPEED.words(), in.marked(), 1, 150, "m/s");
        form.checks().orThrow();
        row.name = in.name().strip();
        row.kind = kind;
        row.diameterMm = diameter.mm();
        row.turnsPerMin = turns;
        row.markedMs = marked;
        row.note = Form.orEmpty(in.note());
        // Above its marking it is not put down at all.
        form.checks().attempt(() -> {
            row.toCore().requireWithinMarking();
            return row;
        });
        form.checks().orThrow();
    }

    private static Double number(
            Form form, String field, String what, String typed, double low, double high, String unit) {
        if (Form.blank(typed)) {
            return null;
        }
        Double value = form.checks().attempt(() -> QuantityReader.number(field, typed, unit));
        form.checks().within(field, what, value, low, high, unit.isEmpty() ? "" : " " + unit);
        return value;
    }

    private WheelView view(WheelRow w) {
        Optional<Double> speed = w.toCore().speed();
        return new WheelView(
                w.id,
                w.name,
                w.kind,
                w.kind.words(),
                w.diameterMm,
                w.turnsPerMin,
                w.markedMs,
                speed.orElse(null),
                w.note,
                truings.findByWheelIdOrderByAt(w.id).stream()
                        .map(t -> new TruingView(t.at, t.diameterMm, t.person))
                        .toList(),
                holders.findByWheelIdOrderByName(w.id).stream().map(h -> h.name).toList(),
                w.version == null ? 0 : w.version);
    }
}
