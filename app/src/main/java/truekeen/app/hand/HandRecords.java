package truekeen.app.hand;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import truekeen.app.platform.OneOf;
import truekeen.core.hand.StrokeRatio;

/** What a hand has taught. */
public final class HandRecords {
    private HandRecords() {}

    /**
     * One stone on one steel in one hand.
     *
     * @param factor strokes done over strokes predicted, as the sessions have it
     * @param low least of it, one standard deviation
     * @param high most of it
     * @param nextLow least the next session's strokes will be of those predicted
     * @param nextHigh most of them
     */
    public record LearnedView(
            String abrasiveId,
            String abrasive,
            String steel,
            double factor,
            double low,
            double high,
            double nextLow,
            double nextHigh,
            int sessions,
            String words) {}

    /**
     * A session that stood out.
     *
     * @param times how many times as many strokes as expected
     * @param slow whether it took more
     */
    public record OddView(
            UUID id,
            String abrasiveId,
            String abrasive,
            String person,
            String steel,
            Instant at,
            int done,
            double expected,
            double times,
            boolean slow,
            String words) {}

    /** All of it. */
    public record HandView(List<LearnedView> learned, List<OddView> odd) {}

    /** What a person says of a session that stood out: HAND or STONE. */
    public record JudgeForm(@OneOf(StrokeRatio.Judged.class) String judged) {}
}
