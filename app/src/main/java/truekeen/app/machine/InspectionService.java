package truekeen.app.machine;

import java.time.Instant;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.history.HistoryEntry;
import truekeen.app.history.HistorySource;
import truekeen.app.history.ToolChanged;
import truekeen.app.machine.MachineRecords.InspectionForm;
import truekeen.app.machine.MachineRecords.InspectionView;
import truekeen.app.machine.MachineRecords.ItemView;
import truekeen.app.machine.MachineRecords.MeasuredInput;
import truekeen.app.machine.MachineStore.Blades;
import truekeen.app.machine.MachineStore.Inspections;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.app.tool.ToolService;
import truekeen.core.machine.Inspection;
import truekeen.core.machine.InspectionItem;
import truekeen.core.machine.InspectionItem.Way;
import truekeen.core.message.InWords;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.QuantityReader;
import truekeen.core.tool.Blade;

/** Looks a powered blade over before it is worked. */
@Service
@Transactional
public class InspectionService implements HistorySource {
    private static final double MOST = 400;
    private static final String ANSWER = "answer";

    private final Inspections inspections;
    private final Blades blades;
    private final ToolService tools;
    private final MachineReadiness gate;
    private final ApplicationEventPublisher publisher;
    private final BenchClock clock;

    InspectionService(
            Inspections inspections,
            Blades blades,
            ToolService tools,
            MachineReadiness gate,
            ApplicationEventPublisher publisher,
            BenchClock clock) {
        this.inspections = inspections;
        this.blades = blades;
        this.tools = tools;
        this.gate = gate;
        this.publisher = publisher;
        this.clock = clock;
    }

    /** A rejected blade, for its tag. */
    public record Rejected(String tool, List<String> reasons, String person, Instant at) {}

    /** A blade was rejected. */
    public record BladeRejected(UUID toolId) {}

    private record Read(Inspection inspection, Map<String, Double> limits, Map<String, Map<String, String>> found) {}

    /** Judges without keeping; what is not filled in yet stays open. */
    @Transactional(readOnly = true)
    public InspectionView preview(UUID toolId, InspectionForm in) {
        gate.requireSafe(toolId);
        Read read = read(toolId, in);
        return view(read.inspection, "", null, read.found);
    }

    /** Keeps an inspection; one that leaves something open is refused unless it rejects. */
    public void keep(UUID toolId, InspectionForm in) {
        gate.requireSafe(toolId);
        Read read = read(toolId, in);
        Form form = new Form();
        form.checks().text("person", MachineWords.WHO_INSPECTED.words(), in.person(), true, 80);
        form.checks().text("corrects", MachineWords.PUT_DOWN_WRONGLY.words(), in.corrects(), false, 300);
        form.checks().orThrow();
        Inspection result = read.inspection;
        if (result.verdict() == Inspection.Verdict.OPEN) {
            throw new RefusedException(Refusal.of(
                    MessageCode.INSPECT_FIRST,
                    "found",
                    String.join(
                            ", ",
                            result.open().stream()
                                    .map(i -> i.title().toLowerCase(java.util.Locale.ROOT))
                                    .toList())));
        }
        gate.standing(toolId).rejected().ifPresent(why -> {
            if (Form.blank(in.corrects())) {
                throw new RefusedException(Refusal.of(MessageCode.REJECT_STANDS, "corrects", why));
            }
        });
        InspectionRow row = new InspectionRow(toolId, in.person().strip(), clock.instant());
        row.found = StoredMachine.FOUND.write(read.found);
        row.verdict = result.verdict();
        row.reasons = StoredMachine.REASONS.write(result.reasons());
        row.notes = StoredMachine.NOTES.write(result.notes());
        row.corrects = Form.orEmpty(in.corrects()).strip();
        inspections.saveAndFlush(row);
        blades.findById(toolId).ifPresent(b -> {
            b.limits = StoredMachine.LIMITS.write(read.limits);
            // What was rejected does not run again: it is off its machine, and its place is free.
            b.fitted &= result.verdict() != Inspection.Verdict.REJECT;
        });
        if (result.verdict() == Inspection.Verdict.REJECT) {
            publisher.publishEvent(new BladeRejected(toolId));
        }
        publisher.publishEvent(new ToolChanged(toolId));
    }

    /** The inspection in force. */
    @Transactional(readOnly = true)
    public Optional<InspectionView> current(UUID toolId) {
        return inspections
                .findFirstByToolIdAndClosedAtIsNullOrderByAtDesc(toolId)
                .map(InspectionService::view);
    }

    /** All of a tool for its log, oldest first. */
    @Override
    @Transactional(readOnly = true)
    public List<HistoryEntry> history(UUID toolId) {
        return inspections.findByToolIdOrderByAt(toolId).stream()
                .map(MachineHistory::inspection)
                .toList();
    }

    /** The rejected blade, for its tag. */
    @Transactional(readOnly = true)
    public Rejected rejected(UUID toolId) {
        InspectionView now = current(toolId)
                .filter(i -> i.verdict() == Inspection.Verdict.REJECT)
                .orElseThrow(() -> Form.notFound("reject tag of tool", toolId));
        return new Rejected(tools.name(toolId), now.reasons(), now.person(), now.at());
    }

