package truekeen.app.kit;

import java.util.List;
import org.apache.commons.csv.CSVRecord;
import truekeen.app.kit.KitRecords.AbrasiveForm;
import truekeen.app.platform.CsvList;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;

/** The shelf as comma-separated values (RFC 4180): a head line, then one piece a line. */
final class KitCsv {
    private static final List<String> HEAD = List.of(
            "name",
            "kind",
            "grit_standard",
            "grit_name",
            "maker_um",
            "grain",
            "shape",
            "lubricant",
            "flat",
            "strokes_since_lapped",
            "lapped_elsewhere",
            "soaks",
            "retired",
            "frozen",
            "firmness",
            "favourite",
            "slurry",
            "length",
            "glazed",
            "oil_inside",
            "worn_percent",
            "laps",
            "laps_finest_um",
            "laps_coarsest_um",
            "nicked",
            "other_side");
    private static final int MOST_LINES = 500;
    private static final List<String> NEEDED = List.of("name", "kind", "shape", "lubricant");

    private KitCsv() {}

    static String write(List<AbrasiveRow> shelf) {
        return CsvList.write(
                HEAD, shelf.stream().map(a -> line(a, otherSide(a, shelf))).toList());
    }

    private static String otherSide(AbrasiveRow a, List<AbrasiveRow> shelf) {
        return shelf.stream()
                .filter(o -> o.id.equals(a.otherSide))
                .map(o -> o.name)
                .findFirst()
                .orElse("");
    }

    private static List<Object> line(AbrasiveRow a, String otherSide) {
        return List.of(
                a.name,
                a.kind,
                a.gritStandard,
                a.gritName,
                a.makerUm == null ? "" : Numbers.plain(a.makerUm, 4),
                a.grainClass,
                a.shape,
                a.lubricant,
                a.flat,
                Numbers.plain(a.strokesSinceLapped, 0),
                a.lappable,
                a.soaks,
                a.retired,
                a.frozen,
                a.firmness,
                a.favourite,
                a.slurry,
                a.lengthTyped,
                a.glazed,
                a.oilInside,
                Numbers.plain(a.worn * 100, 1),
                a.laps,
                a.lapsFinestUm == null ? "" : Numbers.plain(a.lapsFinestUm, 4),
                a.lapsCoarsestUm == null ? "" : Numbers.plain(a.lapsCoarsestUm, 4),
                a.nicked,
                otherSide);
    }

    static List<AbrasiveForm> read(String text) {
        return CsvList.read(text, HEAD, NEEDED, MOST_LINES).stream()
                .map(KitCsv::form)
                .toList();
    }

    private static AbrasiveForm form(CSVRecord row) {
        int line = (int) row.getRecordNumber() + 1;
        return new AbrasiveForm(
                CsvList.at(row, "name"),
                CsvList.at(row, "kind"),
                CsvList.at(row, "grit_standard"),
                CsvList.at(row, "grit_name"),
                CsvList.at(row, "maker_um"),
                CsvList.at(row, "grain"),
                CsvList.at(row, "shape"),
                CsvList.at(row, "lubricant"),
                yes(row, "flat", true, line),
                number(row, line),
                yes(row, "lapped_elsewhere", false, line),
                yes(row, "soaks", false, line),
                yes(row, "retired", false, line),
                yes(row, "frozen", false, line),
                CsvList.at(row, "firmness"),
                yes(row, "favourite", false, line),
                CsvList.at(row, "slurry"),
                CsvList.at(row, "length"),
                yes(row, "glazed", false, line),
                yes(row, "oil_inside", false, line),
                CsvList.at(row, "worn_percent"),
                yes(row, "laps", false, line),
                CsvList.at(row, "laps_finest_um"),
                CsvList.at(row, "laps_coarsest_um"),
                yes(row, "nicked", false, line),
                CsvList.at(row, "other_side"),
                "",
                0);
    }

    private static boolean yes(CSVRecord row, String column, boolean usual, int line) {
        String given = CsvList.at(row, column);
        return switch (given.toLowerCase(java.util.Locale.ROOT)) {
            case "" -> usual;
            case "true", "yes", "1" -> true;
            case "false", "no", "0" -> false;
            default -> throw fault(line, given, KitWords.YES_OR_NO.fill("column", column));
        };
    }

    private static double number(CSVRecord row, int line) {
        String given = CsvList.at(row, "strokes_since_lapped");
        try {
            return given.isEmpty() ? 0 : Double.parseDouble(given);
        } catch (NumberFormatException none) {
            throw fault(line, given, KitWords.STROKES_A_NUMBER.words());
        }
    }

    private static RefusedException fault(int line, String given, String what) {
        return new RefusedException(Refusal.of(MessageCode.CSV_LINE, "text", given)
                .with("line", line)
                .with("what", "“" + given + "”: " + what));
    }
}
