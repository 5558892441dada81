package truekeen.app.tool;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.history.ToolChanged;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.app.platform.SectionView;
import truekeen.app.shop.ShopService;
import truekeen.app.tool.ToolRecords.Echo;
import truekeen.app.tool.ToolRecords.FaultView;
import truekeen.app.tool.ToolRecords.LayoutView;
import truekeen.app.tool.ToolRecords.TakeInChoices;
import truekeen.app.tool.ToolRecords.ToolForm;
import truekeen.app.tool.ToolRecords.ToolPreview;
import truekeen.app.tool.ToolRecords.ToolView;
import truekeen.app.tool.ToolRecords.TradeView;
import truekeen.core.condition.MeanLoss;
import truekeen.core.message.Numbers;
import truekeen.core.steel.SteelClass;
import truekeen.core.tool.Arrival;
import truekeen.core.tool.Blade;
import truekeen.core.tool.EdgeLayout;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ToolUse;
import truekeen.core.tool.ToolUses;

/** Takes tools in and keeps their dimensions true as they wear. */
@Service
@Transactional
public class ToolService {
    private final Tools tools;
    private final ShopService shop;
    private final ApplicationEventPublisher publisher;
    private final BenchClock clock;

    ToolService(Tools tools, ShopService shop, ApplicationEventPublisher publisher, BenchClock clock) {
        this.tools = tools;
        this.shop = shop;
        this.publisher = publisher;
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
     * @param hardnessHrc hardness of the blade (HRC), if it is known
     * @param scratchUm scratch that the last session left (µm), if one is logged
     * @param loss what a sharpening takes off it, by what was measured
     * @param sinceBroadFace sharpenings since its broad face was worked, or since it came
     * @param brings what it brought with it
     */
    public record CoreTool(
            UUID id,
            String name,
            Blade geometry,
            ToolUse trade,
            SteelClass steel,
            OptionalDouble hardnessHrc,
            OptionalDouble scratchUm,
            MeanLoss loss,
            int sinceBroadFace,
            Arrival brings) {}

    /** What there is to choose from. */
    public TakeInChoices choices() {
        return ToolViews.choices();
    }

    /** The works that a tool of that name can be put to. */
    public static List<TradeView> works(String tool) {
        return ToolUses.ofTool(tool).stream().map(ToolViews::trade).toList();
    }

    /** Reads a form without storing anything. */
    public ToolPreview preview(ToolForm in) {
        ToolFormReader read = new ToolFormReader(in, clock.today());
        // Dimensions that fit each other can still be too odd to draw; that is said at the field, not shown as an
        // error.
        SectionView section =
                read.blade == null ? null : read.form.checks().attempt(() -> ToolViews.section(read.blade));
        return new ToolPreview(
                Echo.of(read.form),
                FaultView.of(read.form),
                section,
                read.blade == null ? null : LayoutView.of(read.blade.layout()),
                read.remark());
    }

    /** Takes a tool in. */
    public ToolView takeIn(ToolForm in) {
        ToolRow row = new ToolRow(UUID.randomUUID());
        row.takenInAt = clock.instant();
        fill(row, in);
        ToolRow saved = tools.saveAndFlush(row);
        publisher.publishEvent(new ToolChanged(saved.id));
        return view(saved);
    }

    /** Changes what was taken down at the door. */
    public ToolView change(UUID id, ToolForm in) {
        ToolRow row = row(id);
        Form.sameVersion(row.version, in.version());
        fill(row, in);
        ToolRow saved = tools.saveAndFlush(row);
        publisher.publishEvent(new ToolChanged(id));
        return view(saved);
    }

    /** The tool of that id. */
    @Transactional(readOnly = true)
    public ToolView tool(UUID id) {
        return view(row(id));
    }

    /**
     * A tool on the rack.
     *
     * @param owner the crew it belongs to
     * @param kind what it is: "bench chisel"
     * @param wantedBy day it is wanted back, if one was promised
     * @param note what was said at the door
     * @param layout how its edges lie; empty where its record cannot be read any more
     * @param retired whether it was taken out of use
     * @param pinned whether it hangs at the top of the rack
     * @param asked whether work was asked for that is not done yet: it was brought, or wanted by a day
     * @param away whether its owner took it back before it was done
     */
    public record RackedTool(
            UUID id,
            String name,
            String owner,
            String kind,
            Optional<LocalDate> wantedBy,
            Instant takenInAt,
            String note,
            Optional<EdgeLayout> layout,
            GeometryKind family,
            String steel,
            boolean retired,
            boolean pinned,
            boolean asked,
            boolean away) {
        /** Whether it belongs to a machine that must be made safe first. */
        public boolean powered() {
            return family.powered();
        }
    }

    /** All tools in use, those wanted soonest first. */
    @Transactional(readOnly = true)
    public List<RackedTool> all() {
        Map<UUID, String> crews = shop.crews().stream().collect(Collectors.toMap(c -> c.id(), c -> c.name()));
        return tools.findAllByOrderByWantedByAscNameAsc().stream()
                .filter(t -> t.deletedAt == null && t.retiredAt == null)
                .map(t -> racked(t, crews.get(t.crewId)))
                .toList();
    }

    /** One tool, as it hangs on the rack. */
    @Transactional(readOnly = true)
    public RackedTool racked(UUID id) {
        ToolRow row = row(id);
        return racked(row, shop.crew(row.crewId).name());
    }

    /** Several tools, as they hang on the rack. */
    @Transactional(readOnly = true)
    public List<RackedTool> racked(Collection<UUID> ids) {
        Map<UUID, String> crews = shop.crews().stream().collect(Collectors.toMap(c -> c.id(), c -> c.name()));
        return tools.findAllById(ids).stream()
                .map(t -> racked(t, crews.get(t.crewId)))
                .toList();
    }

    /** What the shop calls a tool. */
    @Transactional(readOnly = true)
    public String name(UUID id) {
        return row(id).name;
    }

    private static RackedTool racked(ToolRow t, String owner) {
        return new RackedTool(
                t.id,
                t.name,
                owner,
                ToolUses.byKey(t.trade).map(ToolUse::tool).orElse(t.trade),
                Optional.ofNullable(t.wantedBy),
                t.takenInAt,
                t.note,
                t.bladeIfReadable().map(Blade::layout),
                t.geometry,
                t.steel,
                t.retiredAt != null,
                t.pinned,
                t.broughtAt != null || t.wantedBy != null,
                t.awaySince != null);
    }

    /** The families of several tools. */
    @Transactional(readOnly = true)
    public Map<UUID, GeometryKind> kinds(Collection<UUID> ids) {
        return tools.findAllById(ids).stream().collect(Collectors.toMap(t -> t.id, t -> t.geometry));
    }

    /** What a tool is used for; empty where that is not known any more. */
    @Transactional(readOnly = true)
    public Optional<ToolUse> use(UUID id) {
        return ToolUses.byKey(row(id).trade);
    }

    /** The family of a tool. */
    @Transactional(readOnly = true)
    public GeometryKind kind(UUID id) {
        return row(id).geometry;
    }

    /** Whether a tool belongs to a machine that must be made safe first. */
    @Transactional(readOnly = true)
    public boolean powered(UUID id) {
        return row(id).geometry.powered();
    }

    /** The tool as the core knows it. */
    @Transactional(readOnly = true)
    public CoreTool core(UUID id) {
        ToolRow row = row(id);
        return new CoreTool(
                id,
                row.name,
                row.blade(),
                row.use(),
                row.steelClass(),
                row.hardnessHrc == null ? OptionalDouble.empty() : OptionalDouble.of(row.hardnessHrc),
                row.scratchUm == null ? OptionalDouble.empty() : OptionalDouble.of(row.scratchUm),
                row.measured.loss(),
                row.sharpeningsSinceBroadFace,
                row.brought.toCore());
    }

    private ToolRow row(UUID id) {
        return tools.findById(id).filter(t -> t.deletedAt == null).orElseThrow(() -> Form.notFound("tool", id));
    }

    private void fill(ToolRow row, ToolForm in) {
        ToolFormReader read = new ToolFormReader(in, clock.today());
        ShopService.Named crew = read.form.choice(
                "crewId",
                ToolWords.THE_OWNER.words(),
                in.crewId(),
                shop.findCrew(in.crewId()),
                ToolWords.CREWS.words());
        read.form.checks().orThrow();
        // A blade whose section cannot be cut is refused here rather than found out at every later stage.
        ToolViews.section(read.blade);
        row.measured.lengthTyped(
                read.typed.get("usableLength"),
                row.typed == null ? null : row.typed().get("usableLength"),
                read.blade.usable().mm());
        row.name = in.name().strip();
        row.crewId = crew.id();
        row.trade = read.trade.key();
        row.steel = read.steel.name();
        row.hardnessHrc = read.hardness;
        row.geometry = read.trade.geometry();
        row.dimensions =
                ToolStore.DIMENSIONS.write(new TreeMap<>(read.blade.measures().values()));
        row.note = Form.orEmpty(in.note());
        row.wantedBy = read.wantedBy;
        row.typed = ToolStore.TYPED.write(read.typed);
        if (in.brings() != null) {
            row.brought.take(read.brings, Form.orEmpty(in.brings().hardLayer()).strip());
        }
    }

    /**
     * Another like it: all that was taken down at the door but the day it is wanted, as the tool stands now. Set-ups and
     * rules of its own are copied by those who keep them; surveys, plans and wear are not.
     */
    public ToolView another(UUID id, String name) {
        ToolRow like = row(id);
        ToolForm form = new ToolForm(
                name,
                like.crewId.toString(),
                like.trade,
                like.steel,
                like.hardnessHrc == null ? "" : Numbers.plain(like.hardnessHrc, 1),
                like.typed(),
                like.note,
                "",
                like.brought.asTyped(),
                0);
        ToolView made = takeIn(form);
        publisher.publishEvent(new ToolCopied(id, made.id()));
        return made;
    }

    private ToolView view(ToolRow t) {
        return ToolViews.tool(t, shop.crew(t.crewId).name());
    }

    interface Tools extends JpaRepository<ToolRow, UUID> {
        List<ToolRow> findAllByOrderByWantedByAscNameAsc();
    }
}
