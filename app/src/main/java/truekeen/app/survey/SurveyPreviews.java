package truekeen.app.survey;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.survey.SurveyRecords.LookChangeView;
import truekeen.app.survey.SurveyRecords.StationSectionView;
import truekeen.app.survey.SurveyRecords.SurveyForm;
import truekeen.app.survey.SurveyRecords.SurveyPreview;
import truekeen.app.tool.SectionDrawing;
import truekeen.app.tool.ToolRecords.Echo;
import truekeen.app.tool.ToolRecords.FaultView;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.app.tool.ToolWear;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.Restoration;
import truekeen.core.condition.Restorer;
import truekeen.core.condition.StationSection;
import truekeen.core.condition.SurveyChange;
import truekeen.core.message.InWords;
import truekeen.core.section.Cut;
import truekeen.core.section.EdgeShape;
import truekeen.core.section.TargetBevel;
import truekeen.core.tool.Blade;

/** What a survey says while it is being filled in: nothing is kept. */
@Service
@Transactional(readOnly = true)
public class SurveyPreviews {
    private final SurveyService surveys;
    private final ToolService tools;
    private final ToolWear wear;
    private final BevelAdvice bevels;

    SurveyPreviews(SurveyService surveys, ToolService tools, ToolWear wear, BevelAdvice bevels) {
        this.surveys = surveys;
        this.tools = tools;
        this.wear = wear;
        this.bevels = bevels;
    }

    /** Reads a survey and works out what must go, without storing anything. */
    public SurveyPreview preview(UUID toolId, SurveyForm in) {
        CoreTool tool = tools.core(toolId);
        SurveyFormReader read = new SurveyFormReader(in, tool.geometry());
        TargetBevel target = bevels.target(tool);
        Restoration restoration = read.survey == null
                ? null
                : read.form
                        .checks()
                        .attempt(() -> Restorer.restore(
                                tool.geometry(),
                                read.survey,
                                target,
                                surveys.occasion(tool, read.survey, Optional.empty())));
        return new SurveyPreview(
                Echo.of(read.form),
                FaultView.of(read.form),
                read.survey == null ? List.of() : SurveyViews.findings(read.survey.findings()),
                read.survey == null ? 0 : read.survey.square().off().degrees(),
                read.survey == null ? List.of() : changes(toolId, read.survey),
                restoration == null ? null : surveys.result(tool, read.survey, target, restoration));
    }

    /** What became of the findings of the last look; those that were mended in between are gone by then. */
    private List<LookChangeView> changes(UUID toolId, EdgeSurvey now) {
        return surveys.core(toolId)
                .map(before -> {
                    double shift = wear.of(toolId).stream()
                            .filter(w -> w.at().isAfter(before.takenAt()))
                            .mapToDouble(w -> w.usableBeforeMm() - w.usableAfterMm())
                            .sum();
                    return SurveyViews.changes(
                            SurveyChange.between(before.survey().findings(), now.findings(), shift));
                })
                .orElse(List.of());
    }

    /** The blade cut through at one place, before and after what a survey asks. */
    public StationSectionView section(UUID toolId, double atMm, SurveyForm in) {
        CoreTool tool = tools.core(toolId);
        Blade blade = tool.geometry();
        SurveyFormReader read = new SurveyFormReader(in, blade);
        read.form.checks().within("at", SurveyWords.A_PLACE.words(), atMm, 0, blade.edgeLengthMm(), InWords.MM);
        read.form.checks().orThrow();
        TargetBevel target = bevels.target(tool);
        StationSection at = Restorer.section(
                blade, read.survey, target, surveys.occasion(tool, read.survey, Optional.empty()), atMm);
        return new StationSectionView(
                atMm,
                Cut.area(at.removed()),
                EdgeShape.shoulderThickness(at.after()),
                SectionDrawing.of(blade, target, at));
    }
}
