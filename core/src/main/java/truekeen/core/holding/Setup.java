package truekeen.core.holding;

import java.util.List;
import java.util.Optional;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.TargetBevel;
import truekeen.core.setup.Camber;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Operation;
import truekeen.core.tool.PlaneIron;

/**
 * How a tool is set up to be sharpened: its bevels, what holds it and what that is set to.
 *
 * @param name what the shop calls the set-up
 * @param bevels the bevels wanted, without the camber
 * @param camberBelowSole how far the corners of an iron are to lie below the sole, where it is to have a camber
 * @param holder the kind of what holds it; HAND for the bare hand
 * @param holderName what the shop calls it; "by hand" for the bare hand
 * @param settings what it is set to, one for each bevel; none where nothing is set
 * @param ink by how much ink checks have moved the settings
 */
public record Setup(
        String name,
        TargetBevel bevels,
        Optional<Length> camberBelowSole,
        HolderKind holder,
        String holderName,
        List<SavedSetting> settings,
        Angle ink) {
    /** Keeps the settings from changing. */
    public Setup {
        settings = List.copyOf(settings);
    }

    /** Whether it is held by hand alone. */
    public boolean byHand() {
        return holder == HolderKind.HAND;
    }

    /** What is set to hold an angle, where something is set. */
    public Optional<SavedSetting> settingFor(Angle angle) {
        return byHand()
                ? Optional.empty()
                : settings.stream().filter(s -> s.holds(angle)).findFirst();
    }

    /**
     * What holds the tool on a stone; empty where a hand does, where the holder stands before a wheel or a belt, and where
     * nothing is set because it no longer holds.
     */
    public Optional<StoneHolder> onStone() {
        return byHand() || holder.atMachine() || settings.isEmpty()
                ? Optional.empty()
                : Optional.of(new StoneHolder(
                        holderName,
                        holder,
                        setting(SetBevel.SECONDARY).isEmpty()
                                || setting(SetBevel.PRIMARY).isPresent(),
                        camTurned()));
    }

    private Optional<SavedSetting> setting(SetBevel bevel) {
        return settings.stream().filter(s -> s.bevel() == bevel).findFirst();
    }

    /** The same projection for both bevels: a cam makes the difference. */
    private boolean camTurned() {
        return holder.takesBlocks()
                && setting(SetBevel.PRIMARY)
                        .flatMap(p -> setting(SetBevel.SECONDARY).filter(s -> s.value() == p.value()))
                        .isPresent();
    }

    /** The camber asked of an iron. */
    public Optional<Camber> camber(Blade blade) {
        return blade instanceof PlaneIron iron
                ? camberBelowSole.map(c -> new Camber(iron.width(), iron.bed(), c))
                : Optional.empty();
    }

    /**
     * The bevels it asks of a blade, with the camber. A set-up without a camber asks a cambered iron to be straight; on
     * other tools there is nothing to ask.
     */
    public TargetBevel target(Blade blade) {
        return target(bevels, camberBelowSole, blade);
    }

    /** The same for bevels and a camber below the sole that no set-up holds yet. */
    public static TargetBevel target(TargetBevel bevels, Optional<Length> camberBelowSole, Blade blade) {
        if (!(blade instanceof PlaneIron iron) || !blade.kind().allows(Operation.CAMBER)) {
            return bevels;
        }
        return camberBelowSole
                .map(c -> bevels.cambered(new Camber(iron.width(), iron.bed(), c).onIron()))
                .orElseGet(() -> iron.camber().isPresent() ? bevels.cambered(Length.ofMm(0)) : bevels);
    }
}
