package truekeen.app.edgetest;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import truekeen.app.platform.AdviceView;
import truekeen.app.platform.OneOf;
import truekeen.core.fault.EdgeState;
import truekeen.core.fault.Remedy;
import truekeen.core.fault.Sign;

/** What the test stage shows and takes. */
public final class TestRecords {
    private TestRecords() {}

    /** A reading at a station, as typed. */
    public record ReadingForm(double xMm, String grams) {}

    /**
     * Something seen, by its sign, and where (mm from the beginning of the edge).
     *
     * @param fromMm null where it has no place, or nobody said
     */
    public record SignForm(@OneOf(Sign.class) String sign, @Nullable Double fromMm, @Nullable Double toMm) {}

    /**
     * A test.
     *
     * @param reference the shop's own reading of a new utility blade, as typed; needed where there are readings
     * @param readings force at stations, or none
     * @param seen what came of the tests of the ladder
     */
    public record TestForm(
            String device, String person, String reference, List<ReadingForm> readings, List<SignForm> seen) {}

    /** A remedy that is accepted, for one of the findings by its place in the list. */
    public record ChosenForm(int finding, String remedy) {}

    /** Who asks to go back to the stones, and by which remedies; none for what is likeliest at each place. */
    public record BackForm(String device, String person, @Nullable List<ChosenForm> chosen) {}

    /** Work that was asked for, and the page it is planned on. */
    public record WorkToPlan(String path) {}

    /** A reading. */
    public record ReadingView(double xMm, double grams) {}

    /** What may come of a test. */
    public record OutcomeOfCheck(Sign sign, String words, Sign.Says says, boolean placed) {}

    /**
     * A test of the ladder.
     *
     * @param needed whether the tool's work needs it, or the test before it asks for it; else it is one more
     */
    public record CheckView(
            String check, String title, String how, String safety, List<OutcomeOfCheck> outcomes, boolean needed) {}

    /** Something seen, in words and with its place. */
    public record SignSeen(Sign sign, String words, Sign.Says says, @Nullable Double fromMm, @Nullable Double toMm) {}

    /** A piece of evidence: above zero it speaks for the fault, below against it. */
    public record ClueView(String words, double weight) {}

    /**
     * A remedy.
     *
     * @param entersAt the stone it takes the progression up again at, or where else
     * @param tried times it was tried here with a test after it
     * @param worked times that test said the fault was gone
     * @param leads the work it names, which is planned; null where no plan is needed
     */
    public record RemedyView(
            String remedy,
            String words,
            String entersAt,
            boolean whole,
            int tried,
            int worked,
            @Nullable Remedy.Work leads) {}

    /**
     * Something that may be wrong.
     *
     * @param sure probability, 0 to 1, under the weights of the rule: an estimate
     * @param telling the check that would tell it from its nearest rival; empty where there is none
     * @param proposed whether its first remedy is what would be done if nobody chose
     */
    public record FindingOfTest(
            String fault,
            String title,
            double fromMm,
            double toMm,
            boolean whole,
            double sure,
            String how,
            List<ClueView> evidence,
            String telling,
            boolean proposed,
            List<RemedyView> remedies) {}

    /** The force, where it was read. */
    public record ForceView(
            double meanGrams,
            double sdGrams,
            ReadingView worst,
            double spreadRatio,
            AdviceView index,
            double indexTarget) {}

    /**
     * The judgement.
     *
     * @param state whether it is keen, is not yet, or was not tested for it
     * @param cuts whether one that is not right yet cuts all the same: what is wrong is not that it is dull
     * @param restsOn what a judgement of keen, or of cutting, rests on
     * @param words what is likely wrong in a sentence, or that nobody can tell yet
     * @param told whether the likeliest is sure enough to act on
     * @param next the check that would tell most; empty where nothing is in doubt
     */
    public record VerdictView(
            boolean keen,
            EdgeState state,
            boolean cuts,
            List<String> restsOn,
            @Nullable ForceView force,
            String words,
            boolean told,
            String next,
            List<FindingOfTest> findings) {}

    /** A remedy that was accepted: what for, and whether the next test says it worked; null before it. */
    public record TriedView(String title, String words, @Nullable Boolean worked) {}

    /**
     * A test as it was taken.
     *
     * @param tried remedies that were accepted for what it found
     * @param judged remedies of an earlier test that it judged
     */
    public record TestView(
            UUID id,
            UUID sessionId,
            Instant takenAt,
            String person,
            @Nullable Double referenceG,
            List<ReadingView> readings,
            List<SignSeen> seen,
            VerdictView verdict,
            boolean remedied,
            List<TriedView> tried,
            List<TriedView> judged) {}

    /** An earlier index of the same tool. */
    public record EarlierIndex(Instant takenAt, double index) {}

    /**
     * What a test wants.
     *
     * @param stations where to read (mm from the beginning of the edge)
     * @param byForce whether force is a test of this tool
     * @param worstAbove how much more than the mean the worst station may need, as a share of the mean
     * @param ladder the tests of this tool at its work, the least demanding first
     * @param sessionId the open session, or null where there is none
     * @param latest the newest test of that session
     * @param best the lowest index this tool ever had on a finished edge
     * @param last its index at the last session
     */
    public record TestSheet(
            double edgeLengthMm,
            List<Double> stations,
            boolean byForce,
            String tester,
            double referenceG,
            String purpose,
            double indexTarget,
            double worstAbove,
            List<CheckView> ladder,
            @Nullable UUID sessionId,
            boolean benchDone,
            @Nullable TestView latest,
            @Nullable EarlierIndex best,
            @Nullable EarlierIndex last) {}
}
