package truekeen.app.machine;

import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import truekeen.app.history.HistoryEntry;
import truekeen.app.history.HistoryEntry.Kind;
import truekeen.core.machine.Inspection;
import truekeen.core.machine.Isolation;
import truekeen.core.machine.PowerSource;
import truekeen.core.machine.SafetyAct;
import truekeen.core.message.Numbers;
import truekeen.core.tool.GeometryKind;

/** What a machine and its blade tell the log, in words. */
final class MachineHistory {
    private MachineHistory() {}

    static List<HistoryEntry> isolation(IsolationRow i, PowerSource power, GeometryKind kind) {
        List<HistoryEntry> entries = new ArrayList<>();
        entries.add(new HistoryEntry(
                i.at,
                Kind.SAFE,
                MachineWords.MADE_SAFE_BY.fill("person", i.person),
                Isolation.acts(power, kind).stream()
                        .filter(a -> i.acts().contains(a.key()))
                        .map(SafetyAct::title)
                        .toList()));
        if (i.liftedAt != null) {
            entries.add(new HistoryEntry(
                    i.liftedAt,
                    Kind.SAFE,
                    MachineWords.GIVEN_BACK_BY.fill("person", named(i.liftedBy)),
                    i.liftedWhy == null || i.liftedWhy.isBlank() ? List.of() : List.of(i.liftedWhy)));
        }
        return entries;
    }

    static HistoryEntry inspection(InspectionRow i) {
        boolean rejected = i.verdict == Inspection.Verdict.REJECT;
        List<String> lines = new ArrayList<>(rejected ? i.reasons() : i.notes());
        if (!i.corrects.isBlank()) {
            lines.add(MachineWords.CORRECTS.fill("why", i.corrects));
        }
        return new HistoryEntry(
                i.at,
                Kind.INSPECT,
                (rejected ? MachineWords.REJECTED_BY.words() : MachineWords.FIT_BY.words()) + i.person,
                lines);
    }

    static HistoryEntry hours(HoursRow h) {
        return new HistoryEntry(
                h.day.atStartOfDay().toInstant(ZoneOffset.UTC),
                Kind.HOURS,
                MachineWords.RUN_ON.fill("hours", Numbers.plain(h.hours, 1), "ground", h.ground.words()),
                h.person.isBlank() ? List.of() : List.of(MachineWords.ENTERED_BY.fill("person", h.person)),
                Optional.of(h.id));
    }

    private static String named(String person) {
        return person == null || person.isBlank() ? MachineWords.NO_NAME.words() : person;
    }
}
