package truekeen.app.trial;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.app.trial.TrialRecords.AgainForm;
import truekeen.app.trial.TrialRecords.EdgeEndForm;
import truekeen.app.trial.TrialRecords.EffortForm;
import truekeen.app.trial.TrialRecords.PreparationLine;
import truekeen.app.trial.TrialRecords.TrialForm;
import truekeen.app.trial.TrialRecords.TrialLine;
import truekeen.app.trial.TrialRecords.TrialReadingForm;
import truekeen.app.trial.TrialRecords.TrialSheet;
import truekeen.app.trial.TrialRows.EdgeRow;
import truekeen.app.trial.TrialRows.ReadingRow;
import truekeen.app.trial.TrialRows.TrialRow;
import truekeen.core.message.InWords;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.QuantityReader;
import truekeen.core.trial.Question;
import truekeen.core.trial.TrialDesign;
import truekeen.core.trial.TrialEdge;
import truekeen.core.upkeep.UseUnit;

/** Lays trials out and keeps what was read. */
@Service
@Transactional
public class TrialService {
    private static final int MOST_NAME = 120;
    private static final int MOST_STROKES = 2000;

    private final TrialRows.Trials trials;
    private final TrialRows.Edges edges;
    private final TrialRows.Readings readings;
    private final TrialStore store;
    private final TrialRules rules;
    private final BenchClock clock;

    TrialService(
            TrialRows.Trials trials,
            TrialRows.Edges edges,
            TrialRows.Readings readings,
            TrialStore store,
            TrialRules rules,
            BenchClock clock) {
        this.trials = trials;
        this.edges = edges;
        this.readings = readings;
        this.store = store;
        this.rules = rules;
        this.clock = clock;
    }

    /** All trials, newest first. */
    @Transactional(readOnly = true)
    public List<TrialLine> all() {
        return store.all(trials.findAllByOrderByAtDesc()).stream()
                .map(TrialViews::line)
                .toList();
    }

    /** A trial as it stands. */
    @Transactional(readOnly = true)
    public TrialSheet sheet(UUID id) {
        TrialStore.Whole whole = store.whole(trial(id));
        return TrialViews.sheet(whole, rules.offer(whole));
    }

    /** Its readings as a list that other programs read. */
    @Transactional(readOnly = true)
    public String csv(UUID id) {
        return TrialCsv.write(store.whole(trial(id)));
    }

    /** Which edge is to be made which way. */
    @Transactional(readOnly = true)
    public List<PreparationLine> preparation(UUID id) {
        TrialStore.Whole whole = store.whole(trial(id));
        return whole.edges().stream()
                .map(k -> new PreparationLine(
                        k.edge().place,
                        k.edge().round,
                        whole.ways().get(k.edge().way),
                        !k.readings().isEmpty()))
                .toList();
    }

    /** Lays a trial out. */
    public TrialSheet begin(TrialForm in) {
        TrialDesign design = design(in);
        UUID id = UUID.randomUUID();
        trials.saveAndFlush(new TrialRow(id, clock.instant(), in.name().strip(), design, Form.orEmpty(in.person())));
        List<Integer> dealt = design.dealt(id.getLeastSignificantBits());
        edges.saveAllAndFlush(IntStream.range(0, dealt.size())
                .mapToObj(i -> new EdgeRow(id, i + 1, i / design.ways().size() + 1, dealt.get(i)))
                .toList());
        return sheet(id);
    }

