package truekeen.app.edgetest;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.core.fault.Observation;
import truekeen.core.keenness.Verdict;

/** What tests said of edges, for those who tell others of it. */
@Service
@Transactional(readOnly = true)
public class TestedEdges {
    private final Tests tests;

    TestedEdges(Tests tests) {
        this.tests = tests;
    }

    /**
     * An edge as it was tested.
     *
     * @param keen whether it passed
     * @param force the judgement on its readings; empty where force was not read
     */
    public record TestedEdge(Instant at, boolean keen, Optional<Verdict> force, List<Observation> seen) {
        /** Keeps what was seen from changing. */
        public TestedEdge {
            seen = List.copyOf(seen);
        }
    }

    /** The newest test of a tool since then. */
    public Optional<TestedEdge> newest(UUID toolId, Instant since) {
        return tests.findFirstByToolIdOrderByTakenAtDesc(toolId)
                .filter(t -> t.takenAt.isAfter(since))
                .map(t -> new TestedEdge(t.takenAt, t.keen, t.verdict(), t.seen()));
    }
}
