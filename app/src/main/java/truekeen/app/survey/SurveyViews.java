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
import truekeen.core.condition.Finding;
import truekeen.core.condition.Scope;
import truekeen.core.condition.ShapeDeviations;
import truekeen.core.condition.StationCut;
import truekeen.core.condition.SurveyChange;
import truekeen.core.message.Numbers;
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
            case STROP_ONLY -> "Strop only";
            case FINE_STONE_ONLY -> "Fine stone only";
            case FULL_HONING -> "Full honing";
            case REGRIND -> "Re-grind";
            case REPAIR -> "Repair";
            case RETIRE -> "Retire";
        };
    }

    /** A survey as the log tells it. */
    static HistoryEntry entry(Instant at, Scope scope, List<Finding> findings, double volumeMm3, double lostMm) {
        List<String> lines =
                new ArrayList<>(findings.stream().map(SurveyViews::words).toList());
        lines.add(Numbers.plain(volumeMm3, 2) + " mm³ to remove, " + Numbers.plain(lostMm, 2) + " mm off the length");
        return new HistoryEntry(at, HistoryEntry.Kind.SURVEY, "Surveyed: " + words(scope), lines);
    }

    private static String words(Finding f) {
        String depth = f.kind().measured() ? ", " + Numbers.plain(f.depthMm(), 2) + " mm deep" : "";
        String behind = f.behindMm() > 0 ? ", " + Numbers.plain(f.behindMm(), 1) + " mm behind the edge" : "";
        return f.kind().words() + " at " + place(f) + depth + behind + (f.leave() ? ", left on purpose" : "");
    }

    private static String place(Finding f) {
        return Numbers.plain(f.fromMm(), 1) + " to " + Numbers.plain(f.toMm(), 1) + " mm";
    }

    static AsksView asks(Blade blade) {
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
                        .map(d -> new VaryingView(
                                d.field(),
                                d.label(),
                                d.where(),
                                d.measure().unit().strip()))
                        .toList(),
                ShapeDeviations.canBeUneven(blade),
                ShapeDeviations.canHaveOldBack(blade));
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
            case NEW -> what + " is new";
            case DEEPER -> what + " is deeper: " + depths(c);
            case SHALLOWER -> what + " is less deep: " + depths(c);
            case SAME -> what + " is as it was";
            case GONE -> what + " is gone";
        };
    }

    private static String depths(SurveyChange c) {
        return Numbers.plain(c.was().orElseThrow().depthMm(), 2) + " mm then, "
                + Numbers.plain(c.is().orElseThrow().depthMm(), 2) + " mm now";
    }
}
