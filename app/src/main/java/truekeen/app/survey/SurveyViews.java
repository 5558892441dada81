package truekeen.app.survey;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import truekeen.app.history.HistoryEntry;
import truekeen.app.survey.SurveyRecords.AsksView;
import truekeen.app.survey.SurveyRecords.FindingView;
import truekeen.app.survey.SurveyRecords.LookChangeView;
import truekeen.app.survey.SurveyRecords.MarkKindView;
import truekeen.app.survey.SurveyRecords.StationView;
import truekeen.app.survey.SurveyRecords.VaryingView;
import truekeen.core.condition.BackState;
import truekeen.core.condition.Finding;
import truekeen.core.condition.Scope;
import truekeen.core.condition.ShapeDeviations;
import truekeen.core.condition.StationCut;
import truekeen.core.condition.SurveyChange;
import truekeen.core.message.InWords;
import truekeen.core.message.Numbers;
import truekeen.core.tool.Arrival;
import truekeen.core.tool.Blade;
import truekeen.core.tool.EdgeLayout;

/** Findings in words, and what a survey of a family asks. */
public final class SurveyViews {
    private SurveyViews() {}

    /** Findings, each in words. */
    public static List<FindingView> findings(List<Finding> findings) {
        return findings.stream()
                .map(f ->
                        new FindingView(f.kind(), f.fromMm(), f.toMm(), f.depthMm(), f.behindMm(), f.leave(), words(f)))
                .toList();
    }

    /** The edge place by place. */
    public static List<StationView> stations(List<StationCut> stations) {
        return RestorationView.stations(stations);
    }

    /** The six scopes in words. */
    public static String words(Scope scope) {
        return switch (scope) {
            case STROP_ONLY -> SurveyWords.SCOPE_STROP.words();
            case FINE_STONE_ONLY -> SurveyWords.SCOPE_FINE.words();
            case FULL_HONING -> SurveyWords.SCOPE_FULL.words();
            case REGRIND -> "Re-grind";
            case REPAIR -> "Repair";
            case RETIRE -> "Retire";
        };
    }

    /** A survey as the log tells it. */
    static HistoryEntry entry(Instant at, Scope scope, List<Finding> findings, double volumeMm3, double lostMm) {
        List<String> lines =
                new ArrayList<>(findings.stream().map(SurveyViews::words).toList());
        lines.add(SurveyWords.VOLUME_AND_LENGTH.fill(
                "volume", Numbers.plain(volumeMm3, 2), "lost", Numbers.plain(lostMm, 3)));
        return new HistoryEntry(at, HistoryEntry.Kind.SURVEY, "Surveyed: " + words(scope), lines);
    }

    private static String words(Finding f) {
        String depth = f.kind().measured() ? SurveyWords.MARK_DEEP.fill("depth", Numbers.plain(f.depthMm(), 2)) : "";
        String behind = f.behindMm() > 0 ? SurveyWords.MARK_BEHIND.fill("behind", Numbers.plain(f.behindMm(), 1)) : "";
        return f.kind().words() + " at " + place(f) + depth + behind
                + (f.leave() ? SurveyWords.LEFT_ON_PURPOSE.words() : "");
    }

    private static String place(Finding f) {
        return Numbers.plain(f.fromMm(), 1) + " to " + Numbers.plain(f.toMm(), 1) + InWords.MM;
    }

    static AsksView asks(Blade blade, Arrival brings) {
        // A single corner is rounded where there are corners; on a curved edge it is a chip like any other.
        boolean corners = blade.kind().square() || blade.layout().form() == EdgeLayout.Form.STRAIGHT;
        return new AsksView(
                Arrays.stream(Finding.Kind.values())
                        .filter(k -> k != Finding.Kind.PIT_BACK || blade.kind().back())
                        .filter(k -> k != Finding.Kind.ROUNDED_CORNER || corners)
                        .map(k -> new MarkKindView(
                                k,
                                k.words(),
                                k.measured(),
                                k.pit(),
                                k.firstDepthMm().isPresent()
                                        ? (Double) k.firstDepthMm().getAsDouble()
                                        : null))
                        .toList(),
                ShapeDeviations.varying(blade).stream()
                        .map(d -> new VaryingView(d.field(), d.label(), d.where(), d.measure()))
                        .toList(),
                ShapeDeviations.canBeUneven(blade),
                ShapeDeviations.canHaveOldBack(blade),
                before(brings.back()),
                ShapeDeviations.heldUpByBend(blade));
    }

    private static BackState before(Arrival.MakersBack back) {
        return switch (back) {
            case LAPPED -> BackState.UNPOLISHED;
            case RIDGED -> BackState.RIDGED;
            case UNKNOWN -> BackState.POLISHED;
        };
    }

    static List<LookChangeView> changes(List<SurveyChange> changes) {
        return changes.stream()
                .map(c -> {
                    Finding at = c.is().orElseGet(() -> c.was().orElseThrow());
                    return new LookChangeView(c.kind(), words(c, at), at.fromMm(), at.toMm());
                })
                .toList();
    }

    private static String words(SurveyChange c, Finding at) {
        String what = at.kind().words() + " at " + place(at);
        return switch (c.kind()) {
            case NEW -> SurveyWords.MARK_NEW.fill("what", what);
            case DEEPER -> SurveyWords.MARK_DEEPER.fill("what", what, "depths", depths(c));
            case SHALLOWER -> SurveyWords.MARK_LESS_DEEP.fill("what", what, "depths", depths(c));
            case SAME -> SurveyWords.MARK_SAME.fill("what", what);
            case GONE -> SurveyWords.MARK_GONE.fill("what", what);
        };
    }

    private static String depths(SurveyChange c) {
        return SurveyWords.DEPTH_THEN_NOW.fill(
                "then",
                Numbers.plain(c.was().orElseThrow().depthMm(), 2),
                "now",
                Numbers.plain(c.is().orElseThrow().depthMm(), 2));
    }
}
