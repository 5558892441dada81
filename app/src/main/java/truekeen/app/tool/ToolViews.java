package truekeen.app.tool;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import truekeen.app.platform.SectionView;
import truekeen.app.tool.ToolRecords.DimensionView;
import truekeen.app.tool.ToolRecords.FamilyView;
import truekeen.app.tool.ToolRecords.LayoutView;
import truekeen.app.tool.ToolRecords.MeasureView;
import truekeen.app.tool.ToolRecords.RefusedView;
import truekeen.app.tool.ToolRecords.SteelView;
import truekeen.app.tool.ToolRecords.TakeInChoices;
import truekeen.app.tool.ToolRecords.ToolView;
import truekeen.app.tool.ToolRecords.TradeView;
import truekeen.core.message.InWords;
import truekeen.core.message.Numbers;
import truekeen.core.steel.Steels;
import truekeen.core.tool.Arrival;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Dimension;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.Operation;
import truekeen.core.tool.ToolUse;
import truekeen.core.tool.ToolUses;
import truekeen.core.tool.UsualDimensions;

/** Tools and families, for the screens. */
final class ToolViews {
    private static final TakeInChoices CHOICES = new TakeInChoices(
            ToolUses.all().stream().map(ToolViews::trade).toList(),
            Arrays.stream(GeometryKind.values()).map(ToolViews::family).toList(),
            Steels.all().stream()
                    .map(s -> new SteelView(s.name(), s.examples(), s.hardness(), s.note()))
                    .toList());

    private ToolViews() {}

    static TakeInChoices choices() {
        return CHOICES;
    }

    static TradeView trade(ToolUse t) {
        return new TradeView(
                t.key(),
                t.tool(),
                t.use(),
                t.geometry(),
                InWords.placesAndFigures(t.note()),
                List.copyOf(t.asked()),
                t.primaryUsual().toString());
    }

    private static String usual(GeometryKind kind, Dimension d) {
        OptionalDouble usual = d.needed() ? UsualDimensions.of(kind, d.field()) : OptionalDouble.empty();
        return usual.isPresent() ? Numbers.plain(usual.getAsDouble(), 2) : "";
    }

    private static FamilyView family(GeometryKind kind) {
        return new FamilyView(
                kind,
                kind.convention().words(),
                kind.dimensions().stream()
                        .map(d -> new DimensionView(
                                d.field(), d.label(), d.measure(), d.needed(), d.where(), usual(kind, d)))
                        .toList(),
                kind.bevelSpans().isPresent(),
                kind.back(),
                kind.square(),
                kind.powered(),
                kind.allowed().stream().map(Operation::words).toList(),
                refused(kind));
    }

    private static List<RefusedView> refused(GeometryKind kind) {
        return kind.refused().entrySet().stream()
                .map(e -> new RefusedView(e.getKey().words(), e.getValue()))
                .toList();
    }

    static ToolView tool(ToolRow t, String crew) {
        ToolUse trade = t.use();
        Blade blade = t.blade();
        Map<String, Double> dimensions = t.dimensions();
        return new ToolView(
                t.id,
                t.name,
                t.crewId,
                crew,
                t.trade,
                trade.tool(),
                trade.use(),
                t.steel,
                t.hardnessHrc,
                blade.kind(),
                blade.kind().convention().words(),
                blade.kind().dimensions().stream()
                        .filter(d -> dimensions.containsKey(d.field()))
                        .map(d -> measure(d, dimensions.get(d.field())))
                        .toList(),
                blade.edgeLengthMm(),
                blade.usable().mm(),
                blade.retire().mm(),
                blade.primary().degrees(),
                blade.lastBevel().degrees(),
                blade.included().degrees(),
                LayoutView.of(blade.layout()),
                refused(blade.kind()),
                blade.kind().allowed().stream().map(Operation::words).toList(),
                blade.kind().back(),
                blade.kind().square(),
                blade.kind().powered(),
                t.note,
                t.wantedBy == null ? "" : t.wantedBy.toString(),
                t.takenInAt,
                t.typed(),
                SectionDrawing.of(blade),
                t.brought.asTyped(),
                known(t.brought.toCore()),
                t.retiredAt != null,
                t.pinned,
                t.version);
    }

    /** What is known, in words. */
    private static List<String> known(Arrival a) {
        List<String> all = new ArrayList<>();
        switch (a.age()) {
            case NEW -> all.add(ToolWords.CAME_NEW.words());
            case OLD -> all.add(ToolWords.CAME_OLD.words());
            default -> {}
        }
        switch (a.back()) {
            case LAPPED -> all.add(ToolWords.BACK_LAPPED.words());
            case RIDGED -> all.add(ToolWords.BACK_RIDGED.words());
            default -> {}
        }
        a.hardLayer().ifPresent(h -> all.add(ToolWords.HARD_LAYER_OF.fill("layer", h)));
        switch (a.lock()) {
            case LOCKS -> all.add(ToolWords.LOCKS.words());
            case NO_LOCK -> all.add(ToolWords.NO_LOCK.words());
            default -> {}
        }
        switch (a.kept()) {
            case BENCH -> all.add(ToolWords.KEPT_AT_BENCH.words());
            case CARRIED -> all.add(ToolWords.CARRIED.words());
            default -> {}
        }
        return List.copyOf(all);
    }

    private static MeasureView measure(Dimension d, double value) {
        return new MeasureView(
                d.field(), d.label(), Numbers.plain(value, 3) + d.measure().unit());
    }

    static SectionView section(Blade blade) {
        return SectionDrawing.of(blade);
    }
}
