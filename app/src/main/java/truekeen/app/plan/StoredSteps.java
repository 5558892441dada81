package truekeen.app.plan;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Optional;
import truekeen.app.platform.Form;
import truekeen.app.store.StoredFormat;
import truekeen.core.keenness.Stretch;
import truekeen.core.repair.GrindAct;
import truekeen.core.stepsheet.Step;

/** How steps of a sheet are kept, in plans and in sessions. */
public final class StoredSteps {
    /** The steps of a plan. */
    static final StoredFormat<StoredSheet, List<Step>> STEPS = StoredFormat.of(
            "plan.steps",
            StoredSheet.class,
            s -> s.items().stream().map(StoredStep::toCore).toList(),
            steps -> new StoredSheet(steps.stream().map(StoredStep::of).toList()),
            StoredSteps::withBurrTasks);

    private StoredSteps() {}

    /** A sheet, as it is stored. */
    record StoredSheet(List<StoredStep> items) {}

    /** Steps of the first versions did not say what they do to the burr: that is read from their question once, here. */
    private static JsonNode withBurrTasks(JsonNode old) {
        JsonNode sheet = StoredFormat.bareList(old);
        sheet.path(StoredFormat.ITEMS).forEach(step -> {
            if (step instanceof ObjectNode node) {
                addBurrTask(node);
            }
        });
        return sheet;
    }

    /** Says what a step of the first versions does to the burr, where it does not say so itself. */
    public static void addBurrTask(ObjectNode step) {
        if (step.hasNonNull("burrTask")) {
            return;
        }
        String gate = step.path("gate").asText();
        Step.BurrTask task =
                switch (step.path("kind").asText()) {
                    case "WORK" ->
                        gate.contains("burr along")
                                ? Step.BurrTask.RAISE
                                : gate.contains("burr") ? Step.BurrTask.KEEP : Step.BurrTask.NOTHING;
                    case "DEBURR" -> Step.BurrTask.TAKE_OFF;
                    case "STROP" -> Step.BurrTask.SHED;
                    default -> Step.BurrTask.NOTHING;
                };
        step.put("burrTask", task.name());
    }

    /** One step, as it is stored. Lengths in mm, angles in degrees, forces in N, times in s. */
    public record StoredStep(
            String kind,
            String title,
            String abrasiveId,
            String abrasiveName,
            StoredStretch where,
            Double angleDeg,
            Double forceN,
            String pressure,
            List<String> sides,
            int strokes,
            int strokesLow,
            int strokesHigh,
            double seconds,
            String lubricant,
            String look,
            String gate,
            String ifNot,
            String burr,
            String why,
            String caution,
            List<String> how,
            double handFactor,
            String burrTask,
            List<Integer> stations,
            int setOf,
            String intent,
            String act,
            boolean squares) {
        /** Of a step. */
        public static StoredStep of(Step s) {
            return new StoredStep(
                    s.kind().name(),
                    s.title(),
                    s.abrasiveId(),
                    s.abrasiveName(),
                    new StoredStretch(s.where().fromMm(), s.where().toMm()),
                    s.angleDeg().orElse(null),
                    s.forceN().orElse(null),
                    s.pressure(),
                    s.sides().stream().map(Enum::name).toList(),
                    s.strokes(),
                    s.strokesLow(),
                    s.strokesHigh(),
                    s.seconds(),
                    s.lubricant(),
                    s.look(),
                    s.gate(),
                    s.ifNot(),
                    s.burr(),
                    s.why(),
                    s.caution(),
                    s.how(),
                    s.handFactor(),
                    s.burrTask().name(),
                    s.stations(),
                    s.setOf(),
                    s.intent().name(),
                    s.act().map(Enum::name).orElse(null),
                    s.squares());
        }

        /** The step. */
        public Step toCore() {
            return Step.of(Step.Kind.valueOf(kind), title, new Stretch(where.fromMm, where.toMm))
                    .on(Form.orEmpty(abrasiveId), Form.orEmpty(abrasiveName), Form.orEmpty(lubricant))
                    .at(Optional.ofNullable(angleDeg))
                    .pressed(Optional.ofNullable(forceN), Form.orEmpty(pressure))
                    .counting(sides.stream().map(Step.Side::valueOf).toList(), strokes, strokesLow, strokesHigh)
                    .lasting(seconds)
                    .look(Form.orEmpty(look))
                    .gate(Form.orEmpty(gate), Form.orEmpty(ifNot))
                    .burr(Step.BurrTask.valueOf(burrTask), Form.orEmpty(burr))
                    .because(Form.orEmpty(why))
                    .caution(Form.orEmpty(caution))
                    .how(how == null ? List.of() : how)
                    .learned(handFactor)
                    .atStations(stations == null ? List.of() : stations)
                    .inSetsOf(setOf)
                    .meaning(intent == null ? Step.Intent.MATCH : Step.Intent.valueOf(intent))
                    .grinding(Optional.ofNullable(act).map(GrindAct.Kind::valueOf))
                    .squaring(squares)
                    .done();
        }
    }

    /** A part of the edge (mm). */
    public record StoredStretch(double fromMm, double toMm) {}
}
