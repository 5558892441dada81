package truekeen.app.balance;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import truekeen.app.platform.AdviceView;
import truekeen.app.platform.OneOf;
import truekeen.app.tool.ToolRecords.Echo;
import truekeen.app.tool.ToolRecords.FaultView;
import truekeen.core.balance.Balancing;

/** What the beam shows and takes. */
public final class BalanceRecords {
    private BalanceRecords() {}

    /** How the blade was found out of balance: it is level, by a mass hung on the light end, or weighed there. */
    public enum Method {
        LEVEL,
        TRIAL_MASS,
        WEIGHED
    }

    /**
     * The blade as it was hung.
     *
     * @param method LEVEL, TRIAL_MASS or WEIGHED
     * @param hungOn place the trial mass hangs at, from 1
     * @param trial trial mass, as typed (g)
     * @param radius where it hangs, or the radius of the supports
     * @param firstEnd load under the first end, as typed (g)
     * @param secondEnd load under the second end
     * @param at radius of the middle of the piece that is ground
     * @param width width of that piece
     * @param thickness of the blade there
     * @param leastMass least mass that tips this balancer, as typed (g)
     * @param leastRadius where it hung
     */
    public record BeamForm(
            String device,
            String person,
            @OneOf(value = Method.class, orNone = true) String method,
            int hungOn,
            String trial,
            String radius,
            String firstEnd,
            String secondEnd,
            String at,
            String width,
            String thickness,
            String leastMass,
            String leastRadius) {}

    /** What was taken off after the newest try: mass as typed (g), its radius, and the place. */
    public record TakenOffForm(String device, String person, String mass, String radius, int place) {}

    /** What to take off. */
    public record CorrectionView(double massG, double radiusMm, double lengthMm, String placeName) {}

    /**
     * How it stands.
     *
     * @param state LEVEL, GRIND, OTHER_END or OVERSHOT
     * @param forceN shaking force at running speed, 0 where no speed is known
     * @param gradeGmm permissible by the engineer's grade, 0 where speed or mass is not known
     */
    public record BalanceView(
            Balancing.State state,
            int heavy,
            double unbalanceGmm,
            double resolutionGmm,
            @Nullable CorrectionView correction,
            double forceN,
            double asWeightKg,
            double gradeGmm,
            String words,
            @Nullable AdviceView why) {}

    /** A try as it is kept. */
    public record TryView(
            int number,
            Instant at,
            String person,
            int heavy,
            String heavyName,
            double unbalanceGmm,
            Balancing.State state,
            double removedG,
            String removedName) {}

    /** The beam judged without keeping: what was understood, what is wrong, and how it stands once all is there. */
    public record BeamPreview(List<Echo> echoes, List<FaultView> faults, @Nullable BalanceView standing) {}

    /**
     * All about the balance of a blade.
     *
     * @param sessionId its open session, or null
     * @param benchDone whether its edges are done
     * @param places names of the places, in order
     * @param spanMm across the tips
     * @param usual what the fields start with
     * @param tipSpeed metres a second, null where no speed is known
     * @param tipsFast whether that is more than what is usually allowed
     * @param tipWords what that means, or empty
     * @param perMinute running speed, null where it is not known
     * @param tries of this job, oldest first
     * @param standing after the newest of them
     * @param level whether the newest is level and nothing came off since
     * @param edgeLossG steel its edges lost in this job by the marks (g), null where they were not all measured
     * @param removedAllG steel that came off it for balance in all its jobs (g)
     */
    public record BalanceSheet(
            @Nullable UUID sessionId,
            boolean benchDone,
            List<String> places,
            double spanMm,
            Map<String, String> usual,
            @Nullable Double tipSpeed,
            boolean tipsFast,
            String tipWords,
            @Nullable Double perMinute,
            @Nullable Double massG,
            List<TryView> tries,
            @Nullable BalanceView standing,
            boolean level,
            @Nullable Double edgeLossG,
            double removedAllG) {}
}
