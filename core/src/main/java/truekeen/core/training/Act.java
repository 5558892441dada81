package truekeen.core.training;

/**
 * Something a person does in an exercise.
 *
 * @param kind what
 * @param place place along the edge it is done at, from 0; 0 where that is not asked
 * @param upper whether on the bevel, or on the right side of a knife
 * @param amount strokes, or degrees by which the tool is laid steeper, or the number of a choice; 0 where none is asked
 * @param force how hard
 */
public record Act(Kind kind, int place, boolean upper, double amount, Force force) {
    /** What can be done. */
    public enum Kind {
        /** A fingertip or a nail drawn off the edge at a place. */
        FEEL,
        /** Strokes on a side. */
        STROKES,
        /** The tool laid steeper or lower. */
        TILT,
        /** One of the choices that are offered. */
        CHOOSE,
        /** It is good as it is. */
        DONE
    }

    /** How hard the tool is pressed. */
    public enum Force {
        /** Its own weight. */
        LIGHT(3),
        MEDIUM(10),
        FIRM(20);

        private final double newtons;

        Force(double newtons) {
            this.newtons = newtons;
        }

        /** It as a force (N). */
        public double newtons() {
            return newtons;
        }
    }

    /** Strokes of a kind. */
    public static Act strokes(boolean upper, int count, Force force) {
        return new Act(Kind.STROKES, 0, upper, count, force);
    }

    /** A choice by its number. */
    public static Act choose(int number) {
        return new Act(Kind.CHOOSE, 0, true, number, Force.LIGHT);
    }

    /** It is good as it is. */
    public static Act done() {
        return new Act(Kind.DONE, 0, true, 0, Force.LIGHT);
    }
}
