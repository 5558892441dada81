package truekeen.app.ink;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.angle.SetupService;
import truekeen.app.angle.SetupService.Held;
import truekeen.app.bench.BenchService;
import truekeen.app.ink.InkRecords.ChangeView;
import truekeen.app.ink.InkRecords.InkForm;
import truekeen.app.ink.InkRecords.InkView;
import truekeen.app.kit.KitService;
import truekeen.app.plan.PlanService;
import truekeen.app.platform.AdviceView;
import truekeen.app.platform.Form;
import truekeen.app.tool.ToolRecords.Echo;
import truekeen.app.tool.ToolRecords.FaultView;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.advice.Advice;
import truekeen.core.advice.Formula;
import truekeen.core.fault.Sign;
import truekeen.core.ink.InkAmount;
import truekeen.core.ink.InkAnswer;
import truekeen.core.ink.InkCheck;
import truekeen.core.ink.InkCorrection;
import truekeen.core.ink.InkPattern;
import truekeen.core.ink.InkPattern.Place;
import truekeen.core.message.InWords;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.progression.StoneWork;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.quantity.QuantityReader;
import truekeen.core.removal.StockRemoval;
import truekeen.core.section.BevelCut;
import truekeen.core.section.Cut;
import truekeen.core.section.EdgeShape;
import truekeen.core.section.Facet;
import truekeen.core.section.TargetBevel;
import truekeen.core.stepsheet.Step;
import truekeen.core.tool.Blade;

/** Reads an ink check with the tool, the set-up and the abrasive of the step at hand. */
@Service
@Transactional(readOnly = true)
public class InkService {
    private final BenchService bench;
    private final PlanService plans;
    private final SetupService setups;
    private final KitService kit;

    InkService(BenchService bench, PlanService plans, SetupService setups, KitService kit) {
        this.bench = bench;
        this.plans = plans;
        this.setups = setups;
        this.kit = kit;
    }

    /** The answer to what is seen. */
    public InkView check(UUID sessionId, InkForm in) {
        BenchService.SessionRef session = bench.ref(sessionId);
        List<Step> steps = bench.steps(sessionId);
        Held held = setups.held(plans.core(session.planId()).setupId());
        Form form = new Form();
        InkCheck.Intent intent =
                form.oneOf("intent", InkWords.WHAT_THEY_WERE_TO_DO.words(), in.intent(), InkCheck.Intent.class);
        InkPattern pattern = pattern(form, in.gone());
        boolean stepThere = form.checks().require(in.step() >= 0 && in.step() < steps.size(), () -> Refusal.of(
                        MessageCode.OUT_OF_RANGE, "step", in.step())
                .with("what", InkWords.A_STEP.words())
                .with("low", 0)
                .with("high", steps.size() - 1));
        if (!stepThere || intent == null) {
            form.checks().orThrow();
        }
        At at = at(steps, in.step(), held);
        Bevel bevel = Bevel.of(held, at.angle());
        Optional<InkAmount> amount = amount(form, in, held, at, bevel);
        InkAnswer answer = new InkCheck(intent, pattern, knife(held), bevel.form(), amount).read();
        InkCorrection change = answer.off().isPresent() && answer.finding().direction() != 0
                ? form.checks()
                        .attempt(() -> InkCorrection.of(
                                held.holder(),
                                held.seat(),
                                Angle.ofDegrees(at.angle().degrees()
                                        + held.setup().ink().degrees()),
                                answer.off().get(),
                                answer.finding().direction()))
                : null;
        return new InkView(
                answer.finding(),
                answer.words(),
                answer.off().map(o -> off(o, in, at, bevel)).orElse(null),
                answer.also(),
                answer.unknown(),
                change == null
                        ? null
                        : new ChangeView(
                                change.words(),
                                change.setting().name(),
                                change.setting().unit().symbol(),
                                change.from(),
                                change.to(),
                                change.low(),
                                change.high(),
                                change.offDeg()),
                sign(intent, answer.finding()),
                knife(held) ? List.of("heel", "tip") : List.of("left", "right"),
                at.words(),
                held.saved().id(),
                held.saved().version(),
                Echo.of(form),
                FaultView.of(form));
    }

    /** What was found, as a sign of the step: where the ink is gone. */
    private static Sign sign(InkCheck.Intent intent, InkAnswer.Finding finding) {
        return switch (finding) {
            case FITS, GOING_WELL, DONE ->
                switch (intent) {
                    case MATCH -> Sign.INK_EVEN;
                    case LOWER -> Sign.INK_HEEL;
                    case STEEPEN -> Sign.INK_EDGE;
                };
            case TOO_LOW -> Sign.INK_HEEL;
            case TOO_HIGH -> Sign.INK_EDGE;
            default -> null;
        };
    }

    private static boolean knife(Held held) {
        return !held.tool().geometry().kind().square();
    }

    private static InkPattern pattern(Form form, List<String> gone) {
        EnumSet<Place> places = EnumSet.noneOf(Place.class);
        for (String name : gone == null ? List.<String>of() : gone) {
            Place place = form.oneOf("gone", InkWords.A_PLACE.words(), name, Place.class);
            if (place != null) {
                places.add(place);
            }
        }
        return new InkPattern(places);
    }

