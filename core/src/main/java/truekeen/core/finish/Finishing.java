package truekeen.core.finish;

import java.util.ArrayList;
import java.util.List;
import truekeen.core.finish.FinishAct.Key;
import truekeen.core.finish.FinishAct.Setting;
import truekeen.core.steel.SteelClass;
import truekeen.core.table.Prior;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ToolUse;

/** What is done to a tool once its edge is tested: by its steel, and by how it goes back to work. Workshop prior. */
public final class Finishing {
    /** Camber from which an iron is there to take much off, so that its cap iron lies well back (mm below the sole). */
    private static final double MUCH_CAMBER_MM = Prior.FINISHING_MUCH_CAMBER_MM.value();

    private Finishing() {}

    /**
     * The acts, in order.
     *
     * @param cambered whether the iron carries a camber
     */
    public static List<FinishAct> acts(ToolUse trade, SteelClass steel, boolean cambered) {
        List<FinishAct> acts = new ArrayList<>();
        acts.add(act(
                Key.WASH,
                "Wash slurry and swarf off",
                "Blade, guide and hands: water for water stones, a wipe for oil.",
                "Swarf is magnetic and gets into whatever is put together next.",
                "Wipe away from the edge."));
        acts.add(act(
                Key.DRY,
                "Dry it at once",
                "Corners of the back, holes and joints too; warm to the hand is dry.",
                "Water in a corner starts the next pits.",
                ""));
        acts.add(protect(steel));
        GeometryKind kind = trade.geometry();
        if (kind.powered()) {
            machine(acts, kind);
        } else if (kind.iron()) {
            iron(acts, trade, cambered);
        } else if (kind == GeometryKind.SHEAR_BLADE) {
            acts.add(act(
                    Key.JOIN,
                    "Join the blades",
                    "A drop of oil on the pivot; tighten until the open blade just falls by its own weight.",
                    "Loose blades fold what they should cut; tight ones wear their edges on each other.",
                    "Fingers clear of the closing edges."));
            acts.add(firstCut("Cut a strip of cloth along the whole length: it must not fold between the blades."));
        } else {
            acts.add(act(
                    Key.COVER,
                    kind == GeometryKind.TURNSCREW ? "Put it back in its rack" : "Cover the edge",
                    kind == GeometryKind.TURNSCREW
                            ? "Where no other steel knocks its tip."
                            : "A guard, a sheath or a wrap: edges travel covered.",
                    "A keen edge is dulled by the next tool in the drawer, and cuts whoever reaches in.",
                    trade.folds() ? "A folding knife without a lock can close on the fingers." : ""));
            acts.add(firstCut("Make the first cuts of its own work and watch for an edge that fades at once."));
        }
        return List.copyOf(acts);
    }

    /** Back on its machine: the maker's order, washers and torque; then the first run, away from people. */
    private static void machine(List<FinishAct> acts, GeometryKind kind) {
        boolean trimmer = kind == GeometryKind.TRIMMER;
        acts.add(act(
                Key.RIGHT_WAY,
                trimmer ? "Put the blades back as they sat" : "Put it back right way up",
                trimmer
                        ? "Bevels outward, flat on flat; slide them by hand once."
                        : kind == GeometryKind.MOWER_BAR
                                ? "The marked underside toward the ground, the wings toward the deck."
                                : "The edges leading in the direction it turns, the marked side as it was.",
                trimmer ? "The wrong way round nothing cuts." : "Upside down it beats the grass and lifts nothing.",
                "Gloves on; the machine still isolated and blocked."));
        acts.add(act(
                Key.WASHERS,
                trimmer ? "Spacers and screws as they were" : "Washers and spacers as they were",
                "Each in its order and its own way round, by the photograph; a worn or domed one is replaced by the"
                        + " maker's part.",
                trimmer ? "They set the gap." : "They hold the bar square and let it slip when it strikes.",
                ""));
        acts.add(act(
                Key.TORQUE,
                trimmer ? "Tighten by the manual" : "Tighten to the maker's torque",
                "Torque from the maker's manual: put it down as you set it; a new bolt or locking part where the manual"
                        + " asks for one.",
                trimmer
                        ? "Loose screws open the gap, tight ones burn it."
                        : "A loose bar lets go; an overdone bolt breaks.",
                "Torque and part numbers are the maker's; local rules and licensed service come first."));
        acts.add(act(
                Key.UNBLOCK,
                "Take the block out and count the tools",
                "Block, wrench and rags out of the deck; guards back in place. Only then lead, key, battery or plug.",
                "What is left inside is thrown.",
                ""));
        acts.add(act(
                Key.FIRST_RUN,
                "First run, away from people",
                "Outside, nobody near or in line with the outlet, for a minute: stop at once if it shakes or sounds new.",
                "A fault shows itself in the first minute.",
                "Everyone well back; never reach under to listen."));
    }

