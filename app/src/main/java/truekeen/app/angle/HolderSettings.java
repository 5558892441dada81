package truekeen.app.angle;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import truekeen.app.angle.AngleRecords.AsideView;
import truekeen.app.angle.AngleRecords.SettingView;
import truekeen.app.angle.AngleRecords.StandsView;
import truekeen.app.kit.HolderService.CoreHolder;
import truekeen.app.platform.AdviceView;
import truekeen.app.platform.Form;
import truekeen.core.advice.Advice;
import truekeen.core.advice.Formula;
import truekeen.core.holding.HeldBevel;
import truekeen.core.holding.Holder;
import truekeen.core.holding.SavedSetting;
import truekeen.core.holding.Seat;
import truekeen.core.holding.Setting;
import truekeen.core.holding.SpineStack;
import truekeen.core.message.Checks;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.TargetBevel;
import truekeen.core.setup.GuideCalibration;
import truekeen.core.table.Prior;

/**
 * What to set the thing that holds a tool to: for the primary and the secondary, or for the one bevel there is.
 *
 * @param holder what holds it
 * @param seat what the blade offers
 * @param inkDeg by how much an ink check moved the setting (°)
 * @param calibration what is known of a guide's errors, where it was calibrated
 */
record HolderSettings(Holder holder, Seat seat, double inkDeg, Optional<GuideCalibration> calibration) {
    /** Held by hand alone. */
    static final Holder BARE = new SpineStack(Optional.empty(), Optional.empty());

    static HolderSettings of(Optional<CoreHolder> holder, Seat seat, double inkDeg, Optional<GuideCalibration> known) {
        return new HolderSettings(holder.flatMap(CoreHolder::core).orElse(BARE), seat, inkDeg, known);
    }

    /** The settings, or none where one of them is refused, which is noted. */
    List<SettingView> all(TargetBevel target, Checks checks) {
        List<SettingView> settings = checks.attempt(() -> {
            try {
                return held(target).stream().map(this::view).toList();
            } catch (RefusedException refused) {
                throw refused.at("holderId");
            }
        });
        return settings == null ? List.of() : settings;
    }

    /** The settings as a set-up keeps them. */
    List<SavedSetting> kept(TargetBevel target) {
        return held(target).stream().map(HeldBevel::saved).toList();
    }

    private List<HeldBevel> held(TargetBevel target) {
        return HeldBevel.of(holder, seat, target, Angle.ofDegrees(inkDeg));
    }

    private SettingView view(HeldBevel b) {
        Setting s = b.setting();
        List<Advice.Given> given = new ArrayList<>(s.given());
        if (b.hollow()) {
            given.add(new Advice.Given(
                    AngleWords.CHORD_OF_THE_HOLLOW.words(), b.angle().toString()));
        }
        if (inkDeg != 0) {
            given.add(new Advice.Given(
                    AngleWords.MOVED_BY_INK.words(), Angle.ofDegrees(inkDeg).toString()));
        }
        return new SettingView(
                b.which(),
                b.which().words(),
                b.angle().degrees(),
                s.name(),
                s.unit().symbol(),
                AdviceView.of(Advice.exact(
                        AngleWords.SETTING_FOR.fill(
                                "setting", s.name(), "bevel", b.which().words()),
                        s.value(),
                        s.unit().symbol(),
                        s.formula(),
                        given,
                        s.changes())),
                s.degreesPerStep(),
                s.tolerance(),
                calibration.map(c -> c.error(Length.ofMm(s.value())).degrees()).orElse(null),
                s.where(),
                s.asides().stream().map(a -> aside(a, given)).toList(),
                s.checks(),
                s.scheme());
    }

    private static AsideView aside(Setting.Aside a, List<Advice.Given> given) {
        return new AsideView(
                AdviceView.of(Advice.exact(
                        a.label(), a.value(), a.unit(), a.formula(), given, AngleWords.SAME_INPUTS.words())),
                a.words(),
                a.formula() == Formula.STOP_BLOCK || a.formula() == Formula.STACK);
    }

    /** What angle the thing holds as it is set now. */
    StandsView stands(Form form, String typed, TargetBevel target) {
        if (Form.blank(typed)) {
            return null;
        }
        Optional<HeldBevel> last = last(target);
        Setting.Unit unit = last.map(h -> h.setting().unit()).orElse(Setting.Unit.MM);
        Double value = unit == Setting.Unit.MM
                ? millimetres(form.length("standsAt", typed))
                : degrees(form.angle("standsAt", typed));
        if (value == null) {
            return null;
        }
        Angle held = form.checks().attempt(() -> {
            try {
                return holder.gives(seat, value);
            } catch (RefusedException refused) {
                throw refused.at("standsAt");
            }
        });
        if (held == null) {
            return null;
        }
        double gives = held.degrees() - inkDeg;
        double off = gives - last.map(HeldBevel::held).orElse(target.last()).degrees();
        return new StandsView(value, unit.symbol(), gives, off, Math.abs(off) < Prior.STANDS_AS_WANTED_DEG.value());
    }

    private Optional<HeldBevel> last(TargetBevel target) {
        try {
            List<HeldBevel> all = held(target);
            return all.isEmpty() ? Optional.empty() : Optional.of(all.get(all.size() - 1));
        } catch (RefusedException refused) {
            return Optional.empty();
        }
    }

    private static Double millimetres(Length length) {
        return length == null ? null : (Double) length.mm();
    }

    private static Double degrees(Angle angle) {
        return angle == null ? null : (Double) angle.degrees();
    }
}
