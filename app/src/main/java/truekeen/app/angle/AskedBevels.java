package truekeen.app.angle;

import java.util.Optional;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.TargetBevel;
import truekeen.core.setup.PlaneSetting;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Operation;
import truekeen.core.tool.PlaneIron;

/** What a set-up asks of a blade, from its plain numbers. */
final class AskedBevels {
    private AskedBevels() {}

    /**
     * Bevels, and a camber that is given below the sole. A set-up without one asks a cambered iron to be straight; on
     * other tools there is nothing to ask.
     */
    static TargetBevel of(
            double primaryDeg, double lastDeg, Double backDeg, Double wheelMm, Double camberMm, Blade blade) {
        TargetBevel bevels = new TargetBevel(
                Angle.ofDegrees(primaryDeg),
                Angle.ofDegrees(lastDeg),
                Optional.ofNullable(backDeg).map(Angle::ofDegrees),
                Optional.ofNullable(wheelMm).map(Length::ofMm));
        if (!(blade instanceof PlaneIron iron) || !blade.kind().allows(Operation.CAMBER)) {
            return bevels;
        }
        if (camberMm == null) {
            return iron.camber().isPresent() ? bevels.cambered(Length.ofMm(0)) : bevels;
        }
        return bevels.cambered(new PlaneSetting.Camber(iron.width(), iron.bed(), Length.ofMm(camberMm)).onIron());
    }
}
