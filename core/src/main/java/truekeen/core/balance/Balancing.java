package truekeen.core.balance;

import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import truekeen.core.message.Numbers;
import truekeen.core.quantity.Length;
import truekeen.core.table.Prior;

/**
 * How a blade stands on the beam, and what to do: level within what this balancer can tell, or so much steel off the heavy
 * place; and a word where the last correction made it worse. Source: derived here; the grade is that of ISO 21940-11.
 *
 * @param state how it stands
 * @param heavy the place steel comes off; 0 where none does
 * @param unbalanceGmm unbalance (g·mm)
 * @param correction what to take off; empty where it is level
 * @param forceN shaking force at running speed (N); 0 where no speed is known
 * @param asWeightKg the mass that weighs as much (kg)
 * @param gradeGmm permissible by grade G16 (g·mm); 0 where speed or mass is not known
 * @param words what it means and what to do
 */
public record Balancing(
        State state,
        int heavy,
        double unbalanceGmm,
        Optional<Correction> correction,
        double forceN,
        double asWeightKg,
        double gradeGmm,
        String words) {
    /** Balance quality grade that is shown as the engineer's reference (mm/s). */
    public static final double GRADE = Prior.BALANCING_GRADE.value();
    /** Unbalance counts as worse beyond this share of what it was. Prior: a hand balancer repeats no better. */
    private static final double WORSE = Prior.BALANCING_WORSE.value();

    /** Unbalance that does not go by itself, as a multiple of what the balancer can tell. Prior. */
    private static final double DOUBTED_FROM = Prior.BALANCING_DOUBTED_FROM.value();

    /** How it stands. */
    public enum State {
        /** Level within the resolution of the balancer. */
        LEVEL,
        /** Level, though the try before was clearly not and nothing came off since: it is hung once more. */
        DOUBTFUL,
        /** Steel is to come off the heavy place. */
        GRIND,
        /** The last correction came off the light place. */
        OTHER_END,
        /** The last correction took too much: the other place is heavy now. */
        OVERSHOT
    }

    /**
     * What to take off.
     *
     * @param massG mass (g)
     * @param radius of the middle of the piece
     * @param length to grind off it, at its width and thickness
     */
    public record Correction(double massG, Length radius, Length length) {}

    /**
     * What is known of the blade and of the balancer.
     *
     * @param radius of the middle of the piece that is ground: the trailing side of the tip
     * @param width of that piece
     * @param thickness of the blade there
     * @param deepest how far its trailing side can be ground there before the bar is weakened
     * @param resolutionGmm least unbalance that tips this balancer (g·mm)
     * @param perMinute running speed; 0 where it is not known
     * @param massKg of the blade; 0 where it is not known
     * @param places the names of the places
     */
    public record Case(
            Length radius,
            Length width,
            Length thickness,
            Length deepest,
            double resolutionGmm,
            double perMinute,
            double massKg,
            IntFunction<String> places) {}

    /**
     * Judges the newest reading against the one before it.
     *
     * @param tries of this job, oldest first, at least one
     */
    public static Balancing of(List<BalanceTry> tries, Case of) {
        BalanceTry now = tries.get(tries.size() - 1);
        Optional<BalanceTry> before = tries.size() < 2 ? Optional.empty() : Optional.of(tries.get(tries.size() - 2));
        double u = now.unbalanceGmm();
        boolean level = now.heavy() == 0 || u <= of.resolutionGmm;
        State state = level ? believed(before, of) : judged(now, before);
        Optional<Correction> correction = level ? Optional.empty() : Optional.of(correct(u, of));
        double force = of.perMinute > 0 ? RotaryBlade.shakingForce(u, of.perMinute) : 0;
        double grade = of.perMinute > 0 && of.massKg > 0 ? RotaryBlade.permissible(GRADE, of.massKg, of.perMinute) : 0;
        return new Balancing(
                state,
                level ? 0 : now.heavy(),
                u,
                correction,
                force,
                RotaryBlade.asWeight(force),
                grade,
                words(state, now, before, correction, of));
    }

    /** A blade does not become level by itself: it sticks on what it hangs by, or it was hung otherwise before. */
    private static State believed(Optional<BalanceTry> before, Case of) {
        boolean wonder = before.filter(
                        b -> b.heavy() > 0 && b.removedG() == 0 && b.unbalanceGmm() > DOUBTED_FROM * of.resolutionGmm)
                .isPresent();
        return wonder ? State.DOUBTFUL : State.LEVEL;
    }

    private static State judged(BalanceTry now, Optional<BalanceTry> before) {
        Optional<BalanceTry> corrected = before.filter(b -> b.removedG() > 0 && b.heavy() > 0);
        if (corrected.isEmpty()) {
            return State.GRIND;
        }
        BalanceTry was = corrected.get();
        boolean worse = now.unbalanceGmm() > was.unbalanceGmm() * (1 + WORSE);
        if (now.heavy() == was.heavy()) {
            return worse ? State.OTHER_END : State.GRIND;
        }
        return State.OVERSHOT;
    }

    private static Correction correct(double u, Case of) {
        double mass = RotaryBlade.correction(u, of.radius);
        return new Correction(mass, of.radius, RotaryBlade.grindOff(mass, of.width, of.thickness));
    }

    private static String words(
            State state, BalanceTry now, Optional<BalanceTry> before, Optional<Correction> correction, Case of) {
        if (state == State.LEVEL) {
            return BalanceWords.LEVEL.fill("resolution", Numbers.plain(of.resolutionGmm, 0));
        }
        if (state == State.DOUBTFUL) {
            return BalanceWords.DOUBTFUL.fill(
                    "before", Numbers.plain(before.orElseThrow().unbalanceGmm(), 0));
        }
        Correction c = correction.orElseThrow();
        String heavy = of.places.apply(now.heavy());
        String act = BalanceWords.TAKE_OFF.fill(
                "mass",
                Numbers.plain(c.massG(), 2),
                "heavy",
                heavy,
                "length",
                Numbers.plain(c.length().mm(), 2),
                "width",
                Numbers.plain(of.width.mm(), 1),
                "thickness",
                Numbers.plain(of.thickness.mm(), 1),
                "radius",
                Numbers.plain(c.radius().mm(), 0));
        if (c.length().mm() > of.deepest.mm() + 1e-9) {
            act = act + " "
                    + BalanceWords.DEEPER_THAN_IT_CAN.fill(
                            "deepest", Numbers.plain(of.deepest.mm(), 1), "width", Numbers.plain(of.width.mm(), 0));
        }
        return switch (state) {
            case OTHER_END -> BalanceWords.WORSE.fill("heavy", upper(heavy), "act", act);
            case OVERSHOT ->
                BalanceWords.TOO_MUCH.fill(
                        "heavy",
                        heavy,
                        "then",
                        (now.unbalanceGmm() > before.orElseThrow().unbalanceGmm()
                                ? BalanceWords.TOO_MUCH_AND_MORE.words()
                                : BalanceWords.TOO_MUCH_NOW.words()),
                        "act",
                        act);
            default -> upper(act);
        };
    }

    private static String upper(String s) {
        return Character.toUpperCase(s.charAt(0)) + s.substring(1);
    }
}
