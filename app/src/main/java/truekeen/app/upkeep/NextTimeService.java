package truekeen.app.upkeep;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.angle.SetupService;
import truekeen.app.history.DatedFigure;
import truekeen.app.history.HistoryEntry;
import truekeen.app.history.HistorySource;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.app.profile.ProfileService;
import truekeen.app.survey.SurveyHistory;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.app.tool.ToolWear;
import truekeen.app.upkeep.UpkeepRecords.CarriedView;
import truekeen.app.upkeep.UpkeepRecords.NextTimeForm;
import truekeen.app.upkeep.UpkeepRecords.NextTimeView;
import truekeen.app.upkeep.UpkeepRows.NextTimeRow;
import truekeen.core.quantity.Length;
import truekeen.core.tool.Arrival;
import truekeen.core.tool.GeometryKind;
import truekeen.core.upkeep.Drift;
import truekeen.core.upkeep.LeaningHand;

/** What the next sharpening of a tool should mind: what was noted, and what its surveys tell. */
@Service
@Transactional
public class NextTimeService implements HistorySource {
    private static final int MOST_WORDS = 300;

    private final UpkeepRows.NextTimes notes;
    private final ToolService tools;
    private final ToolWear wear;
    private final SurveyHistory surveys;
    private final SetupService setups;
    private final ProfileService profiles;
    private final BenchClock clock;

    NextTimeService(
            UpkeepRows.NextTimes notes,
            ToolService tools,
            ToolWear wear,
            SurveyHistory surveys,
            SetupService setups,
            ProfileService profiles,
            BenchClock clock) {
        this.notes = notes;
        this.tools = tools;
        this.wear = wear;
        this.surveys = surveys;
        this.setups = setups;
        this.profiles = profiles;
        this.clock = clock;
    }

    /** What is to be minded now. */
    @Transactional(readOnly = true)
    public NextTimeView of(UUID toolId) {
        CoreTool tool = tools.core(toolId);
        int sharpenings = wear.of(toolId).size();
        return new NextTimeView(
                notes.findByToolIdOrderByAt(toolId).stream()
                        .filter(n -> n.doneAt == null)
                        .map(n -> new CarriedView(n.id, n.at, n.words, n.person))
                        .toList(),
                lean(tool).orElse(""),
                drifts(tool),
                tool.brings().brittle(sharpenings)
                        ? UpkeepWords.BRITTLE_TIP.fill("left", Arrival.settlesIn(sharpenings))
                        : "");
    }

    /** What creeps: the last bevel of the set-ups, the sides of a knife, the camber of an iron. */
    private List<String> drifts(CoreTool tool) {
        GeometryKind kind = tool.geometry().kind();
        List<Double> bevels = setups.figures(tool.id()).stream()
                .filter(f -> f.kind() == DatedFigure.Kind.ANGLE)
                .map(DatedFigure::value)
                .toList();
        List<Double> cambers = kind.iron()
                ? profiles.cambers(tool.id()).stream()
                        .map(ProfileService.CamberAt::mm)
                        .toList()
                : List.of();
        return Stream.of(
                        Drift.of(Drift.Kind.LAST_BEVEL, bevels),
                        Drift.of(Drift.Kind.SIDES_APART, surveys.sidesApart(tool.id())),
                        Drift.of(Drift.Kind.CAMBER, cambers))
                .flatMap(Optional::stream)
                .map(Drift::words)
                .toList();
    }

    private Optional<String> lean(CoreTool tool) {
        List<LeaningHand.Surveyed> found = surveys.squareness(tool.id()).stream()
                .map(s -> new LeaningHand.Surveyed(s.at(), s.found()))
                .toList();
        List<Instant> sharpened =
                wear.of(tool.id()).stream().map(ToolWear.Wear::at).toList();
        return LeaningHand.of(LeaningHand.beforeEach(found, sharpened))
                .map(l -> l.words(
                        Length.ofMm(tool.geometry().edgeLengthMm()), tool.loss().mm()));
    }

    /** Notes something for the next time. */
    public NextTimeView note(UUID toolId, NextTimeForm in) {
        tools.name(toolId);
        Form form = new Form();
        form.checks().text("words", UpkeepWords.THE_NOTE.words(), in.words(), true, MOST_WORDS);
        form.checks().text("person", UpkeepWords.A_PERSON.words(), in.person(), false, 80);
        form.checks().orThrow();
        notes.saveAndFlush(new NextTimeRow(toolId, clock.instant(), in.words().strip(), Form.orEmpty(in.person())));
        return of(toolId);
    }

    /** Says that a note was minded. */
    public NextTimeView done(UUID toolId, UUID noteId) {
        NextTimeRow row = notes.findById(noteId)
                .filter(n -> n.toolId.equals(toolId))
                .orElseThrow(() -> Form.notFound("note", noteId));
        if (row.doneAt == null) {
            row.doneAt = clock.instant();
            notes.saveAndFlush(row);
        }
        return of(toolId);
    }

    @Override
    @Transactional(readOnly = true)
    public List<HistoryEntry> history(UUID toolId) {
        return notes.findByToolIdOrderByAt(toolId).stream()
                .map(n -> new HistoryEntry(
                        n.at,
                        HistoryEntry.Kind.NOTE,
                        UpkeepWords.FOR_NEXT_TIME.fill("words", n.words),
                        n.doneAt == null ? List.of() : List.of(UpkeepWords.DONE_SINCE.words())))
                .toList();
    }
}
