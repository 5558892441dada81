package truekeen.core.bench;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import truekeen.core.fault.Observation;
import truekeen.core.fault.Sign;
import truekeen.core.steel.SteelClass;
import truekeen.core.stepsheet.Step;
import truekeen.core.table.Prior;

/**
 * What a session says of the edge: what was seen last of each kind, what was skipped, what instruments read.
 */
public final class SessionSigns {
    /** Degrees that the gauge may differ from the angle set. Prior. */
    public static final double ANGLE_TOLERANCE_DEG = Prior.SESSION_SIGNS_ANGLE_TOLERANCE_DEG.value();

    private static final double MUCH_STROPPING = Prior.SESSION_SIGNS_MUCH_STROPPING.value();

    private SessionSigns() {}

    /**
     * The signs of a session.
     *
     * @param from index of the first step of the round that is judged: what was skipped before was answered since
     */
    public static List<Observation> of(List<Step> steps, BenchState state, SteelClass steel, int from) {
        double edge = steps.stream().mapToDouble(s -> s.where().toMm()).max().orElse(0);
        Map<Sign.Group, List<Observation>> latest = new EnumMap<>(Sign.Group.class);
        for (int i = 0; i < state.steps().size(); i++) {
            Step step = steps.get(i);
            Map<Sign.Group, List<Observation>> here = new EnumMap<>(Sign.Group.class);
            state.steps().get(i).standing().forEach(s -> here.computeIfAbsent(
                            s.observation().sign().group(), g -> new ArrayList<>())
                    .add(there(step, meant(step, s.observation()), edge).whileWorked()));
            latest.putAll(here);
        }
        List<Observation> signs =
                new ArrayList<>(latest.values().stream().flatMap(List::stream).toList());
        for (int i = from; i < steps.size(); i++) {
            done(steps.get(i), state.steps().get(i), steel).forEach(s -> {
                if (signs.stream().noneMatch(o -> o.sign() == s)) {
                    signs.add(Observation.of(s));
                }
            });
            lagging(steps.get(i), state.steps().get(i)).stream()
                    .filter(o -> !signs.contains(o))
                    .forEach(signs::add);
        }
        return List.copyOf(signs);
    }

    /** What was seen at a step on a part of the edge was seen there, and says nothing of the rest. */
    private static Observation there(Step step, Observation o, double edgeMm) {
        return o.where().isEmpty() && StepSigns.onPart(step, edgeMm)
                ? new Observation(o.sign(), Optional.of(step.where()))
                : o;
    }

    /** Ink that is gone where this step wanted it gone speaks for the setting, not against it; the other way about too. */
    private static Observation meant(Step step, Observation o) {
        boolean edgeFirst = step.intent().edgeFirst();
        return switch (o.sign()) {
            case INK_EDGE -> edgeFirst ? Observation.of(Sign.INK_EVEN) : o;
            case INK_HEEL -> step.intent().heelFirst() ? Observation.of(Sign.INK_EVEN) : o;
            case INK_EVEN -> edgeFirst ? Observation.of(Sign.INK_HEEL) : o;
            default -> o;
        };
    }

    /** Sides and stations that were worked hardly a third as much as they should have been, where the rest was. */
    private static List<Observation> lagging(Step step, BenchState.StepState now) {
        List<Observation> lagging = new ArrayList<>();
        if (now.status() != BenchState.Status.DONE || now.total() == 0) {
            return lagging;
        }
        double share = Prior.SIDE_BEHIND_SHARE.value();
        if (step.sides().equals(List.of(Step.Side.LEFT, Step.Side.RIGHT))) {
            int left = now.counts().get(Step.Side.LEFT);
            int right = now.counts().get(Step.Side.RIGHT);
            if (Math.min(left, right) < share * Math.max(left, right)) {
                lagging.add(Observation.of(Sign.SIDE_LAGGED));
            }
        }
        // Stations round a row of teeth are counted one by one, and are not stretches of one edge.
        boolean edge = step.kind() == Step.Kind.WORK && !step.stations().isEmpty();
        for (Step.Side side : edge ? step.sides() : List.<Step.Side>of()) {
            List<Integer> at = now.stations().get(side);
            double done = at.stream().mapToInt(i -> i).sum();
            double planned = step.stations().stream().mapToInt(i -> i).sum();
            double length = (step.where().toMm() - step.where().fromMm()) / at.size();
            for (int i = 0; i < at.size(); i++) {
                double wanted = planned > 0 ? step.stations().get(i) / planned : 0;
                if (done > 0 && at.get(i) < share * wanted * done) {
                    double from = step.where().fromMm() + i * length;
                    lagging.add(Observation.of(Sign.STATION_LAGGED, from, from + length));
                }
            }
        }
        return lagging;
    }

    private static List<Sign> done(Step step, BenchState.StepState now, SteelClass steel) {
        List<Sign> signs = new ArrayList<>();
        if (now.status() == BenchState.Status.SKIPPED) {
            switch (step.burrTask()) {
                case RAISE -> signs.add(Sign.GATE_SKIPPED);
                case KEEP, KEEP_UNFELT -> signs.add(Sign.STONE_SKIPPED);
                case TAKE_OFF -> signs.add(Sign.DEBURR_SKIPPED);
                default -> {}
            }
        }
        if (now.notCounted(step)) {
            switch (step.burrTask()) {
                case RAISE -> signs.add(Sign.GATE_UNCOUNTED);
                case KEEP, KEEP_UNFELT -> signs.add(Sign.STONE_UNCOUNTED);
                case TAKE_OFF -> signs.add(Sign.DEBURR_UNCOUNTED);
                default -> {}
            }
        }
        int planned = step.strokes() * step.sides().size();
        if (step.kind() == Step.Kind.STROP && planned > 0 && now.total() > MUCH_STROPPING * planned) {
            signs.add(Sign.STROPPED_MUCH);
        }
        for (Instrument instrument : Instrument.values()) {
            List<BenchState.ReadingTaken> taken = now.readings().stream()
                    .filter(r -> r.instrument().equals(instrument.name()))
                    .toList();
            if (taken.isEmpty()) {
                continue;
            }
            double last = taken.get(taken.size() - 1).value();
            double most = taken.stream()
                    .mapToDouble(BenchState.ReadingTaken::value)
                    .max()
                    .orElseThrow();
            if (instrument == Instrument.ANGLE_GAUGE
                    && step.angleDeg().isPresent()
                    && Math.abs(last - step.angleDeg().get()) > ANGLE_TOLERANCE_DEG) {
                signs.add(Sign.ANGLE_MISSED);
            }
            if (instrument == Instrument.THERMOMETER && most >= steel.temperLimitC()) {
                signs.add(Sign.HOT);
            }
        }
        return signs;
    }
}
