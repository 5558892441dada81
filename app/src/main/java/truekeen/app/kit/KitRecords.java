package truekeen.app.kit;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import truekeen.app.kit.HolderRecords.HolderKindView;
import truekeen.app.kit.HolderRecords.HolderView;
import truekeen.app.kit.HolderRecords.WheelKindView;
import truekeen.app.kit.HolderRecords.WheelView;
import truekeen.app.platform.OneOf;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveClass;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.abrasive.CommonKit;
import truekeen.core.care.PrepAct;
import truekeen.core.grit.GrainSize;

/** What the kit shows and takes. */
public final class KitRecords {
    private KitRecords() {}

    /**
     * One abrasive as it stands.
     *
     * @param grit its name with its standard, such as "JIS #1000"
     * @param scratchUm depth of the scratch it leaves (µm), an estimate
     * @param ready whether nothing is to be done with it
     * @param next what it wants next, in words
     * @param lengthMm length (mm), where it was measured
     * @param worn how far it is worn (%)
     * @param dishMm hollow in the middle when it was last looked at (mm)
     * @param dishDeg the most that hollow puts an angle off (°)
     * @param lapsFinestUm finest grain it may flatten or dress (µm), where it is one that does
     * @param dryingSeconds until its fresh compound is dry (s); 0 where it is
     * @param alsoCalled the nearest name of its grain in each other standard
     * @param grain OXIDE or SUPER; NONE without grain
     * @param otherSide name of the face on the other side of the same piece, or empty
     */
    public record AbrasiveView(
            UUID id,
            String name,
            String kind,
            String gritStandard,
            String gritName,
            @Nullable Double makerUm,
            double d50Um,
            GrainSize.Evidence grainEvidence,
            String grit,
            double scratchUm,
            Abrasive.Shape shape,
            String lubricant,
            boolean flat,
            double strokesSinceLapped,
            boolean lappable,
            boolean soaks,
            double soakLeftSeconds,
            boolean retired,
            boolean frozen,
            boolean ready,
            String next,
            Abrasive.Firmness firmness,
            boolean favourite,
            Abrasive.Slurry slurry,
            @Nullable Double lengthMm,
            String lengthTyped,
            boolean glazed,
            boolean oilInside,
            double worn,
            @Nullable Double dishMm,
            @Nullable Double dishDeg,
            boolean laps,
            @Nullable Double lapsFinestUm,
            @Nullable Double lapsCoarsestUm,
            boolean nicked,
            double dryingSeconds,
            List<NameView> alsoCalled,
            AbrasiveClass grain,
            String otherSide,
            List<KitActView> acts,
            long version) {}

    /** A grade of a standard and its median grain (µm). */
    public record NameView(String standard, String name, double d50Um) {}

    /** Something that can be done to a piece, and what it is called. */
    public record KitActView(KitAct act, String words) {}

    /**
     * What is typed for an abrasive.
     *
     * @param makerUm the maker's micrometres as typed, or empty
     * @param grain OXIDE or SUPER where the kind leaves it open (strops, film); empty for the kind's own
     * @param lappable whether something that is not listed here laps it
     * @param length its length as typed, or empty
     * @param worn how far it is worn (%), as typed; empty for new
     * @param laps whether it flattens or dresses others
     * @param lapsFinest finest grain it may touch, as typed; empty for what is usual for its own
     * @param lapsCoarsest coarsest grain it may touch
     * @param otherSide name of the piece on the shelf that is the face on its other side; empty for one face
     * @param otherSideGrit grit of a second face of the same standard, put on the shelf with it; empty for none
     */
    public record AbrasiveForm(
            String name,
            String kind,
            String gritStandard,
            String gritName,
            String makerUm,
            @OneOf(value = AbrasiveClass.class, orNone = true) String grain,
            @OneOf(Abrasive.Shape.class) String shape,
            String lubricant,
            boolean flat,
            double strokesSinceLapped,
            boolean lappable,
            boolean soaks,
            boolean retired,
            boolean frozen,
            @OneOf(value = Abrasive.Firmness.class, orNone = true) String firmness,
            boolean favourite,
            @OneOf(value = Abrasive.Slurry.class, orNone = true) String slurry,
            String length,
            boolean glazed,
            boolean oilInside,
            String worn,
            boolean laps,
            String lapsFinest,
            String lapsCoarsest,
            boolean nicked,
            String otherSide,
            String otherSideGrit,
            long version) {

        /** The same, its other side being a piece of that name; empty for one face. */
        public AbrasiveForm withOtherSide(String other) {
            return new AbrasiveForm(
                    name,
                    kind,
                    gritStandard,
                    gritName,
                    makerUm,
                    grain,
                    shape,
                    lubricant,
                    flat,
                    strokesSinceLapped,
                    lappable,
                    soaks,
                    retired,
                    frozen,
                    firmness,
                    favourite,
                    slurry,
                    length,
                    glazed,
                    oilInside,
                    worn,
                    laps,
                    lapsFinest,
                    lapsCoarsest,
                    nicked,
                    other,
                    otherSideGrit,
                    version);
        }

        /** A piece of which nothing more is said than what it is and how it stands. */
        public AbrasiveForm(
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
                long version) {
            this(
                    name,
                    kind,
                    gritStandard,
                    gritName,
                    makerUm,
                    grain,
                    shape,
                    lubricant,
                    flat,
                    strokesSinceLapped,
                    lappable,
                    soaks,
                    retired,
                    frozen,
                    "",
                    false,
                    "",
                    "",
                    false,
                    false,
                    "",
                    false,
                    "",
                    "",
                    false,
                    "",
                    "",
                    version);
        }
    }

