package truekeen.app.angle;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.angle.AngleRecords.AngleAnswer;
import truekeen.app.angle.AngleRecords.AngleChoices;
import truekeen.app.angle.AngleRecords.AngleForm;
import truekeen.app.angle.AngleRecords.SettingView;
import truekeen.app.angle.AngleRecords.SetupView;
import truekeen.app.kit.KitRecords.GuideView;
import truekeen.app.kit.KitService;
import truekeen.app.platform.AdviceView;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.app.platform.SectionView;
import truekeen.app.survey.SurveyService;
import truekeen.app.tool.ToolRecords.Echo;
import truekeen.app.tool.ToolRecords.FaultView;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.core.advice.Advice;
import truekeen.core.advice.Formula;
import truekeen.core.angle.AngleChoice;
import truekeen.core.angle.AngleChooser;
import truekeen.core.condition.BackState;
import truekeen.core.condition.Dullness;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.Restoration;
import truekeen.core.condition.Restorer;
import truekeen.core.section.TargetBevel;
import truekeen.core.message.Checks;
import truekeen.core.message.Numbers;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.setup.HoningGuide;
import truekeen.core.tool.Trade;
import truekeen.core.tool.Trades;

/** Chooses angles with the core, sets a guide for them, and keeps the set-up. */
@Service
@Transactional
public class AngleService {
    /** Taken where nothing was surveyed yet: a dull, square edge with a polished back. */
    private static final EdgeSurvey NOT_YET =
            new EdgeSurvey(List.of(), EdgeSurvey.Squareness.SQUARE, Dullness.DULL, false, BackState.POLISHED, 0);

    private final Setups setups;
    private final ToolService tools;
    private final SurveyService surveys;
    private final KitService kit;
    private final BenchClock clock;

    AngleService(Setups setups, ToolService tools, SurveyService surveys, KitService kit, BenchClock clock) {
        this.setups = setups;
        this.tools = tools;
        this.surveys = surveys;
        this.kit = kit;
        this.clock = clock;
    }

    /** What there is to choose from for a tool. */
    @Transactional(readOnly = true)
    public AngleChoices choices(UUID toolId) {
        CoreTool tool = tools.core(toolId);
        return new AngleChoices(
                tools.choices().trades().stream()
                        .filter(t -> t.tool().equals(tool.trade().tool()))
                        .toList(),
                kit.guides(),
                current(toolId).orElse(null));
    }

    /** The tool's newest set-up. */
    @Transactional(readOnly = true)
    public Optional<SetupView> current(UUID toolId) {
        return setups.newest(toolId).map(this::view);
    }

    /** The set-up of that id. */
    @Transactional(readOnly = true)
    public SetupView setup(UUID id) {
        return setups.findById(id).map(this::view).orElseThrow(() -> Form.notFound("set-up", id));
    }

    /** All set-ups of a tool, newest first. */
    @Transactional(readOnly = true)
    public List<SetupView> all(UUID toolId) {
        return setups.findByToolIdOrderByMadeAtDesc(toolId).stream()
                .map(this::view)
                .toList();
    }

    /** The answer to what is asked, without storing anything. */
    @Transactional(readOnly = true)
    public AngleAnswer advise(UUID toolId, AngleForm in) {
        return ask(tools.core(toolId), in).answer();
    }

    /** Keeps the set-up under its name; one of that name is changed. */
    public SetupView save(UUID toolId, AngleForm in) {
        CoreTool tool = tools.core(toolId);
        Asked asked = ask(tool, in);
        asked.form.checks().text("name", "A name for the set-up", in.name(), true, 80);
        asked.form.checks().orThrow();
        String name = in.name().strip();
        SetupRow row = setups.findByToolIdAndName(toolId, name).orElseGet(() -> new SetupRow(toolId, name));
        if (row.madeAt != null) {
            Form.sameVersion(row.version, in.version());
        }
        row.trade = asked.trade.key();
        row.primaryDeg = asked.target.primary().degrees();
        row.lastDeg = asked.target.last().degrees();
        row.guideId = asked.guide.id();
        row.projectionPrimaryMm = asked.answer.settings().get(0).projection().value();
        row.projectionLastMm = asked.answer.settings().get(1).projection().value();
        row.typed = Map.of("primary", Form.orEmpty(in.primary()), "last", Form.orEmpty(in.last()));
        row.madeAt = clock.instant();
        return view(setups.saveAndFlush(row));
    }

