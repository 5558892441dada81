package truekeen.app.hand;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.hand.HandRecords.HandView;
import truekeen.app.hand.HandRecords.JudgeForm;
import truekeen.app.hand.HandRecords.LearnedView;
import truekeen.app.hand.HandRecords.OddView;
import truekeen.app.kit.KitService;
import truekeen.app.platform.Form;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.hand.HandSums;
import truekeen.core.hand.StandsOut;
import truekeen.core.hand.StrokeRatio;
import truekeen.core.message.Numbers;

/** Keeps what each finished step took against what was predicted, and tells the planner what that teaches. */
@Service
@Transactional
public class HandService {
    private final Observations observations;
    private final StrokeSums sums;
    private final KitService kit;

    HandService(Observations observations, StrokeSums sums, KitService kit) {
        this.observations = observations;
        this.sums = sums;
        this.kit = kit;
    }

    /**
     * A step of a finished session.
     *
     * @param step its index
     * @param predicted strokes predicted without any learning
     * @param done strokes done
     */
    public record Done(int step, UUID abrasiveId, double predicted, int done) {}

    /**
     * Keeps what a session took.
     *
     * @param current whether its strokes were predicted as they are today; what an older edition predicted teaches nothing
     */
    public void observe(UUID sessionId, String person, String steel, Instant at, List<Done> steps, boolean current) {
        Map<String, Abrasive> shelf = byId();
        for (Done d : steps) {
            Abrasive stone = shelf.get(d.abrasiveId.toString());
            if (stone != null && d.done > 0 && d.predicted > 0) {
                Observation o = new Observation(
                        sessionId, person, stone, steel, at, d, current ? StrokeSums.EDITION : StrokeSums.EDITION - 1);
                if (!current) {
                    observations.saveAndFlush(o);
                    continue;
                }
                // One that stands out is learned only once somebody says that it was the hand.
                Optional<StandsOut> out = sums.of(person).standsOut(o.toCore());
                o.stoodOutFrom = out.map(StandsOut::expected).orElse(null);
                observations.saveAndFlush(o);
                if (out.isEmpty()) {
                    sums.learn(person, o.toCore());
                }
            }
        }
    }

    /** A shelf in a hand that is known: each piece with what the log taught of it on a steel. */
    @Transactional(readOnly = true)
    public List<Abrasive> inHand(String person, String steel, List<Abrasive> shelf) {
        HandSums known = sums.of(Form.orEmpty(person));
        return shelf.stream()
                .map(a -> a.with(known.effort(a.id(), a.kind().key(), steel)))
                .toList();
    }

    /** What a person's sessions taught, and what stood out in anyone's. */
    @Transactional(readOnly = true)
    public HandView view(String person) {
        Map<String, Abrasive> shelf = byId();
        HandSums known = sums.of(Form.orEmpty(person));
        List<LearnedView> learned = new ArrayList<>();
        for (StrokeSums.Known k : sums.known(Form.orEmpty(person))) {
            Abrasive.Effort e = known.effort(k.abrasiveId(), k.kind(), k.steel());
            double sd = Math.exp(e.logSd());
            learned.add(new LearnedView(
                    k.abrasiveId(),
                    name(shelf, k.abrasiveId()),
                    k.steel(),
                    e.factor(),
                    e.factor() / sd,
                    e.factor() * sd,
                    e.factor() / e.spread(),
                    e.factor() * e.spread(),
                    e.sessions(),
                    e.evidence()));
        }
        return new HandView(
                learned,
                observations.standingOut().stream()
                        .map(o -> odd(o, name(shelf, o.abrasiveId.toString())))
                        .toList());
    }

    private static OddView odd(Observation o, String name) {
        double off = o.done / o.predicted / o.stoodOutFrom;
        boolean slow = off > 1;
        String times = Numbers.plain(slow ? off : 1 / off, 1);
        String words =
                slow ? HandWords.MORE_STROKES.fill("times", times) : HandWords.FEWER_STROKES.fill("times", times);
        return new OddView(
                o.id,
                o.abrasiveId.toString(),
                name,
                o.person,
                o.steel,
                o.at,
                o.done,
                o.predicted * o.stoodOutFrom,
                off,
                slow,
                words);
    }

    /** Says what a session that stood out was: the hand, which learns it, or the stone, which then wants dressing. */
    public HandView judge(UUID id, JudgeForm in) {
        Observation o = observations.findById(id).orElseThrow(() -> Form.notFound("session", id));
        Form form = new Form();
        StrokeRatio.Judged judged = form.oneOf(
                "judged",
                HandWords.WHAT_IT_WAS.words(),
                in.judged(),
                List.of(StrokeRatio.Judged.HAND, StrokeRatio.Judged.STONE));
        form.checks().orThrow();
        boolean waits = o.judged == StrokeRatio.Judged.OPEN && o.stoodOutFrom != null;
        boolean slow = waits && o.done / o.predicted > o.stoodOutFrom;
        o.judged = judged;
        if (waits && judged == StrokeRatio.Judged.HAND) {
            sums.learn(o.person, o.toCore());
        }
        if (judged == StrokeRatio.Judged.STONE && slow) {
            kit.glazed(o.abrasiveId);
        }
        observations.saveAndFlush(o);
        return view(o.person);
    }

    private Map<String, Abrasive> byId() {
        Map<String, Abrasive> shelf = new LinkedHashMap<>();
        kit.shelf().forEach(a -> shelf.put(a.id(), a));
        return shelf;
    }

    private static String name(Map<String, Abrasive> shelf, String id) {
        return Optional.ofNullable(shelf.get(id)).map(Abrasive::name).orElse(HandWords.STONE_GONE.words());
    }

    @Entity(name = "stroke_observation")
    static class Observation {
        @Id
        UUID id;

        UUID sessionId;
        int step;
        String person;
        UUID abrasiveId;
        String kind;
        String steel;
        double predicted;
        int done;

        /** The edition of the removal it was predicted with; ratios of an older one teach nothing about a newer. */
        int edition;

        Instant at;

        @Enumerated(EnumType.STRING)
        StrokeRatio.Judged judged;

        /** The ratio that was to be expected where it stood out; null where it did not. */
        Double stoodOutFrom;

        protected Observation() {}

        Observation(UUID sessionId, String person, Abrasive stone, String steel, Instant at, Done d, int edition) {
            this.edition = edition;
            this.id = UUID.randomUUID();
            this.sessionId = sessionId;
            this.step = d.step;
            this.person = person;
            this.abrasiveId = d.abrasiveId;
            this.kind = stone.kind().key();
            this.steel = steel;
            this.predicted = d.predicted;
            this.done = d.done;
            this.at = at;
            this.judged = StrokeRatio.Judged.OPEN;
        }

        StrokeRatio toCore() {
            return new StrokeRatio(id.toString(), abrasiveId.toString(), kind, steel, done / predicted, judged);
        }
    }

    interface Observations extends JpaRepository<Observation, UUID> {
        /** Those that stood out and wait to be judged. */
        @Query("select o from stroke_observation o where o.stoodOutFrom is not null and o.judged = 'OPEN'"
                + " order by o.person, o.at, o.step")
        List<Observation> standingOut();
    }
}
