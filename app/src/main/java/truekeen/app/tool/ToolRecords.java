package truekeen.app.tool;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import truekeen.app.platform.Form;
import truekeen.app.platform.SectionView;

/** What take in shows and takes. */
public final class ToolRecords {
    private ToolRecords() {}

    /**
     * What is typed at the door. Lengths and angles as typed, in any unit; empty where left out.
     *
     * @param wantedBy day (ISO) it is wanted back, or empty
     * @param version version this is based on; 0 for a new tool
     */
    public record ToolForm(
            String name,
            String crewId,
            String trade,
            String steel,
            String width,
            String thickness,
            String usableLength,
            String retireLength,
            String primary,
            String bevelLength,
            String secondary,
            String secondaryWidth,
            String skew,
            String note,
            String wantedBy,
            long version) {}

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
     * @param remark what else to know, or empty
     */
    public record ToolPreview(
            List<Echo> echoes, List<FaultView> faults, @Nullable SectionView section, String remark) {}

    /** One fault at a field. */
    public record FaultView(String field, String message) {
        /** All that is wrong with a form. */
        public static List<FaultView> of(Form form) {
            return form.checks().refusals().stream()
                    .map(r -> new FaultView(r.field(), r.words()))
                    .toList();
        }
    }

    /** A tool as it is. */
    public record ToolView(
            UUID id,
            String name,
            UUID crewId,
            String crew,
            String trade,
            String tool,
            String use,
            String steel,
            double widthMm,
            double thicknessMm,
            double edgeLengthMm,
            double usableLengthMm,
            double retireLengthMm,
            double primaryDeg,
            @Nullable Double secondaryDeg,
            @Nullable Double secondaryWidthMm,
            double skewDeg,
            String note,
            String wantedBy,
            String takenInAt,
            Map<String, String> typed,
            SectionView section,
            long version) {}

    /** A trade to choose from. */
    public record TradeView(String key, String tool, String use, boolean skewed, String note) {}

    /** A class of steel to choose from. */
    public record SteelView(String name, String examples, String hardness, String note) {}

    /** What there is to choose from at the door. */
    public record TakeInChoices(List<TradeView> trades, List<SteelView> steels) {}
}
