package truekeen.app.board;

import java.util.List;
import truekeen.app.store.StoredFormat;
import truekeen.core.condition.Finding;

/** What a survey found along an edge, as far as a line of the rack draws it (mm). */
record StoredMarks(List<StoredMark> marks) {
    static final StoredFormat<StoredMarks, List<Finding>> FORMAT = StoredFormat.of(
            "tool_standing.marks", StoredMarks.class, StoredMarks::toCore, StoredMarks::of, StoredFormat::asItWas);

    record StoredMark(String kind, double fromMm, double toMm, double depthMm) {}

    private static StoredMarks of(List<Finding> findings) {
        return new StoredMarks(findings.stream()
                .map(f -> new StoredMark(f.kind().name(), f.fromMm(), f.toMm(), f.depthMm()))
                .toList());
    }

    private List<Finding> toCore() {
        return marks.stream()
                .map(m -> new Finding(Finding.Kind.valueOf(m.kind), m.fromMm, m.toMm, m.depthMm, 0, false))
                .toList();
    }
}