    /** What the strokes were taken on, and at which angle. */
    private record At(Angle angle, Optional<Abrasive> abrasive, double forceN) {
        String words() {
            return abrasive.map(a -> InkWords.ON_AT.fill("stone", a.name())).orElse("at ") + angle;
        }
    }

    /** The step itself, or the first one after it that cuts: a guide that is being set is inked on the stone that follows. */
    private At at(List<Step> steps, int step, Held held) {
        List<Step> from = steps.subList(step, steps.size());
        Angle angle = from.stream()
                .flatMap(s -> s.angleDeg().stream())
                .findFirst()
                .map(Angle::ofDegrees)
                .orElse(held.setup().bevels().last());
        Optional<Step> cuts =
                from.stream().filter(s -> !s.abrasiveId().isEmpty()).findFirst();
        Optional<Abrasive> abrasive = cuts.flatMap(s -> kit.shelf().stream()
                        .filter(a -> a.id().equals(s.abrasiveId()))
                        .findFirst())
                .filter(a -> a.kind().cutsInStrokes() && a.kind().specificWear().isPresent());
        double usual = StoneWork.Forces.of(
                        held.tool().geometry().kind(), held.tool().geometry().edgeLengthMm())
                .refiningN();
        return new At(angle, abrasive, cuts.flatMap(Step::forceN).orElse(usual));
    }

    /** The bevel that is inked, as it is now. */
    private record Bevel(EdgeShape shape, Angle angle, double faceMm, InkCheck.Form form) {
        static Bevel of(Held held, Angle worked) {
            Blade blade = held.tool().geometry();
            EdgeShape shape = EdgeShape.of(blade, TargetBevel.of(blade));
            boolean secondary = blade.secondary().isPresent()
                    && worked.degrees() > held.setup().bevels().primary().degrees() + 1e-6;
            BevelCut facet = secondary || shape.ground().isEmpty()
                    ? shape.honed().get(0)
                    : shape.ground().get(0);
            InkCheck.Form form = facet.form() instanceof BevelCut.Hollow
                    ? InkCheck.Form.HOLLOW
                    : facet.form() instanceof BevelCut.Convex ? InkCheck.Form.CONVEX : InkCheck.Form.FLAT;
            Facet which = secondary ? shape.honedFacet() : facet.facet();
            double both = Cut.lengthOf(List.of(shape.now()), which);
            return new Bevel(
                    shape,
                    secondary ? blade.lastBevel() : blade.primary(),
                    Math.max(0.01, both / Math.max(1, shape.sides())),
                    form);
        }
    }

    private Optional<InkAmount> amount(Form form, InkForm in, Held held, At at, Bevel bevel) {
        Optional<Length> band = form.lengthIfAny("band", in.band());
        band.ifPresent(b -> form.checks()
                .within(
                        "band",
                        InkWords.A_BAND.words(),
                        b.mm(),
                        0.01,
                        Math.max(0.1, bevel.faceMm() * 1.1),
                        InWords.MM));
        Double strokes = Form.blank(in.strokes())
                ? null
                : form.checks().attempt(() -> QuantityReader.number("strokes", in.strokes(), ""));
        form.checks().within("strokes", InkWords.NUMBER_OF_STROKES.words(), strokes, 1, 500, "");
        if (strokes == null || at.abrasive().isEmpty() || !form.checks().clean()) {
            return Optional.empty();
        }
        double area = strokes
                * StockRemoval.perStroke(at.abrasive().get(), held.tool().steel(), at.forceN())
                / held.tool().geometry().edgeLengthMm();
        return Optional.of(new InkAmount(
                bevel.shape().now(),
                bevel.angle(),
                bevel.form() == InkCheck.Form.FLAT,
                bevel.faceMm(),
                area,
                StockRemoval.firstEstimateSpread(),
                band,
                Optional.of(Length.ofMm(held.tool().geometry().kind().freshSecondaryMm()))
                        .filter(w -> w.mm() > 0)));
    }

    private static AdviceView off(InkAnswer.Off off, InkForm in, At at, Bevel bevel) {
        List<Advice.Given> given = new ArrayList<>(List.of(
                new Advice.Given(InkWords.STROKES_SINCE.words(), in.strokes()),
                new Advice.Given("taken", at.words()),
                new Advice.Given("force", Numbers.plain(at.forceN(), 0) + InWords.N),
                new Advice.Given(
                        InkWords.INKED_BEVEL.words(),
                        bevel.angle() + ", " + Numbers.plain(bevel.faceMm(), 2) + InWords.MM),
                new Advice.Given(
                        InkWords.CLEAN_BAND.words(), Form.blank(in.band()) ? InkWords.AS_TAPPED.words() : in.band())));
        return AdviceView.of(new Advice(
                InkWords.OFF_BY.words(),
                off.likely(),
                off.low(),
                off.high(),
                "°",
                Formula.INK_BAND,
                given,
                InkWords.STROKES_ARE_ESTIMATED.fill("spread", Numbers.plain(StockRemoval.firstEstimateSpread(), 1)),
                InkWords.NARROW_THE_RANGE.words()));
    }
}
