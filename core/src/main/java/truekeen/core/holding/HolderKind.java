package truekeen.core.holding;

import static truekeen.core.tool.Dimension.angle;
import static truekeen.core.tool.Dimension.length;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import truekeen.core.message.Checks;
import truekeen.core.message.InWords;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Length;
import truekeen.core.tool.Dimension;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.Measures;

/** The kinds of things that hold an angle: what each is measured by, what it holds, and what it is set by. */
public enum HolderKind {
    ROLLER_GUIDE(
            "roller guide (by the back)",
            "projection",
            "A body on a roller; the blade's back lies against a reference in it.",
            HolderParts.ROLLER,
            false,
            GeometryKind::endHeld,
            "a roller guide grips a blade with a flat back and a square or skewed end",
            b -> b.roller(false)),
    FACE_GUIDE(
            "roller guide (by the bevel side)",
            "projection",
            "As above, but the blade lies on its bevel side, so that its thickness counts.",
            HolderParts.FACE_ROLLER,
            false,
            GeometryKind::endHeld,
            "a roller guide grips a blade with a flat back and a square or skewed end",
            b -> b.roller(true)),
    PLATFORM_REST(
            "platform rest before a wheel",
            "tilt below level",
            "A table before a wheel; the blade lies on it.",
            List.of(length(
                    "contact", "Contact above the centre", -250, 250, "Height at which the edge meets the wheel.")),
            true,
            k -> true,
            "",
            HolderBuilder::rest),
    SUPPORT_BAR(
            "support bar before a wheel",
            "gap",
            "A bar that a jig slides on; its distance from the wheel sets the angle.",
            List.of(
                    length(
                            "reach",
                            "Reach of the jig",
                            20,
                            400,
                            "Along the back, from the edge to the foot of the bar."),
                    length(
                            "offset",
                            "Bar off the back",
                            -120,
                            120,
                            "From the blade's back (a knife's middle) to the bar's middle; less than zero when the jig"
                                    + " hangs under the blade."),
                    length("barDiameter", "Bar diameter", 3, 60, "By caliper.")),
            true,
            k -> true,
            "",
            HolderBuilder::bar),
    BELT_TABLE(
            "table before a belt",
            "tilt below level",
            "A table before an upright belt, on its platen or slack.",
            List.of(angle(
                            "wrap",
                            "Slack adds",
                            0.5,
                            15,
                            "How much steeper the very edge comes out where the belt gives;" + " none on the platen.")
                    .ifAny()),
            false,
            k -> true,
            "",
            HolderBuilder::belt),
    STACK(
            "stack of a known object",
            "height",
            "Coins, cards, anything of even thickness, laid under the spine.",
            List.of(
                    length("piece", "One of them", 0.02, 60, "Its thickness; measure ten and divide."),
                    HolderParts.LEVER),
            false,
            k -> !k.powered(),
            "a powered blade is not laid on a bench stone",
            b -> b.stack(false)),
    WEDGE_BLOCK(
            "wedge block",
            "wedge",
            "A block that the blade's side lies on.",
            List.of(angle("wedge", "Its angle", 1, 60, "From the bench up; empty if you cut one to suit.")
                    .ifAny()),
            false,
            k -> !k.powered(),
            "a powered blade is not laid on a bench stone",
            HolderBuilder::wedge),
    SPINE_HONE(
            "hone that rides on the spine",
            "foot",
            "An abrasive plate with a foot that slides along the spine. File the spine smooth first: it becomes the"
                    + " reference.",
            List.of(length(
                            "foot",
                            "Its foot",
                            0.2,
                            120,
                            "How far the foot stands off the abrasive; empty if it is set.")
                    .ifAny()),
            false,
            k -> k.spined() && !k.powered(),
            "it needs a spine to ride on",
            HolderBuilder::spineHone),
    HAND_STONE(
            "small stone in the hand",
            "gap under its end",
            "A pocket stone, in circles; the shadow between stone and cheek tells the angle.",
            List.of(length(
                    "stoneLength", "Length of the stone", 10, 300, "From the edge to its far end as it is held.")),
            false,
            k -> !k.square(),
            "a square end wants a stone larger than itself",
            HolderBuilder::handStone),
    HAND(
            "hand alone",
            "height",
            "The spine's height over the stone, by eye.",
            List.of(HolderParts.LEVER),
            false,
            k -> true,
            "",
            b -> b.stack(true));

    private final String words;
    private final String sets;
    private final String meaning;
    private final List<Dimension> dimensions;
    private final boolean onWheel;
    private final Predicate<GeometryKind> holds;
    private final String otherwise;
    private final java.util.function.Function<HolderBuilder, Holder> build;

    HolderKind(
            String words,
            String sets,
            String meaning,
            List<Dimension> dimensions,
            boolean onWheel,
            Predicate<GeometryKind> holds,
            String otherwise,
            java.util.function.Function<HolderBuilder, Holder> build) {
        this.words = words;
        this.sets = sets;
        this.meaning = meaning;
        this.dimensions = dimensions;
        this.onWheel = onWheel;
        this.holds = holds;
        this.otherwise = otherwise;
        this.build = build;
    }

    /** What it is called. */
    public String words() {
        return words;
    }

    /** What is set on it. */
    public String sets() {
        return sets;
    }

    /** What it is. */
    public String meaning() {
        return meaning;
    }

