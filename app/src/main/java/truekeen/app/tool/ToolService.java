package truekeen.app.tool;

import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.app.platform.SectionView;
import truekeen.app.shop.ShopService;
import truekeen.app.tool.ToolRecords.Echo;
import truekeen.app.tool.ToolRecords.FaultView;
import truekeen.app.tool.ToolRecords.SteelView;
import truekeen.app.tool.ToolRecords.TakeInChoices;
import truekeen.app.tool.ToolRecords.ToolForm;
import truekeen.app.tool.ToolRecords.ToolPreview;
import truekeen.app.tool.ToolRecords.ToolView;
import truekeen.app.tool.ToolRecords.TradeView;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.FlatBackSection;
import truekeen.core.section.Section;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;
import truekeen.core.tool.FlatBackTool;
import truekeen.core.tool.Trade;
import truekeen.core.tool.Trades;

/** Takes tools in and keeps their dimensions true as they wear. */
@Service
@Transactional
public class ToolService {
    /** How much blade is drawn behind the heel (mm). */
    private static final double DRAWN_BODY_MM = 4;

    private final Tools tools;
    private final Wears wears;
    private final ShopService shop;
    private final BenchClock clock;

    ToolService(Tools tools, Wears wears, ShopService shop, BenchClock clock) {
        this.tools = tools;
        this.wears = wears;
        this.shop = shop;
        this.clock = clock;
    }

    /**
     * A tool as the core knows it.
     *
     * @param id its key
     * @param name what the shop calls it
     * @param geometry its dimensions now
     * @param trade what it is and what it is used for
     * @param steel its class of steel
     * @param scratchUm scratch that the last session left (µm), if one is logged
     */
    public record CoreTool(
            UUID id, String name, FlatBackTool geometry, Trade trade, SteelClass steel, OptionalDouble scratchUm) {}

    /** What a session took off: usable length before and after, and the secondary it left (mm). */
    public record Wear(UUID sessionId, Instant at, double usableBeforeMm, double usableAfterMm, double secondaryMm) {}

    /** What there is to choose from. */
    public TakeInChoices choices() {
        return new TakeInChoices(
                Trades.flatBack().stream()
                        .map(t -> new TradeView(t.key(), t.tool(), t.use(), t.skewed(), t.note()))
                        .toList(),
                Steels.all().stream()
                        .map(s -> new SteelView(s.name(), s.examples(), s.hardness(), s.note()))
                        .toList());
    }

    /** Reads a form without storing anything. */
    public ToolPreview preview(ToolForm in) {
        ToolFormReader read = new ToolFormReader(in, clock.today());
        SectionView section = read.geometry == null ? null : drawn(read.geometry);
        return new ToolPreview(Echo.of(read.form), FaultView.of(read.form), section, read.remark());
    }

    /** Takes a tool in. */
    public ToolView takeIn(ToolForm in) {
        ToolRow row = new ToolRow(UUID.randomUUID());
        row.takenInAt = clock.instant();
        fill(row, in);
        return view(tools.saveAndFlush(row));
    }

    /** Changes what was taken down at the door. */
    public ToolView change(UUID id, ToolForm in) {
        ToolRow row = row(id);
        Form.sameVersion(row.version, in.version());
        fill(row, in);
        return view(tools.saveAndFlush(row));
    }

    /** The tool of that id. */
    @Transactional(readOnly = true)
    public ToolView tool(UUID id) {
        return view(row(id));
    }

    /** All tools, those wanted soonest first. */
    @Transactional(readOnly = true)
    public List<ToolView> all() {
        return tools.findAllByOrderByWantedByAscNameAsc().stream()
                .map(this::view)
                .toList();
    }

    /** The tool as the core knows it. */
    @Transactional(readOnly = true)
    public CoreTool core(UUID id) {
        ToolRow row = row(id);
        return new CoreTool(
                id,
                row.name,
                row.geometry(),
                Trades.byKey(row.trade).orElseThrow(),
                Steels.byName(row.steel).orElseThrow(),
                row.scratchUm == null ? OptionalDouble.empty() : OptionalDouble.of(row.scratchUm));
    }

