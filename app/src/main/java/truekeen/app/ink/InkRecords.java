package truekeen.app.ink;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.UUID;
import truekeen.app.platform.AdviceView;
import truekeen.app.platform.OneOf;
import truekeen.app.tool.ToolRecords.Echo;
import truekeen.app.tool.ToolRecords.FaultView;
import truekeen.core.fault.Sign;
import truekeen.core.ink.InkAnswer;
import truekeen.core.ink.InkCheck;
import truekeen.core.ink.InkPattern.Place;

/** What the ink check shows and takes. */
public final class InkRecords {
    private InkRecords() {}

    /**
     * What is seen.
     *
     * @param step index of the step at hand, from 0
     * @param intent MATCH, LOWER or STEEPEN
     * @param gone places where the ink is gone: HEEL_LEFT … EDGE_RIGHT
     * @param band width of the clean band as measured, or empty
     * @param strokes strokes there and back since it was inked, or empty
     */
    public record InkForm(
            int step,
            @OneOf(InkCheck.Intent.class) String intent,
            @OneOf(Place.class) List<String> gone,
            String band,
            String strokes) {}

    /**
     * What to change.
     *
     * @param words the instruction
     * @param offDeg by how much the angle is moved; what is sent back when it is taken (°)
     */
    public record ChangeView(
            String words, String name, String unit, double from, double to, double low, double high, double offDeg) {}

    /**
     * The answer.
     *
     * @param finding NOTHING, FITS, GOING_WELL, DONE, TOO_LOW, TOO_HIGH, ROUNDED or TWISTED
     * @param words it in a sentence
     * @param off how far off, with its range and why; where it is known
     * @param also what else the ink shows
     * @param unknown why no amount is given, or empty
     * @param change what to change on the holder, where that is known
     * @param sign it as a sign of the step, to be put down; null where it is none
     * @param ends what the two ends of the edge are called
     * @param on what the strokes were taken on, and at which angle
     */
    public record InkView(
            InkAnswer.Finding finding,
            String words,
            @Nullable AdviceView off,
            List<String> also,
            String unknown,
            @Nullable ChangeView change,
            @Nullable Sign sign,
            List<String> ends,
            String on,
            UUID setupId,
            long setupVersion,
            List<Echo> echoes,
            List<FaultView> faults) {}
}
