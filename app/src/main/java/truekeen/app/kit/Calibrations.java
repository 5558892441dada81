package truekeen.app.kit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import truekeen.app.kit.HolderRecords.CalibrationForm;
import truekeen.app.kit.HolderRecords.CalibrationView;
import truekeen.app.kit.HolderRecords.FieldFault;
import truekeen.app.kit.HolderRecords.PairForm;
import truekeen.app.kit.HolderRecords.PairView;
import truekeen.app.platform.Form;
import truekeen.core.holding.HolderKind;
import truekeen.core.message.InWords;
import truekeen.core.message.Numbers;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.setup.GuideCalibration;
import truekeen.core.setup.GuideCalibration.Pair;
import truekeen.core.setup.HoningGuide;
import truekeen.core.tool.Measures;

/** Reads measured pairs and tells what they say. */
final class Calibrations {
    private Calibrations() {}

    /** The pairs that could be read; rows left wholly empty are passed over. */
    private static List<Pair> pairs(Form form, CalibrationForm in) {
        List<Pair> pairs = new ArrayList<>();
        List<PairForm> typed = in.pairs() == null ? List.of() : in.pairs();
        for (int i = 0; i < Math.min(typed.size(), 30); i++) {
            PairForm p = typed.get(i);
            if (Form.blank(p.projection()) && Form.blank(p.angle())) {
                continue;
            }
            Length projection = form.length("pairs." + i + ".projection", p.projection());
            Angle angle = form.angle("pairs." + i + ".angle", p.angle());
            form.checks()
                    .within(
                            "pairs." + i + ".projection",
                            KitWords.A_PROJECTION.words(),
                            projection == null ? null : projection.mm(),
                            0.5,
                            200,
                            InWords.MM);
            form.checks()
                    .within(
                            "pairs." + i + ".angle",
                            KitWords.AN_ANGLE.words(),
                            angle == null ? null : angle.degrees(),
                            5,
                            80,
                            "°");
            if (projection != null && angle != null) {
                pairs.add(new Pair(projection, angle));
            }
        }
        return pairs;
    }

    private static Length roller(Form form, CalibrationForm in, Measures now) {
        Length typed = Form.blank(in.rollerRadius())
                ? now.length("rollerRadius")
                : form.length("rollerRadius", in.rollerRadius());
        form.checks()
                .within(
                        "rollerRadius",
                        KitWords.ROLLER_RADIUS.words(),
                        typed == null ? null : typed.mm(),
                        1,
                        60,
                        InWords.MM);
        return typed;
    }

    /** T, where the guide grips by the bevel side and the blade's thickness is part of d. */
    private static double seat(Form form, CalibrationForm in, HolderKind kind) {
        if (kind != HolderKind.FACE_GUIDE) {
            return 0;
        }
        Length typed = form.length("thickness", in.thickness());
        form.checks()
                .within(
                        "thickness",
                        KitWords.A_THICKNESS.words(),
                        typed == null ? null : typed.mm(),
                        0.5,
                        25,
                        InWords.MM);
        return typed == null ? 0 : typed.mm();
    }

    /** The fit of two pairs or more; empty with fewer, or with a fault, which is noted. */
    static Optional<GuideCalibration> fit(Form form, CalibrationForm in, HolderKind kind, Measures now) {
        List<Pair> pairs = pairs(form, in);
        Length roller = roller(form, in, now);
        if (pairs.size() < 2 || roller == null || !form.checks().clean()) {
            return Optional.empty();
        }
        return Optional.ofNullable(
                form.checks().attempt(() -> GuideCalibration.fit(roller, pairs, GuideCalibration.Readings.USUAL)));
    }

    /** With a single pair, d by caliper stays and the setback is taken from it. */
    static Optional<Measures> one(Form form, CalibrationForm in, HolderKind kind, Measures now) {
        List<Pair> pairs = pairs(form, in);
        Length roller = roller(form, in, now);
        if (!form.checks().clean()) {
            return Optional.empty();
        }
        if (pairs.size() != 1) {
            form.checks().attempt(() -> GuideCalibration.fit(roller, List.of(), GuideCalibration.Readings.USUAL));
            return Optional.empty();
        }
        double d = now.length("axleBelowBack").mm() + seat(form, in, kind);
        HoningGuide guide = form.checks().attempt(() -> GuideCalibration.fixed(roller, Length.ofMm(d), pairs.get(0)));
        return guide == null ? Optional.empty() : Optional.of(measures(guide, in, kind, now));
    }

