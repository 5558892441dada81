package truekeen.app.tool;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import truekeen.app.platform.Form;
import truekeen.app.tool.ToolRecords.ToolForm;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.FlatBackSection;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;
import truekeen.core.tool.FlatBackTool;
import truekeen.core.tool.Trade;
import truekeen.core.tool.Trades;

/** Reads what was typed at the door. */
final class ToolFormReader {
    private static final int MOST_NOTE = 4000;
    private static final int MOST_DAYS_AHEAD = 730;

    final Form form = new Form();
    final Trade trade;
    final SteelClass steel;
    final LocalDate wantedBy;
    final Map<String, String> typed;
    /** The geometry, or null while something that it needs is wrong. */
    final FlatBackTool geometry;

    private String remark = "";

    ToolFormReader(ToolForm in, LocalDate today) {
        form.checks().text("name", "A name for the tool", in.name(), true, 120);
        form.checks().text("note", "A note", in.note(), false, MOST_NOTE);
        trade = form.choice(
                "trade",
                "The kind of tool and its work",
                in.trade(),
                Trades.byKey(Form.orEmpty(in.trade())).filter(Trade::flatBack),
                Trades.flatBack().stream().map(Trade::key).collect(Collectors.joining("; ")));
        steel = form.choice(
                "steel",
                "The class of steel",
                in.steel(),
                Steels.byName(Form.orEmpty(in.steel())),
                Steels.all().stream().map(SteelClass::name).collect(Collectors.joining(", ")));
        wantedBy = day(in.wantedBy(), today);
        typed = kept(in);
        geometry = geometry(in);
    }

    String remark() {
        return remark;
    }

    private FlatBackTool geometry(ToolForm in) {
        Length width = form.length("width", in.width());
        Length thickness = form.length("thickness", in.thickness());
        Length usable = form.length("usableLength", in.usableLength());
        Length retire = form.length("retireLength", in.retireLength());
        Optional<Angle> secondary = form.angleIfAny("secondary", in.secondary());
        Optional<Length> secondaryWidth = form.lengthIfAny("secondaryWidth", in.secondaryWidth());
        boolean skewed = trade != null && trade.skewed();
        Angle skew = skewed ? form.angle("skew", in.skew()) : Angle.ZERO;
        Angle primary = primary(in, thickness);
        if (width == null
                || thickness == null
                || usable == null
                || retire == null
                || primary == null
                || skew == null
                || secondary.isPresent() == Form.blank(in.secondary())
                || secondaryWidth.isPresent() == Form.blank(in.secondaryWidth())) {
            FlatBackTool.checkRanges(form.checks(), width, thickness, usable, retire, primary, skew);
            return null;
        }
        FlatBackTool tool =
                new FlatBackTool(width, thickness, usable, retire, primary, secondary, secondaryWidth, skew);
        int before = form.checks().refusals().size();
        tool.check(form.checks());
        return form.checks().refusals().size() == before ? tool : null;
    }

    private Angle primary(ToolForm in, Length thickness) {
        if (!Form.blank(in.primary())) {
            return form.angle("primary", in.primary());
        }
        if (Form.blank(in.bevelLength())) {
            form.checks().refuse(Refusal.of(MessageCode.PRIMARY_MISSING, "primary", ""));
            return null;
        }
        Length bevel = form.length("bevelLength", in.bevelLength());
        if (bevel == null || thickness == null) {
            return null;
        }
        Angle angle = form.checks().attempt(() -> FlatBackSection.fromBevelLength(thickness, bevel));
        if (angle != null) {
            double perMm = Math.abs(Math.toDegrees(FlatBackSection.bevelLengthSensitivity(thickness, bevel)));
            form.echoes().put("primary", angle + " from the bevel's length");
            remark = "The primary is taken from the bevel's length: " + angle + ", a quarter millimetre misread is "
                    + Numbers.plain(perMm / 4, 1) + "°. On a hollow bevel this is the chord.";
        }
        return angle;
    }

    private LocalDate day(String text, LocalDate today) {
        if (Form.blank(text)) {
            return null;
        }
        LocalDate last = today.plusDays(MOST_DAYS_AHEAD);
        try {
            LocalDate day = LocalDate.parse(text.strip());
            if (!day.isBefore(today.minusDays(MOST_DAYS_AHEAD)) && !day.isAfter(last)) {
                return day;
            }
        } catch (DateTimeParseException notADay) {
            // refused below, like a day that is too far off
        }
        form.checks()
                .refuse(Refusal.of(MessageCode.DATE_RANGE, "wantedBy", text)
                        .with("low", today)
                        .with("high", last));
        return null;
    }

    private static Map<String, String> kept(ToolForm in) {
        Map<String, String> typed = new LinkedHashMap<>();
        typed.put("width", Form.orEmpty(in.width()));
        typed.put("thickness", Form.orEmpty(in.thickness()));
        typed.put("usableLength", Form.orEmpty(in.usableLength()));
        typed.put("retireLength", Form.orEmpty(in.retireLength()));
        typed.put("primary", Form.orEmpty(in.primary()));
        typed.put("bevelLength", Form.orEmpty(in.bevelLength()));
        typed.put("secondary", Form.orEmpty(in.secondary()));
        typed.put("secondaryWidth", Form.orEmpty(in.secondaryWidth()));
        typed.put("skew", Form.orEmpty(in.skew()));
        return typed;
    }
}
