package truekeen.app.edgetest;

import java.util.List;
import truekeen.core.keenness.Reading;

/**
 * Where force readings come from: the port behind which hands and, later, a live tester stand alike.
 */
interface ReadingSource {
    /** The readings, each with its station. */
    List<Reading> readings();
}
