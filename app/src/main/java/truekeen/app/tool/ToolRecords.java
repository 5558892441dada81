package truekeen.app.tool;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import truekeen.app.platform.Form;
import truekeen.app.platform.OneOf;
import truekeen.app.platform.SectionView;
import truekeen.core.tool.Arrival;
import truekeen.core.tool.EdgeLayout;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.Measure;

/** What take in shows and takes. */
public final class ToolRecords {
    private ToolRecords() {}

    /**
     * What is typed at the door.
     *
     * @param hardness of the blade (HRC) as typed, or empty
     * @param dimensions lengths, angles and counts as typed, by field, in any unit; only those of the tool's family
     * @param wantedBy day (ISO) it is wanted back, or empty
     * @param brings what it brings with it; nothing is known where it is left out
     * @param version version this is based on; 0 for a new tool
     */
    public record ToolForm(
            String name,
            String crewId,
            String trade,
            String steel,
            String hardness,
            Map<String, String> dimensions,
            String note,
            String wantedBy,
            @Nullable BringsForm brings,
            long version) {}

    /** Tools of a list to read in. */
    public record ToolCsvForm(String text) {}

    /** What came of reading tools in: those taken in, how many were there already, and owners who are new. */
    public record ToolImport(List<String> added, int known, List<String> newOwners) {
        /** Keeps the lists from changing. */
        public ToolImport {
            added = List.copyOf(added);
            newOwners = List.copyOf(newOwners);
        }
    }

    /**
     * What a tool brings with it, as it is said at the door; empty or UNKNOWN where nobody knows.
     *
     * @param age UNKNOWN, NEW or OLD
     * @param back how its maker left the back of a new one: UNKNOWN, LAPPED or RIDGED
     * @param hardLayer thickness of the hard layer of a laminated one as typed; empty where it is hard all through
     * @param lock of one that folds: UNKNOWN, LOCKS or NO_LOCK
     * @param kept where it lives: UNKNOWN, BENCH or CARRIED
     */
    public record BringsForm(
            @OneOf(value = Arrival.Age.class, orNone = true) String age,
            @OneOf(value = Arrival.MakersBack.class, orNone = true) String back,
            String hardLayer,
            @OneOf(value = Arrival.Lock.class, orNone = true) String lock,
            @OneOf(value = Arrival.Kept.class, orNone = true) String kept) {}

    /** The name of another like it. */
    public record AnotherForm(String name) {}

    /** What one field of a form was understood as. */
    public record Echo(String field, String understood) {
        /** All that a form was understood as. */
        public static List<Echo> of(Form form) {
            return form.echoes().entrySet().stream()
                    .map(e -> new Echo(e.getKey(), e.getValue()))
                    .toList();
        }
    }

    /**
     * A form read, before anything is stored.
     *
     * @param echoes what was understood
     * @param faults what is wrong, at its field
     * @param section the edge as described, once it can be drawn
     * @param layout how its edges lie, once that can be drawn
     * @param remark what else to know, or empty
     */
    public record ToolPreview(
            List<Echo> echoes,
            List<FaultView> faults,
            @Nullable SectionView section,
            @Nullable LayoutView layout,
            String remark) {}

    /** One fault at a field. */
    public record FaultView(String field, String message) {
        /** All that is wrong with a form. */
        public static List<FaultView> of(Form form) {
            return form.checks().refusals().stream()
                    .map(r -> new FaultView(r.field(), r.words()))
                    .toList();
        }
    }

    /** A place of a curved edge (mm). */
    public record RiseView(double alongMm, double riseMm) {}

    /** A part of an edge as the bench calls it (mm along the edge). */
    public record ZoneView(String words, double fromMm, double toMm) {}

