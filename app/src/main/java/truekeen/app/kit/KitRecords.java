package truekeen.app.kit;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.UUID;
import truekeen.app.kit.HolderRecords.HolderKindView;
import truekeen.app.kit.HolderRecords.HolderView;
import truekeen.app.kit.HolderRecords.WheelKindView;
import truekeen.app.kit.HolderRecords.WheelView;

/** What the kit shows and takes. */
public final class KitRecords {
    private KitRecords() {}

    /**
     * One abrasive as it stands.
     *
     * @param grit its name with its standard, such as "JIS #1000"
     * @param scratchUm depth of the scratch it leaves (µm), an estimate
     * @param next what it wants next, in words
     */
    public record AbrasiveView(
            UUID id,
            String name,
            String kind,
            String gritStandard,
            String gritName,
            @Nullable Double makerUm,
            double d50Um,
            String grainEvidence,
            String grit,
            double scratchUm,
            String shape,
            String lubricant,
            boolean flat,
            double strokesSinceLapped,
            boolean lappable,
            boolean soaks,
            double soakLeftSeconds,
            boolean retired,
            boolean frozen,
            String next,
            long version) {}

    /**
     * What is typed for an abrasive.
     *
     * @param makerUm the maker's micrometres as typed, or empty
     * @param grain OXIDE or SUPER where the kind leaves it open (strops, film); empty for the kind's own
     */
    public record AbrasiveForm(
            String name,
            String kind,
            String gritStandard,
            String gritName,
            String makerUm,
            String grain,
            String shape,
            String lubricant,
            boolean flat,
            double strokesSinceLapped,
            boolean lappable,
            boolean soaks,
            boolean retired,
            boolean frozen,
            long version) {}

    /** A tester with the shop's own reading of a new utility blade on it (g). */
    public record TesterView(UUID id, String name, double referenceG, long version) {}

    /** What is typed for a tester. */
    public record TesterForm(String name, String reference, long version) {}

    /** A kind to choose from. */
    public record KindView(String name, String use, List<String> lubricants, int soakMinutes) {}

    /** A standard to choose from. */
    public record StandardView(String key, String meaning, String source, String prefix) {}

    /** What a grit name means. */
    public record GrainForm(String gritStandard, String gritName, String makerUm) {}

    /** What a grit name means: median grain (µm), how it is known, and that in words. */
    public record GrainView(double d50Um, String evidence, String words) {}

    /** The kit. */
    public record KitView(
            List<AbrasiveView> abrasives,
            List<HolderView> holders,
            List<HolderKindView> holderKinds,
            List<WheelView> wheels,
            List<WheelKindView> wheelKinds,
            List<TesterView> testers,
            List<KindView> kinds,
            List<StandardView> standards) {}
}
