package truekeen.app.angle;

import java.util.ArrayList;
import java.util.List;
import truekeen.app.angle.AngleRecords.SettingView;
import truekeen.app.kit.KitRecords.GuideView;
import truekeen.app.kit.KitService;
import truekeen.app.platform.AdviceView;
import truekeen.core.advice.Advice;
import truekeen.core.advice.Formula;
import truekeen.core.message.Checks;
import truekeen.core.message.Numbers;
import truekeen.core.quantity.Angle;
import truekeen.core.section.TargetBevel;
import truekeen.core.setup.HoningGuide;

/** What to set a guide to: for the primary and the secondary, or for the one bevel there is. */
final class GuideSettings {
    private GuideSettings() {}

    static List<SettingView> of(AngleReader read, GuideView guide) {
        HoningGuide core = KitService.core(guide);
        Checks checks = read.form.checks();
        TargetBevel target = read.target;
        Object clear = checks.attempt(() -> {
            core.requireClear(read.thickness());
            return core;
        });
        List<SettingView> settings = new ArrayList<>();
        if (clear == null) {
            return settings;
        }
        if (target.hasSecondary()) {
            SettingView primary = checks.attempt(() -> setting("primary", core, guide, target.primary()));
            SettingView last = checks.attempt(() -> setting("secondary", core, guide, target.last()));
            return primary == null || last == null ? List.of() : List.of(primary, last);
        }
        SettingView only = checks.attempt(() -> setting("bevel", core, guide, target.last()));
        return only == null ? List.of() : List.of(only);
    }

    private static SettingView setting(String bevel, HoningGuide core, GuideView guide, Angle angle) {
        double mm = core.projection(angle).mm();
        double half = Math.abs(core.degreesPerMm(angle)) / 2;
        return new SettingView(
                bevel,
                angle.degrees(),
                AdviceView.of(Advice.exact(
                        "projection for the " + bevel,
                        mm,
                        "mm",
                        Formula.GUIDE_PROJECTION,
                        List.of(
                                new Advice.Given("angle", angle.toString()),
                                new Advice.Given("roller radius", guide.rollerRadiusMm() + " mm"),
                                new Advice.Given("axle below the back", guide.axleBelowBackMm() + " mm"),
                                new Advice.Given("setback of the axle", guide.axleSetbackMm() + " mm")),
                        "The guide's three dimensions: measure them, then measure what a setting really gives.")),
                half,
                "Half a millimetre is " + Numbers.plain(half, 2) + "°.");
    }
}