    private record Asked(Form form, Trade trade, GuideView guide, TargetBevel target, AngleAnswer answer) {}

    private Asked ask(CoreTool tool, AngleForm in) {
        Form form = new Form();
        Trade trade = Form.blank(in.trade())
                ? tool.trade()
                : form.choice(
                        "trade",
                        "The work",
                        in.trade(),
                        Trades.byKey(in.trade())
                                .filter(t -> t.tool().equals(tool.trade().tool())),
                        tools.choices().trades().stream()
                                .filter(t -> t.tool().equals(tool.trade().tool()))
                                .map(t -> t.key())
                                .collect(Collectors.joining("; ")));
        Trade known = trade == null ? tool.trade() : trade;
        AngleChoice advised = AngleChooser.choose(
                known, tool.steel(), Optional.of(tool.geometry().primary()));
        Angle primary =
                form.angleIfAny("primary", in.primary()).orElse(Form.blank(in.primary()) ? advised.primary() : null);
        // A primary that was typed carries its step with it, unless the last bevel was typed too.
        Angle last = form.angleIfAny("last", in.last())
                .orElse(Form.blank(in.last()) && primary != null ? lastFor(primary, advised, known) : null);
        check(form.checks(), primary, last);
        TargetBevel target = form.checks().clean() ? new TargetBevel(primary, last) : null;
        GuideView guide = guide(form, in.guideId(), tool.geometry().thickness());
        List<SettingView> settings = target == null || guide == null ? List.of() : settings(form, tool, guide, target);
        AngleAnswer answer = answer(form, tool, known, advised, target, guide, settings);
        return new Asked(form, known, guide, target, answer);
    }

    private static Angle lastFor(Angle primary, AngleChoice advised, Trade trade) {
        Angle kept = primary.plus(advised.step());
        Angle most = primary.plus(trade.stepMax());
        return kept.compareTo(advised.floor()) >= 0 ? kept : Angle.min(advised.floor(), most);
    }

    private static void check(Checks checks, Angle primary, Angle last) {
        checks.within("primary", "A primary angle", primary == null ? null : primary.degrees(), 10, 60, "°");
        checks.within("last", "A last bevel", last == null ? null : last.degrees(), 10, 75, "°");
        if (primary != null && last != null) {
            checks.attempt(() -> {
                try {
                    return new TargetBevel(primary, last);
                } catch (truekeen.core.message.RefusedException refused) {
                    throw refused.at("last");
                }
            });
        }
    }

    /** The guide asked for; where none was, the first of the kit whose roller clears the blade. */
    private GuideView guide(Form form, String id, Length thickness) {
        List<GuideView> guides = kit.guides();
        Optional<GuideView> found = Form.blank(id)
                ? guides.stream()
                        .filter(g -> KitService.core(g).clears(thickness))
                        .findFirst()
                        .or(() -> guides.stream().findFirst())
                : guides.stream().filter(g -> g.id().toString().equals(id)).findFirst();
        return form.choice(
                "guideId",
                "A honing guide in the kit",
                id,
                found,
                guides.stream().map(GuideView::name).collect(Collectors.joining(", ")));
    }

