package truekeen.core.training;

import truekeen.core.message.Wording;

/** The exercises in words. */
enum TrainingWords implements Wording {
    INK("Set the angle by ink"),
    INK_WHY("A felt pen, one stroke and a look tell the angle better than any gauge."),
    INK_SITUATION(
            "The bevel is inked. The tool is set at {set}°. Find the angle of the bevel, to {near}°, in as few looks as you can: {looks} so far."),
    INK_HEEL("At {set}° the ink is gone at the heel only."),
    INK_EDGE("At {set}° the ink is gone at the edge only."),
    INK_EVEN("At {set}° the ink goes evenly from heel to edge."),
    INK_RIGHT("{set}° it is: the bevel was {bevel}°, found in {looks} looks."),
    INK_WRONG("The bevel was {bevel}°, not {set}°. Gone at the heel only: too low. Gone at the edge only: too steep."),
    BURR("Find where the burr is not"),
    BURR_WHY("Where no burr is, the stone never reached the edge: the next one will not either."),
    BURR_SITUATION(
            "A chisel of {edge}, shaped on the middle stone. Feel along its back at {places} places and say where the burr is missing, feeling no more than {most} times. It may run from end to end."),
    AT_PLACE("place {place}"),
    END_TO_END("end to end"),
    NOWHERE("nowhere"),
    FEEL_AT("Feel"),
    CATCHES("catches"),
    SMOOTH("smooth"),
    LOOK_AT("Tilt the lamp"),
    LIGHT("a line of light"),
    DARK("dark"),
    FIND_RIGHT("So it is: {where}. You looked {looked} times."),
    FIND_TOO_OFTEN("So it is: {where}. But you looked {looked} times; {most} are enough."),
    FIND_WRONG("It was: {where}. What seemed well once is looked at again before it is believed."),
    LAMP("Say where the apex was not reached"),
    LAMP_WHY("A sharp edge throws no light back: where a line shines, steel still stands in front of it."),
    LAMP_SITUATION(
            "A chisel of {edge} from the middle stone, under the lamp. Tilt it at {places} places and say where the edge was not reached, looking no more than {most} times. It may be nowhere."),
    STOP("Stop when the burr is there"),
    STOP_WHY("A large burr only costs work: it must come off again."),
    STOP_SITUATION(
            "A dull chisel of {edge} on the stone that shapes. Work its bevel and feel in between; stop as soon as the burr runs end to end."),
    STROKES_MADE("{count} strokes so far."),
    STOP_RIGHT("Right: {made} strokes; {needed} would just have done."),
    STOP_TOO_SOON("Too soon: after {made} strokes the burr is not there everywhere. It takes {needed}."),
    STOP_TOO_LATE("Too late: {made} strokes where {needed} do. The burr is larger than it need be."),
    DEBURR("Take the burr off"),
    DEBURR_WHY("A burr feels keen, folds in the first cuts, and takes the edge with it."),
    DEBURR_SITUATION(
            "A chisel of {edge} from the fine stone; its burr hangs on the back. Take it off on the leather, in {most} strokes at most."),
    BURR_LARGE("{count} strokes: the nail catches hard, on the {side}."),
    BURR_SMALL("{count} strokes: the nail just catches, on the {side}."),
    BURR_NONE("{count} strokes: the nail slides off. A cloth may still know better."),
    DEBURR_RIGHT("Gone after {made} strokes: from side to side and light, the root thins until it tears."),
    DEBURR_LEFT(
            "Something of {burr} µm still hangs on after {made} strokes. Change sides with every stroke, under the tool's own weight."),
    DEBURR_TOO_MANY(
            "Gone, but after {made} strokes where {most} should do. Lighter strokes, and change sides every time."),
    BACK("back"),
    BEVEL("bevel"),
    SIDES("Keep left and right equal"),
    SIDES_WHY("A knife whose bevels are uneven pulls to one side."),
    SIDES_SITUATION(
            "A knife, one bevel wider than the other. Bring them within {near} % of each other, with strokes on either side."),
    LEFT("left"),
    RIGHT("right"),
    WIDTHS("Left {left}, right {right}, after {made} strokes."),
    SIDES_RIGHT("Even: left {left}, right {right}, after {made} strokes."),
    SIDES_WRONG("Not yet: left {left}, right {right}. Strokes go on the side whose bevel is narrower."),
    STONE("Choose the first stone"),
    STONE_WHY("Too fine takes hours, too coarse leaves scratches that take longer still."),
    STONE_SITUATION("A {tool} of {edge}, {steel}: {dull}{damage}. On which stone do you begin?"),
    STONE_DAMAGE(", and there is a {kind} {deep} deep"),
    STONE_CHOICE("{kind}, {um} µm"),
    STONE_TIME("From {stone}: {low} to {high} min in all."),
    STONE_BEST("None is quicker."),
    STONE_RIGHT("Hardly slower than {stone}, the quickest."),
    STONE_WRONG("{stone} is much quicker."),
    CAMBER("Camber without starving the centre"),
    CAMBER_WHY("The corners are weighted while shaping; a centre that is spared for too long stays dull."),
    CAMBER_SITUATION(
            "A plane's iron of {edge}, dull and straight. Give its corners {wanted} behind the middle, to {near} %, like an arc, and raise a burr all along. The figures say how far each place lies behind the centre."),
    STROKES_AT("{count} strokes"),
    CAMBER_RIGHT("An arc: corners at {left} and {right}, sharp all along, after {made} strokes."),
    CAMBER_STARVED("The centre is starved: no burr there, it is as dull as before."),
    CAMBER_NOT_REACHED("There is no burr everywhere yet: somewhere the edge is as dull as before."),
    CAMBER_UNEQUAL("The corners differ: {left} on the left, {right} on the right."),
    CAMBER_OFF("The corners lie at {left} and {right}: not what was wanted."),
    CAMBER_NO_ARC("The corners are right, but half-way out it should lie a quarter as far back."),
    FAULT("Name the fault"),
    FAULT_WHY("The right name spares the wrong cure."),
    FAULT_SITUATION("At the test: {signs}. What is wrong?"),
    FAULT_RIGHT("{fault}. {remedy}"),
    FAULT_WRONG("These signs speak for another: {fault}. {remedy}");

    private final String words;

    TrainingWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
