package truekeen.app.edgetest;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.UUID;
import truekeen.app.platform.AdviceView;

/** What the test stage shows and takes. */
public final class TestRecords {
    private TestRecords() {}

    /** A reading at a station, as typed. */
    public record ReadingForm(double xMm, String grams) {}

    /** A stretch where light is seen (mm from the left corner). */
    public record StretchForm(double fromMm, double toMm) {}

    /**
     * A test.
     *
     * @param reference the shop's own reading of a new utility blade, as typed
     */
    public record TestForm(
            String device, String person, String reference, List<ReadingForm> readings, List<StretchForm> light) {}

    /** Who asks to go back to the stones. */
    public record BackForm(String device, String person) {}

    /** A reading. */
    public record ReadingView(double xMm, double grams) {}

    /** A stretch. */
    public record StretchView(double fromMm, double toMm) {}

    /** One fault with where and what to do. */
    public record EdgeFaultView(String kind, double fromMm, double toMm, String why, String remedy) {}

    /** The judgement. */
    public record VerdictView(
            boolean keen,
            double meanGrams,
            double sdGrams,
            ReadingView worst,
            double spreadRatio,
            AdviceView index,
            double indexTarget,
            List<EdgeFaultView> faults) {}

    /** A test as it was taken. */
    public record TestView(
            UUID id,
            UUID sessionId,
            String takenAt,
            String person,
            double referenceG,
            List<ReadingView> readings,
            List<StretchView> light,
            VerdictView verdict,
            boolean remedied) {}

    /**
     * What a test wants.
     *
     * @param stations where to read (mm from the left corner)
     * @param sessionId the open session, or null where there is none
     * @param latest the newest test of that session
     */
    public record TestSheet(
            double edgeLengthMm,
            List<Double> stations,
            String tester,
            double referenceG,
            String purpose,
            double indexTarget,
            @Nullable UUID sessionId,
            boolean benchDone,
            @Nullable TestView latest) {}
}
