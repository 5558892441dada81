package truekeen.app.finish;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import truekeen.app.edgetest.TestRecords.OutcomeOfCheck;
import truekeen.app.platform.OneOf;
import truekeen.core.fault.Sign;
import truekeen.core.finish.FinishAct;

/** What the end of a job shows and takes. */
public final class FinishRecords {
    private FinishRecords() {}

    /**
     * An act.
     *
     * @param settingName what is set by it; empty where nothing is
     */
    public record FinishActView(
            FinishAct.Key key,
            String title,
            String words,
            String why,
            String caution,
            String settingName,
            @Nullable Double lowMm,
            @Nullable Double highMm) {}

    /**
     * How a tool went back to work.
     *
     * @param done the acts that were done
     * @param seen what was seen at the first cut, in words
     */
    public record FinishCardView(
            UUID sessionId,
            Instant at,
            String person,
            List<FinishAct.Key> done,
            List<String> seen,
            @Nullable Double capIronMm,
            String torque,
            LocalDate nextCheck) {}

    /**
     * What is left to do with a tool.
     *
     * @param firstCut what may come of the first cut
     * @param sessionId the open session, or null
     * @param keen whether its newest test passed
     * @param torque whether the torque of its bolt is asked for
     * @param level whether it was left level on the beam, or does not turn
     * @param nextCheck day proposed (ISO), and why
     * @param last how it went back the time before
     */
    public record FinishSheet(
            List<FinishActView> acts,
            List<OutcomeOfCheck> firstCut,
            @Nullable UUID sessionId,
            boolean benchDone,
            boolean keen,
            boolean torque,
            boolean level,
            LocalDate nextCheck,
            String nextWords,
            @Nullable FinishCardView last) {}

    /**
     * How it goes back.
     *
     * @param capIron distance of the cap iron, as typed; empty where there is none
     * @param torque torque by the maker's manual, as typed; empty where none is asked for
     * @param seen names of the signs seen at the first cut
     * @param nextCheck day (ISO); empty for the one proposed
     */
    public record FinishCardForm(
            String device,
            String person,
            @OneOf(FinishAct.Key.class) List<String> done,
            String capIron,
            @Nullable String torque,
            @OneOf(Sign.class) List<String> seen,
            String nextCheck) {}
}