    private static List<SettingView> settings(Form form, CoreTool tool, GuideView guide, TargetBevel target) {
        HoningGuide core = KitService.core(guide);
        Object clear = form.checks().attempt(() -> {
            core.requireClear(tool.geometry().thickness());
            return core;
        });
        List<SettingView> settings = new ArrayList<>();
        if (clear != null) {
            Checks checks = form.checks();
            SettingView primary = checks.attempt(() -> setting("primary", core, guide, target.primary()));
            SettingView last = checks.attempt(() -> setting("secondary", core, guide, target.last()));
            if (primary != null && last != null) {
                settings.add(primary);
                settings.add(last);
            }
        }
        return settings;
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

    private AngleAnswer answer(
            Form form,
            CoreTool tool,
            Trade trade,
            AngleChoice advised,
            TargetBevel target,
            GuideView guide,
            List<SettingView> settings) {
        EdgeSurvey survey =
                surveys.core(tool.id()).map(SurveyService.CoreSurvey::survey).orElse(NOT_YET);
        Restoration r =
                target == null ? null : form.checks().attempt(() -> Restorer.restore(tool.geometry(), survey, target));
        return new AngleAnswer(
                Echo.of(form),
                FaultView.of(form),
                trade.key(),
                advised.primary().degrees(),
                advised.last().degrees(),
                trade.primaryLow().degrees(),
                trade.primaryHigh().degrees(),
                trade.stepMax().degrees(),
                advised.floor().degrees(),
                tool.steel().name(),
                advised.reasons(),
                warnings(tool, trade, advised, target),
                target == null ? null : target.primary().degrees(),
                target == null ? null : target.last().degrees(),
                target == null ? null : lastBevel(tool, trade, target),
                guide == null ? "" : guide.id().toString(),
                settings,
                r == null ? null : SectionView.of(r.before(), r.after(), r.removed()),
                r == null ? 0 : r.secondaryWidthMm(),
                r == null ? 0 : r.volumeMm3(),
                r == null ? "" : cost(r));
    }

    private static AdviceView lastBevel(CoreTool tool, Trade trade, TargetBevel target) {
        return AdviceView.of(Advice.exact(
                "last bevel",
                target.last().degrees(),
                "°",
                Formula.ANGLE_CHOICE,
                List.of(
                        new Advice.Given("work", trade.use()),
                        new Advice.Given("steel", tool.steel().name()),
                        new Advice.Given(
                                "lowest sound last bevel",
                                tool.steel().lowestFromBack().toString()),
                        new Advice.Given(
                                "primary now", tool.geometry().primary().toString())),
                "Harder work or a chip asks for more; an edge that never fails may take less."));
    }

    private static List<String> warnings(CoreTool tool, Trade trade, AngleChoice advised, TargetBevel target) {
        List<String> warnings = new ArrayList<>();
        if (target == null) {
            return warnings;
        }
        double slack = 1e-6;
        if (target.last().degrees() < advised.floor().degrees() - slack) {
            warnings.add(tool.steel().name() + " is not known to hold an edge below " + advised.floor()
                    + " from the back. A light paring tool may go there knowingly.");
        }
        if (target.primary().degrees() < trade.primaryLow().degrees() - slack
                || target.primary().degrees() > trade.primaryHigh().degrees() + slack) {
            warnings.add("A primary of " + target.primary() + " is outside what this work usually wants, "
                    + trade.primaryLow() + " to " + trade.primaryHigh() + ".");
        }
        if (target.last().minus(target.primary()).degrees() > trade.stepMax().degrees() + slack) {
            warnings.add("A step of " + target.last().minus(target.primary()) + " is more than the usual most, "
                    + trade.stepMax() + ".");
        }
        return warnings;
    }

    private static String cost(Restoration r) {
        String off = Length.ofMm(r.lostMm()) + " off the length, " + Numbers.plain(r.volumeMm3(), 2) + " mm³ in all";
        return r.primary().isPresent()
                ? "The primary is ground: " + off + "."
                : "Only the secondary is honed: " + off + ".";
    }

    private SetupView view(SetupRow s) {
        return new SetupView(
                s.id,
                s.name,
                s.trade,
                s.primaryDeg,
                s.lastDeg,
                s.guideId,
                kit.guide(s.guideId).name(),
                s.projectionPrimaryMm,
                s.projectionLastMm,
                s.madeAt.toString(),
                s.typed.getOrDefault("primary", ""),
                s.typed.getOrDefault("last", ""),
                s.version);
    }
}
