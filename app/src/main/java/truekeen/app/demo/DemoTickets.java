package truekeen.app.demo;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import truekeen.app.shop.ShopService;
import truekeen.app.ticket.PriceService;
import truekeen.app.ticket.TicketRecords.DamagePriceForm;
import truekeen.app.ticket.TicketRecords.PriceForm;
import truekeen.app.ticket.TicketRecords.PriceListForm;
import truekeen.app.ticket.TicketRecords.TicketForm;
import truekeen.app.ticket.TicketService;
import truekeen.core.condition.Finding;

/** Tickets of the estate's crews and tenants, and what tenants are charged. */
@Component
class DemoTickets {
    private static final Map<String, String> PRICES =
            Map.of("bench chisel", "4.50", "kitchen knife", "5.00", "pocket knife", "5.00", "axe", "9.00");
    private static final Map<Finding.Kind, String> DAMAGE =
            Map.of(Finding.Kind.CHIP, "1.50", Finding.Kind.COLOUR, "3.00");
    private static final String A_MILLIMETRE = "2.00";

    private final DemoWork work;
    private final TicketService tickets;
    private final PriceService prices;
    private final ShopService shop;

    DemoTickets(DemoWork work, TicketService tickets, PriceService prices, ShopService shop) {
        this.work = work;
        this.tickets = tickets;
        this.prices = prices;
        this.shop = shop;
    }

    /** A tenant's chisel that was sharpened and lies there since. */
    void uncollected() {
        PriceListForm list = prices.form();
        prices.change(new PriceListForm(
                "EUR",
                list.tools().stream()
                        .map(p -> new PriceForm(p.key(), p.words(), PRICES.getOrDefault(p.key(), "")))
                        .toList(),
                list.damage().stream()
                        .map(p -> new DamagePriceForm(p.kind(), p.words(), DAMAGE.getOrDefault(p.kind(), "")))
                        .toList(),
                A_MILLIMETRE));
        UUID chisel = work.takeIn(
                "30 mm bench chisel",
                "tenants",
                "bench chisel / general bench work",
                "plain carbon",
                new String[] {"30 mm", "4 mm", "105 mm", "30 mm", "25", "30", "0.6 mm", ""},
                "Hit a nail in the byre door.",
                "");
        ticket("tenants", "the mill cottage", work.day(2), "The handle stays as it is.", chisel);
        work.survey(chisel, "LIGHT_VISIBLE", "POLISHED", "", work.chip("11", "12.4", "0.4"));
        work.setUp(chisel, "", "", "brass roller guide", "bench");
        UUID session = work.start(chisel, "");
        work.workThrough(session, 1.15);
        work.test(session, new String[] {"98", "101", "97", "99", "102"});
        work.finish(session);
    }

    void ticket(String owner, String broughtBy, String promised, String agreed, UUID... things) {
        tickets.write(new TicketForm(
                shop.addCrew(owner).id().toString(), broughtBy, "", promised, agreed, List.of(things), 0));
    }
}
