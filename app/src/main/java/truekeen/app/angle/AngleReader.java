package truekeen.app.angle;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import truekeen.app.angle.AngleRecords.AngleForm;
import truekeen.app.kit.HolderService.CoreHolder;
import truekeen.app.platform.Form;
import truekeen.app.survey.BevelAdvice.Advised;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.core.angle.AngleChoice;
import truekeen.core.angle.AngleHabits;
import truekeen.core.angle.AngleHistory;
import truekeen.core.holding.HolderKind;
import truekeen.core.holding.Seat;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.rule.HouseRules;
import truekeen.core.section.HollowGrind;
import truekeen.core.section.TargetBevel;
import truekeen.core.setup.Camber;
import truekeen.core.setup.ThinRule;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Operation;
import truekeen.core.tool.PlaneIron;
import truekeen.core.tool.ToolUse;

/** Reads what is asked at the angle stage; what is left empty is taken from the advice. */
final class AngleReader {
    /** Held by hand, without a guide. */
    static final String HAND = "HAND";

    final Form form = new Form();
    final ToolUse trade;
    final HouseRules rules;
    final AngleChoice advised;
    /** What the tool's own past asks for. */
    final AngleHistory history;
    /** The bevels that are held, or null while something in them is wrong. */
    private TargetBevel target;
    /** The last bevel that was asked for where what holds the tool gives another. */
    private Optional<Angle> notHeld = Optional.empty();
    /** A second pair of bevels to compare, or null where none is asked for. */
    final TargetBevel other;
    /** Camber of an iron, where it is to have one. */
    final Optional<Camber> camber;

    /** A difference that the screens show (°). */
    private static final double SHOWN_DEG = 0.05;

    private final Blade blade;
    private final AngleForm in;

    AngleReader(CoreTool tool, ToolUse trade, Advised advised, HouseRules rules, AngleForm in) {
        this.blade = tool.geometry();
        this.trade = trade;
        this.rules = rules;
        this.advised = advised.choice();
        this.history = advised.history();
        this.in = in;
        Angle primary = given("primary", in.primary()).orElse(blank(in.primary()) ? this.advised.primary() : null);
        // A primary that was typed carries its step with it, unless the last bevel was typed too.
        Angle last = given("last", in.last()).orElse(blank(in.last()) && primary != null ? lastFor(primary) : null);
        Optional<Angle> back = back();
        Optional<Length> wheel = wheel();
        range("primary", AngleWords.PRIMARY_ANGLE.words(), primary);
        range("last", AngleWords.A_LAST_BEVEL.words(), last);
        this.target = target(primary, last, back, wheel, "last");
        this.other = other(back, wheel);
        this.camber = camber();
    }

    private Optional<Angle> given(String field, String text) {
        return form.angleIfAny(field, text);
    }

    private static boolean blank(String text) {
        return Form.blank(text);
    }

    private void range(String field, String what, Angle angle) {
        boolean noApex = !trade.hasApex();
        form.checks().within(field, what, angle == null ? null : angle.degrees(), noApex ? 0 : 4, 80, "°");
    }

    private TargetBevel target(
            Angle primary, Angle last, Optional<Angle> back, Optional<Length> wheel, String lastField) {
        if (!form.checks().clean() || primary == null || last == null) {
            return null;
        }
        TargetBevel target = form.checks().attempt(() -> {
            try {
                if (last.compareTo(primary) > 0) {
                    blade.kind().require(Operation.SECONDARY, lastField);
                }
                return new TargetBevel(primary, last, back, wheel);
            } catch (RefusedException refused) {
                throw refused.at(lastField);
            }
        });
        if (target != null && blade instanceof PlaneIron iron) {
            iron.checkClearance(target.last(), back.orElse(Angle.ZERO), lastField, form.checks());
        }
        return form.checks().clean() ? target : null;
    }

