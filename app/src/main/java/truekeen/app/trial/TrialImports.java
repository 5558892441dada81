package truekeen.app.trial;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.DryRun;
import truekeen.app.platform.Form;
import truekeen.app.platform.Runs;
import truekeen.app.trial.TrialRecords.TrialCsvForm;
import truekeen.app.trial.TrialRecords.TrialImport;
import truekeen.app.trial.TrialRows.EdgeRow;
import truekeen.app.trial.TrialRows.ReadingRow;
import truekeen.app.trial.TrialRows.TrialRow;
import truekeen.core.trial.Question;
import truekeen.core.trial.TrialDesign;
import truekeen.core.upkeep.UseUnit;

/** Reads a trial in that was done elsewhere, so that it can be judged here; all of it or nothing. */
@Service
@Transactional
public class TrialImports {
    private static final int BATCH = 200;

    private final TrialRows.Trials trials;
    private final TrialRows.Edges edges;
    private final TrialRows.Readings readings;
    private final BenchClock clock;

    TrialImports(TrialRows.Trials trials, TrialRows.Edges edges, TrialRows.Readings readings, BenchClock clock) {
        this.trials = trials;
        this.edges = edges;
        this.readings = readings;
        this.clock = clock;
    }

    /** Reads one in; it is ended, since nothing more is read of it. */
    public TrialImport read(TrialCsvForm in, Runs.Progress progress, boolean dry) {
        Form form = new Form();
        UseUnit unit = Form.blank(in.unit()) ? UseUnit.CUTS : TrialService.unit(form, in.unit());
        form.checks().text("name", TrialWords.THE_NAME.words(), in.name(), false, 120);
        form.checks().orThrow();
        TrialCsv.Read read = TrialCsv.read(in.text());
        int rounds = (int) read.ways().stream()
                .mapToLong(way -> read.edges().values().stream()
                        .filter(e -> e.way().equals(way))
                        .count())
                .max()
                .orElse(1);
        TrialDesign design =
                new TrialDesign(Question.OWN, read.ways(), unit, read.checkpoints(), read.stations(), rounds, false);
        UUID id = UUID.randomUUID();
        String name = Form.blank(in.name())
                ? TrialWords.TRIAL_OF.fill("day", LocalDate.ofInstant(clock.instant(), clock.getZone()))
                : in.name().strip();
        TrialRow trial = new TrialRow(id, clock.instant(), name, design, "");
        trial.endedAt = clock.instant();
        trials.saveAndFlush(trial);
        int[] seen = new int[read.ways().size()];
        List<EdgeRow> rows = new ArrayList<>();
        List<ReadingRow> all = new ArrayList<>();
        for (TrialCsv.Edge e : read.edges().values()) {
            int way = read.ways().indexOf(e.way());
            EdgeRow row = new EdgeRow(id, rows.size() + 1, ++seen[way], way);
            row.ended = e.end();
            row.strokes = e.strokes();
            row.regained = e.regained();
            rows.add(row);
            e.lines()
                    .forEach(
                            l -> all.add(new ReadingRow(row.id, l.use(), l.station(), l.grams(), clock.instant(), "")));
        }
        edges.saveAllAndFlush(rows);
        for (int from = 0; from < all.size(); from += BATCH) {
            progress.at(from, all.size());
            readings.saveAllAndFlush(all.subList(from, Math.min(from + BATCH, all.size())));
        }
        progress.at(all.size(), all.size());
        DryRun.undoIf(dry);
        return new TrialImport(id, rows.size(), all.size());
    }
}
