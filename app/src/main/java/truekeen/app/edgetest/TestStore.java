package truekeen.app.edgetest;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Optional;
import truekeen.app.store.StoredFormat;
import truekeen.core.fault.Diagnosis;
import truekeen.core.fault.EdgeCheck;
import truekeen.core.fault.Observation;
import truekeen.core.fault.Remedy;
import truekeen.core.fault.Sign;
import truekeen.core.keenness.Reading;
import truekeen.core.keenness.Stretch;
import truekeen.core.keenness.Verdict;

/** How the JSON columns of tests are kept. Places in mm from the beginning of the edge, forces in grams. */
final class TestStore {
    /** Force at stations. */
    static final StoredFormat<StoredReadings, List<Reading>> READINGS = StoredFormat.of(
            "edge_test.readings",
            StoredReadings.class,
            s -> s.items().stream().map(StoredReading::toCore).toList(),
            readings ->
                    new StoredReadings(readings.stream().map(StoredReading::of).toList()),
            StoredFormat::bareList);

    /** What was seen. */
    static final StoredFormat<StoredSigns, List<Observation>> SEEN = StoredFormat.of(
            "edge_test.seen",
            StoredSigns.class,
            s -> s.items().stream().map(StoredSign::toCore).toList(),
            seen -> new StoredSigns(seen.stream().map(StoredSign::of).toList()),
            StoredFormat::bareList);

    /** The judgement by force. */
    static final StoredFormat<StoredVerdict, Verdict> VERDICT = StoredFormat.of(
            "edge_test.verdict", StoredVerdict.class, StoredVerdict::toCore, StoredVerdict::of, StoredFormat::asItWas);

    /** What is likely wrong. Before versions were kept, checks and remedies were stored whole, not by their keys. */
    static final StoredFormat<StoredDiagnosis, Diagnosis> DIAGNOSIS = StoredFormat.of(
            "edge_test.diagnosis", StoredDiagnosis.class, StoredDiagnosis::toCore, StoredDiagnosis::of, old -> {
                old.path("findings").forEach(TestStore::keysOfFinding);
                keyOfCheck(old.path("next"));
                return old;
            });

    /** The finding that a remedy was accepted for. */
    static final StoredFormat<StoredFinding, Diagnosis.Finding> FINDING = StoredFormat.of(
            "remedy_trial.finding", StoredFinding.class, StoredFinding::toCore, StoredFinding::of, old -> {
                keysOfFinding(old);
                return old;
            });

    private TestStore() {}

    private static void keysOfFinding(JsonNode finding) {
        keyOfCheck(finding.path("telling"));
        if (finding instanceof ObjectNode node && node.path("remedies").isArray()) {
            ArrayNode keys = JsonNodeFactory.instance.arrayNode();
            node.path("remedies").forEach(r -> keys.add(r.path("key").asText()));
            node.set("remedies", keys);
        }
    }

    private static void keyOfCheck(JsonNode telling) {
        if (telling instanceof ObjectNode node) {
            node.put("check", node.path("check").path("key").asText());
        }
    }

    record StoredReading(double xMm, double grams) {
        static StoredReading of(Reading r) {
            return new StoredReading(r.xMm(), r.grams());
        }

        Reading toCore() {
            return new Reading(xMm, grams);
        }
    }

    record StoredReadings(List<StoredReading> items) {}

    record StoredStretch(double fromMm, double toMm) {
        static StoredStretch of(Stretch s) {
            return new StoredStretch(s.fromMm(), s.toMm());
        }

        Stretch toCore() {
            return new Stretch(fromMm, toMm);
        }
    }

    record StoredSign(String sign, StoredStretch where, boolean earlier) {
        static StoredSign of(Observation o) {
            return new StoredSign(
                    o.sign().name(), o.where().map(StoredStretch::of).orElse(null), o.earlier());
        }

        Observation toCore() {
            return new Observation(
                    Sign.valueOf(sign), Optional.ofNullable(where).map(StoredStretch::toCore), earlier);
        }
    }

    record StoredSigns(List<StoredSign> items) {}

    /** A verdict; {@code uneven} is missing on old ones. */
    record StoredVerdict(
            boolean keen,
            double meanGrams,
            double sdGrams,
            StoredReading worst,
            double meanIndex,
            double indexTarget,
            double spreadRatio,
            List<StoredStretch> uneven,
            boolean dullElsewhere) {
        static StoredVerdict of(Verdict v) {
            return new StoredVerdict(
                    v.keen(),
                    v.meanGrams(),
                    v.sdGrams(),
                    StoredReading.of(v.worst()),
                    v.meanIndex(),
                    v.indexTarget(),
                    v.spreadRatio(),
                    v.uneven().stream().map(StoredStretch::of).toList(),
                    v.dullElsewhere());
        }

        Verdict toCore() {
            return new Verdict(
                    keen,
                    meanGrams,
                    sdGrams,
                    worst.toCore(),
                    meanIndex,
                    indexTarget,
                    spreadRatio,
                    uneven == null
                            ? List.of()
                            : uneven.stream().map(StoredStretch::toCore).toList(),
                    dullElsewhere);
        }
    }

    record StoredTelling(String check, String words) {
        static StoredTelling of(Diagnosis.Telling t) {
            return new StoredTelling(t.check().key(), t.words());
        }

        /** Empty where the check is no longer in the table. */
        static Optional<Diagnosis.Telling> toCore(StoredTelling t) {
            return Optional.ofNullable(t).flatMap(stored -> EdgeCheck.named(stored.check)
                    .map(check -> new Diagnosis.Telling(check, stored.words)));
        }
    }

    record StoredClue(String sign, String words, double weight) {}

    record StoredFinding(
            String fault,
            String title,
            StoredStretch where,
            boolean whole,
            double sure,
            String how,
            List<StoredClue> evidence,
            StoredTelling telling,
            List<String> remedies) {
        static StoredFinding of(Diagnosis.Finding f) {
            return new StoredFinding(
                    f.fault(),
                    f.title(),
                    StoredStretch.of(f.where()),
                    f.whole(),
                    f.sure(),
                    f.how().name(),
                    f.evidence().stream()
                            .map(c -> new StoredClue(c.sign().name(), c.words(), c.weight()))
                            .toList(),
                    f.telling().map(StoredTelling::of).orElse(null),
                    f.remedies().stream().map(Remedy::key).toList());
        }

        Diagnosis.Finding toCore() {
            return new Diagnosis.Finding(
                    fault,
                    title,
                    where.toCore(),
                    whole,
                    sure,
                    Diagnosis.Sure.valueOf(how),
                    evidence.stream()
                            .map(c -> new Diagnosis.Clue(Sign.valueOf(c.sign), c.words, c.weight))
                            .toList(),
                    StoredTelling.toCore(telling),
                    remedies.stream().flatMap(key -> Remedy.find(key).stream()).toList());
        }
    }

    record StoredDiagnosis(boolean told, String words, List<StoredFinding> findings, StoredTelling next) {
        static StoredDiagnosis of(Diagnosis d) {
            return new StoredDiagnosis(
                    d.told(),
                    d.words(),
                    d.findings().stream().map(StoredFinding::of).toList(),
                    d.next().map(StoredTelling::of).orElse(null));
        }

        Diagnosis toCore() {
            return new Diagnosis(
                    told, words, findings.stream().map(StoredFinding::toCore).toList(), StoredTelling.toCore(next));
        }
    }
}