    private TargetBevel other(Optional<Angle> back, Optional<Length> wheel) {
        if (blank(in.otherPrimary()) && blank(in.otherLast())) {
            return null;
        }
        Angle primary = given("otherPrimary", in.otherPrimary())
                .orElse(blank(in.otherPrimary()) && target != null ? target.primary() : null);
        Angle last = given("otherLast", in.otherLast())
                .orElse(blank(in.otherLast()) && primary != null ? lastFor(primary) : null);
        range("otherPrimary", AngleWords.PRIMARY_ANGLE.words(), primary);
        range("otherLast", AngleWords.A_LAST_BEVEL.words(), last);
        return target(primary, last, back, wheel, "otherLast");
    }

    /** The last bevel that goes with a primary: its advised step, more where the steel asks for it. */
    private Angle lastFor(Angle primary) {
        Angle kept = primary.plus(advised.step());
        if (advised.step().radians() == 0) {
            return kept;
        }
        Angle most = primary.plus(trade.stepMax());
        return advised.floor()
                .filter(f -> kept.compareTo(f) < 0)
                .map(f -> Angle.min(f, most))
                .orElse(kept);
    }

    private Optional<Angle> back() {
        Optional<Angle> ruled = thinRule();
        if (ruled.isPresent()) {
            return ruled;
        }
        if (blank(in.backBevel())) {
            return blade.backBevel();
        }
        Optional<Angle> typed = given("backBevel", in.backBevel()).filter(a -> a.radians() != 0);
        typed.ifPresent(a -> {
            form.checks().attempt(() -> {
                blade.kind().require(Operation.BACK_BEVEL, "backBevel");
                return a;
            });
            form.checks().within("backBevel", AngleWords.A_BACK_BEVEL.words(), a.degrees(), 0.05, 40, "°");
        });
        return typed;
    }

    private Optional<Angle> thinRule() {
        if (blank(in.ruleThickness()) && blank(in.ruleReach())) {
            return Optional.empty();
        }
        Length thickness = form.length("ruleThickness", in.ruleThickness());
        Length reach = form.length("ruleReach", in.ruleReach());
        if (thickness == null || reach == null) {
            return Optional.empty();
        }
        return Optional.ofNullable(form.checks().attempt(() -> {
            blade.kind().require(Operation.BACK_BEVEL, "ruleThickness");
            return ThinRule.angle(thickness, reach);
        }));
    }

    private Optional<Length> wheel() {
        boolean house = rules.angleHabits(blade.kind()).form() == AngleHabits.Form.HOLLOW;
        if (blank(in.wheelDiameter())) {
            if (house && blade.wheel().isEmpty()) {
                form.checks().refuse(Refusal.of(MessageCode.HOLLOW_NEEDS_WHEEL, "wheelDiameter", ""));
            }
            return blade.wheel();
        }
        Optional<Length> typed =
                form.lengthIfAny("wheelDiameter", in.wheelDiameter()).filter(w -> w.mm() != 0);
        typed.ifPresent(w -> {
            form.checks().attempt(() -> {
                blade.kind().require(Operation.HOLLOW, "wheelDiameter");
                Angle chord = given("primary", in.primary()).orElse(advised.primary());
                Double thickness = blade.measures().values().get("thickness");
                return thickness == null ? w : new HollowGrind(Length.ofMm(thickness), w, chord).wheel();
            });
        });
        return typed;
    }

    private Optional<Camber> camber() {
        if (!(blade instanceof PlaneIron iron)) {
            return Optional.empty();
        }
        if (!blank(in.camber())) {
            Optional<Length> typed = form.lengthIfAny("camber", in.camber()).filter(c -> c.mm() != 0);
            return typed.flatMap(c -> Optional.ofNullable(form.checks().attempt(() -> {
                blade.kind().require(Operation.CAMBER, "camber");
                return new Camber(iron.width(), iron.bed(), c);
            })));
        }
        // A camber that is there is kept: changing it costs steel, and is asked for by typing another.
        if (rules.cambers() && iron.camber().isPresent() && blade.kind().allows(Operation.CAMBER)) {
            double belowSole = iron.camber().get().mm() * iron.bed().sin();
            return Optional.of(new Camber(iron.width(), iron.bed(), Length.ofMm(belowSole)));
        }
        boolean usual = rules.asksForCamber() && blade.kind().allows(Operation.CAMBER) && trade.camberMm() > 0;
        return usual
                ? Camber.usual(iron.width(), iron.bed(), Length.ofMm(trade.camberMm()), depthOfCut())
                : Optional.empty();
    }

