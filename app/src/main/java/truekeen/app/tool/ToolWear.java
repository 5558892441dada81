package truekeen.app.tool;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.core.message.Numbers;
import truekeen.core.tool.Dimension;

/** What sharpening took off tools: each session's, oldest first. */
@Service
@Transactional
public class ToolWear {
    private final ToolService.Tools tools;
    private final Wears wears;
    private final BenchClock clock;

    ToolWear(ToolService.Tools tools, Wears wears, BenchClock clock) {
        this.tools = tools;
        this.wears = wears;
        this.clock = clock;
    }

    /** What a session took off: usable length before and after, and the secondary it left (mm). */
    public record Wear(UUID sessionId, Instant at, double usableBeforeMm, double usableAfterMm, double secondaryMm) {}

    /**
     * Writes down what a finished session left.
     *
     * @param after dimensions afterwards, by field
     * @param honedWidthMm width of the honed facet it left
     * @param loss what went off the length, and whether somebody measured it
     * @param broadFace whether the broad face of a single-bevel knife was worked
     */
    public void record(
            UUID toolId,
            UUID sessionId,
            Map<String, Double> after,
            double honedWidthMm,
            Lost loss,
            OptionalDouble scratchUm,
            boolean broadFace) {
        ToolRow row = row(toolId);
        double before = row.blade().usable().mm();
        Map<String, Double> was = row.dimensions();
        Map<String, Double> worn = new TreeMap<>(was);
        if (after.isEmpty()) {
            worn.put("usableLength", before - loss.mm());
        } else {
            worn = new TreeMap<>(after);
        }
        // What was typed no longer holds for what has worn; the edit form must not bring it back.
        Map<String, String> typed = new TreeMap<>(row.typed());
        typed.remove(ToolFormReader.BEVEL_LENGTH);
        for (Dimension d : row.geometry.dimensions()) {
            Double now = worn.get(d.field());
            if (now == null) {
                typed.remove(d.field());
            } else if (!now.equals(was.get(d.field())) || !typed.containsKey(d.field())) {
                typed.put(d.field(), Numbers.plain(now, 4) + d.measure().typed());
            }
        }
        row.dimensions = ToolStore.DIMENSIONS.write(worn);
        row.typed = ToolStore.TYPED.write(typed);
        scratchUm.ifPresent(um -> row.scratchUm = um);
        row.measured.afterSession(before, loss);
        row.sharpeningsSinceBroadFace = broadFace ? 0 : row.sharpeningsSinceBroadFace + 1;
        wears.save(new WearRow(toolId, sessionId, clock.instant(), before, worn.get("usableLength"), honedWidthMm));
    }

    /**
     * What went off the length.
     *
     * @param mm how much (mm)
     * @param measured whether somebody measured it; else it is what the plan foresaw
     */
    public record Lost(double mm, boolean measured) {}

    /** What sessions took off a tool, oldest first. */
    @Transactional(readOnly = true)
    public List<Wear> of(UUID toolId) {
        return wears.findByToolIdOrderByAt(toolId).stream()
                .map(w -> new Wear(w.sessionId, w.at, w.usableBeforeMm, w.usableAfterMm, w.secondaryWidthMm))
                .toList();
    }

    /** When sessions wore several tools. */
    @Transactional(readOnly = true)
    public Map<UUID, List<Instant>> at(Collection<UUID> ids) {
        return wears.findByToolIdInOrderByAt(ids).stream()
                .collect(Collectors.groupingBy(w -> w.toolId, Collectors.mapping(w -> w.at, Collectors.toList())));
    }

    private ToolRow row(UUID id) {
        return tools.findById(id).filter(t -> t.deletedAt == null).orElseThrow(() -> Form.notFound("tool", id));
    }

    interface Wears extends JpaRepository<WearRow, UUID> {
        List<WearRow> findByToolIdOrderByAt(UUID toolId);

        List<WearRow> findByToolIdInOrderByAt(Collection<UUID> toolIds);
    }
}
