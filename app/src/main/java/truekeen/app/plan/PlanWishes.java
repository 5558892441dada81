package truekeen.app.plan;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import truekeen.app.plan.PlanRecords.PlanForm;
import truekeen.app.plan.PlanRecords.RungForm;
import truekeen.app.platform.Form;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.job.JobKind;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.progression.Answer;
import truekeen.core.progression.StropWish;
import truekeen.core.progression.Wish;

/** Reads what is wished of a plan. */
final class PlanWishes {
    private static final int MOST_RUNGS = 200;
    /** Finished off the stone, as it is asked for. */
    private static final String NO_STROP = "NONE";

    private PlanWishes() {}

    static Map<JobKind, Wish> read(PlanForm in, List<String> always) {
        Form form = new Form();
        Answer answer = Form.blank(in.answer())
                ? Answer.LEAST_TIME
                : form.oneOf("answer", PlanWords.AN_ANSWER.words(), in.answer(), Answer.class);
        form.checks().orThrow();
        Map<JobKind, Wish> wishes = new EnumMap<>(JobKind.class);
        for (JobKind kind : JobKind.values()) {
            wishes.put(
                    kind,
                    new Wish(
                            answer,
                            ids("without", in.without(), kind),
                            ids("through", in.through(), kind),
                            kind == JobKind.SECONDARY ? always : List.of()));
        }
        return wishes;
    }

    /** The strop that is asked for, of those owned; empty where what follows the last stone is to be taken. */
    static Optional<StropWish> strop(PlanForm in, List<Abrasive> shelf) {
        if (Form.blank(in.strop())) {
            return Optional.empty();
        }
        if (NO_STROP.equals(in.strop())) {
            return Optional.of(StropWish.NONE);
        }
        List<Abrasive> strops = shelf.stream()
                .filter(a ->
                        a.kind().use() == AbrasiveKind.Use.STROP && !a.state().retired())
                .toList();
        Form form = new Form();
        Abrasive strop = form.choice(
                "strop",
                PlanWords.A_STROP.words(),
                in.strop(),
                strops.stream().filter(a -> a.id().equals(in.strop())).findFirst(),
                strops.stream().map(Abrasive::name).collect(Collectors.joining(", ")));
        form.checks().orThrow();
        return Optional.of(new StropWish(strop.id()));
    }

    private static Set<String> ids(String field, List<RungForm> rungs, JobKind kind) {
        List<RungForm> all = rungs == null ? List.of() : rungs;
        if (all.size() > MOST_RUNGS) {
            throw new RefusedException(Refusal.of(MessageCode.TOO_MANY, field, all.size())
                    .with("high", MOST_RUNGS)
                    .with("what", "rungs"));
        }
        return all.stream()
                .filter(r -> job(field, r) == kind)
                .map(r -> Form.id(field, r.abrasiveId()).toString())
                .collect(Collectors.toSet());
    }

    private static JobKind job(String field, RungForm rung) {
        Form form = new Form();
        String named = rung == null ? null : rung.job();
        JobKind kind = form.oneOf(field, PlanWords.A_JOB.words(), named, JobKind.class);
        form.checks().orThrow();
        return kind;
    }
}
