package truekeen.core.machine;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import truekeen.core.tool.GeometryKind;

/**
 * How a machine is made safe before its blade is looked at, by what drives it and what it carries. The machine's own
 * manual comes first; this is the usual order. Source: workshop prior.
 */
public final class Isolation {
    /** What every place about a powered blade says once. */
    public static final String FIRST =
            "The machine's own manual, local rules and licensed service come first; torque, part"
                    + " numbers and permitted speeds are its maker's.";

    private Isolation() {}

    /** What must be confirmed, in the order it is done. */
    public static List<SafetyAct> acts(PowerSource power, GeometryKind kind) {
        List<SafetyAct> acts = new ArrayList<>(cut(power));
        if (kind == GeometryKind.MOWER_BAR && power != PowerSource.TOWED) {
            acts.add(
                    power == PowerSource.PETROL
                            ? new SafetyAct(
                                    "TILT",
                                    "Tilt it as its manual says",
                                    "Air filter and carburettor upward; fuel tap shut; it cannot fall back.",
                                    "The other way oil and fuel run into the filter and the engine.")
                            : new SafetyAct(
                                    "TILT",
                                    "Tilt it as its manual says",
                                    "On its side or handle, propped so that it cannot fall back.",
                                    "A deck that comes down takes the hand with it."));
        }
        acts.add(block(kind));
        acts.add(new SafetyAct(
                "GLOVES",
                "Put gloves on",
                "Cut-resistant, whole, dry. They come off again at any spinning wheel.",
                "A blade turns by itself when it is touched off balance."));
        return List.copyOf(acts);
    }

    /** The acts that were not confirmed, in order. */
    public static List<SafetyAct> missing(PowerSource power, GeometryKind kind, Set<String> confirmed) {
        return acts(power, kind).stream()
                .filter(a -> !confirmed.contains(a.key()))
                .toList();
    }

    private static List<SafetyAct> cut(PowerSource power) {
        return switch (power) {
            case PETROL ->
                List.of(
                        new SafetyAct(
                                "STOPPED",
                                "Stop the engine and let it cool",
                                "Everything has come to rest; the exhaust can be touched.",
                                "Blades run on after the engine, and a hot engine fires again."),
                        new SafetyAct(
                                "SPARK",
                                "Take the spark lead off",
                                "Pulled from the plug and tied back so that it cannot spring against it.",
                                "Turning the blade by hand turns the engine, and an engine that is turned can start."));
            case BATTERY ->
                List.of(
                        new SafetyAct(
                                "STOPPED",
                                "Switch it off and let it run down",
                                "Everything has come to rest.",
                                "Blades run on after the motor."),
                        new SafetyAct(
                                "BATTERY",
                                "Take the battery and the key out",
                                "Both in your pocket or in your sight, not beside the machine.",
                                "A switch touched in passing is enough."));
            case MAINS ->
                List.of(
                        new SafetyAct(
                                "STOPPED",
                                "Switch it off and let it run down",
                                "Everything has come to rest.",
                                "Blades run on after the motor."),
                        new SafetyAct(
                                "PLUG",
                                "Pull the plug",
                                "The plug lies in your sight the whole time; not only the switch of the socket.",
                                "Somebody else may find a cable that is out."));
            case TOWED ->
                List.of(
                        new SafetyAct(
                                "STOPPED",
                                "Stop the tractor and take its key",
                                "Brake on, everything at rest, the key in your pocket.",
                                "Blades run on after the shaft."),
                        new SafetyAct(
                                "SHAFT",
                                "Uncouple the drive shaft",
                                "Off the tractor and laid aside; chains and hoses as the manual says.",
                                "A shaft that is coupled turns with the engine."),
                        new SafetyAct(
                                "STANDS",
                                "Set it on stands and chocks",
                                "Rated stands under the frame; never held up by the hydraulics alone.",
                                "A hose that gives way drops the deck."));
        };
    }

    private static SafetyAct block(GeometryKind kind) {
        return switch (kind) {
            case MOWER_BAR ->
                new SafetyAct(
                        "BLOCK",
                        "Block the blade",
                        "A piece of wood between bar and deck, so that it cannot turn while the bolt is loosened.",
                        "It swings round the moment the bolt gives.");
            case TRIMMER ->
                new SafetyAct(
                        "BLOCK",
                        "Lay it down and block the drive",
                        "Clamped by its body, the blades free; guard or sheath kept at hand for moving it.",
                        "The blades slide on each other when one is pushed.");
            default ->
                new SafetyAct(
                        "BLOCK",
                        "Lock the disc",
                        "With the locking pin or bar of its own, as the manual shows.",
                        "It turns under the spanner.");
        };
    }
}
