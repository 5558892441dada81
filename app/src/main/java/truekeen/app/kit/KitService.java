package truekeen.app.kit;

import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.kit.KitRecords.AbrasiveForm;
import truekeen.app.kit.KitRecords.AbrasiveView;
import truekeen.app.kit.KitRecords.CareView;
import truekeen.app.kit.KitRecords.GrainForm;
import truekeen.app.kit.KitRecords.GrainView;
import truekeen.app.kit.KitRecords.ImportView;
import truekeen.app.kit.KitRecords.KindView;
import truekeen.app.kit.KitRecords.KitActForm;
import truekeen.app.kit.KitRecords.KitCare;
import truekeen.app.kit.KitRecords.KitView;
import truekeen.app.kit.KitRecords.StandardView;
import truekeen.app.kit.KitRecords.ThicknessForm;
import truekeen.app.kit.KitRecords.TimerView;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.CsvList;
import truekeen.app.platform.DryRun;
import truekeen.app.platform.Form;
import truekeen.app.platform.Runs;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.abrasive.Lubricant;
import truekeen.core.care.Lapping;
import truekeen.core.care.PrepAct;
import truekeen.core.care.Preparation;
import truekeen.core.grit.GrainSize;
import truekeen.core.grit.GritStandard;
import truekeen.core.message.Checks;
import truekeen.core.message.RefusedException;
import truekeen.core.progression.PlanRules;

/** Keeps the kit and hands it to the core. */
@Service
@Transactional
public class KitService {
    private final Abrasives abrasives;
    private final HolderService holders;
    private final WheelService wheels;
    private final TesterService testers;
    private final TwoSides sides;
    private final StoneWear wear;
    private final BenchClock clock;

    KitService(
            Abrasives abrasives,
            HolderService holders,
            WheelService wheels,
            TesterService testers,
            TwoSides sides,
            StoneWear wear,
            BenchClock clock) {
        this.abrasives = abrasives;
        this.holders = holders;
        this.wheels = wheels;
        this.testers = testers;
        this.sides = sides;
        this.wear = wear;
        this.clock = clock;
    }

    /** Everything owned, with what there is to choose from. */
    @Transactional(readOnly = true)
    public KitView kit() {
        return new KitView(
                all(),
                holders.all(),
                HolderService.kinds(),
                wheels.all(),
                WheelService.kinds(),
                testers.all(),
                Arrays.stream(AbrasiveKind.values())
                        .map(k -> new KindView(
                                k.key(),
                                k.use(),
                                k.lubricants().stream().map(Lubricant::key).toList(),
                                k.soakMinutes(),
                                k.has(AbrasiveKind.Trait.EITHER_GRAIN)))
                        .toList(),
                Arrays.stream(GritStandard.values())
                        .map(s -> new StandardView(s.key(), s.meaning(), s.source(), s.prefix()))
                        .toList());
    }

    /** The shelf as the core knows it, in its own order, as it stands now, each with whether a plate of it may lap it. */
    @Transactional(readOnly = true)
    public List<Abrasive> shelf() {
        Instant now = clock.instant();
        List<Abrasive> all = abrasives.findAllByOrderByShelfOrder().stream()
                .map(a -> a.toCore(now))
                .toList();
        return all.stream()
                .map(a -> a.state().lappable() || Lapping.plateFor(a, all).isEmpty() ? a : a.with(lappable(a.state())))
                .toList();
    }

    private static Abrasive.State lappable(Abrasive.State s) {
        return new Abrasive.State(
                s.flat(),
                s.strokesSinceLapped(),
                true,
                s.soakLeftSeconds(),
                s.retired(),
                s.frozen(),
                s.glazed(),
                s.oilInside(),
                s.worn());
    }

    /** What the kit asks for now, and what is under way. */
    @Transactional(readOnly = true)
    public KitCare care() {
        Instant now = clock.instant();
        List<CareView> acts = Preparation.ofKit(shelf(), PlanRules.USUAL).stream()
                .map(KitService::care)
                .toList();
        List<TimerView> timers = abrasives.findAllByOrderByShelfOrder().stream()
                .flatMap(a -> AbrasiveViews.timers(a, now).stream())
                .toList();
        return new KitCare(acts, timers, wear.all());
    }

    /**
     * A stone in the water.
     *
     * @param secondsLeft until it is soaked through (s)
     */
    public record Soaking(String name, double secondsLeft) {}

    /** Stones that are in the water and not soaked through yet. */
    @Transactional(readOnly = true)
    public List<Soaking> soaking() {
        Instant now = clock.instant();
        return abrasives.findAllByOrderByShelfOrder().stream()
                .filter(a -> a.soaks && a.soakingSince != null && a.soakLeftSeconds(now) > 0)
                .map(a -> new Soaking(a.name, a.soakLeftSeconds(now)))
                .toList();
    }

    /** What is under way on the shelf by itself: soaking, compound drying. */
    @Transactional(readOnly = true)
    public List<Soaking> underWay() {
        Instant now = clock.instant();
        return abrasives.findAllByOrderByShelfOrder().stream()
                .flatMap(a -> AbrasiveViews.timers(a, now).stream())
                .map(t -> new Soaking(t.name(), t.secondsLeft()))
                .toList();
    }