    /** The camber that is usual for the work, where an iron is straight and nobody asked for one: said as a choice. */
    Optional<Length> usualCamber() {
        return blade instanceof PlaneIron iron
                        && camber.isEmpty()
                        && iron.camber().isEmpty()
                        && blank(in.camber())
                        && blade.kind().allows(Operation.CAMBER)
                        && trade.camberMm() > 0
                ? Optional.of(Length.ofMm(trade.camberMm()))
                : Optional.empty();
    }

    /** The depth of cut as typed; what is wrong with it is said where the shaving is worked out. */
    private Optional<Length> depthOfCut() {
        return blank(in.shaving()) ? Optional.empty() : Optional.ofNullable(new Form().length("shaving", in.shaving()));
    }

    /** What was asked to hold it; where nothing was, the first thing that fits and that the house begins with. */
    Optional<CoreHolder> holder(List<CoreHolder> owned) {
        if (HAND.equals(in.holderId())) {
            return Optional.empty();
        }
        if (blank(in.holderId())) {
            return owned.stream().filter(h -> preferred(h) && fits(h)).findFirst();
        }
        CoreHolder holder = form.choice(
                "holderId",
                AngleWords.SOMETHING_THAT_HOLDS.words(),
                in.holderId(),
                owned.stream()
                        .filter(h -> h.id().toString().equals(in.holderId()))
                        .findFirst(),
                owned.stream().map(h -> h.name()).collect(Collectors.joining(", ")));
        if (holder == null) {
            return Optional.empty();
        }
        form.checks().require(holder.core().isPresent(), () -> Refusal.of(
                        MessageCode.HOLDER_UNFIT, "holderId", holder.name())
                .with("what", blade.kind().key())
                .with("reason", holder.fault()));
        return Optional.of(holder);
    }

    /** What cannot be set is taken for what it gives. */
    void heldBy(Optional<CoreHolder> chosen) {
        if (target == null) {
            return;
        }
        TargetBevel wanted = target;
        chosen.flatMap(CoreHolder::core).ifPresent(holder -> form.checks().attempt(() -> {
            try {
                target = holder.held(Seat.of(blade), wanted);
                return target;
            } catch (RefusedException refused) {
                throw refused.at("holderId");
            }
        }));
        boolean other = Math.abs(target.last().degrees() - wanted.last().degrees()) >= SHOWN_DEG;
        notHeld = other ? Optional.of(wanted.last()) : Optional.empty();
    }

    /** The bevels that are held, or null while something in what was asked is wrong. */
    TargetBevel target() {
        return target;
    }

    /** The last bevel that was asked for, where what holds the tool gives another. */
    Optional<Angle> notHeld() {
        return notHeld;
    }

    private boolean preferred(CoreHolder h) {
        HolderKind kind = h.kind();
        if (rules.wheelFirst()) {
            return kind.onWheel();
        }
        return rules.guidesFirst() && kind.takesBlocks();
    }

    private boolean fits(CoreHolder h) {
        if (h.core().isEmpty() || target == null) {
            return false;
        }
        try {
            HolderSettings.of(Optional.of(h), Seat.of(blade), 0, Optional.empty())
                    .kept(target);
            return true;
        } catch (RefusedException doesNot) {
            return false;
        }
    }

    /** Whether a roller guide can grip the blade. */
    static boolean guided(Blade blade) {
        return blade.kind().endHeld();
    }
}
