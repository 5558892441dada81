package truekeen.app.survey;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.history.DatedFigure;
import truekeen.app.history.FigureSource;
import truekeen.app.history.HistoryEntry;
import truekeen.app.history.HistorySource;
import truekeen.app.tool.ToolService;
import truekeen.core.condition.EdgeSurvey;

/** What all surveys of a tool found, one after the other. */
@Component
public class SurveyHistory implements HistorySource, FigureSource {
    private final SurveyService.Surveys surveys;
    private final ToolService tools;

    SurveyHistory(SurveyService.Surveys surveys, ToolService tools) {
        this.surveys = surveys;
        this.tools = tools;
    }

    @Override
    @Transactional(readOnly = true)
    public List<HistoryEntry> history(UUID toolId) {
        return surveys.findByToolIdOrderByTakenAt(toolId).stream()
                .map(s -> s.toCore()
                        .map(survey -> SurveyViews.entry(s.takenAt, s.scope, survey.findings(), s.volumeMm3, s.lostMm))
                        .orElseGet(() -> HistoryEntry.unreadable(s.takenAt, HistoryEntry.Kind.SURVEY)))
                .toList();
    }

    /** How far out of square each survey found the edge of a tool that is to be square, oldest first. */
    @Transactional(readOnly = true)
    public List<SquarenessAt> squareness(UUID toolId) {
        return tools.kind(toolId).square()
                ? surveys.findByToolIdOrderByTakenAt(toolId).stream()
                        .flatMap(row -> row.toCore().stream().map(s -> new SquarenessAt(row.takenAt, s.square())))
                        .toList()
                : List.of();
    }

    /** Angle of the left side less that of the right at each survey that measured both (degrees), oldest first. */
    @Transactional(readOnly = true)
    public List<Double> sidesApart(UUID toolId) {
        return surveys.findByToolIdOrderByTakenAt(toolId).stream()
                .flatMap(row -> row.toCore().stream())
                .flatMap(s -> s.departures().uneven().stream())
                .map(u -> u.left().degrees() - u.right().degrees())
                .toList();
    }

    /** How far out of square a survey found an edge. */
    public record SquarenessAt(Instant at, EdgeSurvey.Squareness found) {}

    /** How far the edge was out of square at each survey of one that is to be square. */
    @Override
    @Transactional(readOnly = true)
    public List<DatedFigure> figures(UUID toolId) {
        if (!tools.kind(toolId).square()) {
            return List.of();
        }
        return surveys.findByToolIdOrderByTakenAt(toolId).stream()
                .map(s -> DatedFigure.of(DatedFigure.Kind.SQUARENESS, s.takenAt, s.squareOffDeg))
                .toList();
    }
}
