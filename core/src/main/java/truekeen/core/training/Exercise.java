package truekeen.core.training;

import java.util.List;
import java.util.SplittableRandom;

/** The exercises. */
public enum Exercise {
    /** Set the angle by ink. */
    INK(TrainingWords.INK, TrainingWords.INK_WHY, InkDrill::new),
    /** Find where the burr is not. */
    BURR(TrainingWords.BURR, TrainingWords.BURR_WHY, FindDrill::byNail),
    /** Say where the apex was not reached. */
    LAMP(TrainingWords.LAMP, TrainingWords.LAMP_WHY, FindDrill::byLamp),
    /** Stop when the burr is there, not later. */
    STOP(TrainingWords.STOP, TrainingWords.STOP_WHY, StopDrill::new),
    /** Take the burr off without making a new one. */
    DEBURR(TrainingWords.DEBURR, TrainingWords.DEBURR_WHY, DeburrDrill::new),
    /** Keep left and right equal. */
    SIDES(TrainingWords.SIDES, TrainingWords.SIDES_WHY, SidesDrill::new),
    /** Camber without starving the centre. */
    CAMBER(TrainingWords.CAMBER, TrainingWords.CAMBER_WHY, CamberDrill::new),
    /** Choose the first stone. */
    STONE(TrainingWords.STONE, TrainingWords.STONE_WHY, StoneDrill::new),
    /** Read the signs and name the fault. */
    FAULT(TrainingWords.FAULT, TrainingWords.FAULT_WHY, FaultDrill::new);

    /** Grades of difficulty, from 1. */
    public static final int GRADES = 3;

    /** Acts after which nothing more is taken. */
    public static final int MOST_ACTS = 200;

    /** Makes one from a grade and what it is drawn from. */
    private interface Maker {
        Drill make(int grade, SplittableRandom random);
    }

    private final TrainingWords title;
    private final TrainingWords why;
    private final Maker maker;

    Exercise(TrainingWords title, TrainingWords why, Maker maker) {
        this.title = title;
        this.why = why;
        this.maker = maker;
    }

    /** What it is called. */
    public String title() {
        return title.words();
    }

    /** What it is good for. */
    public String why() {
        return why.words();
    }

    /**
     * What is seen after some acts.
     *
     * @param grade how hard it is, from 1
     * @param seed what it is made from
     * @param acts what was done so far, in order
     * @throws IllegalArgumentException for a grade there is none of, or more acts than are taken
     */
    public Seen after(int grade, long seed, List<Act> acts) {
        if (grade < 1 || grade > GRADES || acts.size() > MOST_ACTS) {
            throw new IllegalArgumentException("grade " + grade + ", " + acts.size() + " acts");
        }
        Drill drill = maker.make(grade, new SplittableRandom(seed * GRADES + grade));
        for (Act act : acts) {
            if (drill.answer().isEmpty()) {
                drill.act(act);
            }
        }
        return drill.seen();
    }
}
