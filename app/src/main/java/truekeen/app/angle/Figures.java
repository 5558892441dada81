package truekeen.app.angle;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import truekeen.app.angle.AngleRecords.FigureView;
import truekeen.app.platform.AdviceView;
import truekeen.app.platform.Form;
import truekeen.core.advice.Advice;
import truekeen.core.advice.Formula;
import truekeen.core.condition.MeanLoss;
import truekeen.core.condition.Restoration;
import truekeen.core.message.InWords;
import truekeen.core.message.Numbers;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.HollowGrind;
import truekeen.core.section.KnifeSection;
import truekeen.core.section.TargetBevel;
import truekeen.core.setup.Camber;
import truekeen.core.tool.Blade;
import truekeen.core.tool.DoubleBevelKnife;
import truekeen.core.tool.PlaneIron;
import truekeen.core.tool.ToolUse;

/** The numbers of a geometry that a person acts on, each with its why. */
final class Figures {

    private final List<FigureView> all = new ArrayList<>();
    private final Blade blade;
    private final TargetBevel target;

    private final MeanLoss loss;

    private Figures(Blade blade, TargetBevel target, MeanLoss loss) {
        this.loss = loss;
        this.blade = blade;
        this.target = target;
    }

    /** All that apply to a blade with these bevels. */
    static List<FigureView> of(
            Blade blade,
            TargetBevel target,
            ToolUse trade,
            Optional<Camber> camber,
            Optional<Length> shaving,
            Restoration restoration,
            MeanLoss loss) {
        Figures f = new Figures(blade, target, loss);
        if (blade instanceof PlaneIron iron) {
            f.plane(iron);
            camber.ifPresent(c -> f.camber(c, shaving));
        }
        Double thickness = blade.measures().values().get("thickness");
        if (target.wheel().isPresent() && thickness != null) {
            f.hollow(new HollowGrind(Length.ofMm(thickness), target.wheel().get(), target.primary()));
        }
        if (restoration != null) {
            f.wear(restoration);
            if (blade instanceof DoubleBevelKnife knife) {
                f.behindEdge(knife, trade, restoration);
            }
        }
        return List.copyOf(f.all);
    }

    private void plane(PlaneIron iron) {
        Angle back = target.back().orElse(Angle.ZERO);
        List<Advice.Given> given = List.of(
                given("bed", iron.bed()),
                given(AngleWords.LAST_BEVEL.words(), target.last()),
                given(AngleWords.BACK_BEVEL.words(), back),
                new Advice.Given(AngleWords.BEVEL_FACES.words(), iron.bevelUp() ? "up" : "down"));
        Angle cutting = iron.cutting(target.last(), back);
        Angle clearance = iron.clearance(target.last(), back);
        exact(
                "plane",
                AngleWords.CUTTING_ANGLE.words(),
                cutting.degrees(),
                "°",
                Formula.CUTTING_ANGLE,
                given,
                iron.bevelUp() ? AngleWords.CUTTING_UP_CHANGES.words() : AngleWords.CUTTING_DOWN_CHANGES.words(),
                "");
        exact(
                "plane",
                "clearance",
                clearance.degrees(),
                "°",
                Formula.CLEARANCE,
                given,
                iron.bevelUp() ? AngleWords.BACK_BEVEL_EATS.words() : AngleWords.LAST_BEVEL_EATS.words(),
                "");
    }

    private void camber(Camber c, Optional<Length> shaving) {
        List<Advice.Given> given = List.of(
                new Advice.Given("iron", c.width().toString()),
                given("bed", c.bed()),
                new Advice.Given(
                        AngleWords.BELOW_THE_SOLE.words(), c.belowSole().toString()));
        exact(
                "camber",
                AngleWords.CAMBER_ON_IRON.words(),
                c.onIron().mm(),
                "mm",
                Formula.CAMBER,
                given,
                AngleWords.LOWER_BED_ASKS_MORE.words(),
                AngleWords.CORNERS_STAND_BACK.words());
        exact(
                "camber",
                AngleWords.EDGE_RADIUS.words(),
                c.radius().mm(),
                "mm",
                Formula.CAMBER,
                given,
                AngleWords.WIDTH_BED_CAMBER.words(),
                "");
        shaving.ifPresent(t -> exact(
                "camber",
                AngleWords.SHAVING_WIDTH.words(),
                c.shavingWidth(t).mm(),
                "mm",
                Formula.SHAVING_WIDTH,
                List.of(
                        new Advice.Given(AngleWords.DEPTH_OF_CUT.words(), t.toString()),
                        new Advice.Given(
                                AngleWords.EDGE_RADIUS.words(), c.radius().toString()),
                        given("bed", c.bed())),
                AngleWords.DEEPER_IS_WIDER.words(),
                c.shavingWidth(t).mm() >= c.width().mm() ? AngleWords.FULL_WIDTH.words() : ""));
    }

