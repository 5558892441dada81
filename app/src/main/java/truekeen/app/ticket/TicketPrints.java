package truekeen.app.ticket;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.app.print.QrCode;
import truekeen.app.shop.ShopService;
import truekeen.app.ticket.TicketThings.Thing;
import truekeen.core.message.Days;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.template.Labels;
import truekeen.core.template.Page;
import truekeen.core.template.Slips;
import truekeen.core.ticket.Price;
import truekeen.core.ticket.PriceList;
import truekeen.core.ticket.Quote;

/** What is printed of a ticket when things come: a label for each, and the receipt their owner takes along. */
@Component
@Transactional(readOnly = true)
class TicketPrints {
    private final TicketRow.Rows tickets;
    private final ThingRow.Rows things;
    private final TicketThings states;
    private final TicketViews views;
    private final PriceService prices;
    private final ShopService shop;
    private final BenchClock clock;

    TicketPrints(
            TicketRow.Rows tickets,
            ThingRow.Rows things,
            TicketThings states,
            TicketViews views,
            PriceService prices,
            ShopService shop,
            BenchClock clock) {
        this.tickets = tickets;
        this.things = things;
        this.states = states;
        this.views = views;
        this.prices = prices;
        this.shop = shop;
        this.clock = clock;
    }

    /**
     * A label for each thing that is here.
     *
     * @param base address the service is reached at, without the page
     */
    List<Page> labels(UUID id, String base) {
        TicketRow ticket = row(id);
        List<String> lines = new ArrayList<>();
        lines.add(TicketWords.LABEL_TICKET.fill("number", ticket.number));
        lines.add(owner(ticket));
        if (ticket.promised != null) {
            lines.add(TicketWords.LABEL_PROMISED.fill("day", Days.words(ticket.promised)));
        }
        List<Labels.Label> labels = states.of(things.findByTicketIdOrderByPlace(id)).stream()
                .filter(t -> t.state().here())
                .map(t -> new Labels.Label(
                        t.work().name(),
                        lines,
                        QrCode.of(base + "/tools/" + t.work().tool())))
                .toList();
        if (labels.isEmpty()) {
            throw new RefusedException(Refusal.of(MessageCode.NOTHING_ON_IT, "", ticket.number));
        }
        return Labels.sheets(labels);
    }

    /** What whoever brought the things takes along. */
    List<Page> receipt(UUID id, String base) {
        TicketRow ticket = row(id);
        List<Thing> on = states.of(things.findByTicketIdOrderByPlace(id));
        List<Slips.Part> parts = new ArrayList<>();
        parts.add(new Slips.Part(TicketWords.RECEIPT_THINGS.words(), lines(on)));
        if (!ticket.agreed.isBlank()) {
            parts.add(new Slips.Part(
                    TicketWords.RECEIPT_AGREED.words(),
                    ticket.agreed.lines().map(Slips.Line::of).toList()));
        }
        return Slips.of(
                "receipt",
                TicketWords.RECEIPT.fill("number", ticket.number),
                about(ticket),
                Optional.empty(),
                parts,
                QrCode.of(base + "/tickets/" + id));
    }

    private List<String> about(TicketRow ticket) {
        List<String> about = new ArrayList<>();
        about.add(TicketWords.RECEIPT_OF.fill(
                "owner", owner(ticket), "day", Days.words(LocalDate.ofInstant(ticket.cameAt, clock.getZone()))));
        if (!ticket.broughtBy.isBlank()) {
            about.add(TicketWords.RECEIPT_BY.fill("name", ticket.broughtBy));
        }
        if (ticket.promised != null) {
            about.add(TicketWords.RECEIPT_PROMISED.fill("day", Days.words(ticket.promised)));
        }
        about.add(TicketWords.RECEIPT_KEEP.words());
        return about;
    }

    private List<Slips.Line> lines(List<Thing> on) {
        Optional<PriceList> list = prices.list();
        List<Slips.Line> lines = new ArrayList<>();
        List<Quote> quotes = new ArrayList<>();
        for (Thing thing : on) {
            Optional<Quote> quote = list.flatMap(l -> views.quote(l, thing));
            quote.ifPresent(quotes::add);
            lines.add(new Slips.Line(
                    TicketWords.RECEIPT_THING.fill(
                            "name", thing.work().name(), "kind", thing.work().kind()),
                    quote.map(q -> TicketViews.amount(
                                    q.total(), list.orElseThrow().currency()))
                            .orElse("")));
            quote.map(Quote::lines)
                    .filter(l -> l.size() > 1)
                    .ifPresent(several -> several.forEach(l ->
                            lines.add(Slips.Line.of(share(l, list.orElseThrow().currency())))));
        }
        if (!quotes.isEmpty()) {
            Price total = quotes.stream().map(Quote::total).reduce(Price.NOTHING, Price::plus);
            lines.add(new Slips.Line(
                    TicketWords.RECEIPT_TOTAL.words(),
                    TicketViews.amount(total, list.orElseThrow().currency())));
            if (quotes.size() < on.size()) {
                lines.add(Slips.Line.of(TicketWords.RECEIPT_UNPRICED.fill("count", on.size() - quotes.size())));
            }
            if (quotes.stream().anyMatch(Quote::beforeSurvey)) {
                lines.add(Slips.Line.of(TicketWords.RECEIPT_BEFORE_SURVEY.words()));
            }
        }
        return lines;
    }

    private static String share(Quote.Line line, String currency) {
        return TicketWords.RECEIPT_SHARE.fill(
                "what", TicketViews.words(line), "amount", TicketViews.amount(line.price(), currency));
    }

    private String owner(TicketRow ticket) {
        return ticket.crewId == null ? "" : shop.crew(ticket.crewId).name();
    }

    private TicketRow row(UUID id) {
        return tickets.findById(id).orElseThrow(() -> Form.notFound("ticket", id));
    }
}
