package truekeen.app.change;

import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.change.ChangeRecords.ChangesView;
import truekeen.app.change.ChangeRecords.KeptChangeView;
import truekeen.app.shop.ShopService;
import truekeen.app.tool.ToolService;
import truekeen.core.message.Numbers;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.rule.HouseRule;
import truekeen.core.rule.RuleOption;
import truekeen.core.tool.Dimension;
import truekeen.core.tool.GeometryKind;

/** Says what was changed. */
@Service
@Transactional(readOnly = true)
class ChangeService {
    private static final int AT_A_TIME = 25;
    private static final int DECIMALS = 2;
    private static final double READ_TO = 100;
    private static final DateTimeFormatter DAY =
            DateTimeFormatter.ofLocalizedDate(FormatStyle.MEDIUM).withLocale(Locale.UK);
    private static final Map<String, ChangeWords> THINGS = Map.of(
            "tool", ChangeWords.TOOL,
            "abrasive", ChangeWords.ABRASIVE,
            "holder", ChangeWords.HOLDER,
            "wheel", ChangeWords.WHEEL,
            "tester", ChangeWords.TESTER);
    private static final Map<String, ChangeWords> FIELDS = Map.of(
            "name", ChangeWords.NAME,
            "crew_id", ChangeWords.OWNER,
            "trade", ChangeWords.KIND,
            "wanted_by", ChangeWords.WANTED_BY,
            "hardness_hrc", ChangeWords.HARDNESS,
            "note", ChangeWords.NOTE,
            "steel", ChangeWords.STEEL);
    private static final Map<String, Dimension> DIMENSIONS = Arrays.stream(GeometryKind.values())
            .flatMap(kind -> kind.dimensions().stream())
            .collect(Collectors.toMap(Dimension::field, d -> d, (one, same) -> one));

    private final ChangeRow.Rows rows;
    private final ToolService tools;
    private final ShopService shop;

    ChangeService(ChangeRow.Rows rows, ToolService tools, ShopService shop) {
        this.rows = rows;
        this.tools = tools;
        this.shop = shop;
    }

    /**
     * The newest changes.
     *
     * @param tool only those of a tool and its rules
     * @param before only those before the one of that number
     */
    ChangesView changes(Optional<UUID> tool, Optional<Long> before) {
        Optional<ChangeRow> last = before.flatMap(rows::findById);
        List<ChangeRow> found = rows.before(
                last.map(c -> c.at).orElse(Instant.parse("9999-01-01T00:00:00Z")),
                last.map(c -> c.id).orElse(Long.MAX_VALUE),
                tool.orElse(null),
                Limit.of(AT_A_TIME + 1));
        return new ChangesView(found.stream().limit(AT_A_TIME).map(this::view).toList(), found.size() > AT_A_TIME);
    }

    private KeptChangeView view(ChangeRow row) {
        Optional<HouseRule> rule = row.thing.equals("house_rule") ? HouseRule.byName(row.name) : Optional.empty();
        String kind = row.thing.equals("house_rule")
                ? row.toolId == null
                        ? ChangeWords.HOUSE_RULE.words()
                        : ChangeWords.RULE_OF_TOOL.fill("tool", tools.name(row.toolId))
                : Optional.ofNullable(THINGS.get(row.thing))
                        .map(ChangeWords::words)
                        .orElse(row.thing);
        String name = rule.map(HouseRule::question).orElse(row.name);
        return new KeptChangeView(row.id, row.at, row.person, kind, name, what(row, rule));
    }

    private String what(ChangeRow row, Optional<HouseRule> rule) {
        return switch (row.field) {
            case "" -> ChangeWords.CAME_IN.words();
            case "deleted_at" -> (row.becomes == null ? ChangeWords.BROUGHT_BACK : ChangeWords.DELETED).words();
            case "retired_at" -> (row.becomes == null ? ChangeWords.IN_USE : ChangeWords.OUT_OF_USE).words();
            case "choice" ->
                ChangeWords.CHOSEN.fill("was", said(row, rule, row.was), "becomes", said(row, rule, row.becomes));
            default ->
                ChangeWords.CHANGED.fill(
                        "what",
                        field(row.field),
                        "was",
                        said(row, rule, row.was),
                        "becomes",
                        said(row, rule, row.becomes));
        };
    }

    private static String field(String field) {
        String last = field.substring(field.lastIndexOf('.') + 1);
        return Optional.ofNullable(FIELDS.get(last)).map(ChangeWords::words).orElseGet(() -> last.replaceAll(
                        "([a-z])([A-Z])", "$1 $2")
                .replace('_', ' ')
                .toLowerCase(Locale.ROOT));
    }

    private Object said(ChangeRow row, Optional<HouseRule> rule, String value) {
        if (row.thing.equals("house_rule")) {
            return value == null
                    ? ChangeWords.AS_USUAL.words()
                    : rule.flatMap(r -> r.option(value)).map(RuleOption::words).orElse(value);
        }
        if (value == null || value.isBlank()) {
            return ChangeWords.NOTHING.words();
        }
        if (row.field.equals("crew_id")) {
            return shop.findCrew(value).map(ShopService.Named::name).orElseGet(ChangeWords.GONE::words);
        }
        if (value.equals("true") || value.equals("false")) {
            return (value.equals("true") ? ChangeWords.YES : ChangeWords.NO).words();
        }
        if (row.field.equals("wanted_by")) {
            return LocalDate.parse(value).format(DAY);
        }
        Dimension dimension = DIMENSIONS.get(row.field.substring(row.field.lastIndexOf('.') + 1));
        if (dimension == null || !value.matches("-?[0-9.]+(E-?[0-9]+)?")) {
            return value;
        }
        // A length is read off a caliper, not to the thousandth that wear is reckoned with.
        double number = Math.rint(Double.parseDouble(value) * READ_TO) / READ_TO;
        return switch (dimension.measure()) {
            case LENGTH -> Length.ofMm(number);
            case ANGLE -> Angle.ofDegrees(number);
            case COUNT -> Numbers.plain(number, DECIMALS);
        };
    }
}
