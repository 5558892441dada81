package truekeen.app.angle;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.kit.HolderRecords.RestatedView;
import truekeen.app.kit.HolderService.CoreHolder;
import truekeen.app.kit.SetupsOnHolders;
import truekeen.app.platform.BenchClock;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.core.holding.SavedSetting;
import truekeen.core.holding.Seat;
import truekeen.core.message.Numbers;
import truekeen.core.message.RefusedException;

/** Works out anew what set-ups are set to when a wheel or a guide has changed; each says so on its card. */
@Component
@Transactional
class Restating implements SetupsOnHolders {
    private static final double SAME = 0.005;
    private static final int MOST_NOTES = 12;

    private final Setups setups;
    private final ToolService tools;
    private final BenchClock clock;

    Restating(Setups setups, ToolService tools, BenchClock clock) {
        this.setups = setups;
        this.tools = tools;
        this.clock = clock;
    }

    @Override
    public long count(UUID holderId) {
        return setups.countByHolderId(holderId);
    }

    @Override
    public List<RestatedView> restate(Collection<CoreHolder> holders, String because) {
        Map<UUID, CoreHolder> byId = holders.stream().collect(Collectors.toMap(h -> h.id(), Function.identity()));
        List<RestatedView> all = new ArrayList<>();
        for (SetupRow row : setups.findByHolderIdIn(byId.keySet())) {
            CoreTool tool = tools.core(row.toolId);
            String change = restate(row, tool, byId.get(row.holderId), because);
            if (!change.isEmpty()) {
                all.add(new RestatedView(row.toolId, tools.name(row.toolId), row.name, change));
            }
        }
        setups.flush();
        return all;
    }

    private String restate(SetupRow row, CoreTool tool, CoreHolder holder, String because) {
        if (holder.core().isEmpty()) {
            return lost(row, because, holder.fault());
        }
        try {
            List<SavedSetting> now = HolderSettings.of(
                            Optional.of(holder), Seat.of(tool.geometry()), row.inkDeg, Optional.empty())
                    .kept(row.target());
            return note(row, now, because, clock.instant());
        } catch (RefusedException refused) {
            return lost(row, because, refused.refusals().get(0).words());
        }
    }

    /** It can no longer be held so: the setting goes, since following the old one would be wrong. */
    private String lost(SetupRow row, String because, String reason) {
        row.settings = SetupStore.SETTINGS.write(List.of());
        add(row, because, reason, clock.instant());
        return reason;
    }

    /** Puts new settings down and says what changed; nothing is said where nothing did. */
    static String note(SetupRow row, List<SavedSetting> now, String because, Instant at) {
        List<SavedSetting> then = row.settings();
        List<String> changes = new ArrayList<>();
        for (SavedSetting s : now) {
            Optional<SavedSetting> before =
                    then.stream().filter(o -> o.bevel() == s.bevel()).findFirst();
            if (before.isEmpty() || Math.abs(before.get().value() - s.value()) > SAME) {
                changes.add(AngleWords.RESTATED.fill(
                        "setting",
                        s.label(),
                        "bevel",
                        s.bevel().words(),
                        "before",
                        before.map(o -> shown(o) + " to ").orElse(""),
                        "after",
                        shown(s)));
            }
        }
        row.settings = SetupStore.SETTINGS.write(now);
        String change = String.join(", ", changes);
        if (!change.isEmpty()) {
            add(row, because, change, at);
        }
        return change;
    }

    private static void add(SetupRow row, String because, String change, Instant at) {
        List<SetupRow.Restated> notes = new ArrayList<>(row.restated());
        notes.add(new SetupRow.Restated(at, because, change));
        row.restated = SetupStore.RESTATED.write(notes.subList(Math.max(0, notes.size() - MOST_NOTES), notes.size()));
    }

    private static String shown(SavedSetting s) {
        return Numbers.plain(s.value(), 1) + s.unit().behindANumber();
    }
}
