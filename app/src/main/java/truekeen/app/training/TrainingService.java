package truekeen.app.training;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.app.training.TrainingRecords.ActForm;
import truekeen.app.training.TrainingRecords.EdgePlaceView;
import truekeen.app.training.TrainingRecords.ExerciseView;
import truekeen.app.training.TrainingRecords.InkLookView;
import truekeen.app.training.TrainingRecords.ProbeView;
import truekeen.app.training.TrainingRecords.RoundAnswer;
import truekeen.app.training.TrainingRecords.RoundForm;
import truekeen.app.training.TrainingRecords.RoundView;
import truekeen.app.training.TrainingRecords.TrainingView;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.training.Act;
import truekeen.core.training.Exercise;
import truekeen.core.training.Seen;
import truekeen.core.training.TrainingRecord;

/** Rounds of training and the record of them. */
@Service
@Transactional
public class TrainingService {
    private static final int LONGEST_NAME = 80;

    private final RoundRow.Rows rounds;
    private final BenchClock clock;

    TrainingService(RoundRow.Rows rounds, BenchClock clock) {
        this.rounds = rounds;
        this.clock = clock;
    }

    /** The exercises, with what somebody did so far. */
    @Transactional(readOnly = true)
    public TrainingView training(String person) {
        TrainingRecord record = new TrainingRecord(rounds.findByPersonOrderByAt(person).stream()
                .map(r -> new TrainingRecord.Round(r.exercise, r.grade, r.answeredRight))
                .toList());
        Exercise next = record.next();
        return new TrainingView(Arrays.stream(Exercise.values())
                .map(e -> new ExerciseView(
                        e, e.title(), e.why(), record.grade(e), record.tried(e), record.right(e), e == next))
                .toList());
    }

    /** What is seen in a round after what was done so far; how it ended is kept. */
    public RoundView round(Exercise exercise, RoundForm in) {
        List<ActForm> done = in.acts() == null ? List.of() : in.acts();
        Form form = new Form();
        form.checks().within("grade", TrainingWords.GRADE.words(), (double) in.grade(), 1, Exercise.GRADES, "");
        form.checks().text("person", TrainingWords.PERSON.words(), Form.orEmpty(in.person()), false, LONGEST_NAME);
        form.checks()
                .require(done.size() <= Exercise.MOST_ACTS, () -> Refusal.of(MessageCode.TOO_MANY, "acts", done.size())
                        .with("what", TrainingWords.ACTS.words())
                        .with("high", Exercise.MOST_ACTS));
        form.checks().require(in.round() != null, () -> Refusal.of(MessageCode.EMPTY, "round", "")
                .with("what", TrainingWords.ROUND.words()));
        for (int i = 0; i < done.size(); i++) {
            String field = "acts[" + i + "].kind";
            form.checks().require(done.get(i).kind() != null && done.get(i).force() != null, () -> Refusal.of(
                            MessageCode.EMPTY, field, "")
                    .with("what", TrainingWords.AN_ACT.words()));
        }
        form.checks().orThrow();
        List<Act> acts = done.stream()
                .map(a -> new Act(a.kind(), a.place(), a.upper(), a.amount(), a.force()))
                .toList();
        Seen seen = exercise.after(in.grade(), in.seed(), acts);
        seen.answer()
                .ifPresent(answer -> rounds.once(
                        in.round(),
                        exercise.name(),
                        in.grade(),
                        Form.orEmpty(in.person()),
                        answer.right(),
                        clock.instant()));
        return view(exercise, seen);
    }

    private static RoundView view(Exercise exercise, Seen seen) {
        Optional<RoundAnswer> answer = seen.answer().map(a -> new RoundAnswer(a.right(), a.words()));
        return new RoundView(
                exercise.title(),
                seen.situation(),
                seen.lines(),
                seen.places().stream()
                        .map(p -> new EdgePlaceView(p.mark(), p.note()))
                        .toList(),
                new ProbeView(
                        seen.probe().act(), seen.probe().there(), seen.probe().absent()),
                seen.ink().map(i -> new InkLookView(i.gone(), i.share())).orElse(null),
                seen.choices(),
                seen.controls(),
                seen.sides(),
                answer.orElse(null));
    }
}
