package truekeen.app.trial;

import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import truekeen.app.trial.TrialRows.EdgeRow;
import truekeen.app.trial.TrialRows.ReadingRow;
import truekeen.app.trial.TrialRows.TrialRow;
import truekeen.core.trial.TrialEdge;
import truekeen.core.trial.TrialJudgement;
import truekeen.core.trial.TrialReading;

/** Trials as they are judged: rows put together, any number of trials in two statements. */
@Component
class TrialStore {
    private final TrialRows.Edges edges;
    private final TrialRows.Readings readings;

    TrialStore(TrialRows.Edges edges, TrialRows.Readings readings) {
        this.edges = edges;
        this.readings = readings;
    }

    /** An edge with what was read of it. */
    record Kept(EdgeRow edge, List<ReadingRow> readings) {
        TrialEdge core() {
            return new TrialEdge(
                    edge.way,
                    readings.stream()
                            .map(r -> new TrialReading(r.use, r.station, r.grams, r.repeated))
                            .toList(),
                    edge.effort(),
                    edge.ended);
        }
    }

    /** A whole trial. */
    record Whole(TrialRow trial, List<Kept> edges) {
        List<String> ways() {
            return Arrays.asList(trial.ways);
        }

        TrialJudgement judged() {
            return TrialJudgement.of(
                    trial.ways.length, edges.stream().map(Kept::core).toList());
        }
    }

    Whole whole(TrialRow trial) {
        return all(List.of(trial)).get(0);
    }

    List<Whole> all(Collection<TrialRow> trials) {
        List<EdgeRow> rows =
                edges.findByTrialIdIn(trials.stream().map(t -> t.id).toList());
        Map<UUID, List<ReadingRow>> read = readings
                .findByEdgeIdIn(rows.stream().map(e -> e.id).toList())
                .stream()
                .collect(Collectors.groupingBy(r -> r.edgeId));
        Map<UUID, List<Kept>> kept = rows.stream()
                .sorted((a, b) -> Integer.compare(a.place, b.place))
                .map(e -> new Kept(e, read.getOrDefault(e.id, List.of())))
                .collect(Collectors.groupingBy(k -> k.edge().trialId));
        return trials.stream()
                .map(t -> new Whole(t, kept.getOrDefault(t.id, List.of())))
                .toList();
    }
}
