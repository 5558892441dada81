package truekeen.app.survey;

import java.util.UUID;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.platform.HarmlessTwice;
import truekeen.app.survey.SurveyRecords.HistoryView;
import truekeen.app.survey.SurveyRecords.LatestSurvey;
import truekeen.app.survey.SurveyRecords.OutcomeForm;
import truekeen.app.survey.SurveyRecords.StationSectionView;
import truekeen.app.survey.SurveyRecords.SurveyForm;
import truekeen.app.survey.SurveyRecords.SurveyPreview;
import truekeen.app.survey.SurveyRecords.SurveyView;

@RestController
@RequestMapping("/api/v1/tools/{id}")
class SurveyController {
    private final SurveyService surveys;
    private final SurveyPreviews previews;
    private final EdgePastService past;

    SurveyController(SurveyService surveys, SurveyPreviews previews, EdgePastService past) {
        this.surveys = surveys;
        this.previews = previews;
        this.past = past;
    }

    @PostMapping("/survey/preview")
    SurveyPreview preview(@PathVariable UUID id, @RequestBody SurveyForm form) {
        return previews.preview(id, form);
    }

    @HarmlessTwice
    @PostMapping("/survey/section")
    StationSectionView section(@PathVariable UUID id, @RequestParam double at, @RequestBody SurveyForm form) {
        return previews.section(id, at, form);
    }

    @PostMapping("/surveys")
    SurveyView take(@PathVariable UUID id, @RequestBody SurveyForm form) {
        return surveys.take(id, form);
    }

    @GetMapping("/outcomes")
    HistoryView past(@PathVariable UUID id) {
        return past.past(id);
    }

    @PostMapping("/outcomes")
    HistoryView tell(@PathVariable UUID id, @RequestBody OutcomeForm form) {
        return past.tell(id, form);
    }

    @DeleteMapping("/outcomes/{outcomeId}")
    HistoryView takeBack(@PathVariable UUID id, @PathVariable UUID outcomeId) {
        return past.takeBack(id, outcomeId);
    }

    @GetMapping("/survey")
    LatestSurvey latest(@PathVariable UUID id) {
        return surveys.latest(id);
    }
}
