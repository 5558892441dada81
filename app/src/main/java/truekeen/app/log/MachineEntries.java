package truekeen.app.log;

import java.util.ArrayList;
import java.util.List;
import truekeen.app.balance.BalanceRecords.TryView;
import truekeen.app.log.LogRecords.Entry;
import truekeen.app.machine.MachineRecords.InspectionView;
import truekeen.app.machine.MachineRecords.IsolationView;
import truekeen.app.machine.MachineRecords.RunView;
import truekeen.core.message.Numbers;

/** What a machine's blade has in its history beyond any other tool. */
final class MachineEntries {
    private MachineEntries() {}

    static List<Entry> of(
            List<IsolationView> isolated, List<InspectionView> inspected, List<TryView> tries, List<RunView> runs) {
        List<Entry> entries = new ArrayList<>();
        isolated.forEach(i -> entries.add(new Entry(i.at(), "SAFE", "Made safe by " + i.person(), i.acts())));
        inspected.forEach(i -> entries.add(new Entry(
                i.at(),
                "INSPECT",
                (i.verdict().equals("REJECT") ? "Rejected by " : "Inspected and fit, by ") + i.person(),
                i.verdict().equals("REJECT") ? i.reasons() : i.notes())));
        tries.forEach(t -> entries.add(new Entry(t.at(), "BALANCE", title(t), lines(t))));
        runs.forEach(r -> entries.add(new Entry(
                r.day() + "T00:00:00Z",
                "HOURS",
                Numbers.plain(r.hours(), 1) + " h run on " + r.groundWords() + " ground",
                List.of())));
        return entries;
    }

    private static String title(TryView t) {
        return "Hung, try " + t.number() + ": "
                + (t.state().equals("LEVEL")
                        ? "level"
                        : Numbers.plain(t.unbalanceGmm(), 0) + " g·mm, " + t.heavyName() + " heavy");
    }

    private static List<String> lines(TryView t) {
        return t.removedG() > 0
                ? List.of(Numbers.plain(t.removedG(), 2) + " g taken off " + t.removedName())
                : List.of();
    }
}