    private static TrialDesign design(TrialForm in) {
        Form form = new Form();
        form.checks().text("name", TrialWords.THE_NAME.words(), in.name(), true, MOST_NAME);
        form.checks().text("person", TrialWords.A_PERSON.words(), in.person(), false, 80);
        Question question = form.oneOf("question", TrialWords.THE_QUESTION.words(), in.question(), Question.class);
        UseUnit unit = unit(form, in.unit());
        List<String> ways = new ArrayList<>();
        for (String way : in.ways() == null ? List.<String>of() : in.ways()) {
            form.checks().text("ways[" + ways.size() + "]", TrialWords.A_WAY.words(), way, true, TrialCsv.MOST_NAME);
            ways.add(Form.orEmpty(way).strip());
        }
        form.checks()
                .require(
                        ways.size() >= 2
                                && ways.size() <= TrialDesign.MOST_WAYS
                                && named(ways).distinct().count() == named(ways).count(),
                        () -> Refusal.of(MessageCode.WAYS_OF_A_TRIAL, "ways", ways.size())
                                .with("most", TrialDesign.MOST_WAYS));
        Double every = form.checks().attempt(() -> QuantityReader.number("every", in.every(), ""));
        form.checks().within("every", TrialWords.EVERY.words(), every, 0.1, 10_000.0, "");
        Integer times = whole(form, "times", TrialWords.TIMES, in.times(), TrialDesign.MOST_CHECKPOINTS);
        Integer stations = whole(form, "stations", TrialWords.STATIONS, in.stations(), TrialDesign.MOST_STATIONS);
        Integer rounds = whole(form, "rounds", TrialWords.ROUNDS, in.rounds(), TrialDesign.MOST_ROUNDS);
        form.checks().orThrow();
        return new TrialDesign(question, ways, unit, TrialDesign.every(every, times), stations, rounds, in.blind());
    }

    /** Those that have a name; that one has none is said beside it. */
    private static Stream<String> named(List<String> ways) {
        return ways.stream().filter(w -> !w.isEmpty());
    }

    static UseUnit unit(Form form, String typed) {
        return form.oneOf("unit", TrialWords.THE_UNIT.words(), typed, UseUnit.class);
    }

    private static Integer whole(Form form, String field, TrialWords what, String typed, int most) {
        Double read = form.checks().attempt(() -> QuantityReader.number(field, typed, ""));
        form.checks().within(field, what.words(), read, 1, most, "");
        if (read != null && read != Math.rint(read)) {
            form.checks().refuse(Refusal.of(MessageCode.NOT_WHOLE, field, typed).with("what", what.words()));
        }
        return read == null ? null : (int) Math.round(read);
    }

    /** Keeps what was read of an edge at a checkpoint; the same once more changes nothing. */
    public TrialSheet read(UUID id, TrialReadingForm in) {
        TrialRow trial = open(id);
        EdgeRow edge = edge(trial, in.edge());
        checkpoint(trial, in.use());
        Form form = new Form();
        List<String> typed = in.grams() == null ? List.of() : in.grams();
        form.checks().text("person", TrialWords.A_PERSON.words(), in.person(), false, 80);
        form.checks().require(typed.stream().anyMatch(g -> !Form.blank(g)), () -> Refusal.of(
                        MessageCode.EMPTY, "grams-1", "")
                .with("what", TrialWords.A_READING.words()));
        List<ReadingRow> read = new ArrayList<>();
        Instant now = clock.instant();
        for (int i = 0; i < Math.min(typed.size(), trial.stations); i++) {
            if (!Form.blank(typed.get(i))) {
                Double grams = grams(form, "grams-" + (i + 1), typed.get(i));
                read.add(new ReadingRow(
                        edge.id, in.use(), i + 1, grams == null ? 1 : grams, now, Form.orEmpty(in.person())));
            }
        }
        form.checks().orThrow();
        List<ReadingRow> there = readings.findByEdgeIdIn(List.of(edge.id)).stream()
                .filter(r -> r.use == in.use())
                .toList();
        read.removeIf(r -> there.stream().anyMatch(t -> t.station == r.station && t.grams == r.grams));
        form.checks()
                .require(
                        read.stream().noneMatch(r -> there.stream().anyMatch(t -> t.station == r.station)),
                        () -> Refusal.of(MessageCode.READ_ALREADY, "grams-1", edge.place));
        form.checks().orThrow();
        readings.saveAllAndFlush(read);
        return sheet(id);
    }

