package truekeen.app.board;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What is known of a tool in this round of the work, which begins when its last session was finished.
 *
 * @param everFinished whether a session was ever finished
 * @param asked whether it was brought again, or wanted by a day, and that is not done yet
 * @param surveyed whether it was surveyed in this round
 * @param angled whether it has a set-up
 * @param planned whether a plan was chosen for this survey and set-up
 * @param openSession its session at the bench
 * @param benchDone whether all steps of that session are done
 * @param tested whether the edge passed its newest test of that session; empty where none speaks for it
 * @param powered whether it belongs to a machine
 * @param safe whether its machine is recorded as safe
 * @param fit whether it was inspected and may be worked
 * @param rejected whether it may not be worked again
 * @param turns whether it is to be balanced
 * @param level whether it was left level
 * @param nextCheck day that was set for it to be looked at again
 */
record ToolStanding(
        boolean everFinished,
        boolean asked,
        boolean surveyed,
        boolean angled,
        boolean planned,
        Optional<UUID> openSession,
        boolean benchDone,
        Optional<Boolean> tested,
        boolean powered,
        boolean safe,
        boolean fit,
        boolean rejected,
        boolean turns,
        boolean level,
        Optional<LocalDate> nextCheck) {

    /** A stage with how it stands. */
    record StageStanding(Stage stage, StageState state, Word word) {}

    /** The one word on how a stage stands. */
    enum Word {
        TAKEN_IN("taken in"),
        TO_DO("to do"),
        DONE("done"),
        ISOLATED("isolated"),
        FIT("fit"),
        REJECTED("rejected"),
        DUE("due"),
        NOT_YET("not yet"),
        SET("set"),
        CHOSEN("chosen"),
        AT_WORK("at work"),
        WORKED("worked"),
        LEVEL("level"),
        NOT_KEEN_YET("not keen yet"),
        KEEN("keen"),
        PASSED("passed"),
        HISTORY("history");

        private final String words;

        Word(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    private boolean keen() {
        return tested.orElse(false);
    }

    /** Whether it went back to work and nothing was begun or asked for since. */
    boolean rested() {
        return everFinished && !asked && !surveyed && openSession.isEmpty();
    }

    /** Whether its blade may be worked. */
    private boolean open() {
        return !powered || safe && fit && !rejected;
    }

    /** Where it stands as a whole. */
    Standing standing() {
        if (rejected) {
            return Standing.REJECTED;
        }
        if (rested()) {
            return Standing.READY;
        }
        if (benchDone && !level) {
            return Standing.TO_BE_BALANCED;
        }
        if (keen()) {
            return Standing.TO_BE_LOGGED;
        }
        if (openSession.isPresent()) {
            return benchDone ? Standing.TO_BE_TESTED : Standing.AT_BENCH;
        }
        return planned ? Standing.PLANNED : surveyed ? Standing.SURVEYED : Standing.TAKEN_IN;
    }

    /** What comes next. */
    NextAct next() {
        if (rejected) {
            return NextAct.SEE_REJECTION;
        }
        if (!safe) {
            return NextAct.MAKE_SAFE;
        }
        if (!fit) {
            return NextAct.INSPECT;
        }
        if (rested()) {
            return NextAct.SURVEY_AGAIN;
        }
        if (benchDone && !level) {
            return NextAct.BALANCE;
        }
        if (keen()) {
            return NextAct.FINISH;
        }
        if (openSession.isPresent()) {
            return benchDone ? NextAct.TEST : NextAct.GO_ON;
        }
        if (!surveyed) {
            return everFinished ? NextAct.SURVEY_AGAIN : NextAct.SURVEY;
        }
        if (!angled) {
            return NextAct.ANGLE;
        }
        return planned ? NextAct.START : NextAct.PLAN;
    }

    /**
     * The line of stages.
     *
     * @param later whether the day it is looked at again lies ahead
     */
    List<StageStanding> stages(boolean later) {
        boolean rested = rested();
        boolean open = open();
        List<StageStanding> line = new ArrayList<>();
        line.add(new StageStanding(Stage.TAKE_IN, StageState.DONE, Word.TAKEN_IN));
        if (powered) {
            StageState safety = safe ? StageState.DONE : rested ? StageState.WAITING : StageState.HERE;
            line.add(new StageStanding(Stage.MAKE_SAFE, safety, safe ? Word.ISOLATED : Word.TO_DO));
            line.add(new StageStanding(
                    Stage.INSPECT,
                    fit ? StageState.DONE : safe ? StageState.HERE : StageState.WAITING,
                    fit ? Word.FIT : rejected ? Word.REJECTED : Word.TO_DO));
        }
        Word survey = rested ? (later ? Word.NOT_YET : Word.DUE) : Word.TO_DO;
        line.add(stage(Stage.SURVEY, surveyed && open, open, survey, Word.DONE));
        line.add(stage(Stage.ANGLE, angled && open, surveyed && open, Word.TO_DO, Word.SET));
        line.add(stage(Stage.PLAN, planned && open, surveyed && angled && open, Word.TO_DO, Word.CHOSEN));
        Word atWork = openSession.isPresent() ? Word.AT_WORK : Word.TO_DO;
        line.add(stage(Stage.BENCH, benchDone, planned && open, atWork, Word.WORKED));
        if (turns) {
            line.add(stage(Stage.BALANCE, level && benchDone, benchDone && open, Word.TO_DO, Word.LEVEL));
        }
        Word untested = tested.isPresent() ? Word.NOT_KEEN_YET : Word.TO_DO;
        line.add(stage(Stage.TEST, keen(), benchDone && open && level, untested, turns ? Word.PASSED : Word.KEEN));
        StageState log = rested ? StageState.DONE : keen() ? StageState.HERE : StageState.WAITING;
        line.add(new StageStanding(Stage.LOG, log, Word.HISTORY));
        return onlyOneHere(line);
    }

    private static StageStanding stage(Stage stage, boolean done, boolean reachable, Word open, Word closed) {
        StageState state = done ? StageState.DONE : reachable ? StageState.HERE : StageState.WAITING;
        return new StageStanding(stage, state, done ? closed : open);
    }

    /** The first stage that is open is where the work stands; later ones wait. */
    private static List<StageStanding> onlyOneHere(List<StageStanding> stages) {
        List<StageStanding> line = new ArrayList<>();
        boolean here = false;
        for (StageStanding s : stages) {
            boolean second = s.state == StageState.HERE && here;
            here |= s.state == StageState.HERE;
            line.add(second ? new StageStanding(s.stage, StageState.WAITING, s.word) : s);
        }
        return line;
    }
}