    /**
     * Writes down what a finished session left: bevels, width of the secondary, length, scratch.
     *
     * @param lostMm length that went
     */
    public void wear(
            UUID toolId,
            UUID sessionId,
            double primaryDeg,
            double lastDeg,
            double secondaryWidthMm,
            double lostMm,
            OptionalDouble scratchUm) {
        ToolRow row = row(toolId);
        double before = row.usableLengthMm;
        row.usableLengthMm = before - lostMm;
        // What was typed no longer holds for what has worn; the edit form must not bring it back.
        row.typed = new HashMap<>(row.typed);
        row.typed.put("usableLength", Length.ofMm(row.usableLengthMm).toString());
        if (secondaryWidthMm > 0) {
            row.primaryDeg = primaryDeg;
            row.secondaryDeg = lastDeg;
            row.secondaryWidthMm = secondaryWidthMm;
            row.typed.put("primary", Angle.ofDegrees(primaryDeg).toString());
            row.typed.put("bevelLength", "");
            row.typed.put("secondary", Angle.ofDegrees(lastDeg).toString());
            row.typed.put("secondaryWidth", Length.ofMm(secondaryWidthMm).toString());
        }
        scratchUm.ifPresent(um -> row.scratchUm = um);
        wears.save(new WearRow(toolId, sessionId, clock.instant(), before, row.usableLengthMm, secondaryWidthMm));
    }

    /** What sessions took off a tool, oldest first. */
    @Transactional(readOnly = true)
    public List<Wear> wear(UUID toolId) {
        return wears.findByToolIdOrderByAt(toolId).stream()
                .map(w -> new Wear(w.sessionId, w.at, w.usableBeforeMm, w.usableAfterMm, w.secondaryWidthMm))
                .toList();
    }

    private ToolRow row(UUID id) {
        return tools.findById(id).orElseThrow(() -> Form.notFound("tool", id));
    }

    private void fill(ToolRow row, ToolForm in) {
        ToolFormReader read = new ToolFormReader(in, clock.today());
        ShopService.Named crew = read.form.choice(
                "crewId", "The owner", in.crewId(), shop.findCrew(in.crewId()), "the crews of this shop");
        read.form.checks().orThrow();
        FlatBackTool tool = read.geometry;
        row.name = in.name().strip();
        row.crewId = crew.id();
        row.trade = read.trade.key();
        row.steel = read.steel.name();
        row.widthMm = tool.width().mm();
        row.thicknessMm = tool.thickness().mm();
        row.usableLengthMm = tool.usableLength().mm();
        row.retireLengthMm = tool.retireLength().mm();
        row.primaryDeg = tool.primary().degrees();
        row.secondaryDeg = tool.secondary().map(a -> a.degrees()).orElse(null);
        row.secondaryWidthMm = tool.secondaryWidth().map(l -> l.mm()).orElse(null);
        row.skewDeg = tool.skew().degrees();
        row.note = Form.orEmpty(in.note());
        row.wantedBy = read.wantedBy;
        row.typed = read.typed;
    }

    private static SectionView drawn(FlatBackTool tool) {
        Section now = tool.secondary().isPresent()
                ? FlatBackSection.withSecondary(
                        tool.thickness(),
                        tool.primary(),
                        tool.secondary().get(),
                        tool.secondaryWidth().orElseThrow(),
                        DRAWN_BODY_MM)
                : FlatBackSection.single(tool.thickness(), tool.primary(), DRAWN_BODY_MM);
        return SectionView.of(List.of(now), List.of(now), List.of());
    }

    private ToolView view(ToolRow t) {
        Trade trade = Trades.byKey(t.trade).orElseThrow();
        return new ToolView(
                t.id,
                t.name,
                t.crewId,
                shop.crew(t.crewId).name(),
                t.trade,
                trade.tool(),
                trade.use(),
                t.steel,
                t.widthMm,
                t.thicknessMm,
                t.geometry().edgeLengthMm(),
                t.usableLengthMm,
                t.retireLengthMm,
                t.primaryDeg,
                t.secondaryDeg,
                t.secondaryWidthMm,
                t.skewDeg,
                t.note,
                t.wantedBy == null ? "" : t.wantedBy.toString(),
                t.takenInAt.toString(),
                t.typed,
                drawn(t.geometry()),
                t.version);
    }

    interface Tools extends JpaRepository<ToolRow, UUID> {
        List<ToolRow> findAllByOrderByWantedByAscNameAsc();
    }

    interface Wears extends JpaRepository<WearRow, UUID> {
        List<WearRow> findByToolIdOrderByAt(UUID toolId);
    }
}
