package truekeen.core.training;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToIntFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Exercises worked by somebody who knows how, and by somebody who does not. */
class ExerciseTest {
    private static final int SEEDS = 12;

    private static Act feel(int place) {
        return new Act(Act.Kind.FEEL, place, true, 0, Act.Force.LIGHT);
    }

    private static Act tilt(double degrees) {
        return new Act(Act.Kind.TILT, 0, true, degrees, Act.Force.LIGHT);
    }

    /** How many of some rounds are answered right. */
    private static int right(ToIntFunction<Long> one) {
        int right = 0;
        for (long seed = 0; seed < SEEDS; seed++) {
            right += one.applyAsInt(seed);
        }
        return right;
    }

    private static boolean answeredRight(Exercise e, int grade, long seed, List<Act> acts) {
        return e.after(grade, seed, acts).answer().orElseThrow().right();
    }

    @ParameterizedTest
    @EnumSource(Exercise.class)
    void everySeedOfEveryGradeIsAnExerciseOfItsOwnAndTheSameAgain(Exercise exercise) {
        for (int grade = 1; grade <= Exercise.GRADES; grade++) {
            for (long seed = 0; seed < SEEDS; seed++) {
                Seen seen = exercise.after(grade, seed, List.of());
                assertThat(seen.situation()).isNotBlank().doesNotContain("{");
                assertThat(seen.controls()).isNotEmpty();
                assertThat(seen.answer()).isEmpty();
                assertThat(exercise.after(grade, seed, List.of())).isEqualTo(seen);
            }
        }
        assertThat(exercise.title()).isNotBlank();
        assertThat(exercise.why()).isNotBlank();
        assertThatThrownBy(() -> exercise.after(0, 1, List.of())).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> exercise.after(4, 1, List.of())).isInstanceOf(IllegalArgumentException.class);
    }

    @ParameterizedTest
    @EnumSource(Exercise.class)
    void nonsenseChangesNothingAndAfterTheAnswerNothingDoes(Exercise exercise) {
        Seen before = exercise.after(1, 3, List.of());
        Seen after = exercise.after(1, 3, List.of(feel(-1), feel(99), Act.choose(-1)));
        assertThat(after.situation()).isEqualTo(before.situation());
        List<Act> ended = new ArrayList<>(List.of(Act.choose(0), Act.done()));
        Seen end = exercise.after(1, 4, ended);
        assertThat(end.answer()).isPresent();
        assertThat(end.controls()).isEmpty();
        ended.add(Act.strokes(true, 5, Act.Force.FIRM));
        assertThat(exercise.after(1, 4, ended).lines()).isEqualTo(end.lines());
    }

    @Test
    void whoReadsTheInkFindsTheAngle() {
        assertThat(right(seed -> {
                    List<Act> acts = new ArrayList<>();
                    for (int looks = 0; looks < 60; looks++) {
                        acts.add(Act.strokes(true, 1, Act.Force.LIGHT));
                        List<String> lines = Exercise.INK.after(1, seed, acts).lines();
                        String last = lines.get(lines.size() - 1);
                        if (last.contains("evenly")) {
                            break;
                        }
                        acts.add(tilt(last.contains("heel") ? 0.25 : -0.25));
                    }
                    acts.add(Act.done());
                    return answeredRight(Exercise.INK, 1, seed, acts) ? 1 : 0;
                }))
                .isEqualTo(SEEDS);
        // Who believes the first setting is wrong: it never is the bevel's angle.
        assertThat(right(seed -> answeredRight(Exercise.INK, 2, seed, List.of(Act.done())) ? 1 : 0))
                .isLessThan(SEEDS / 3);
    }

    private static List<Seen.Mark> marks(Exercise e, int grade, long seed, List<Act> acts) {
        return e.after(grade, seed, acts).places().stream()
                .map(Seen.Place::mark)
                .toList();
    }

    @ParameterizedTest
    @EnumSource(
            value = Exercise.class,
            names = {"BURR", "LAMP"})
    void whoLooksEverywhereFindsWhereTheEdgeWasNotReached(Exercise exercise) {
        // By the nail it is where nothing is, by the lamp where something is.
        Seen.Mark gap = exercise == Exercise.BURR ? Seen.Mark.ABSENT : Seen.Mark.THERE;
        assertThat(right(seed -> {
                    List<Act> acts = new ArrayList<>();
                    int places = exercise.after(1, seed, acts).places().size();
                    for (int i = 0; i < places; i++) {
                        acts.add(feel(i));
                    }
                    int missing = marks(exercise, 1, seed, acts).indexOf(gap);
                    acts.add(Act.choose(missing < 0 ? places : missing));
                    return answeredRight(exercise, 1, seed, acts) ? 1 : 0;
                }))
                .isEqualTo(SEEDS);
    }

    private static Act strokesAt(int place) {
        return new Act(Act.Kind.STROKES, place, true, 5, Act.Force.FIRM);
    }

    private static double behind(Seen seen, int place) {
        return Double.parseDouble(seen.places().get(place).note().replaceAll("[^-0-9.]", ""));
    }

    @Test
    void cornersWeightedHalfWayLessAndTheCentreNotSparedGiveACamber() {
        assertThat(right(seed -> {
                    List<Act> acts = new ArrayList<>();
                    String situation = Exercise.CAMBER.after(1, seed, acts).situation();
                    double wanted = Double.parseDouble(situation
                            .replaceAll(".*its corners ([0-9.\u2060]+).*", "$1")
                            .replace("\u2060", ""));
                    for (int i = 0; i < 4; i++) {
                        acts.add(strokesAt(2));
                    }
                    for (int i = 0; i < 80; i++) {
                        Seen seen = Exercise.CAMBER.after(1, seed, acts);
                        List<Seen.Mark> burr = marks(Exercise.CAMBER, 1, seed, acts);
                        boolean leftLags = behind(seen, 0) <= behind(seen, 4);
                        double corner = Math.min(behind(seen, 0), behind(seen, 4));
                        int half = behind(seen, 1) <= behind(seen, 3) ? 1 : 3;
                        if (burr.get(2) != Seen.Mark.THERE) {
                            acts.add(strokesAt(2));
                        } else if (corner < wanted) {
                            acts.add(strokesAt(leftLags ? 0 : 4));
                        } else if (behind(seen, half) < wanted / 4 || burr.get(half) != Seen.Mark.THERE) {
                            acts.add(strokesAt(half));
                        } else {
                            break;
                        }
                    }
                    acts.add(Act.done());
                    return answeredRight(Exercise.CAMBER, 1, seed, acts) ? 1 : 0;
                }))
                .isGreaterThanOrEqualTo(SEEDS - 2);
        // Corners alone leave the centre as dull as it was.
        assertThat(right(seed -> {
                    List<Act> acts = new ArrayList<>();
                    for (int i = 0; i < 6; i++) {
                        acts.add(strokesAt(0));
                        acts.add(strokesAt(4));
                    }
                    acts.add(Act.done());
                    return answeredRight(Exercise.CAMBER, 1, seed, acts) ? 1 : 0;
                }))
                .isZero();
    }

    @Test
    void oneTestGivesOneSign() {
        for (long seed = 0; seed < 40; seed++) {
            assertThat(Exercise.FAULT.after(1, seed, List.of()).situation())
                    .doesNotContain("no burr; no burr anywhere")
                    .doesNotContain("no burr anywhere; no burr");
        }
    }

    @Test
    void lightStrokesTakeLessOfABevelThanFirmOnes() {
        List<Act> light = List.of(Act.strokes(true, 5, Act.Force.LIGHT));
        List<Act> firm = List.of(Act.strokes(true, 5, Act.Force.FIRM));
        List<String> begun = Exercise.SIDES.after(1, 1, List.of()).lines();
        double before = width(begun.get(begun.size() - 1), "right ");
        assertThat(width(last(Exercise.SIDES.after(1, 1, firm)), "right "))
                .isGreaterThan(width(last(Exercise.SIDES.after(1, 1, light)), "right "));
        assertThat(width(last(Exercise.SIDES.after(1, 1, light)), "right ")).isGreaterThanOrEqualTo(before);
    }

    private static String last(Seen seen) {
        return seen.lines().get(seen.lines().size() - 1);
    }

    @Test
    void whoFeelsAfterEveryFewStrokesStopsInTime() {
        assertThat(right(seed -> {
                    List<Act> acts = new ArrayList<>();
                    int places = Exercise.STOP.after(1, seed, acts).places().size();
                    for (int i = 0; i < 30; i++) {
                        acts.add(Act.strokes(true, 2, Act.Force.FIRM));
                        for (int place = 0; place < places && acts.size() < 190; place++) {
                            acts.add(feel(place));
                        }
                        if (!marks(Exercise.STOP, 1, seed, acts).contains(Seen.Mark.ABSENT)) {
                            break;
                        }
                    }
                    acts.add(Act.done());
                    return answeredRight(Exercise.STOP, 1, seed, acts) ? 1 : 0;
                }))
                .isGreaterThanOrEqualTo(SEEDS - 2);
        assertThat(right(seed -> answeredRight(
                                Exercise.STOP, 1, seed, List.of(Act.strokes(true, 500, Act.Force.FIRM), Act.done()))
                        ? 1
                        : 0))
                .isZero();
    }

    @Test
    void theBurrLeavesUnderLightStrokesFromSideToSideAndNotUnderFirmOnes() {
        assertThat(right(seed -> answeredRight(Exercise.DEBURR, 1, seed, alternating(Act.Force.LIGHT)) ? 1 : 0))
                .isGreaterThanOrEqualTo(SEEDS - 1);
        assertThat(right(seed -> answeredRight(Exercise.DEBURR, 1, seed, alternating(Act.Force.FIRM)) ? 1 : 0))
                .isZero();
    }

    private static List<Act> alternating(Act.Force force) {
        List<Act> acts = new ArrayList<>();
        for (int i = 0; i < 28; i++) {
            acts.add(Act.strokes(i % 2 == 0, 1, force));
        }
        acts.add(Act.done());
        return acts;
    }

    @Test
    void strokesOnTheNarrowerBevelBringBothToOneWidth() {
        assertThat(right(seed -> {
                    List<Act> acts = new ArrayList<>(List.of(Act.strokes(true, 0, Act.Force.FIRM)));
                    for (int i = 0; i < 60; i++) {
                        List<String> lines = Exercise.SIDES.after(2, seed, acts).lines();
                        String last = lines.get(lines.size() - 1);
                        acts.add(Act.strokes(width(last, "right ") < width(last, "Left "), 2, Act.Force.FIRM));
                    }
                    acts.add(Act.done());
                    return answeredRight(Exercise.SIDES, 2, seed, acts) ? 1 : 0;
                }))
                .isEqualTo(SEEDS);
        assertThat(right(seed -> answeredRight(Exercise.SIDES, 3, seed, List.of(Act.done())) ? 1 : 0))
                .isLessThan(SEEDS / 3);
    }

    private static double width(String line, String side) {
        String rest = line.substring(line.indexOf(side) + side.length()).replace("\u2060", "");
        return Double.parseDouble(rest.substring(0, rest.indexOf("\u202f") < 0 ? 4 : rest.indexOf("\u202f")));
    }

    @ParameterizedTest
    @EnumSource(
            value = Exercise.class,
            names = {"STONE", "FAULT"})
    void oneChoiceAtLeastIsRightAndNotEveryOne(Exercise exercise) {
        int wrong = 0;
        for (long seed = 0; seed < SEEDS; seed++) {
            int choices = exercise.after(3, seed, List.of()).choices().size();
            int right = 0;
            for (int i = 0; i < choices; i++) {
                right += answeredRight(exercise, 3, seed, List.of(Act.choose(i))) ? 1 : 0;
            }
            assertThat(right).isPositive();
            wrong += choices - right;
        }
        assertThat(wrong).isGreaterThan(SEEDS);
    }
}
