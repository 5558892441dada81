package truekeen.app.history;

import java.util.List;
import java.util.UUID;

/** A place that knows numbers of a tool's past. */
public interface FigureSource {
    /** What it knows, oldest first. Never throws because of a record that cannot be read. */
    List<DatedFigure> figures(UUID toolId);
}