    /** Something done to a piece: one of its acts, and the hollow found where it was looked at. */
    public record KitActForm(@OneOf(KitAct.class) String act, String dish) {}

    /** A list to read in. */
    public record CsvForm(String text) {}

    /** What came of reading a list in. */
    public record ImportView(int added, int changed, List<String> lines) {}

    /** One thing the kit asks for. */
    public record CareView(
            PrepAct.Kind kind,
            String abrasiveId,
            String name,
            String with,
            double seconds,
            boolean waits,
            String words,
            String why) {}

    /** What the kit asks for now, in the order it is done in, and what is under way. */
    public record KitCare(List<CareView> acts, List<TimerView> timers, List<WearView> wearing) {}

    /**
     * When a piece wears out.
     *
     * @param thins whether its thickness says so
     * @param thicknessMm the newest that was measured
     * @param low fewest strokes until its end; null where nothing can be said
     * @param high most strokes
     * @param early first day by which it may be worn out; null where that is too far off to name a day
     * @param late last day; null likewise
     * @param gone whether nothing is left of it
     * @param measured whether its own wear is known, and not only that of its kind
     * @param soon whether its like is to be bought ahead
     */
    public record WearView(
            UUID abrasiveId,
            String name,
            String kind,
            double d50Um,
            boolean thins,
            @Nullable Double thicknessMm,
            @Nullable Double low,
            @Nullable Double high,
            @Nullable LocalDate early,
            @Nullable LocalDate late,
            boolean gone,
            boolean measured,
            boolean soon) {}

    /** A thickness, as measured today. */
    public record ThicknessForm(String thickness) {}

    /** Something that passes by itself. */
    public record TimerView(String abrasiveId, String name, String what, double secondsLeft) {}

    /** A tester with the shop's own reading of a new utility blade on it (g). */
    public record TesterView(UUID id, String name, double referenceG, long version) {}

    /** What is typed for a tester. */
    public record TesterForm(String name, String reference, long version) {}

    /** A kind to choose from. */
    public record KindView(
            String name, AbrasiveKind.Use use, List<String> lubricants, int soakMinutes, boolean eitherGrain) {}

    /** A standard to choose from. */
    public record StandardView(String key, String meaning, String source, String prefix) {}

    /** What a grit name means. */
    public record GrainForm(String gritStandard, String gritName, String makerUm) {}

    /**
     * What a grit name means.
     *
     * @param d50Um median grain (µm)
     * @param evidence how it is known
     * @param sameName what the same number means in the other standards
     */
    public record GrainView(double d50Um, GrainSize.Evidence evidence, String words, List<NameView> sameName) {}

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

    /**
     * Something that many a bench has.
     *
     * @param drawing which drawing shows it
     * @param holds whether it holds an angle, rather than cuts
     * @param there whether it stands in the kit already
     */
    public record CommonKitView(String key, String title, CommonKit.Drawing drawing, boolean holds, boolean there) {}

    /** What of it is put into the kit. */
    public record CommonKitForm(List<String> keys) {}
}