    /** What is inspected on a blade, with the maker's limits where they were put in. */
    @Transactional(readOnly = true)
    public List<ItemView> items(UUID toolId) {
        Blade blade = tools.core(toolId).geometry();
        Map<String, Double> limits =
                blades.findById(toolId).map(BladeRow::limits).orElse(Map.of());
        return InspectionItem.of(blade).stream()
                .map(i -> new ItemView(
                        i,
                        i.title(),
                        i.how(),
                        i.way() == Way.QUESTION,
                        i.way() == Way.AT_LEAST,
                        i.way() == Way.QUESTION || i.way() == Way.COUNT_AT_MOST ? "" : "mm",
                        i.inputs().stream()
                                .map(n -> new MeasuredInput(n.key(), n.label()))
                                .toList(),
                        i.way() == Way.QUESTION ? null : i.usualLimit(blade),
                        limits.get(i.name())))
                .toList();
    }

    /** The round is over: what was found held for it only. */
    void close(UUID toolId) {
        inspections.findByToolIdAndClosedAtIsNull(toolId).forEach(i -> i.closedAt = clock.instant());
    }

    private Read read(UUID toolId, InspectionForm in) {
        Blade blade = tools.core(toolId).geometry();
        Form form = new Form();
        Map<String, Map<String, String>> typed = in.found() == null ? Map.of() : in.found();
        Map<String, String> typedLimits = in.limits() == null ? Map.of() : in.limits();
        List<String> known = InspectionItem.of(blade).stream().map(Enum::name).toList();
        for (String key : typed.keySet()) {
            form.checks().require(known.contains(key), () -> Refusal.of(MessageCode.UNKNOWN_CHOICE, "found", key)
                    .with("allowed", known.toString()));
        }
        Map<InspectionItem, Inspection.Found> found = new EnumMap<>(InspectionItem.class);
        Map<InspectionItem, Double> makers = new EnumMap<>(InspectionItem.class);
        Map<String, Double> limits = new HashMap<>();
        Map<String, Map<String, String>> kept = new HashMap<>();
        for (InspectionItem item : InspectionItem.of(blade)) {
            Map<String, String> here = typed.get(item.name());
            if (here != null) {
                found(form, item, here).ifPresent(f -> {
                    found.put(item, f);
                    kept.put(item.name(), here);
                });
            }
            String limit = typedLimits.get(item.name());
            if (item.way() != Way.QUESTION && !Form.blank(limit)) {
                Double value = number(form, item, "limits." + item.name(), limit);
                if (value != null) {
                    makers.put(item, value);
                    limits.put(item.name(), value);
                }
            }
        }
        form.checks().orThrow();
        return new Read(Inspection.of(blade, found, makers), limits, kept);
    }

    private static Optional<Inspection.Found> found(Form form, InspectionItem item, Map<String, String> here) {
        String field = "found." + item.name();
        if (item.way() == Way.QUESTION) {
            String answer = Form.orEmpty(here.get(ANSWER)).strip();
            boolean fits = Arrays.asList("", "yes", "no").contains(answer);
            form.checks().require(fits, () -> Refusal.of(MessageCode.UNKNOWN_CHOICE, field, answer)
                    .with("allowed", "yes, no"));
            return answer.isEmpty() || !fits
                    ? Optional.empty()
                    : Optional.of(Inspection.Found.answer(answer.equals("yes")));
        }
        Map<String, Double> measured = new HashMap<>();
        item.inputs().forEach(input -> {
            String text = here.get(input.key());
            if (!Form.blank(text)) {
                Double value = number(form, item, field + "." + input.key(), text);
                if (value != null) {
                    measured.put(input.key(), value);
                }
            }
        });
        return measured.isEmpty() ? Optional.empty() : Optional.of(Inspection.Found.of(measured));
    }

    private static Double number(Form form, InspectionItem item, String field, String text) {
        boolean count = item.way() == Way.COUNT_AT_MOST;
        Double value = count
                ? form.checks().attempt(() -> QuantityReader.number(field, text, ""))
                : Optional.ofNullable(form.length(field, text)).map(l -> l.mm()).orElse(null);
        form.checks()
                .within(
                        field,
                        count ? MachineWords.A_COUNT.words() : MachineWords.A_MEASURE.words(),
                        value,
                        0,
                        MOST,
                        count ? "" : InWords.MM);
        if (count && value != null) {
            form.checks().require(value == Math.rint(value), () -> Refusal.of(MessageCode.NOT_WHOLE, field, text));
        }
        return value;
    }

    private static InspectionView view(InspectionRow i) {
        return new InspectionView(i.verdict, i.reasons(), i.notes(), List.of(), i.person, i.at, i.found());
    }

    private static InspectionView view(
            Inspection i, String person, Instant at, Map<String, Map<String, String>> found) {
        return new InspectionView(
                i.verdict(),
                i.reasons(),
                i.notes(),
                i.open().stream().map(InspectionItem::title).toList(),
                person,
                at,
                found);
    }
}