    private void hollow(HollowGrind h) {
        List<Advice.Given> given = List.of(
                new Advice.Given("thickness", h.thickness().toString()),
                new Advice.Given("wheel", h.wheel().toString()),
                given("chord", h.chord()),
                new Advice.Given(
                        AngleWords.CHORD_LENGTH.words(), h.chordLength().toString()));
        boolean honed = target.hasSecondary();
        String changes = AngleWords.SMALLER_WHEEL_DEEPER.words();
        exact(
                "hollow",
                AngleWords.AT_THE_EDGE.words(),
                h.edge().degrees(),
                "°",
                Formula.HOLLOW_GRIND,
                given,
                changes,
                honed ? "" : AngleWords.CUT_BEFORE_HONED.words());
        exact(
                "hollow",
                AngleWords.AT_THE_CHORD.words(),
                h.chord().degrees(),
                "°",
                Formula.HOLLOW_GRIND,
                given,
                changes,
                honed ? "" : AngleWords.CUT_WITH_THIS.words());
        exact(
                "hollow",
                AngleWords.AT_THE_HEEL.words(),
                h.heel().degrees(),
                "°",
                Formula.HOLLOW_GRIND,
                given,
                changes,
                "");
        if (honed) {
            exact(
                    "hollow",
                    AngleWords.AT_THE_SECONDARY.words(),
                    target.last().degrees(),
                    "°",
                    Formula.ANGLE_CHOICE,
                    given,
                    changes,
                    AngleWords.CUT_WITH_THIS.words());
        }
        exact(
                "hollow",
                AngleWords.HOLLOW_DEPTH.words(),
                h.depth().micrometres(),
                "µm",
                Formula.HOLLOW_GRIND,
                given,
                changes,
                "");
        estimate(
                "hollow",
                AngleWords.HONINGS_UNTIL_GONE.words(),
                h.honings(Length.ofMm(loss.mm())),
                Formula.HOLLOW_HONINGS,
                given);
    }

    private void wear(Restoration r) {
        List<Advice.Given> given = List.of(
                given("primary", target.primary()),
                given(AngleWords.LAST_BEVEL.words(), target.last()),
                new Advice.Given(
                        AngleWords.PER_HONING.words(),
                        AngleWords.MEAN_LOSS.fill("um", Numbers.plain(loss.mm() * 1000, 0))));
        exact(
                "wear",
                target.hasSecondary() ? AngleWords.SECONDARY_WIDTH_AFTER.words() : AngleWords.BEVEL_WIDTH_AFTER.words(),
                r.honedWidthMm(),
                "mm",
                Formula.BEVEL_WIDTH,
                given,
                AngleWords.HONING_WIDENS.words(),
                "");
        if (target.hasSecondary()) {
            estimate(
                    "wear",
                    AngleWords.HONINGS_BEFORE_REGRIND.words(),
                    Math.floor(loss.in(r.honingRecessionMm()).likely()),
                    Formula.HONINGS_LEFT,
                    given);
        }
    }

    private void behindEdge(DoubleBevelKnife k, ToolUse trade, Restoration r) {
        double after = r.measuresAfter().values().get("behindEdge");
        List<Advice.Given> given = List.of(
                new Advice.Given(AngleWords.BEHIND_NOW.words(), k.behindEdge().toString()),
                new Advice.Given(AngleWords.BLADE_WIDTH.words(), k.usable().toString()),
                new Advice.Given("spine", k.spine().toString()),
                given(AngleWords.EDGE_BEVEL.words(), target.primary()),
                new Advice.Given(
                        AngleWords.THINNED_FROM.words(),
                        AngleWords.THINNED_FROM_PRIOR.fill("limit", trade.thinAtMm())));
        boolean thick = trade.thinAtMm() > 0 && after >= trade.thinAtMm();
        exact(
                "wear",
                AngleWords.BEHIND_AFTER.words(),
                after,
                "mm",
                Formula.BEHIND_EDGE,
                given,
                AngleWords.THINNING_BRINGS_BACK.words(),
                thick ? AngleWords.TIME_TO_THIN.fill("limit", Numbers.plain(trade.thinAtMm(), 2)) : "");
        if (trade.thinAtMm() > 0 && !thick && trade.thinAtMm() < k.spine().mm()) {
            KnifeSection then = new KnifeSection(
                    Length.ofMm(k.usable().mm() - r.lostMm()), k.spine(), Length.ofMm(after), target.primary());
            double until = then.recessionUntil(Length.ofMm(trade.thinAtMm())).mm() / loss.mm();
            estimate("wear", AngleWords.SHARPENINGS_UNTIL_THIN.words(), until, Formula.SHARPENINGS_UNTIL_THIN, given);
        }
    }

    private void exact(
            String group,
            String label,
            double value,
            String unit,
            Formula formula,
            List<Advice.Given> given,
            String changes,
            String words) {
        all.add(new FigureView(group, AdviceView.of(Advice.exact(label, value, unit, formula, given, changes)), words));
    }

    private void estimate(String group, String label, double value, Formula formula, List<Advice.Given> given) {
        all.add(new FigureView(
                group,
                AdviceView.of(Advice.estimate(
                        label,
                        Math.floor(value),
                        loss.spread(),
                        "",
                        formula,
                        given,
                        AngleWords.LOG_KNOWS_BETTER.words())),
                ""));
    }

    private static Advice.Given given(String name, Angle angle) {
        return new Advice.Given(name, angle.toString());
    }

    /** A depth of cut as typed, or the usual one; empty where it could not be read. */
    static Optional<Length> shaving(Form form, String text, Optional<Camber> camber) {
        if (Form.blank(text)) {
            // Workshop prior: half of the camber.
            return camber.map(c -> Length.ofMm(c.belowSole().mm() / 2));
        }
        Length read = form.length("shaving", text);
        form.checks()
                .within(
                        "shaving",
                        AngleWords.A_DEPTH_OF_CUT.words(),
                        read == null ? null : read.mm(),
                        0.005,
                        5,
                        InWords.MM);
        return Optional.ofNullable(read).filter(l -> l.mm() > 0);
    }
}
