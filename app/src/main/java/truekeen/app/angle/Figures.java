package truekeen.app.angle;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import truekeen.app.angle.AngleRecords.FigureView;
import truekeen.app.platform.AdviceView;
import truekeen.app.platform.Form;
import truekeen.core.advice.Advice;
import truekeen.core.advice.Formula;
import truekeen.core.condition.Dullness;
import truekeen.core.condition.Restoration;
import truekeen.core.message.Numbers;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.HollowGrind;
import truekeen.core.section.KnifeSection;
import truekeen.core.section.TargetBevel;
import truekeen.core.setup.PlaneSetting;
import truekeen.core.tool.Blade;
import truekeen.core.tool.DoubleBevelKnife;
import truekeen.core.tool.PlaneIron;
import truekeen.core.tool.ToolUse;

/** The numbers of a geometry that a person acts on, each with its why. */
final class Figures {
    private static final Length HONING = Length.ofMm(Dullness.DULL.recessionMm());

    private final List<FigureView> all = new ArrayList<>();
    private final Blade blade;
    private final TargetBevel target;

    private Figures(Blade blade, TargetBevel target) {
        this.blade = blade;
        this.target = target;
    }

    /** All that apply to a blade with these bevels. */
    static List<FigureView> of(
            Blade blade,
            TargetBevel target,
            ToolUse trade,
            Optional<PlaneSetting.Camber> camber,
            Optional<Length> shaving,
            Restoration restoration) {
        Figures f = new Figures(blade, target);
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
                given("last bevel", target.last()),
                given("back bevel", back),
                new Advice.Given("bevel faces", iron.bevelUp() ? "up" : "down"));
        Angle cutting = iron.cutting(target.last(), back);
        Angle clearance = iron.clearance(target.last(), back);
        exact(
                "plane",
                "cutting angle",
                cutting.degrees(),
                "°",
                Formula.CUTTING_ANGLE,
                given,
                iron.bevelUp()
                        ? "With the bevel up the honing angle chooses it."
                        : "With the bevel down only the bed or a back bevel changes it.",
                "");
        exact(
                "plane",
                "clearance",
                clearance.degrees(),
                "°",
                Formula.CLEARANCE,
                given,
                iron.bevelUp() ? "A back bevel eats it." : "A steeper last bevel eats it.",
                "");
    }

    private void camber(PlaneSetting.Camber c, Optional<Length> shaving) {
        List<Advice.Given> given = List.of(
                new Advice.Given("iron", c.width().toString()),
                given("bed", c.bed()),
                new Advice.Given("below the sole", c.belowSole().toString()));
        exact(
                "camber",
                "camber on the iron",
                c.onIron().mm(),
                "mm",
                Formula.CAMBER,
                given,
                "A lower bed asks for more on the iron for the same camber below the sole.",
                "the corners stand back by this, flat on a square");
        exact(
                "camber",
                "radius of the edge",
                c.radius().mm(),
                "mm",
                Formula.CAMBER,
                given,
                "Width, bed and camber.",
                "");
        shaving.ifPresent(t -> exact(
                "camber",
                "width of the shaving",
                c.shavingWidth(t).mm(),
                "mm",
                Formula.SHAVING_WIDTH,
                List.of(
                        new Advice.Given("depth of cut", t.toString()),
                        new Advice.Given("radius of the edge", c.radius().toString()),
                        given("bed", c.bed())),
                "A deeper cut is wider; past the camber the corners dig in.",
                c.shavingWidth(t).mm() >= c.width().mm() ? "the full width: the corners mark the board" : ""));
    }

    private void hollow(HollowGrind h) {
        List<Advice.Given> given = List.of(
                new Advice.Given("thickness", h.thickness().toString()),
                new Advice.Given("wheel", h.wheel().toString()),
                given("chord", h.chord()),
                new Advice.Given("length of the chord", h.chordLength().toString()));
        boolean honed = target.hasSecondary();
        String changes = "A smaller wheel grinds deeper.";
        exact(
                "hollow",
                "at the edge, off the wheel",
                h.edge().degrees(),
                "°",
                Formula.HOLLOW_GRIND,
                given,
                changes,
                honed ? "" : "you cut with this only before it is honed");
        exact(
                "hollow",
                "at the chord, honed flat",
                h.chord().degrees(),
                "°",
                Formula.HOLLOW_GRIND,
                given,
                changes,
                honed ? "" : "you cut with this");
        exact("hollow", "at the heel", h.heel().degrees(), "°", Formula.HOLLOW_GRIND, given, changes, "");
        if (honed) {
            exact(
                    "hollow",
                    "at the secondary",
                    target.last().degrees(),
                    "°",
                    Formula.ANGLE_CHOICE,
                    given,
                    changes,
                    "you cut with this");
        }
        exact("hollow", "depth of the hollow", h.depth().micrometres(), "µm", Formula.HOLLOW_GRIND, given, changes, "");
        estimate("hollow", "honings until it is gone", h.honings(HONING), Formula.HOLLOW_HONINGS, given);
    }

    private void wear(Restoration r) {
        List<Advice.Given> given = List.of(
                given("primary", target.primary()),
                given("last bevel", target.last()),
                new Advice.Given("per honing", "8 µm, first estimate"));
        exact(
                "wear",
                target.hasSecondary() ? "secondary, width afterwards" : "bevel, width afterwards",
                r.honedWidthMm(),
                "mm",
                Formula.BEVEL_WIDTH,
                given,
                "Every honing widens a secondary.",
                "");
        if (target.hasSecondary()) {
            estimate("wear", "honings before a re-grind", r.honingsLeft(), Formula.HONINGS_LEFT, given);
        }
    }

    private void behindEdge(DoubleBevelKnife k, ToolUse trade, Restoration r) {
        double after = r.measuresAfter().values().get("behindEdge");
        List<Advice.Given> given = List.of(
                new Advice.Given("behind the edge now", k.behindEdge().toString()),
                new Advice.Given("blade width", k.usable().toString()),
                new Advice.Given("spine", k.spine().toString()),
                given("edge bevel", target.primary()),
                new Advice.Given("thinned from", trade.thinAtMm() + " mm, workshop prior"));
        boolean thick = trade.thinAtMm() > 0 && after >= trade.thinAtMm();
        exact(
                "wear",
                "behind the edge afterwards",
                after,
                "mm",
                Formula.BEHIND_EDGE,
                given,
                "Thinning the faces brings it back; each sharpening adds to it.",
                thick
                        ? "it is time to thin the faces: past " + Numbers.plain(trade.thinAtMm(), 2) + " mm it wedges"
                        : "");
        if (trade.thinAtMm() > 0 && !thick && trade.thinAtMm() < k.spine().mm()) {
            KnifeSection then = new KnifeSection(
                    Length.ofMm(k.usable().mm() - r.lostMm()), k.spine(), Length.ofMm(after), target.primary());
            double until = then.recessionUntil(Length.ofMm(trade.thinAtMm())).mm() / HONING.mm();
            estimate("wear", "sharpenings until it is thinned", until, Formula.SHARPENINGS_UNTIL_THIN, given);
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
                        2,
                        "",
                        formula,
                        given,
                        "How much each honing takes: the log will know better.")),
                ""));
    }

    private static Advice.Given given(String name, Angle angle) {
        return new Advice.Given(name, angle.toString());
    }

    /** A depth of cut as typed, or the usual one; empty where it could not be read. */
    static Optional<Length> shaving(Form form, String text, Optional<PlaneSetting.Camber> camber) {
        if (Form.blank(text)) {
            // Workshop prior: half of the camber.
            return camber.map(c -> Length.ofMm(c.belowSole().mm() / 2));
        }
        Length read = form.length("shaving", text);
        form.checks().within("shaving", "A depth of cut", read == null ? null : read.mm(), 0.005, 5, " mm");
        return Optional.ofNullable(read).filter(l -> l.mm() > 0);
    }
}
