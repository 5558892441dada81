package truekeen.core.message;

import java.util.EnumSet;
import java.util.Set;

/**
 * What can be wrong, and the words for it. {@code {value}} is what was given, {@code {low}}, {@code {high}} and the
 * like are what is allowed; the words say what is wrong, what is allowed, and why where that is not plain.
 */
public enum MessageCode {
    LENGTH_EMPTY("Type a length, such as 24, 24 mm or 1/32\"."),
    LENGTH_UNREADABLE(
            "“{value}” does not read as a length. Type a number with mm, in, thou or µm: 24, 1/32\", 30 thou."),
    LENGTH_UNIT("“{value}” has a unit that is no length here. Use mm, cm, in, thou or µm."),
    MASS_UNIT("“{value}” has a unit that is no mass here. Use g, kg, oz or lb."),
    ANGLE_EMPTY("Type an angle in degrees, such as 25 or 12.5°."),
    ANGLE_UNREADABLE("“{value}” does not read as an angle. Type degrees: 25, 12.5° or 12° 30'."),
    NUMBER_UNREADABLE("“{value}” does not read as a number."),
    NUMBER_AMBIGUOUS("“{value}” can be read two ways. Type {small} or {large}."),
    TOO_LONG_TO_READ("“{value}” is too long to be one measurement."),
    EMPTY("{what} is needed."),
    TOO_LONG("{what} may have at most {high} characters; this has {value}."),
    UNKNOWN_CHOICE("“{value}” is not one of: {allowed}."),
    OUT_OF_RANGE("{what} of {value} is not believable here: {low} to {high} is allowed."),
    RETIRE_NOT_BELOW_LENGTH(
            "The retire limit of {value} must be less than the usable length, {high}: no steel would be left to sharpen."),
    SECONDARY_NOT_ABOVE_PRIMARY(
            "A secondary bevel of {value} must be steeper than the primary, {low}, or it would not touch the edge."),
    SECONDARY_PAIR("Give both the secondary angle and its width, or neither."),
    BEVEL_LENGTH_SHORT("A bevel {value} long cannot lie on a tool {low} thick: it must be longer than the thickness."),
    WHEEL_TOO_SMALL(
            "A wheel of {value} cannot have ground this bevel: its chord is {low}, and the wheel must be wider."),
    NO_CLEARANCE("A {what} of {value} leaves no clearance on a bed of {high}: the heel would rub before the edge cuts."
            + " It must be less than the bed."),
    SHOULDER_PAST_SPINE(
            "The bevel would end {value} behind the edge, at or past the spine: less than {high} is needed."),
    EDGE_PAST_SPINE("{value} would carry the edge to or past the spine: the blade is {high} wide."),
    PART_LONGER("{value} is more than the {high} there is room for."),
    BEHIND_EDGE_ABOVE_SPINE(
            "{value} behind the edge is more than the spine's {high}: a blade tapers toward its edge. Look at both."),
    EDGE_BEVEL_NOT_ABOVE_FACE("An edge bevel of {value} must be steeper than the broad face, {low}."),
    HOLLOW_TOO_DEEP("A hollow {value} deep would go through: less than {high} fits in this blade."),
    CONVEX_TOO_LOW(
            "At {value} a side the face could not curve outward to that thickness: more than {low} is needed, or it is"
                    + " flat or hollow."),
    RULE_REACH(
            "A rule {low} thick cannot lift the back over {value}: the reach must be longer than the rule is thick."),
    ONE_OR_OTHER("Give either {what}, not both: the one follows from the other."),
    GREW("{what} of {value} is more than the {high} it was before: nothing grows under a file. Measure again."),
    WAYS_OF_A_TRIAL("A trial has two to {most} ways, each with a name of its own: here are {value}."),
    READ_ALREADY("Edge {value} was read there already. To read it anew, take the reading again."),
    TRIAL_ENDED("“{value}” has ended: go on with it first."),
    TRIAL_NOT_SETTLED("“{value}” settles no house rule yet."),
    NOT_WHOLE("“{value}” is not a whole number."),
    ISOLATE_FIRST(
            "{what} is not recorded as safe: isolate, block and tilt it by its manual, gloves on, and put that down with your name. Until then nothing is done to its blade."),
    MACHINE_FIRST("Say first which machine this blade belongs to: how it is made safe depends on what drives it."),
    ISOLATION_OPEN("Not yet safe: {value}. Each act is confirmed once it is done."),
    INSPECT_FIRST("Inspect the blade before it is worked: {value}."),
    BLADE_REJECTED("This blade is rejected: {value}. It is not worked, straightened, heated or welded: replace it."),
    REJECT_STANDS("This blade was rejected: {value}. To put that right, say what was recorded wrongly."),
    BALANCE_FIRST("The blade is not level yet, or was not hung: {value}. Balance is not optional."),
    NOT_POWERED("A {value} belongs to no machine."),
    TOOLING_BARRED("{value} is not used here: {reason}."),
    NO_TOOLING("Nothing in the kit will do it: a file, a coarse stone, a dry wheel or a belt would."),
    BALANCE_AFTER_EDGES("{what} is hung once its edges are done: go on at the bench first."),
    DOES_NOT_TURN("{value} does not turn: there is nothing to balance."),
    TORQUE_FIRST("Enter the torque its maker’s manual gives for the bolt: it is not optional."),
    NOT_THIS_WAY("{value} has its grinding in its plan: every edge alike, and measured."),
    NAME_TAKEN("There is a {what} called “{value}” already: choose it, or call this one something else."),
    NOT_FITTED("{value} is a spare: enter the hours for the blade that is on the machine, or put this one on."),
    KEPT_BY_HOURS("{value} belongs to a machine: the hours of its machine say when it is due."),
    ROD_ON_A_CHIP("Its newest survey marks a chip: a rod would catch on it. Take it to the stones."),
    TWO_FITTED("{value} is fitted to {what} already: take it off first."),
    HOLLOW_NEEDS_WHEEL("Give the diameter of the wheel that is to grind it hollow."),
    NOT_OF_THIS_FAMILY("A {what} has no “{value}” to measure."),
    OPERATION_REFUSED("{value} is not for a {what}: {reason}."),
    PRIMARY_MISSING("Give the primary angle, or the length of the bevel measured along its face."),
    FINDING_OFF_EDGE("{what} lies at {value}, off the edge: it is {high} long."),
    FINDING_KIND("A {value} has no {what}."),
    TOO_MANY("At most {high} {what} can be kept; there are {value}."),
    SQUARE_SIDE("Say which corner is high, left or right, when the edge is out of square."),
    MOVED_PAST_STEEL("An edge moved back {value} would be past the steel: at most {high} is left."),
    NOT_POSITIVE("{what} must be more than zero; it is {value}."),
    BEVEL_ORDER("The secondary angle {value} must be more than the primary {low}."),
    MICRO_BEVEL_PAST_HEEL(
            "A recession of {value} would carry the secondary past the heel: at most {high} on this tool."),
    GUIDE_NO_SOLUTION(
            "The guide cannot hold the tool with a projection of {value}: its roller would not reach the stone."),
    GUIDE_ANGLE("An angle of {value} is outside what a roller guide can hold: {low} to {high}."),
    GUIDE_FOULS("The roller fouls the blade: the axle is {value} below the back, and thickness and roller radius"
            + " together need {low}."),
    WHEEL_TOO_FAST("The wheel would run at {value}, above its marking of {high}. It is not set up so."),
    CONTACT_OFF_WHEEL(
            "A contact {value} from the wheel's centre lies off the wheel: less than its radius, {high}, is needed."),
    NO_GAP("The bar would stand {value} from the wheel: the reach is too short for this angle."),
    NO_ANGLE_AT_GAP("No angle has a gap of {value} with this jig and wheel."),
    HOLDER_UNFIT("A {what} is not held by a {value}: {reason}."),
    ANGLE_NOT_HELD("An angle of {value} cannot be held here: {low} to {high}."),
    PROJECTION_NONE(
            "At this angle the edge would lie {value} from the guide's front face: inside it. Nothing steeper than {high}"
                    + " can be held with it."),
    BODY_RUBS("The guide's body would rub on the stone: its front corner comes to {value} above it. Give more"
            + " projection, which means a lower angle, or file the corner."),
    WHEEL_BELOW_BEVEL("A wheel of {value} cannot grind this bevel: it is {low} long, and the wheel must be wider."),
    BAR_TURNED("At {value} the gap would close again: this jig holds less than {high}."),
    TILT_RANGE("A setting of {value} gives no angle that can be held here."),
    SPINE_HEIGHT_RANGE("The spine cannot stand {value} above the stone: less than {high} is possible on this blade."),
    SPINE_TOO_LOW("At {value} the spine's corner would lie in the stone: more than {low} is needed on this blade."),
    WEDGE_TOO_LOW("At {value} the side already leans {low} by its taper: no wedge is so thin."),
    STONE_TOO_LOW("At {value} the stone would lie on the cheek, which leans {low}: hold it steeper."),
    WHEEL_GROWN("A wheel does not grow: it was {low} before, and {value} is more. If it is a new wheel, say so."),
    HOLDER_IN_USE("It is what {what} set-ups are held by, and stays what it is. Put the other down as a new thing."),
    NOT_CALIBRATED_SO("Only a roller guide is calibrated by measured pairs."),
    BLOCKS_UNREADABLE(
            "“{value}” does not read as stop blocks. Type lengths with commas between them, such as 41, 31.8, 25.1."),
    NO_CAMBER("The set-up of {value} has no camber to draw."),
    PAIRS_MISSING("Measure {low} pairs at least; there are {value}."),
    PAIRS_UNEVEN("There are {value} here and {high} of the others: they go in pairs."),
    PAIRS_ALIKE("All {value} pairs are at one angle: measure at two that differ by more than {low}."),
    GRIT_UNKNOWN("“{value}” is not a name in {what}. Enter the maker's micrometres instead."),
    GRIT_BAD("Enter the grain in micrometres, {low} to {high}; this is {value}."),
    STANDARD_UNKNOWN("“{value}” is not a grit standard kept here: {allowed}."),
    NO_ABRASIVE("Nothing on the shelf may be used for this job: {what}."),
    REFERENCE_NOT_POSITIVE("The reference reading must be more than zero; it is {value}."),
    READINGS_MISSING("Take readings at {low} stations at least; there are {value}."),
    NOT_TESTED_FOR_KEENNESS("This tool is not tested for keenness by force."),
    NOT_FOUND("There is no {what} “{value}” here. It may have been removed."),
    OLDER_RECORD(
            "This {what} is an older record that cannot be read any more. It is kept as it is and stands in the export."),
    CHANGED_MEANWHILE(
            "This was changed on another screen since you opened it. Look at it again and repeat your change."),
    SESSION_HELD("This session is at the bench on another device ({what}). Take it over here to go on."),
    SESSION_CLOSED("This session is finished; nothing more can be counted on it."),
    SESSION_OPEN("A session for this tool is already at the bench. Finish it or stop it first."),
    EVENT_OUT_OF_PLACE("{what} does not fit where the session stands: {value}."),
    GATE_SHUT("Not yet: {value} When it has changed, tap what you see now."),
    DEVICE_AWAY("The {what} is not answering. Look at its cable and its switch; what it read before is kept."),
    DEVICE_UNSETTLED(
            "The {what} has not settled: it still moves by {value}. Hold it still and take the reading again."),
    NOTHING_TESTED("Make one test at least: a sign from the ladder, or readings at {low} stations."),
    FIRST_CUT_FAILED("The first cut says: {value}. Judge that as a test before the tool goes back."),
    NO_SUCH_REMEDY("“{value}” is no remedy for what this test found."),
    COUNT_RANGE("One count may add {low} to {high}; this is {value}."),
    RETIRED_NO_PLAN("This blade has come to its end: {what}. There is no plan that mends it."),
    NOTHING_TO_DO("Nothing is to be done on this edge, so there is nothing to plan."),
    ANGLE_FIRST("Choose the angle and save its set-up first: the volume depends on it."),
    NO_STONE_FOR_REMEDY("No stone is in the kit: add what there is to sharpen on, and the steps back can be planned."),
    BENT_FIRST(
            "It is bent: a flat stone would never touch {from} to {to} mm of its back. Have it straightened by one who knows how, or accept the bend in the survey; then it can be planned."),
    SURVEY_FIRST("Survey the edge first: what must go depends on it."),
    NOT_REHEARSED(
            "A {value} cannot be rehearsed yet: chisels, plane irons, drawknives and knives with flat bevels can."),
    PLAN_FIRST("Plan the work first: a card is made of a plan."),
    NO_TOOL_YET("There is no tool yet: take one in first."),
    AT_THE_BENCH("It is at the bench: finish its session first."),
    IN_USE("{what} is still in use: {by}."),
    ON_A_TICKET("“{value}” lies on ticket {number} already: hand it over there first."),
    NOTHING_ON_IT("Nothing lies on ticket {value}."),
    NOTHING_CHOSEN("Nothing was chosen."),
    NOT_DONE_YET("“{value}” is not done yet: say so if it is taken back as it is."),
    SOMETHING_LEFT("Something of ticket {value} has left the shop: it stays as a record."),
    DATE_RANGE("{value} is not a day to promise: choose one from {low} to {high}."),
    BODY_UNREADABLE("What was sent could not be read: {what}."),
    CSV_LINE("Line {line}: {what}."),
    CSV_COLUMN("The list has no column “{value}”. Its head line names: {allowed}."),
    BODY_TOO_LARGE("What was sent is too large: at most {high} is taken."),
    NOT_SIGNED_IN("This device is not signed in. Sign in with the shop's passphrase."),
    PASSPHRASE_WRONG("That is not a passphrase of this shop."),
    TOO_MANY_TRIES("Too many wrong passphrases came from this device. Wait {allowed} before the next."),
    OWNER_ONLY("Only the owner may do this. Sign in with the owner's passphrase, or do it at the machine itself."),
    PASSPHRASE_SHORT("A passphrase has {low} signs at least: a few words that nobody guesses."),
    PASSPHRASES_ALIKE("Owner and hands need different passphrases: by it the service knows who signs in."),
    OWNER_FIRST("Set the owner's passphrase first."),
    ORIGIN_REFUSED("This came from another page or host and was not acted on."),
    MARKS_TOO_CLOSE("The two marks lie {value} apart on the photograph: at least {low} are needed to scale by them."),
    TOO_FEW_POINTS("{value} points do not make a curve: mark {low} at least, along the edge."),
    TRACE_CROSSES(
            "The trace crosses itself. Put its {value} points down in order, from one end of the edge to the other."),
    TRACES_APART("Only {value} of the edge as it was has the other trace beside it. Trace the same edge over its whole"
            + " length, from the same marks."),
    PHOTO_TRACED("A trace lies on this photograph. Take the trace away first, if it is not wanted."),
    PHOTO_TYPE("This is no PNG or JPEG photograph, whatever its name says. Only these two are taken."),
    PHOTO_EMPTY("Nothing was sent. Choose a PNG or JPEG photograph."),
    PHOTO_BROKEN(
            "The photograph ends before its picture does: it was cut off on its way or is damaged. Take it again."),
    PHOTO_PIXELS("A photograph of {value} is too large to unfold: at most {high} are taken. Save it smaller."),
    DISK_FULL("The disk is full: nothing was saved. Make room on it and try again; what you typed is kept here."),
    NOT_OPEN("The tool “{value}” wants no work just now, or was removed."),
    NO_DAY("No day is planned yet: plan it first."),
    READY_BEFORE_ITSELF("The order goes round in a circle: the {value} would have to be ready before itself."),
    NOT_FOR_THE_BENCH("{value} cannot be planned into the day yet. First: {next}."),
    NO_TIME_OF_DAY("“{value}” is no time of day. Type hours and minutes, as 9:30."),
    BACKUP_UNREADABLE("This is no backup that can be read: {what}."),
    BACKUP_DAMAGED("The backup is damaged: {value} in it is not what was written. Take another one."),
    BACKUP_NEWER(
            "This backup is of edition {value}; this version reads editions up to {high}. Read it with the version that made it, or a newer one."),
    SHOP_NOT_EMPTY(
            "A backup is read only into an empty shop, and there are records in this one already. Nothing was changed."),
    NO_SUCH_BACKUP("There is no backup of that name: it may have made room for newer ones."),
    BODY_TOO_SLOW("What was sent came so slowly that it was given up. Nothing was changed; send it again."),
    TOO_BUSY("Too many send something at once. Nothing was changed; try again in a moment."),
    KEY_USED("The key of this request was used for something else. Nothing was changed."),
    END_UNKNOWN(
            "This was sent before, and whether it was done is not known. Look whether it is there before you do it again."),
    STOPPED("Stopped, as was asked. Nothing was changed."),
    TOO_MANY_RUNS("Too much long work is under way here. Nothing was changed; try again in a few minutes."),
    NO_SUCH_PAGE("There is no such page here."),
    METHOD_UNKNOWN("This cannot be asked here in that way."),
    MEDIA_UNKNOWN("What was sent is of a kind that is not taken here: send JSON."),
    REQUEST_UNREADABLE("The request could not be read."),
    STORE_AWAY("The store of records cannot be reached just now. Nothing was changed; try again in a moment.");

    /** Whose least or most is itself allowed; with all others it must be passed. */
    private static final Set<MessageCode> BOUND_ALLOWED = EnumSet.of(
            GUIDE_FOULS,
            MARKS_TOO_CLOSE,
            TOO_FEW_POINTS,
            PAIRS_MISSING,
            READINGS_MISSING,
            NOTHING_TESTED,
            PART_LONGER,
            GREW,
            BEHIND_EDGE_ABOVE_SPINE,
            TOO_LONG,
            TOO_MANY,
            MOVED_PAST_STEEL,
            MICRO_BEVEL_PAST_HEEL,
            PAIRS_UNEVEN,
            WHEEL_TOO_FAST,
            WHEEL_GROWN,
            FINDING_OFF_EDGE,
            BODY_TOO_LARGE,
            PHOTO_PIXELS);

    private final String words;

    MessageCode(String words) {
        this.words = words;
    }

    /** Whether the least or the most that goes with it is itself allowed, or must be passed. */
    public boolean boundAllowed() {
        return BOUND_ALLOWED.contains(this);
    }

    /** The words, with their places still open. */
    public String words() {
        return words;
    }
}
