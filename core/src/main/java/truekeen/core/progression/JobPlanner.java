package truekeen.core.progression;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.steel.SteelClass;

/** One job on one shelf: the answers to it, and what each stone left out would cost. */
final class JobPlanner {
    private final List<Abrasive> shelf;
    private final List<Abrasive> usable;
    private final StoneWork job;
    private final SteelClass steel;
    private final PlanRules rules;
    private final Wish wish;
    private final LabelSettingSearch search;
    private final boolean oilOnTool;
    private final List<String> notes = new ArrayList<>();

    JobPlanner(List<Abrasive> shelf, StoneWork job, SteelClass steel, PlanRules rules, boolean oilOnTool, Wish wish) {
        this.shelf = shelf;
        this.job = job;
        this.steel = steel;
        this.rules = rules;
        this.wish = wish;
        this.oilOnTool = oilOnTool;
        this.usable = ShelfRule.allowed(shelf, job, steel, rules).stream()
                .filter(a -> !wish.without().contains(a.id()))
                .toList();
        if (usable.isEmpty()) {
            throw new RefusedException(
                    Refusal.of(MessageCode.NO_ABRASIVE, "shelf", shelf.size()).with("what", whyNone()));
        }
        this.search = new LabelSettingSearch(usable, job, steel, rules, oilOnTool);
    }

    JobPath plan() {
        List<Abrasive> through = through();
        Label least = quickest(search, usable, job, through).orElseGet(() -> {
            notes.add(ProgressionWords.NOT_ALL_ASKED.words());
            return quickest(search, usable, job, List.of()).orElseThrow();
        });
        List<Alternative> alternatives = new ArrayList<>();
        alternatives.add(alternative(Answer.LEAST_TIME, least));
        Label taken = least;
        Answer answered = Answer.LEAST_TIME;
        if (job.finish().isPresent()) {
            Abrasive last = least.leg().abrasive();
            for (Answer answer : List.of(Answer.FEWEST, Answer.GENTLEST)) {
                Label found = (answer == Answer.FEWEST
                                ? search.fewest(last, through, Answer.FEWEST_WITHIN)
                                : search.gentlest(last, through, Answer.GENTLEST_WITHIN))
                        .orElse(least);
                alternatives.add(alternative(answer, found));
                if (wish.answer() == answer) {
                    taken = found;
                    answered = answer;
                }
            }
            Optional<Label> mine = always(alternatives);
            if (wish.answer() == Answer.MY_WAY && mine.isPresent()) {
                taken = mine.get();
                answered = Answer.MY_WAY;
            }
        }
        return new JobPath(
                job,
                GoodHand.stops(taken.legs(), job, rules),
                passedOver(taken, least, through),
                flags(taken),
                taken.oil(),
                answered,
                alternatives,
                freely(least));
    }

    /** Least time with nothing asked for (s). */
    private double freely(Label least) {
        return wish.without().isEmpty() && wish.through().isEmpty()
                ? least.seconds()
                : new JobPlanner(shelf, job, steel, rules, oilOnTool, Wish.NONE).leastSeconds();
    }

    private double leastSeconds() {
        return quickest(search, usable, job, List.of()).orElseThrow().seconds();
    }

    /** The path of least time: to the finish wanted, or of one abrasive where another bevel will cover the face. */
    static Optional<Label> quickest(
            LabelSettingSearch search, List<Abrasive> usable, StoneWork job, List<Abrasive> through) {
        if (job.finish().isPresent()) {
            return search.best(last(usable, job, through), through);
        }
        List<Label> single = (through.isEmpty() ? search.firsts() : through)
                .stream().map(search::only).toList();
        if (through.size() > 1) {
            return Optional.empty();
        }
        return Optional.of(search.nearestToLeast(single));
    }

    /** The abrasive to end on: as the finish asks, unless a finer one was asked for by name. */
    private static Abrasive last(List<Abrasive> usable, StoneWork job, List<Abrasive> through) {
        Abrasive wanted = ProgressionPlanner.finishing(usable, job.finish().orElseThrow());
        return through.stream()
                .filter(a -> a.d50Um() < wanted.d50Um())
                .min(java.util.Comparator.comparingDouble(Abrasive::d50Um))
                .orElse(wanted);
    }

    private List<Abrasive> through() {
        return usable.stream().filter(a -> wish.through().contains(a.id())).toList();
    }

    private Alternative alternative(Answer answer, Label label) {
        return new Alternative(
                answer,
                GoodHand.stops(label.legs(), job, rules),
                label.seconds(),
                label.steelMm3(),
                label.penaltySeconds(),
                "");
    }

