package truekeen.app.tool;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import truekeen.app.platform.Form;
import truekeen.app.tool.ToolRecords.BringsForm;
import truekeen.app.tool.ToolRecords.ToolForm;
import truekeen.core.message.Checks;
import truekeen.core.message.InWords;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.quantity.QuantityReader;
import truekeen.core.section.FlatBackSection;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;
import truekeen.core.tool.Arrival;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Convention;
import truekeen.core.tool.Dimension;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ToolUse;
import truekeen.core.tool.ToolUses;

/** Reads what was typed at the door. */
final class ToolFormReader {
    /** Stands in for the primary where its bevel was measured along the face. */
    static final String BEVEL_LENGTH = "bevelLength";

    private static final int MOST_NOTE = 4000;
    private static final int MOST_DAYS_AHEAD = 730;
    private static final int MOST_FIELDS = 40;

    final Form form = new Form();
    final ToolUse trade;
    final SteelClass steel;
    /** Hardness of the blade (HRC), or null where it is not known. */
    final Double hardness;

    final LocalDate wantedBy;
    final Map<String, String> typed;
    /** The geometry, or null while something that it needs is wrong. */
    final Blade blade;

    /** What it brings with it. */
    final Arrival brings;

    private String remark = "";

    ToolFormReader(ToolForm in, LocalDate today) {
        form.checks().text("name", ToolWords.A_NAME.words(), in.name(), true, 120);
        form.checks().text("note", ToolWords.A_NOTE.words(), in.note(), false, MOST_NOTE);
        trade = form.choice(
                "trade",
                ToolWords.KIND_AND_WORK.words(),
                in.trade(),
                ToolUses.byKey(Form.orEmpty(in.trade())),
                ToolUses.all().stream().map(ToolUse::key).collect(Collectors.joining("; ")));
        steel = form.choice(
                "steel",
                ToolWords.CLASS_OF_STEEL.words(),
                in.steel(),
                Steels.byName(Form.orEmpty(in.steel())),
                Steels.all().stream().map(SteelClass::name).collect(Collectors.joining(", ")));
        hardness = Form.blank(in.hardness())
                ? null
                : form.checks().attempt(() -> QuantityReader.number("hardness", in.hardness(), "HRC"));
        form.checks().within("hardness", ToolWords.A_HARDNESS.words(), hardness, 35, 70, " HRC");
        wantedBy = day(in.wantedBy(), today);
        typed = kept(in);
        blade = trade == null ? null : blade(trade.geometry());
        brings = brings(in.brings());
    }

    private Arrival brings(BringsForm in) {
        if (in == null) {
            return Arrival.UNKNOWN;
        }
        Arrival read = new Arrival(
                said("age", Arrival.Age.class, in.age()),
                said("back", Arrival.MakersBack.class, in.back()),
                form.lengthIfAny("hardLayer", in.hardLayer()),
                said("lock", Arrival.Lock.class, in.lock()),
                said("kept", Arrival.Kept.class, in.kept()));
        form.checks()
                .within(
                        "hardLayer",
                        ToolWords.A_HARD_LAYER.words(),
                        read.hardLayer().map(Length::mm).orElse(null),
                        0.2,
                        6,
                        InWords.MM);
        return read;
    }

    private <E extends Enum<E>> E said(String field, Class<E> among, String name) {
        return Form.blank(name)
                ? among.getEnumConstants()[0]
                : form.oneOf(field, ToolWords.WHAT_IT_BRINGS.words(), name, among);
    }

    String remark() {
        return remark;
    }

    private Blade blade(GeometryKind kind) {
        Map<String, Double> values = new TreeMap<>();
        int before = form.checks().refusals().size();
        typed.forEach((field, text) -> {
            if (field.equals(BEVEL_LENGTH) && kind.bevelSpans().isPresent()) {
                return;
            }
            if (kind.dimension(field).isEmpty()) {
                form.checks()
                        .refuse(Refusal.of(MessageCode.NOT_OF_THIS_FAMILY, field, field)
                                .with("what", kind.key()));
                return;
            }
            Double value = value(kind.dimension(field).get(), text);
            if (value != null) {
                values.put(field, value);
            }
        });
        bevelFromItsLength(kind, values);
        List<String> unread = form.checks().refusals().stream()
                .skip(before)
                .map(Refusal::field)
                .toList();
        Checks whole = new Checks();
        Blade read = kind.read(values, whole).orElse(null);
        // A field that could not be read is blamed once, not called missing as well.
        whole.refusals().stream()
                .filter(r ->
                        !unread.contains(r.field()) && !(r.field().equals("primary") && unread.contains(BEVEL_LENGTH)))
                .forEach(form.checks()::refuse);
        return unread.isEmpty() ? read : null;
    }

    private Double value(Dimension d, String text) {
        return switch (d.measure()) {
            case LENGTH -> {
                Length length = form.length(d.field(), text);
                yield length == null ? null : (Double) length.mm();
            }
            case ANGLE -> {
                Angle angle = form.angle(d.field(), text);
                yield angle == null ? null : (Double) angle.degrees();
            }
            case COUNT -> {
                Double count = form.checks().attempt(() -> QuantityReader.number(d.field(), text, ""));
                if (count != null && count != Math.rint(count)) {
                    form.checks().refuse(Refusal.of(MessageCode.NOT_WHOLE, d.field(), text));
                    yield null;
                }
                yield count;
            }
        };
    }

    /** Where the primary was left out and the bevel measured along its face, the angle follows from the two. */
    private void bevelFromItsLength(GeometryKind kind, Map<String, Double> values) {
        String text = typed.get(BEVEL_LENGTH);
        if (text == null || values.containsKey("primary") || typed.containsKey("primary")) {
            return;
        }
        Length bevel = form.length(BEVEL_LENGTH, text);
        Double over = kind.bevelSpans().map(values::get).orElse(null);
        if (bevel == null || over == null) {
            return;
        }
        Length spans = Length.ofMm(kind.convention() == Convention.PER_SIDE ? over / 2 : over);
        Angle angle = form.checks().attempt(() -> FlatBackSection.fromBevelLength(spans, bevel));
        if (angle != null) {
            values.put("primary", angle.degrees());
            double perMm = Math.abs(Math.toDegrees(FlatBackSection.bevelLengthSensitivity(spans, bevel)));
            double misread = kind.convention() == Convention.PER_SIDE ? 0.05 : 0.25;
            form.echoes().put("primary", ToolWords.FROM_BEVEL_LENGTH.fill("angle", angle));
            remark = ToolWords.BEVEL_LENGTH_GIVES.fill(
                    "angle", angle, "misread", Numbers.plain(misread, 2), "degrees", Numbers.plain(perMm * misread, 1));
        }
    }

    private LocalDate day(String text, LocalDate today) {
        if (Form.blank(text)) {
            return null;
        }
        return form.day("wantedBy", text, today.minusDays(MOST_DAYS_AHEAD), today.plusDays(MOST_DAYS_AHEAD))
                .orElse(null);
    }

    /** What was typed and not left empty, by field. */
    private Map<String, String> kept(ToolForm in) {
        Map<String, String> typed = new LinkedHashMap<>();
        Map<String, String> given = in.dimensions() == null ? Map.of() : in.dimensions();
        if (given.size() > MOST_FIELDS) {
            form.checks()
                    .refuse(Refusal.of(MessageCode.TOO_MANY, "dimensions", given.size())
                            .with("high", MOST_FIELDS)
                            .with("what", "dimensions"));
            return typed;
        }
        given.forEach((field, text) -> {
            if (!Form.blank(text)) {
                typed.put(field, text);
            }
        });
        return typed;
    }
}
