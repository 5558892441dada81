package truekeen.core.training;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** One exercise under way. */
abstract class Drill {
    private final List<String> lines = new ArrayList<>();
    private Seen.Mark[] marks = {};
    private String[] notes = {};
    private Optional<Seen.Answer> answer = Optional.empty();

    /** What is the matter, in words. */
    abstract String situation();

    /** What can be done. */
    abstract List<Act.Kind> controls();

    /** Does something; what the exercise does not know changes nothing. */
    abstract void act(Act act);

    List<String> choices() {
        return List.of();
    }

    Seen.Probe probe() {
        return Seen.Probe.NONE;
    }

    Optional<Seen.Ink> ink() {
        return Optional.empty();
    }

    List<String> sides() {
        return List.of();
    }

    final void places(int count) {
        marks = new Seen.Mark[count];
        Arrays.fill(marks, Seen.Mark.UNKNOWN);
        notes = new String[count];
        Arrays.fill(notes, "");
    }

    final void note(int place, String figure) {
        notes[place] = figure;
    }

    final int places() {
        return marks.length;
    }

    final void mark(int place, boolean there) {
        marks[place] = there ? Seen.Mark.THERE : Seen.Mark.ABSENT;
    }

    /** What was felt is not known any more once strokes were made. */
    final void forgetMarks() {
        Arrays.fill(marks, Seen.Mark.UNKNOWN);
    }

    final void say(String line) {
        lines.add(line);
    }

    final void end(boolean right, String words) {
        answer = Optional.of(new Seen.Answer(right, words));
    }

    final Optional<Seen.Answer> answer() {
        return answer;
    }

    final Seen seen() {
        return new Seen(
                situation(),
                lines,
                IntStream.range(0, marks.length)
                        .mapToObj(i -> new Seen.Place(marks[i], notes[i]))
                        .toList(),
                probe(),
                ink(),
                choices(),
                answer.isPresent() ? List.of() : controls(),
                sides(),
                answer);
    }
}