    /** The saved way, scored as the others are; what of it cannot be used is left out and named. */
    private Optional<Label> always(List<Alternative> alternatives) {
        if (wish.always().isEmpty()) {
            return Optional.empty();
        }
        List<String> missing = new ArrayList<>();
        List<Abrasive> stones = new ArrayList<>();
        for (String id : wish.always()) {
            Optional<Abrasive> stone =
                    usable.stream().filter(a -> a.id().equals(id)).findFirst();
            stone.ifPresentOrElse(
                    stones::add,
                    () -> missing.add(shelf.stream()
                            .filter(a -> a.id().equals(id))
                            .findFirst()
                            .map(Abrasive::name)
                            .orElse(ProgressionWords.STONE_GONE.words())));
        }
        Optional<Label> path = stones.isEmpty() ? Optional.empty() : search.along(stones);
        String note = missing.isEmpty()
                ? ""
                : ProgressionWords.WITHOUT.fill("missing", String.join(ProgressionWords.AND_THE.words(), missing));
        alternatives.add(path.map(l -> new Alternative(
                        Answer.MY_WAY,
                        GoodHand.stops(l.legs(), job, rules),
                        l.seconds(),
                        l.steelMm3(),
                        l.penaltySeconds(),
                        note))
                .orElseGet(() -> new Alternative(
                        Answer.MY_WAY,
                        List.of(),
                        0,
                        0,
                        0,
                        stones.isEmpty()
                                ? ProgressionWords.SAVED_NOT_ALLOWED.words()
                                : ProgressionWords.SAVED_NOT_IN_ORDER.words())));
        return path;
    }

    private List<PassedOver> passedOver(Label taken, Label least, List<Abrasive> through) {
        List<PassedOver> passed = new ArrayList<>();
        List<Leg> legs = taken.legs();
        for (Abrasive a : shelf) {
            if (legs.stream().noneMatch(leg -> leg.abrasive() == a) && a.kind().use() == AbrasiveKind.Use.STROKES) {
                passed.add(passedOver(a, least, through));
            }
        }
        return passed;
    }

    private PassedOver passedOver(Abrasive a, Label least, List<Abrasive> through) {
        Optional<ShelfRule> bar = ShelfRule.barring(a, job, steel, rules);
        if (bar.isPresent()) {
            return new PassedOver(a, 0, false, false, bar.get().reason(), false);
        }
        if (wish.without().contains(a.id())) {
            return new PassedOver(a, 0, true, false, ProgressionWords.LEFT_BY_YOU.words(), true);
        }
        if (job.finish().isEmpty()) {
            if (a.d50Um() < search.leastFirstUm()) {
                return new PassedOver(a, 0, false, false, ProgressionWords.TOO_FINE_TO_SHAPE.words(), true);
            }
            double more = search.only(a).cost() - least.cost();
            return new PassedOver(a, more, true, false, costWords(more), true);
        }
        Abrasive last = least.leg().abrasive();
        if (a.d50Um() <= last.d50Um()) {
            return new PassedOver(a, 0, false, false, ProgressionWords.FINER_THAN_WANTED.words(), true);
        }
        List<Abrasive> also = new ArrayList<>(through);
        also.add(a);
        return search.best(last, also)
                .map(path -> through(a, path.cost() - least.cost(), path.penaltySeconds() > least.penaltySeconds()))
                .orElseGet(() -> new PassedOver(a, 0, false, false, ProgressionWords.DOES_NOT_FOLLOW.words(), false));
    }

    private static PassedOver through(Abrasive a, double more, boolean tooWide) {
        return new PassedOver(
                a, more, true, tooWide, tooWide ? ProgressionWords.STEP_TOO_WIDE.words() : costWords(more), true);
    }

    private static String costWords(double seconds) {
        return seconds < 1 ? ProgressionWords.AS_QUICK.words() : ProgressionWords.MORE_TIME.words();
    }

    private List<String> flags(Label taken) {
        List<String> flags = new ArrayList<>(notes);
        flags.addAll(PathFlags.of(taken, job, steel, search.leastFirstUm()));
        if (GoodHand.stops(taken.legs(), job, rules).stream().anyMatch(Leg::eased)) {
            flags.add(ProgressionWords.STOPS_SOONER.words());
        }
        if (wish.answer() == Answer.MY_WAY
                && wish.always().isEmpty()
                && job.finish().isPresent()) {
            flags.add(ProgressionWords.NOTHING_SAVED.words());
        }
        return flags;
    }

    private String whyNone() {
        if (!wish.without().isEmpty()
                && !ShelfRule.allowed(shelf, job, steel, rules).isEmpty()) {
            return ProgressionWords.ALL_LEFT_BY_YOU.words();
        }
        String why = shelf.stream()
                .flatMap(a -> ShelfRule.barring(a, job, steel, rules).map(ShelfRule::reason).stream())
                .distinct()
                .reduce((a, b) -> a + "; " + b)
                .orElse(ProgressionWords.NOTHING_CUTS.words());
        return why;
    }
}