    /** The guide's dimensions as they are now known. */
    static Measures measures(HoningGuide guide, CalibrationForm in, HolderKind kind, Measures now) {
        Map<String, Double> values = new TreeMap<>(now.values());
        values.put("rollerRadius", guide.rollerRadius().mm());
        values.put("axleBelowBack", guide.axleBelowBack().mm() - seat(new Form(), in, kind));
        values.put("axleSetback", guide.axleSetback().mm());
        return new Measures(values);
    }

    static CalibrationView view(CalibrationForm in, HolderKind kind, Measures now) {
        Form form = new Form();
        List<Pair> pairs = pairs(new Form(), in);
        Optional<GuideCalibration> fit = fit(form, in, kind, now);
        double seat = seat(form, in, kind);
        if (fit.isPresent()) {
            return fitted(fit.get(), written(now, seat), seat, form);
        }
        Optional<Measures> one = pairs.size() == 1 ? one(new Form(), in, kind, now) : Optional.empty();
        return new CalibrationView(
                one.isPresent() && form.checks().clean(),
                one.map(m -> m.length("axleBelowBack").mm()).orElse(null),
                one.map(m -> m.length("axleSetback").mm()).orElse(null),
                null,
                null,
                null,
                List.of(),
                List.of(),
                (one.isPresent() ? KitWords.ONE_PAIR : KitWords.READ_A_PAIR)
                        .fill("apart", GuideCalibration.LEAST_SPREAD),
                faults(form));
    }

    private static Optional<HoningGuide> written(Measures now, double seat) {
        try {
            return Optional.of(new HoningGuide(
                    now.length("rollerRadius"),
                    Length.ofMm(now.length("axleBelowBack").mm() + seat),
                    now.length("axleSetback")));
        } catch (RefusedException never) {
            return Optional.empty();
        }
    }

    private static CalibrationView fitted(GuideCalibration fit, Optional<HoningGuide> written, double seat, Form form) {
        List<PairView> views = new ArrayList<>();
        double worst = 0;
        for (int i = 0; i < fit.pairs().size(); i++) {
            Pair p = fit.pairs().get(i);
            double error = fit.error(p.projection()).degrees();
            worst = Math.max(worst, error);
            views.add(new PairView(
                    p.projection().mm(),
                    p.angle().degrees(),
                    written.map(g -> angle(g, p.projection())).orElse(null),
                    fit.guide().angle(p.projection()).degrees(),
                    fit.residuals().get(i).degrees(),
                    error));
        }
        List<String> warnings = new ArrayList<>();
        if (fit.spread().compareTo(GuideCalibration.LEAST_SPREAD) < 0) {
            warnings.add(
                    KitWords.ANGLES_TOO_CLOSE.fill("spread", fit.spread(), "apart", GuideCalibration.LEAST_SPREAD));
        } else if (fit.illConditioned()) {
            warnings.add(KitWords.PAIRS_TOO_ALIKE.words());
        }
        double most = fit.residuals().stream()
                .mapToDouble(r -> Math.abs(r.degrees()))
                .max()
                .orElse(0);
        if (most > 0.5) {
            warnings.add(KitWords.PAIR_OFF.fill("most", Numbers.plain(most, 1)));
        }
        return new CalibrationView(
                form.checks().clean(),
                fit.guide().axleBelowBack().mm() - seat,
                fit.guide().axleSetback().mm(),
                fit.condition(),
                fit.spread().degrees(),
                worst,
                views,
                warnings,
                KitWords.KNOWN_TO.fill(
                        "length",
                        GuideCalibration.Readings.USUAL.projection(),
                        "angle",
                        GuideCalibration.Readings.USUAL.angle(),
                        "worst",
                        Numbers.plain(worst, 1)),
                faults(form));
    }

    private static Double angle(HoningGuide guide, Length projection) {
        try {
            return guide.angle(projection).degrees();
        } catch (RefusedException noRoller) {
            return null;
        }
    }

    private static List<FieldFault> faults(Form form) {
        return form.checks().refusals().stream()
                .map(r -> new FieldFault(r.field(), r.words()))
                .toList();
    }
}
