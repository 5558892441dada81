package truekeen.app.upkeep;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import truekeen.app.platform.OneOf;
import truekeen.core.upkeep.DullingCurve;
import truekeen.core.upkeep.Rung;
import truekeen.core.upkeep.UseUnit;

/** What the upkeep of a tool shows and takes. */
public final class UpkeepRecords {
    private UpkeepRecords() {}

    /**
     * A reading on the picture.
     *
     * @param use use since its sharpening
     * @param index keenness index
     * @param counts whether the curve rests on it; else it was taken after a touch-up
     */
    public record PointView(double use, double index, boolean counts, Instant at) {}

    /** The curve and its band at a use. */
    public record BandView(double use, double low, double likely, double high) {}

    /** How it dulls. */
    public record DullingView(DullingCurve.Shape shape, List<BandView> line) {}

    /**
     * When the next touch-up is due.
     *
     * @param early use from which it pays; null where that lies beyond what can be said
     * @param likely use at which the curve comes to the limit
     * @param late use at which its lower side does
     */
    public record NextTouchUpView(
            @Nullable Double early,
            @Nullable Double likely,
            @Nullable Double late,
            @Nullable LocalDate day,
            @Nullable LocalDate latest,
            String words) {}

    /** How a rung stands. */
    public enum RungState {
        /** It is what the edge wants. */
        NEXT,
        /** It is what comes after that. */
        AFTER,
        /** It helps no more. */
        SPENT,
        /** The shelf has it not, or it is not for this tool. */
        MISSING,
        /** Not yet. */
        LATER
    }

    /**
     * A rung of the ladder.
     *
     * @param why why it is spent or missing; empty else
     * @param touchUp whether it is a touch-up, rather than a job that begins with a survey
     */
    public record RungView(Rung rung, String title, String how, RungState state, String why, boolean touchUp) {}

    /**
     * A touch-up that was done.
     *
     * @param lasted use until the next one, or so far
     * @param lasts whether it is the newest, and lasts yet
     */
    public record TouchUpView(
            UUID id,
            Instant at,
            Rung rung,
            String title,
            double atUse,
            int strokes,
            boolean regained,
            double lasted,
            boolean lasts,
            @Nullable Double before,
            @Nullable Double after,
            String person) {}

    /**
     * The upkeep of a tool.
     *
     * @param unitWords the unit of its use, for many
     * @param touches amounts that one touch puts down
     * @param use use since its sharpening
     * @param estimated how much of it was reckoned from days
     * @param since when it was sharpened; null where it never was here
     * @param limit index at which an edge in use wants a touch-up; null where force is not read
     * @param target index of a fresh edge
     * @param referenceG the shop's own reading of a new utility blade (g); null where it has no tester
     * @param dulling null until readings after three different uses are there
     * @param surprising what was likely where the newest reading breaks the trend; null where it does not
     * @param still what is still wanted for a curve; empty where it is there
     * @param next null without a curve
     */
    public record UpkeepSheet(
            UseUnit unit,
            String unitWords,
            List<Double> touches,
            double use,
            double estimated,
            @Nullable Instant since,
            double perDay,
            boolean paceKnown,
            @Nullable Double limit,
            @Nullable Double target,
            @Nullable Double referenceG,
            List<PointView> points,
            @Nullable DullingView dulling,
            @Nullable Double surprising,
            String still,
            @Nullable NextTouchUpView next,
            List<RungView> ladder,
            String why,
            String paysWhen,
            List<TouchUpView> touchUps) {}

    /** A note for the next sharpening. */
    public record CarriedView(UUID id, Instant at, String words, String person) {}

    /**
     * What the next sharpening should mind.
     *
     * @param notes what somebody noted and nobody has done yet, oldest first
     * @param lean a hand that leans, with what to do; empty where none does
     * @param drifts what creeps over the sharpenings, each with what to do
     * @param brittle that the tip is still brittle from its making; empty else
     */
    public record NextTimeView(List<CarriedView> notes, String lean, List<String> drifts, String brittle) {}

    /** A note to write. */
    public record NextTimeForm(String words, String person) {}

    /**
     * Use to put down.
     *
     * @param amount how much, as typed, in the unit of the tool's work
     */
    public record UseForm(String amount, String person) {}

    /**
     * A reading in use.
     *
     * @param grams what the tester read, as typed
     * @param reference its reading of a new utility blade, as typed
     */
    public record UseReadingForm(String grams, String reference, String person) {}

    /**
     * A touch-up.
     *
     * @param rung name of the rung
     * @param strokes strokes it took, all sides, as typed; empty where nobody counted
     * @param regained whether the edge came back
     * @param before reading before it, as typed; may be empty
     * @param after reading after it, as typed; may be empty
     */
    public record TouchUpForm(
            @OneOf(Rung.class) String rung,
            String strokes,
            boolean regained,
            String before,
            String after,
            String reference,
            String person) {}
}
