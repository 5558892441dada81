package truekeen.core.fault;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import truekeen.core.fault.Diagnosis.Clue;
import truekeen.core.fault.Diagnosis.Finding;
import truekeen.core.fault.Diagnosis.Sure;
import truekeen.core.fault.Diagnosis.Telling;
import truekeen.core.keenness.Stretch;
import truekeen.core.table.Prior;

/**
 * Weighs everything that was observed under the rules of the table. Each fault is judged by itself, so that several may
 * be present at once: its odds are the prior's times the likelihood ratio of the strongest sign of every group. Faults
 * that sit somewhere are judged place by place; a test that failed in one place speaks well of the rest of the edge.
 * Derived here; the weights are a workshop prior.
 */
public final class Diagnostician {
    /** Marks so close together are one place (mm). Prior. */
    private static final double NEAR_MM = Prior.DIAGNOSTICIAN_NEAR_MM.value();
    /** Rivals whose odds lie closer than this, as a logarithm, cannot be told apart. Prior. */
    private static final double TIE = Prior.DIAGNOSTICIAN_TIE.value();

    private final Subject subject;
    private final List<Observation> seen;
    private final Map<String, RemedyRecord> records;
    private final Set<Sign.Group> asked;

    private Diagnostician(Subject subject, List<Observation> seen, List<RemedyRecord> records) {
        this.subject = subject;
        this.seen = seen;
        this.records = new java.util.HashMap<>();
        records.forEach(r -> this.records.put(r.remedy(), r));
        this.asked = EnumSet.noneOf(Sign.Group.class);
        seen.forEach(o -> asked.add(o.sign().group()));
    }

    /**
     * What is likely wrong.
     *
     * @param subject the edge
     * @param seen everything observed, measured and derived
     * @param ladder tests that can be made on this tool
     * @param records how remedies did here; those not in it were never tried
     */
    public static Diagnosis of(
            Subject subject, List<Observation> seen, List<EdgeCheck> ladder, List<RemedyRecord> records) {
        return new Diagnostician(subject, List.copyOf(seen), records).diagnosis(ladder);
    }

    /** What is likely wrong where no remedy was ever tried. */
    public static Diagnosis of(Subject subject, List<Observation> seen, List<EdgeCheck> ladder) {
        return of(subject, seen, ladder, List.of());
    }

    private record Suspect(FaultRule rule, Stretch where, boolean whole, double sure, List<Clue> evidence) {}

    private Diagnosis diagnosis(List<EdgeCheck> ladder) {
        List<Suspect> suspects = new ArrayList<>();
        List<Stretch> places = places();
        for (FaultRule rule : FaultRule.all()) {
            if (!subject.fits().contains(rule.fits())) {
                continue;
            }
            if (rule.placed()) {
                places.forEach(p -> suspect(rule, Optional.of(p)).ifPresent(suspects::add));
                if (places.isEmpty()) {
                    suspect(rule, Optional.of(whole())).ifPresent(suspects::add);
                }
            } else {
                suspect(rule, Optional.empty()).ifPresent(suspects::add);
            }
        }
        suspects.sort(Comparator.comparingDouble(Suspect::sure).reversed());
        List<Finding> findings = suspects.stream()
                .filter(s -> s.sure >= Sure.POSSIBLE.from())
                .map(s -> finding(s, suspects, ladder))
                .toList();
        return summed(findings);
    }

    private Diagnosis summed(List<Finding> findings) {
        boolean complaint = seen.stream().anyMatch(o -> o.sign().says() == Sign.Says.BAD);
        if (findings.isEmpty()) {
            return new Diagnosis(
                    false,
                    complaint ? FaultWords.FITS_NO_FAULT.words() : FaultWords.NO_FAULT.words(),
                    findings,
                    Optional.empty());
        }
        Finding first = findings.get(0);
        boolean tied = findings.size() > 1
                && overlap(first, findings.get(1))
                && logOdds(first) - logOdds(findings.get(1)) < TIE
                && first.telling().isPresent()
                && !sameWay(first, findings.get(1));
        boolean told = first.sure() >= Sure.LIKELY.from() && !tied;
        String place = first.whole() ? "" : ", " + Observation.place(first.where());
        String words = told
                ? first.title() + place + ": " + first.how().words() + "."
                : tied
                        ? FaultWords.EITHER.fill(
                                "title",
                                lower(first.title()),
                                "title2",
                                lower(findings.get(1).title()))
                        : FaultWords.POSSIBLE.fill("title", lower(first.title()));
        return new Diagnosis(told, words, findings, told ? Optional.empty() : first.telling());
    }

    private static double logOdds(Finding f) {
        return Math.log(f.sure() / (1 - f.sure()));
    }

    /** Whether the first remedy of both is the same thing, so that telling them apart would change nothing. */
    private static boolean sameWay(Finding a, Finding b) {
        if (FaultRule.named(a.fault()).akin(FaultRule.named(b.fault()))) {
            return true;
        }
        Remedy one = a.remedies().get(0);
        Remedy other = b.remedies().get(0);
        return one.entry() == other.entry()
                && one.whole() == other.whole()
                && one.act().equals(other.act());
    }

    private static boolean overlap(Finding a, Finding b) {
        return a.where().fromMm() <= b.where().toMm()
                && b.where().fromMm() <= a.where().toMm();
    }