    /** Keeps a reading that was taken again in place of the first, which stays in the store. */
    public TrialSheet again(UUID id, AgainForm in) {
        TrialRow trial = trial(id);
        EdgeRow edge = edge(trial, in.edge());
        Form form = new Form();
        Double grams = grams(form, "grams", in.grams());
        form.checks().text("person", TrialWords.A_PERSON.words(), in.person(), false, 80);
        form.checks().orThrow();
        Instant now = clock.instant();
        if (readings.replace(edge.id, in.use(), in.station(), now) == 0) {
            throw Form.notFound(TrialWords.A_CHECKPOINT.words(), in.use());
        }
        ReadingRow row = new ReadingRow(edge.id, in.use(), in.station(), grams, now, Form.orEmpty(in.person()));
        row.repeated = true;
        readings.saveAndFlush(row);
        return sheet(id);
    }

    /** Keeps what it took to bring an edge back. */
    public TrialSheet effort(UUID id, EffortForm in) {
        EdgeRow edge = edge(trial(id), in.edge());
        Form form = new Form();
        Double strokes = form.checks().attempt(() -> QuantityReader.number("strokes", in.strokes(), ""));
        form.checks().within("strokes", TrialWords.STROKES.words(), strokes, 0, MOST_STROKES, "");
        form.checks().orThrow();
        edge.strokes = (int) Math.round(strokes);
        edge.regained = in.regained();
        edges.saveAndFlush(edge);
        return sheet(id);
    }

    /** Ends the reading of an edge, or takes that back. */
    public TrialSheet endEdge(UUID id, EdgeEndForm in) {
        EdgeRow edge = edge(open(id), in.edge());
        Form form = new Form();
        TrialEdge.End end = form.oneOf("end", TrialWords.WHY_IT_ENDED.words(), in.end(), TrialEdge.End.class);
        form.checks().orThrow();
        edge.ended = end;
        edges.saveAndFlush(edge);
        return sheet(id);
    }

    /** Says which edge was which. */
    public TrialSheet uncover(UUID id) {
        TrialRow trial = trial(id);
        if (trial.uncoveredAt == null) {
            trial.uncoveredAt = clock.instant();
            trials.saveAndFlush(trial);
        }
        return sheet(id);
    }

    /** Ends a trial, or goes on with it. */
    public TrialSheet end(UUID id, boolean ended) {
        TrialRow trial = trial(id);
        if (ended != (trial.endedAt != null)) {
            trial.endedAt = ended ? clock.instant() : null;
            trials.saveAndFlush(trial);
        }
        return sheet(id);
    }

    /** Makes what a settled trial says the rule of the shop. */
    public TrialSheet rule(UUID id) {
        rules.pick(store.whole(trial(id)));
        return sheet(id);
    }

    /** Deletes a trial, or brings it back. */
    public void hide(UUID id, boolean hidden) {
        if (trials.hide(id, hidden ? clock.instant() : null) == 0) {
            throw Form.notFound("trial", id);
        }
    }

    TrialRow trial(UUID id) {
        return trials.findById(id).orElseThrow(() -> Form.notFound("trial", id));
    }

    private TrialRow open(UUID id) {
        TrialRow trial = trial(id);
        if (trial.endedAt != null) {
            throw new RefusedException(Refusal.of(MessageCode.TRIAL_ENDED, "", trial.name));
        }
        return trial;
    }

    private EdgeRow edge(TrialRow trial, UUID id) {
        return Optional.ofNullable(id)
                .flatMap(edges::findById)
                .filter(e -> Objects.equals(e.trialId, trial.id))
                .orElseThrow(() -> Form.notFound(TrialWords.AN_EDGE.words(), id));
    }

    private static void checkpoint(TrialRow trial, double use) {
        if (Arrays.stream(trial.checkpoints).noneMatch(c -> c == use)) {
            throw Form.notFound(TrialWords.A_CHECKPOINT.words(), use);
        }
    }

    private static Double grams(Form form, String field, String typed) {
        Double read = form.checks().attempt(() -> QuantityReader.grams(field, typed));
        form.checks().within(field, TrialWords.A_READING.words(), read, 1, TrialCsv.MOST_GRAMS, InWords.G);
        return read;
    }
}
