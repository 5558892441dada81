package truekeen.app.board;

import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.board.BoardRecords.BelongingsView;
import truekeen.app.board.BoardRecords.DeletedView;
import truekeen.app.history.ExportSource;
import truekeen.app.machine.MachineService;
import truekeen.app.platform.Form;
import truekeen.app.shop.ShopService;
import truekeen.app.tool.ToolKeeping;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;

/** Takes tools off the rack and hangs them back: out of use, deleted, brought back. */
@Service
@Transactional
public class RackService {
    private final ToolKeeping keeping;
    private final Standings standings;
    private final ShopService shop;
    private final MachineService machines;
    private final List<ExportSource> sources;

    RackService(
            ToolKeeping keeping,
            Standings standings,
            ShopService shop,
            MachineService machines,
            List<ExportSource> sources) {
        this.keeping = keeping;
        this.standings = standings;
        this.shop = shop;
        this.machines = machines;
        this.sources = sources;
    }

    /** What goes with a tool when it is deleted, and whether it can be. */
    @Transactional(readOnly = true)
    public BelongingsView belongings(UUID toolId) {
        boolean open = standings.of(toolId).openSession().isPresent();
        return new BelongingsView(
                open ? MessageCode.AT_THE_BENCH.words() : "",
                sources.stream().flatMap(s -> part(s, toolId)).toList());
    }

    private static Stream<String> part(ExportSource source, UUID toolId) {
        return Arrays.stream(BelongingWords.values())
                .filter(b -> b.section().equals(source.section()))
                .flatMap(b -> {
                    int count = source.rows(toolId).size();
                    return count == 0 ? Stream.empty() : Stream.of(b.counted(count));
                });
    }

    /** Takes a tool out of use; one at the bench is refused. */
    public void retire(UUID toolId) {
        notAtTheBench(toolId);
        machines.comesOff(toolId);
        keeping.retire(toolId, true);
    }

    /** Deletes a tool, for a while to be undone; one at the bench is refused. */
    public void delete(UUID toolId) {
        notAtTheBench(toolId);
        machines.comesOff(toolId);
        keeping.delete(toolId);
    }

    /** Takes an owner off the list; one that has tools is refused, those that were deleted too. */
    public void removeOwner(UUID id) {
        String name = shop.crew(id).name();
        long count = keeping.countOfCrew(id);
        if (count > 0) {
            throw new RefusedException(Refusal.of(MessageCode.IN_USE, "", name)
                    .with("what", name)
                    .with("by", BoardWords.ITS_TOOLS.fill("count", count)));
        }
        shop.removeCrew(id);
    }

    /** Gives all tools of one owner to another. */
    public void handOver(UUID from, String to) {
        shop.crew(from);
        Form form = new Form();
        ShopService.Named owner =
                form.choice("to", BoardWords.ANOTHER_OWNER.words(), to, shop.findCrew(to), BoardWords.OWNERS.words());
        form.checks().orThrow();
        keeping.handOver(from, owner.id());
    }

    /** What was deleted and can be brought back. */
    @Transactional(readOnly = true)
    public List<DeletedView> deleted() {
        return keeping.deleted().stream()
                .map(t -> new DeletedView(t.id(), t.name(), t.deletedAt(), t.until()))
                .toList();
    }

    /** Every day: what was deleted long enough ago is gone for good. */
    @Scheduled(fixedDelay = 24, initialDelay = 0, timeUnit = TimeUnit.HOURS)
    public void forget() {
        keeping.forget();
    }

    private void notAtTheBench(UUID toolId) {
        if (standings.of(toolId).openSession().isPresent()) {
            throw new RefusedException(Refusal.of(MessageCode.AT_THE_BENCH, "", ""));
        }
    }
}
