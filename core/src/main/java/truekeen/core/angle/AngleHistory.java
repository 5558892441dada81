package truekeen.core.angle;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import truekeen.core.quantity.Angle;
import truekeen.core.table.Prior;

/**
 * What a tool's own history asks of its last bevel. Each outcome counts once, from the bevel in use at the time: the
 * first chip asks for 2° more, a chip after a chip for 3°; the first roll for 1°, a roll after a roll for 2°; three whole
 * sharpenings in a row for 1° less. A chip or roll is a repeated one while no three whole sharpenings lie between.
 * Source: workshop prior.
 *
 * @param wanted the last bevel it asks for; empty where it has nothing to say
 * @param evidence how much there is, in words
 */
public record AngleHistory(Optional<Angle> wanted, String evidence) {
    private static final double[] AFTER_CHIP_DEG = {
        Prior.ANGLE_HISTORY_AFTER_CHIP_DEG.value(), Prior.ANGLE_HISTORY_AFTER_CHIP_AGAIN_DEG.value()
    };
    private static final double[] AFTER_ROLL_DEG = {
        Prior.ANGLE_HISTORY_AFTER_ROLL_DEG.value(), Prior.ANGLE_HISTORY_AFTER_ROLL_AGAIN_DEG.value()
    };
    private static final double AFTER_WHOLE_DEG = Prior.ANGLE_HISTORY_AFTER_WHOLE_DEG.value();
    private static final int WHOLE_IN_A_ROW = Prior.ANGLE_HISTORY_WHOLE_IN_A_ROW.whole();

    /**
     * Reads a history.
     *
     * @param outcomes oldest first
     */
    public static AngleHistory of(List<EdgeOutcome> outcomes) {
        Optional<Angle> wanted = Optional.empty();
        int chips = 0;
        int rolls = 0;
        int whole = 0;
        for (EdgeOutcome o : outcomes) {
            switch (o.result()) {
                case CHIPPED -> {
                    wanted = Optional.of(moved(o.last(), AFTER_CHIP_DEG[Math.min(chips, 1)]));
                    chips++;
                    whole = 0;
                }
                case ROLLED -> {
                    wanted = Optional.of(moved(o.last(), AFTER_ROLL_DEG[Math.min(rolls, 1)]));
                    rolls++;
                    whole = 0;
                }
                default -> {
                    whole++;
                    // An edge that held after a change has shown that the change was enough.
                    wanted = wanted.map(w -> o.last());
                    if (whole == WHOLE_IN_A_ROW) {
                        wanted = Optional.of(moved(o.last(), AFTER_WHOLE_DEG));
                        whole = 0;
                        chips = 0;
                        rolls = 0;
                    }
                }
            }
        }
        return new AngleHistory(wanted, evidence(outcomes));
    }

    private static Angle moved(Angle last, double degrees) {
        return last.plus(Angle.ofDegrees(degrees));
    }

    private static String evidence(List<EdgeOutcome> outcomes) {
        if (outcomes.isEmpty()) {
            return AngleWords.NO_HISTORY.words();
        }
        List<String> parts = new ArrayList<>();
        count(outcomes, EdgeOutcome.Result.CHIPPED, "chipped", parts);
        count(outcomes, EdgeOutcome.Result.ROLLED, "rolled", parts);
        count(outcomes, EdgeOutcome.Result.HELD, AngleWords.STAYED_WHOLE.words(), parts);
        return String.join(", ", parts) + " in " + number(outcomes.size())
                + (outcomes.size() == 1 ? " sharpening" : " sharpenings");
    }

    private static void count(List<EdgeOutcome> outcomes, EdgeOutcome.Result result, String word, List<String> parts) {
        long n = outcomes.stream().filter(o -> o.result() == result).count();
        if (n > 0) {
            parts.add(word + " " + (n == 1 ? "once" : n == 2 ? "twice" : number(n) + " times"));
        }
    }

    private static String number(long n) {
        String[] words = {"no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten"};
        return n < words.length ? words[(int) n] : String.valueOf(n);
    }
}
