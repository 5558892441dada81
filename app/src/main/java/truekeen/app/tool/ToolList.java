package truekeen.app.tool;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.platform.CsvList;
import truekeen.app.platform.DryRun;
import truekeen.app.platform.Form;
import truekeen.app.platform.Runs;
import truekeen.app.shop.ShopService;
import truekeen.app.tool.ToolRecords.ToolForm;
import truekeen.app.tool.ToolRecords.ToolImport;
import truekeen.core.message.Checks;
import truekeen.core.message.Numbers;
import truekeen.core.message.RefusedException;
import truekeen.core.tool.Dimension;
import truekeen.core.tool.GeometryKind;

/** The tools as a list, out and in. Dimensions are in mm, degrees and counts, each in a column of its own name. */
@Service
@Transactional
public class ToolList {
    private static final List<String> FIRST =
            List.of("name", "owner", "kind", "steel", "hardness", "wanted_by", "note");
    private static final List<String> DIMENSIONS = Arrays.stream(GeometryKind.values())
            .flatMap(kind -> kind.dimensions().stream())
            .map(Dimension::field)
            .distinct()
            .toList();
    private static final List<String> NEEDED = List.of("name", "owner", "kind", "steel");
    private static final int MOST_LINES = 2000;
    private static final int DECIMALS = 6;

    private final ToolService.Tools tools;
    private final ToolService service;
    private final ShopService shop;

    ToolList(ToolService.Tools tools, ToolService service, ShopService shop) {
        this.tools = tools;
        this.service = service;
        this.shop = shop;
    }

    private static List<String> head() {
        List<String> head = new ArrayList<>(FIRST);
        head.addAll(DIMENSIONS);
        return head;
    }

    /** All tools that are not deleted. */
    @Transactional(readOnly = true)
    public String csv() {
        Map<UUID, String> owners =
                shop.crews().stream().collect(Collectors.toMap(ShopService.Named::id, ShopService.Named::name));
        return CsvList.write(
                head(), standing().stream().map(t -> line(t, owners)).toList());
    }

    private List<ToolRow> standing() {
        return tools.findAllByOrderByWantedByAscNameAsc().stream()
                .filter(t -> t.deletedAt == null)
                .toList();
    }

    private static List<Object> line(ToolRow tool, Map<UUID, String> owners) {
        List<Object> cells = new ArrayList<>(List.of(
                tool.name,
                owners.getOrDefault(tool.crewId, ""),
                tool.trade,
                tool.steel,
                tool.hardnessHrc == null ? "" : Numbers.plain(tool.hardnessHrc, 1),
                tool.wantedBy == null ? "" : tool.wantedBy.toString(),
                Form.orEmpty(tool.note)));
        // Of an older record that cannot be read only what stands in columns is written.
        Map<String, Double> dimensions =
                ToolStore.DIMENSIONS.read(tool.dimensions).orElse(Map.of());
        DIMENSIONS.forEach(field -> cells.add(Optional.ofNullable(dimensions.get(field))
                .map(value -> Numbers.plain(value, DECIMALS))
                .orElse("")));
        return cells;
    }

    /**
     * Reads such a list in: what an owner has under that name already is passed over, an owner who is not known is added; all
     * of it or nothing, and nothing in a dry run.
     */
    public ToolImport read(String text, Runs.Progress progress, boolean dry) {
        List<CSVRecord> rows = CsvList.read(text, head(), NEEDED, MOST_LINES);
        Map<String, UUID> owners = new TreeMap<>();
        shop.crews().forEach(c -> owners.put(c.name(), c.id()));
        Set<String> known =
                standing().stream().map(t -> t.crewId + " " + t.name).collect(Collectors.toCollection(TreeSet::new));
        Set<String> newOwners = new LinkedHashSet<>();
        List<String> added = new ArrayList<>();
        Checks checks = new Checks();
        int done = 0;
        for (CSVRecord row : rows) {
            progress.at(done++, rows.size());
            try {
                String owner = CsvList.at(row, "owner").strip();
                if (!owners.containsKey(owner)) {
                    owners.put(owner, shop.addCrew(owner).id());
                    newOwners.add(owner);
                }
                ToolForm form = form(row, owners.get(owner));
                if (known.add(form.crewId() + " " + form.name())) {
                    service.takeIn(form);
                    added.add(form.name());
                }
            } catch (RefusedException refused) {
                CsvList.refuse(checks, row.getRecordNumber() + 1, refused);
            }
        }
        checks.orThrow();
        progress.at(rows.size(), rows.size());
        DryRun.undoIf(dry);
        return new ToolImport(added, rows.size() - added.size(), List.copyOf(newOwners));
    }

    private static ToolForm form(CSVRecord row, UUID owner) {
        Map<String, String> dimensions = new LinkedHashMap<>();
        for (String field : DIMENSIONS) {
            String given = CsvList.at(row, field);
            if (!Form.blank(given)) {
                dimensions.put(field, given);
            }
        }
        return new ToolForm(
                CsvList.at(row, "name").strip(),
                owner.toString(),
                CsvList.at(row, "kind"),
                CsvList.at(row, "steel"),
                CsvList.at(row, "hardness"),
                dimensions,
                CsvList.at(row, "note"),
                CsvList.at(row, "wanted_by"),
                null,
                0);
    }
}
