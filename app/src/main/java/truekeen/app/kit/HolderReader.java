package truekeen.app.kit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import truekeen.app.platform.Form;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.quantity.QuantityReader;
import truekeen.core.tool.Dimension;
import truekeen.core.tool.Measure;

/** Reads the dimensions of a holder as typed. */
final class HolderReader {
    private HolderReader() {}

    /** Numbers by field; what could not be read is noted. */
    static Map<String, Double> dimensions(Form form, List<Dimension> dimensions, Map<String, String> typed) {
        Map<String, Double> values = new TreeMap<>();
        Map<String, String> given = typed == null ? Map.of() : typed;
        for (Dimension d : dimensions) {
            String text = given.get(d.field());
            if (!Form.blank(text)) {
                Double value = number(form, d, text);
                if (value != null) {
                    values.put(d.field(), value);
                }
            }
        }
        return values;
    }

    private static Double number(Form form, Dimension d, String text) {
        if (d.measure() == Measure.ANGLE) {
            Angle angle = form.angle(d.field(), text);
            return angle == null ? null : (Double) angle.degrees();
        }
        Length length = form.length(d.field(), text);
        return length == null ? null : (Double) length.mm();
    }

    private static final Pattern UNIT_AT_THE_END = Pattern.compile("(?<=[0-9])\\s*[\\p{L}\"″”]+\\s*$");

    /** Stop blocks: lengths with commas or semicolons between them; a unit behind the last one is meant for all. */
    static List<Double> blocks(Form form, String typed) {
        List<Double> blocks = new ArrayList<>();
        if (Form.blank(typed)) {
            return blocks;
        }
        String[] parts = typed.split("[;,]");
        Matcher unit = UNIT_AT_THE_END.matcher(typed);
        String all = unit.find() ? unit.group() : "";
        form.checks().require(parts.length <= 30, () -> Refusal.of(MessageCode.TOO_MANY, "blocks", parts.length)
                .with("high", 30)
                .with("what", KitWords.STOP_BLOCKS_MANY.words()));
        for (String part : parts) {
            if (!part.isBlank() && blocks.size() < 30) {
                Length block = form.checks().attempt(() -> {
                    try {
                        return QuantityReader.length(
                                "blocks", UNIT_AT_THE_END.matcher(part).find() ? part : part + all);
                    } catch (truekeen.core.message.RefusedException unreadable) {
                        throw new truekeen.core.message.RefusedException(
                                Refusal.of(MessageCode.BLOCKS_UNREADABLE, "blocks", part.strip()));
                    }
                });
                if (block != null) {
                    blocks.add(block.mm());
                }
            }
        }
        return blocks;
    }
}