    private Finding finding(Suspect s, List<Suspect> all, List<EdgeCheck> ladder) {
        Optional<Telling> telling = all.stream()
                .filter(o -> o != s && o.rule != s.rule && o.sure >= 0.1)
                .filter(o -> o.where.fromMm() <= s.where.toMm() && s.where.fromMm() <= o.where.toMm())
                .flatMap(o -> telling(s.rule, o.rule, ladder).stream())
                .findFirst();
        List<Remedy> remedies = s.rule.remedies().stream()
                .filter(r -> subject.fits().contains(r.fits()))
                .sorted(Comparator.comparingDouble(
                        (Remedy r) -> -records.getOrDefault(r.key(), RemedyRecord.none(r.key()))
                                .expected()))
                .toList();
        return new Finding(
                s.rule.key(), s.rule.title(), s.where, s.whole, s.sure, Sure.of(s.sure), s.evidence, telling, remedies);
    }

    /** The test not made yet whose outcome would part two faults most. */
    private Optional<Telling> telling(FaultRule a, FaultRule b, List<EdgeCheck> ladder) {
        EdgeCheck best = null;
        Sign sign = null;
        double most = 1.5;
        for (EdgeCheck check : ladder) {
            for (Sign s : check.signs()) {
                double apart = asked.contains(s.group()) ? 0 : Math.abs(a.weight(s) - b.weight(s));
                if (apart > most) {
                    most = apart;
                    best = check;
                    sign = s;
                }
            }
        }
        if (best == null) {
            return Optional.empty();
        }
        FaultRule likelier = a.weight(sign) > b.weight(sign) ? a : b;
        FaultRule other = likelier == a ? b : a;
        return Optional.of(new Telling(
                best,
                FaultWords.RATHER_THAN.fill(
                        "title",
                        best.title(),
                        "sign",
                        sign.words(),
                        "likelier",
                        lower(likelier.title()),
                        "other",
                        lower(other.title()))));
    }

    /** One rule at one place; empty where nothing observed speaks for it. */
    private Optional<Suspect> suspect(FaultRule rule, Optional<Stretch> place) {
        Map<Sign.Group, Clue> strongest = new EnumMap<>(Sign.Group.class);
        boolean complaint = false;
        for (Observation o : about(place)) {
            double weight = rule.weight(o.sign()) * o.share();
            if (weight == 0) {
                continue;
            }
            complaint |= weight > 0 && (o.sign().observed() || o.sign().says() == Sign.Says.BAD);
            Clue clue = new Clue(o.sign(), o.words(), weight);
            strongest.merge(o.sign().group(), clue, Diagnostician::stronger);
        }
        if (!complaint) {
            return Optional.empty();
        }
        double odds = FaultRule.PRIOR
                + strongest.values().stream().mapToDouble(Clue::weight).sum();
        List<Clue> evidence = strongest.values().stream()
                .sorted(Comparator.comparingDouble((Clue c) -> -Math.abs(c.weight())))
                .toList();
        Stretch where = place.orElse(whole());
        return Optional.of(
                new Suspect(rule, where, place.isEmpty() || isWhole(where), 1 / (1 + Math.exp(-odds)), evidence));
    }

    /** Of two signs of a group the one that says more; of equals the one that speaks for the fault. */
    private static Clue stronger(Clue a, Clue b) {
        double apart = Math.abs(a.weight()) - Math.abs(b.weight());
        if (apart != 0) {
            return apart > 0 ? a : b;
        }
        return a.weight() > b.weight() || a.weight() == b.weight() && a.words().compareTo(b.words()) <= 0 ? a : b;
    }

    /** What is known of a place: signs met there, signs without a place, and the good word of tests that failed elsewhere. */
    private List<Observation> about(Optional<Stretch> place) {
        if (place.isEmpty()) {
            return seen;
        }
        Stretch here = place.get();
        List<Observation> about = new ArrayList<>();
        seen.stream()
                .filter(o -> o.where().isEmpty() || near(o.where().get(), here))
                .forEach(about::add);
        for (Sign.Group group : asked) {
            boolean all = seen.stream()
                    .filter(o -> o.sign().group() == group)
                    .allMatch(o -> o.where().isPresent() && !near(o.where().get(), here));
            if (all) {
                group.good().ifPresent(good -> about.add(new Observation(good, Optional.of(here))));
            }
        }
        subject.place(here).ifPresent(sign -> about.add(new Observation(sign, Optional.of(here))));
        return about;
    }

    /** The places where something was met, marks near each other as one. */
    private List<Stretch> places() {
        List<Stretch> marks = seen.stream()
                .filter(o -> o.sign().says() == Sign.Says.BAD)
                .flatMap(o -> o.where().stream())
                .sorted(Comparator.comparingDouble(Stretch::fromMm))
                .toList();
        List<Stretch> places = new ArrayList<>();
        for (Stretch mark : marks) {
            Stretch last = places.isEmpty() ? null : places.get(places.size() - 1);
            if (last != null && near(last, mark)) {
                places.set(places.size() - 1, new Stretch(last.fromMm(), Math.max(last.toMm(), mark.toMm())));
            } else {
                places.add(mark);
            }
        }
        boolean unplaced = seen.stream()
                .anyMatch(o ->
                        o.where().isEmpty() && o.sign().placed() && o.sign().says() == Sign.Says.BAD);
        return unplaced
                ? Stream.concat(places.stream(), Stream.of(whole())).distinct().toList()
                : places;
    }

    private static boolean near(Stretch a, Stretch b) {
        return a.fromMm() <= b.toMm() + NEAR_MM && b.fromMm() <= a.toMm() + NEAR_MM;
    }

    private Stretch whole() {
        return new Stretch(0, subject.lengthMm());
    }

    private boolean isWhole(Stretch s) {
        return s.toMm() - s.fromMm() >= subject.lengthMm() - 1e-6;
    }

    private static String lower(String title) {
        return Character.toLowerCase(title.charAt(0)) + title.substring(1);
    }
}
