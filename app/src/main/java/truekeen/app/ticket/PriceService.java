package truekeen.app.ticket;

import java.time.Instant;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.platform.Form;
import truekeen.app.platform.InstallationFacts;
import truekeen.app.survey.SurveyService;
import truekeen.app.ticket.TicketRecords.DamagePriceForm;
import truekeen.app.ticket.TicketRecords.PriceForm;
import truekeen.app.ticket.TicketRecords.PriceListForm;
import truekeen.app.tool.ToolService;
import truekeen.core.condition.Finding;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.quantity.Length;
import truekeen.core.quantity.QuantityReader;
import truekeen.core.ticket.Price;
import truekeen.core.ticket.PriceList;
import truekeen.core.ticket.Quote;
import truekeen.core.tool.ToolUse;
import truekeen.core.tool.ToolUses;

/** Keeps what the shop charges, and says what a thing costs by it. */
@Service
@Transactional
public class PriceService {
    private static final String FACT = "prices";
    private static final double MOST = 100_000;
    private static final int MOST_CURRENCY = 8;

    private final InstallationFacts facts;
    private final SurveyService surveys;
    private final ToolService tools;

    PriceService(InstallationFacts facts, SurveyService surveys, ToolService tools) {
        this.facts = facts;
        this.surveys = surveys;
        this.tools = tools;
    }

    /** The price list; empty where the shop does not charge, or where its record cannot be read any more. */
    @Transactional(readOnly = true)
    public Optional<PriceList> list() {
        return facts.get(FACT).flatMap(stored -> PriceStore.LIST.read(stored).value());
    }

    /**
     * What a thing costs.
     *
     * @param kind kind of tool
     * @param survey the survey of this round, if one was taken
     */
    Optional<Quote> quote(PriceList list, UUID tool, String kind, Optional<SurveyService.CoreSurvey> survey) {
        return list.quote(
                kind, survey.map(s -> new PriceList.Damage(s.survey().findings(), Length.ofMm(beyondUsual(tool, s)))));
    }

    /** How far the edge must go back beyond what a dull edge asks anyway (mm). */
    private double beyondUsual(UUID tool, SurveyService.CoreSurvey s) {
        double usual = s.survey().dullness().recessionMm(tools.kind(tool));
        return Math.max(0, surveys.lostMm(s.id()) - usual);
    }

    /** The newest survey of a tool that was taken since then. */
    Optional<SurveyService.CoreSurvey> survey(UUID tool, Instant since) {
        return surveys.core(tool).filter(s -> s.takenAt().isAfter(since));
    }

    /** The list as it is shown, with a place for every kind of tool and of damage. */
    @Transactional(readOnly = true)
    public PriceListForm form() {
        Optional<PriceList> list = list();
        return new PriceListForm(
                list.map(PriceList::currency).orElse(""),
                kinds().stream()
                        .map(kind -> new PriceForm(
                                kind,
                                kind,
                                list.map(l -> typed(l.tools().get(kind))).orElse("")))
                        .toList(),
                Arrays.stream(Finding.Kind.values())
                        .map(kind -> new DamagePriceForm(
                                kind,
                                kind.words(),
                                list.map(l -> typed(l.damage().get(kind))).orElse("")))
                        .toList(),
                list.map(PriceList::perMillimetre)
                        .filter(p -> !p.nothing())
                        .map(PriceService::typed)
                        .orElse(""));
    }

    private static List<String> kinds() {
        return ToolUses.all().stream().map(ToolUse::tool).distinct().sorted().toList();
    }

    private static String typed(Price price) {
        return price == null ? "" : price.amount();
    }

    /** Keeps another list. */
    public PriceListForm change(PriceListForm in) {
        Form form = new Form();
        List<PriceForm> ofTools = in.tools() == null ? List.of() : in.tools();
        List<DamagePriceForm> ofDamage = in.damage() == null ? List.of() : in.damage();
        form.checks()
                .text(
                        "currency",
                        TicketWords.A_CURRENCY.words(),
                        in.currency(),
                        !ofTools.stream().allMatch(p -> Form.blank(p.amount())),
                        MOST_CURRENCY);
        List<String> kinds = kinds();
        Map<String, Price> tools = new LinkedHashMap<>();
        for (int i = 0; i < ofTools.size(); i++) {
            PriceForm typed = ofTools.get(i);
            String field = "tools[" + i + "]";
            form.checks().require(kinds.contains(typed.key()), () -> Refusal.of(
                            MessageCode.UNKNOWN_CHOICE, field, typed.key())
                    .with("allowed", String.join(", ", kinds)));
            price(form, field, typed.amount()).ifPresent(p -> tools.put(typed.key(), p));
        }
        Map<Finding.Kind, Price> damage = new EnumMap<>(Finding.Kind.class);
        for (int i = 0; i < ofDamage.size(); i++) {
            DamagePriceForm typed = ofDamage.get(i);
            String field = "damage[" + i + "]";
            form.checks().require(typed.kind() != null, () -> Refusal.of(MessageCode.UNKNOWN_CHOICE, field, "")
                    .with(
                            "allowed",
                            Arrays.stream(Finding.Kind.values()).map(Enum::name).collect(Collectors.joining(", "))));
            price(form, field, typed.amount())
                    .filter(p -> typed.kind() != null)
                    .ifPresent(p -> damage.put(typed.kind(), p));
        }
        Price perMm = price(form, "perMillimetre", in.perMillimetre()).orElse(Price.NOTHING);
        form.checks().orThrow();
        facts.put(
                FACT,
                PriceStore.LIST.write(new PriceList(Form.orEmpty(in.currency()).strip(), tools, damage, perMm)));
        return form();
    }

    private static Optional<Price> price(Form form, String field, String typed) {
        if (Form.blank(typed)) {
            return Optional.empty();
        }
        Double amount = form.checks().attempt(() -> QuantityReader.number(field, typed, ""));
        form.checks().within(field, TicketWords.A_PRICE.words(), amount, 0, MOST, "");
        return Optional.ofNullable(amount).filter(a -> a >= 0 && a <= MOST).map(Price::of);
    }
}