    private static void iron(List<FinishAct> acts, ToolUse trade, boolean cambered) {
        acts.add(act(
                Key.LAY_IN,
                "Lay the iron in at an angle",
                "Swing it straight once it is past the cap iron and the mouth, so that the edge touches neither.",
                "The edge meets iron only once.",
                "Edge up and away from the hand."));
        if (trade.geometry() == GeometryKind.PLANE_IRON_DOWN) {
            acts.add(capIron(trade));
        }
        acts.add(act(
                Key.PLAY,
                "Take up the play forward",
                "Back the iron off, then turn the adjuster in the advancing direction until it bears.",
                "With play behind it the first cut pushes the iron back: keen, and hardly cuts.",
                ""));
        acts.add(act(
                Key.CENTRE,
                cambered ? "Centre the camber" : "Set the edge level",
                "By eye down the sole first; then a narrow shaving left, middle and right: "
                        + (cambered ? "both sides alike and thinner than the middle." : "all three alike."),
                "A corner that stands lower ploughs a line.",
                "Sight from behind; fingers off the mouth."));
        acts.add(firstCut("Take one full-width shaving: even in thickness, the surface without lines."));
    }

    private static FinishAct capIron(ToolUse trade) {
        boolean far = trade.camberMm() >= MUCH_CAMBER_MM;
        boolean close = trade.difficultGrain();
        Setting setting = far
                ? new Setting("cap iron behind the edge", 2, 4)
                : close
                        ? new Setting("cap iron behind the edge", 0.3, 0.8)
                        : new Setting("cap iron behind the edge", 1, 2);
        return new FinishAct(
                Key.CAP_IRON,
                "Set the cap iron",
                far
                        ? "Well back: the shavings are thick."
                        : close ? "Close: the grain is difficult." : "A millimetre or two back.",
                "It bends the shaving: near breaks it before it tears the grain, far lets a thick one pass.",
                "Never push the cap iron over the edge.",
                setting);
    }

    private static FinishAct firstCut(String words) {
        return act(Key.FIRST_CUT, "Make the first cut", words, "The edge is judged by its work.", "");
    }

    private static FinishAct protect(SteelClass steel) {
        boolean rusts = steel.rusting() == SteelClass.Rusting.FAST;
        boolean stainless = steel.rusting() == SteelClass.Rusting.STAINLESS;
        return act(
                Key.PROTECT,
                stainless ? "Wipe a little oil on" : "Oil or wax it",
                rusts
                        ? "A thin film all over, now: this steel rusts overnight."
                        : stainless
                                ? "A thin film: stainless stains too where salt or acid dries on it."
                                : "A thin film all over: this steel rusts where water stays.",
                rusts
                        ? upper(steel.name()) + ": nothing in it holds rust off."
                        : upper(steel.name()) + ": slower to rust, and not proof against it.",
                "Gloves for the last wipe; oily rags dry flat, away from sparks.");
    }

    private static FinishAct act(Key key, String title, String words, String why, String caution) {
        return new FinishAct(key, title, words, why, caution, null);
    }

    private static String upper(String name) {
        return Character.toUpperCase(name.charAt(0)) + name.substring(1);
    }
}
