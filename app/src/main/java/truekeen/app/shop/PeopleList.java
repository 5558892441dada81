package truekeen.app.shop;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.platform.CsvList;
import truekeen.app.platform.DryRun;
import truekeen.core.message.Checks;
import truekeen.core.message.RefusedException;

/** The people at the bench as a list, out and in. */
@Service
class PeopleList {
    private static final List<String> HEAD = List.of("name");
    private static final int MOST_LINES = 500;

    private final ShopService shop;

    PeopleList(ShopService shop) {
        this.shop = shop;
    }

    /** What came of reading one in: the names that were new, and how many stood on the list already. */
    public record PeopleImport(List<String> added, int known) {
        /** Keeps the list from changing. */
        public PeopleImport {
            added = List.copyOf(added);
        }
    }

    String csv() {
        return CsvList.write(
                HEAD, shop.people().stream().map(p -> List.<Object>of(p.name())).toList());
    }

    /** Reads names in: who stands on the list already stays; all of it or nothing, and nothing in a dry run. */
    @Transactional
    public PeopleImport read(String text, boolean dry) {
        Set<String> standing =
                shop.people().stream().map(ShopService.Named::name).collect(Collectors.toCollection(TreeSet::new));
        List<String> added = new ArrayList<>();
        int known = 0;
        Checks checks = new Checks();
        for (CSVRecord row : CsvList.read(text, HEAD, HEAD, MOST_LINES)) {
            String name = CsvList.at(row, "name").strip();
            try {
                ShopService.checked(name);
            } catch (RefusedException refused) {
                CsvList.refuse(checks, row.getRecordNumber() + 1, refused);
                continue;
            }
            if (standing.add(name)) {
                shop.addPerson(name);
                added.add(name);
            } else {
                known++;
            }
        }
        checks.orThrow();
        DryRun.undoIf(dry);
        return new PeopleImport(added, known);
    }
}