    /** What it is measured by. */
    public List<Dimension> dimensions() {
        return dimensions;
    }

    /** How a tool is seated in it. */
    public String seating() {
        return switch (this) {
            case ROLLER_GUIDE, FACE_GUIDE -> "Side of the tool against its stop, screws turned up alternately.";
            case PLATFORM_REST, BELT_TABLE -> "Lay the tool flat on the table, and set the tilt while nothing turns.";
            case SUPPORT_BAR ->
                "Clamp the tool square in its jig at the reach written down, and set the gap while nothing" + " turns.";
            case STACK -> "Build the stack beside the stone and lay the spine on it.";
            case WEDGE_BLOCK -> "Lay the side of the blade flat on the wedge.";
            case SPINE_HONE -> "Wipe and wax the spine, and set the foot.";
            case HAND_STONE -> "Lay the stone on the bevel and lift its far end until the shadow is right.";
            case HAND -> "Lay the bevel flat, heel first, then tip it until heel and edge both bear.";
        };
    }

    /** What raises the angle, as an instruction. */
    public String toRaise() {
        return switch (this) {
            case ROLLER_GUIDE, FACE_GUIDE -> "shorten the projection";
            case PLATFORM_REST, BELT_TABLE -> "tilt the table less below level";
            case SUPPORT_BAR -> "widen the gap";
            case STACK -> "lay one more under";
            case WEDGE_BLOCK -> "take a steeper wedge";
            case SPINE_HONE -> "lengthen the foot";
            case HAND_STONE, HAND -> "raise a little";
        };
    }

    /** What lowers the angle, as an instruction. */
    public String toLower() {
        return switch (this) {
            case ROLLER_GUIDE, FACE_GUIDE -> "lengthen it";
            case PLATFORM_REST, BELT_TABLE -> "tilt it more";
            case SUPPORT_BAR -> "narrow it";
            case STACK -> "take one away";
            case WEDGE_BLOCK -> "a lower one";
            case SPINE_HONE -> "shorten it";
            case HAND_STONE, HAND -> "lower";
        };
    }

    /** What to do where it bears at one end only. */
    public String toEven() {
        return switch (this) {
            case ROLLER_GUIDE, FACE_GUIDE, SUPPORT_BAR -> "seat the tool again";
            case PLATFORM_REST, BELT_TABLE -> "lay the tool flat again";
            case STACK, WEDGE_BLOCK, SPINE_HONE -> "lean less on that end, and follow the edge with the handle";
            case HAND_STONE, HAND -> "go on at the other end";
        };
    }

    /** Whether it stands before a wheel, whose diameter then counts. */
    public boolean onWheel() {
        return onWheel;
    }

    /** Whether it stands before a wheel or a belt: it does not hold a tool on a stone. */
    public boolean atMachine() {
        return onWheel || this == BELT_TABLE;
    }

    /** Whether stop blocks can set it. */
    public boolean takesBlocks() {
        return this == ROLLER_GUIDE || this == FACE_GUIDE;
    }

    /** Whether it holds tools of a family. */
    public boolean holds(GeometryKind family) {
        return holds.test(family);
    }

    /**
     * Makes sure that it holds tools of a family.
     *
     * @throws RefusedException with the reason
     */
    public void require(GeometryKind family) {
        if (!holds(family)) {
            throw new RefusedException(Refusal.of(MessageCode.HOLDER_UNFIT, "holderId", words)
                    .with("what", family.key())
                    .with("reason", otherwise));
        }
    }

    /**
     * The holder with these dimensions, once all were looked at; every fault is noted at its field.
     *
     * @param values numbers by field (mm, °)
     * @param blocks lengths of stop blocks, for guides
     * @param wheel the wheel it stands before, for rests and bars
     * @return the holder, or nothing where there was a fault
     */
    public Optional<Holder> read(Measures values, List<Length> blocks, Optional<Wheel> wheel, Checks checks) {
        int before = checks.refusals().size();
        for (Dimension d : dimensions) {
            Double value = values.values().get(d.field());
            checks.require(value != null || !d.needed(), () -> Refusal.of(MessageCode.EMPTY, d.field(), "")
                    .with("what", d.label()));
            checks.within(
                    d.field(), d.label(), value, d.low(), d.high(), d.measure().unit());
        }
        checks.require(!onWheel || wheel.isPresent(), () -> Refusal.of(MessageCode.EMPTY, "wheelId", "")
                .with("what", "The wheel it stands before"));
        for (Length block : blocks) {
            checks.within("blocks", "A stop block", block.mm(), 1, 300, InWords.MM);
        }
        if (checks.refusals().size() > before) {
            return Optional.empty();
        }
        return Optional.ofNullable(checks.attempt(() -> build.apply(new HolderBuilder(this, values, blocks, wheel))));
    }

    /** The holder with dimensions that were looked at before. */
    public Holder build(Measures values, List<Length> blocks, Optional<Wheel> wheel) {
        Checks checks = new Checks();
        Optional<Holder> holder = read(values, blocks, wheel, checks);
        checks.orThrow();
        return holder.orElseThrow();
    }

    /** Whether a distance along the blade or bar is set, which is lengthened or shortened, not raised or lowered. */
    public boolean setsDistance() {
        return this == ROLLER_GUIDE || this == FACE_GUIDE || this == SUPPORT_BAR;
    }
}
