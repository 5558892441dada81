package truekeen.core.care;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.message.Numbers;
import truekeen.core.progression.JobPath;
import truekeen.core.progression.Leg;
import truekeen.core.progression.PlanRules;
import truekeen.core.progression.WorkPlan;
import truekeen.core.table.Prior;

/**
 * The kit made ready for a plan: what soaks goes into the water first, longest first; stones are flattened finest first;
 * what is glazed is dressed; and they are laid out coarse to fine. Source: workshop prior.
 */
public final class Preparation {
    private static final double DRESS_SECONDS = Prior.PREPARATION_DRESS_SECONDS.value();

    private final PlanRules rules;
    private final List<Abrasive> kit;
    private final List<PrepAct> acts = new ArrayList<>();

    private Preparation(List<Abrasive> kit, PlanRules rules) {
        this.kit = kit;
        this.rules = rules;
    }

    /**
     * What to do before a plan is begun, in order.
     *
     * @param kit everything owned, plates and dressing stones included
     */
    public static List<PrepAct> of(WorkPlan plan, List<Abrasive> kit, PlanRules rules) {
        Map<String, Abrasive> stones = new LinkedHashMap<>();
        Map<String, Double> strokes = new LinkedHashMap<>();
        boolean degrease = false;
        for (JobPath path : plan.jobs()) {
            for (Leg leg : path.legs()) {
                stones.putIfAbsent(leg.abrasive().id(), asItStands(leg.abrasive(), kit));
                strokes.merge(leg.abrasive().id(), leg.strokes(), Double::sum);
                degrease |= leg.degrease();
            }
        }
        Preparation prep = new Preparation(kit, rules);
        List<Abrasive> used = List.copyOf(stones.values());
        prep.ready(used, strokes);
        if (degrease) {
            prep.acts.add(new PrepAct(
                    PrepAct.Kind.DEGREASE,
                    "",
                    "",
                    "",
                    rules.degreaseSeconds(),
                    false,
                    CareWords.CLOTH_AT_HAND.words(),
                    CareWords.WHY_CLOTH.words()));
        }
        prep.layOut(used);
        return List.copyOf(prep.acts);
    }

    /** A later job sees a stone as the ones before it leave it; what is made ready is the stone as it stands now. */
    private static Abrasive asItStands(Abrasive planned, List<Abrasive> kit) {
        return kit.stream().filter(a -> a.id().equals(planned.id())).findFirst().orElse(planned);
    }

    /** What the whole kit asks for now, whatever is planned. */
    public static List<PrepAct> ofKit(List<Abrasive> kit, PlanRules rules) {
        Preparation prep = new Preparation(kit, rules);
        prep.ready(
                kit.stream()
                        .filter(a -> !a.state().retired()
                                && !a.state().frozen()
                                && a.kind().cutsInStrokes())
                        .map(a -> a.with(soaked(a)))
                        .toList(),
                Map.of());
        return prep.acts.stream().filter(a -> a.kind() != PrepAct.Kind.WET).toList();
    }

    /** Soaking is for a plan, not for the shelf. */
    private static Abrasive.State soaked(Abrasive a) {
        Abrasive.State s = a.state();
        return new Abrasive.State(
                s.flat(),
                s.strokesSinceLapped(),
                s.lappable(),
                0,
                s.retired(),
                s.frozen(),
                s.glazed(),
                s.oilInside(),
                s.worn());
    }