    /** One thing to be made ready. */
    public static CareView care(PrepAct act) {
        return AbrasiveViews.care(act);
    }

    /** Something was done to a piece. */
    public AbrasiveView act(UUID id, KitActForm form) {
        AbrasiveRow row = abrasives.findById(id).orElseThrow(() -> Form.notFound("abrasive", id));
        KitAct act = KitAct.of(form.act());
        act.on(row, form.dish(), clock.instant());
        sides.both(row);
        return view(abrasives.saveAndFlush(row));
    }

    /** A stone was found to be glazed: its strokes were not the hand's. */
    public void glazed(UUID id) {
        abrasives.findById(id).ifPresent(a -> a.glazed = true);
    }

    private AbrasiveView view(AbrasiveRow row) {
        List<Abrasive> shelf = shelf();
        return AbrasiveViews.of(row, clock.instant(), shelf);
    }

    /** All abrasives as a list that other programs read. */
    @Transactional(readOnly = true)
    public String csv() {
        return KitCsv.write(abrasives.findAllByOrderByShelfOrder());
    }

    /** Reads such a list in: what is named as on the shelf is changed, what is not is added; all of it or nothing; nothing at all in a dry run. */
    public ImportView read(String text, Runs.Progress progress, boolean dry) {
        Map<String, AbrasiveRow> byName = new java.util.LinkedHashMap<>();
        abrasives.findAllByOrderByShelfOrder().forEach(a -> byName.put(a.name, a));
        List<AbrasiveForm> forms = KitCsv.read(text);
        int standing = byName.size();
        int added = 0;
        List<String> lines = new java.util.ArrayList<>();
        Checks checks = new Checks();
        for (int i = 0; i < forms.size(); i++) {
            progress.at(i, forms.size());
            AbrasiveForm form = forms.get(i);
            AbrasiveRow known = byName.get(Form.orEmpty(form.name()).strip());
            AbrasiveRow row = known == null ? new AbrasiveRow(UUID.randomUUID(), standing + added) : known;
            try {
                AbrasiveReader.fill(row, form);
            } catch (RefusedException refused) {
                CsvList.refuse(checks, i + 2, refused);
                continue;
            }
            if (known == null) {
                added++;
                byName.put(row.name, row);
                lines.add(KitWords.PUT_ON_SHELF.fill("piece", row.name));
            } else {
                lines.add(KitWords.CHANGED.fill("piece", row.name));
            }
        }
        checks.orThrow();
        abrasives.saveAllAndFlush(byName.values());
        forms.forEach(f -> sides.join(byName.get(f.name().strip()), f));
        progress.at(forms.size(), forms.size());
        DryRun.undoIf(dry);
        return new ImportView(added, forms.size() - added, lines);
    }

    private List<AbrasiveView> all() {
        Instant now = clock.instant();
        List<Abrasive> shelf = shelf();
        return abrasives.findAllByOrderByShelfOrder().stream()
                .map(a -> AbrasiveViews.of(a, now, shelf))
                .toList();
    }

    /** What a grit name means. */
    public GrainView grain(GrainForm form) {
        Form reading = new Form();
        GrainSize size = AbrasiveReader.size(reading, form.gritStandard(), form.gritName(), form.makerUm());
        reading.checks().orThrow();
        return new GrainView(
                size.d50Um(),
                size.evidence(),
                AbrasiveViews.words(size),
                AbrasiveViews.sameName(form.gritStandard(), form.gritName()));
    }

    /** Adds an abrasive at the end of the shelf. */
    public AbrasiveView add(AbrasiveForm form) {
        AbrasiveRow row = new AbrasiveRow(UUID.randomUUID(), (int) abrasives.count());
        AbrasiveReader.fill(row, form);
        AbrasiveRow saved = abrasives.saveAndFlush(row);
        sides.join(saved, form);
        return view(abrasives.saveAndFlush(saved));
    }

    /** Changes an abrasive. */
    public AbrasiveView change(UUID id, AbrasiveForm form) {
        AbrasiveRow row = abrasives.findById(id).orElseThrow(() -> Form.notFound("abrasive", id));
        Form.sameVersion(row.version, form.version());
        AbrasiveReader.fill(row, form);
        sides.join(row, form);
        sides.both(row);
        return view(abrasives.saveAndFlush(row));
    }

    /** Puts a stone that soaks into the water now. */
    public AbrasiveView soak(UUID id) {
        AbrasiveRow row = abrasives.findById(id).orElseThrow(() -> Form.notFound("abrasive", id));
        row.soakingSince = clock.instant();
        sides.both(row);
        return view(abrasives.saveAndFlush(row));
    }

    /** Keeps the thickness of a stone, as measured now. */
    public void measure(UUID id, ThicknessForm form) {
        wear.measure(id, form);
    }

    /** Adds strokes that were done on abrasives since they were lapped, by id. */
    public void countStrokes(Map<UUID, Integer> strokes) {
        abrasives.findAllById(strokes.keySet()).forEach(a -> a.strokesSinceLapped += strokes.get(a.id));
        abrasives.flush();
        wear.count(strokes);
    }
}
