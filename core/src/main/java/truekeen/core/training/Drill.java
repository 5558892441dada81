package truekeen.core.training;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** One exercise under way. */
abstract class Drill {
    private final List<String> lines = new ArrayList<>();
    private Seen.Mark[] marks = {};
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

    List<String> sides() {
        return List.of();
    }

    final void places(int count) {
        marks = new Seen.Mark[count];
        Arrays.fill(marks, Seen.Mark.UNKNOWN);
    }

    final int places() {
        return marks.length;
    }

    final void mark(int place, boolean catches) {
        marks[place] = catches ? Seen.Mark.CATCHES : Seen.Mark.SMOOTH;
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
                Arrays.asList(marks),
                choices(),
                answer.isPresent() ? List.of() : controls(),
                sides(),
                answer);
    }
}