    private void ready(List<Abrasive> used, Map<String, Double> strokes) {
        used.stream()
                .filter(a -> a.state().soakLeftSeconds() > 0)
                .sorted(Comparator.comparingDouble((Abrasive a) -> -a.state().soakLeftSeconds()))
                .filter(a -> !bothSidesIn(a))
                .forEach(this::soak);
        Lapping.order(used.stream()
                        .filter(a -> a.kind().flattenAfterStrokes().isPresent())
                        .filter(a -> Lapping.due(a, strokes.getOrDefault(a.id(), 0.0)))
                        .toList())
                .forEach(a -> flatten(a, strokes.getOrDefault(a.id(), 0.0)));
        used.stream().filter(a -> a.state().glazed()).forEach(this::dress);
        used.stream()
                .filter(a -> a.wet() && a.state().soakLeftSeconds() == 0)
                .forEach(a -> acts.add(act(
                        PrepAct.Kind.WET,
                        a,
                        "",
                        0,
                        false,
                        CareWords.WET.fill(
                                "stone", a.name(), "lubricant", a.lubricant().key()),
                        CareWords.WHY_WET.words())));
    }

    /** A piece with two faces goes into the water once. */
    private boolean bothSidesIn(Abrasive a) {
        return acts.stream()
                .anyMatch(act -> act.kind() == PrepAct.Kind.SOAK
                        && a.nature()
                                .otherSide()
                                .filter(act.abrasiveId()::equals)
                                .isPresent());
    }

    private void soak(Abrasive a) {
        acts.add(act(
                PrepAct.Kind.SOAK,
                a,
                "",
                a.state().soakLeftSeconds(),
                true,
                CareWords.SOAK.fill(
                        "stone",
                        a.name(),
                        "minutes",
                        Numbers.plain(Math.ceil(a.state().soakLeftSeconds() / 60), 0)),
                CareWords.WHY_SOAK.words()));
    }

    private void flatten(Abrasive a, double moreStrokes) {
        String interval = Numbers.plain(a.kind().flattenAfterStrokes().orElse(0), 0);
        String why = a.state().flat()
                ? CareWords.WORN_SINCE.fill(
                        "strokes",
                        Numbers.plain(a.state().strokesSinceLapped(), 0),
                        "more",
                        Numbers.plain(Math.ceil(moreStrokes), 0),
                        "interval",
                        interval)
                : CareWords.WHY_LAP.words();
        Lapping.plateFor(a, kit)
                .ifPresentOrElse(
                        plate -> acts.add(act(
                                PrepAct.Kind.FLATTEN,
                                a,
                                plate.name(),
                                rules.flattenSeconds(),
                                false,
                                CareWords.LAP.fill("stone", a.name(), "plate", plate.name())
                                        + (Lapping.roughens(plate, a) ? " " + CareWords.LAP_ROUGH.words() : ""),
                                why)),
                        () -> acts.add(act(
                                PrepAct.Kind.FLATTEN,
                                a,
                                "",
                                rules.flattenSeconds(),
                                false,
                                CareWords.LAP_NOTHING.fill("stone", a.name()),
                                why)));
    }

    private void dress(Abrasive a) {
        String with = Lapping.dresserFor(a, kit).map(Abrasive::name).orElse("");
        acts.add(act(
                PrepAct.Kind.DRESS,
                a,
                with,
                DRESS_SECONDS,
                false,
                with.isEmpty()
                        ? CareWords.DRESS_NOTHING.fill("stone", a.name())
                        : CareWords.DRESS.fill("stone", a.name(), "with", with),
                CareWords.WHY_DRESS.words()));
    }

    private void layOut(List<Abrasive> used) {
        if (used.size() < 2) {
            return;
        }
        List<Abrasive> coarseFirst = used.stream()
                .sorted(Comparator.comparingDouble(Abrasive::d50Um).reversed())
                .toList();
        acts.add(new PrepAct(
                PrepAct.Kind.LAY_OUT,
                "",
                "",
                "",
                0,
                false,
                CareWords.LAY_OUT.fill(
                        "stones",
                        String.join(
                                ", ", coarseFirst.stream().map(Abrasive::name).toList())),
                CareWords.WHY_LAY_OUT.words()));
    }

    private static PrepAct act(
            PrepAct.Kind kind, Abrasive a, String with, double seconds, boolean waits, String words, String why) {
        return new PrepAct(kind, a.id(), a.name(), with, seconds, waits, words, why);
    }
}