    /**
     * How the edges of a tool lie.
     *
     * @param form STRAIGHT, CURVED, BAR or TEETH
     * @param edges how many edges
     * @param edgeMm length of one (mm)
     * @param totalMm length of all (mm)
     * @param from what millimetres are counted from
     * @param bodyMm body between the edges of a bar, depth of a tooth (mm)
     * @param perTooth edges of one tooth; 0 where there are no teeth
     * @param zones its parts from the beginning to the end, by its own shape
     */
    public record LayoutView(
            EdgeLayout.Form form,
            int edges,
            double edgeMm,
            double totalMm,
            String from,
            String to,
            List<RiseView> rise,
            double bodyMm,
            int perTooth,
            List<ZoneView> zones) {
        /** The view of a layout. */
        public static LayoutView of(EdgeLayout l) {
            return new LayoutView(
                    l.form(),
                    l.edges(),
                    l.edgeMm(),
                    l.totalMm(),
                    l.from().words(),
                    l.to().words(),
                    l.rise().stream()
                            .map(r -> new RiseView(r.alongMm(), r.riseMm()))
                            .toList(),
                    l.bodyMm(),
                    l.perTooth(),
                    l.zones().stream()
                            .map(z -> new ZoneView(z.words(), z.fromMm(), z.toMm()))
                            .toList());
        }
    }

    /** A dimension as it stands. */
    public record MeasureView(String field, String label, String value) {}

    /** Something that is not done to a tool, and why. */
    public record RefusedView(String operation, String reason) {}

    /**
     * A tool as it is.
     *
     * @param brings what it brought with it
     * @param known the same in words, as far as it is known
     * @param retired whether it was taken out of use
     * @param pinned whether it hangs at the top of the rack
     */
    public record ToolView(
            UUID id,
            String name,
            UUID crewId,
            String crew,
            String trade,
            String tool,
            String use,
            String steel,
            @Nullable Double hardnessHrc,
            GeometryKind geometry,
            String convention,
            List<MeasureView> measures,
            double edgeLengthMm,
            double usableLengthMm,
            double retireLengthMm,
            double primaryDeg,
            double lastDeg,
            double includedDeg,
            LayoutView layout,
            List<RefusedView> refused,
            List<String> allowed,
            boolean backed,
            boolean square,
            boolean powered,
            String note,
            String wantedBy,
            Instant takenInAt,
            Map<String, String> typed,
            SectionView section,
            BringsForm brings,
            List<String> known,
            boolean retired,
            boolean pinned,
            long version) {}

    /** A tool in a list. */
    public record ToolLine(
            UUID id, String name, String crew, String tool, String wantedBy, LayoutView layout, boolean powered) {}

    /**
     * A trade to choose from.
     *
     * @param geometry its family
     * @param asked what it may bring with it
     * @param usualPrimary the ground bevel it usually has, as it would be typed
     */
    public record TradeView(
            String key,
            String tool,
            String use,
            GeometryKind geometry,
            String note,
            List<Arrival.Asked> asked,
            String usualPrimary) {}

    /** A class of steel to choose from. */
    public record SteelView(String name, String examples, String hardness, String note) {}

    /**
     * A dimension to be asked for.
     *
     * @param usual what it usually is, as it would be typed; empty where it is left out or the work says it
     */
    public record DimensionView(
            String field, String label, Measure measure, boolean needed, String where, String usual) {}

    /**
     * A family of geometry.
     *
     * @param convention words that say how its angles are measured
     * @param bevelLength whether the primary may be taken from the length of the bevel instead
     * @param backed whether it has a back that is surveyed
     * @param square whether it has an end that can be out of square
     * @param powered whether its machine must be made safe first
     */
    public record FamilyView(
            GeometryKind geometry,
            String convention,
            List<DimensionView> dimensions,
            boolean bevelLength,
            boolean backed,
            boolean square,
            boolean powered,
            List<String> allowed,
            List<RefusedView> refused) {}

    /** What there is to choose from at the door. */
    public record TakeInChoices(List<TradeView> trades, List<FamilyView> families, List<SteelView> steels) {}
}
