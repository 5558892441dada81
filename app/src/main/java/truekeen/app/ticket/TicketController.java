package truekeen.app.ticket;

import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.platform.OwnerOnly;
import truekeen.app.ticket.TicketRecords.KnownTools;
import truekeen.app.ticket.TicketRecords.LeavingForm;
import truekeen.app.ticket.TicketRecords.PriceListForm;
import truekeen.app.ticket.TicketRecords.ThingsForm;
import truekeen.app.ticket.TicketRecords.TicketForm;
import truekeen.app.ticket.TicketRecords.TicketView;
import truekeen.app.ticket.TicketRecords.TicketsView;
import truekeen.app.tool.ToolRecords.AnotherForm;
import truekeen.app.tool.ToolService;

@RestController
@RequestMapping("/api/v1")
class TicketController {
    private final TicketService tickets;
    private final PriceService prices;
    private final ToolService tools;

    TicketController(TicketService tickets, PriceService prices, ToolService tools) {
        this.tickets = tickets;
        this.prices = prices;
        this.tools = tools;
    }

    @GetMapping("/tickets")
    TicketsView all() {
        return tickets.all();
    }

    @PostMapping("/tickets")
    TicketView write(@RequestBody TicketForm form) {
        return tickets.write(form);
    }

    @GetMapping("/tickets/{id}")
    TicketView ticket(@PathVariable UUID id) {
        return tickets.ticket(id);
    }

    @PutMapping("/tickets/{id}")
    TicketView change(@PathVariable UUID id, @RequestBody TicketForm form) {
        return tickets.change(id, form);
    }

    @OwnerOnly
    @DeleteMapping("/tickets/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void tearUp(@PathVariable UUID id) {
        tickets.tearUp(id);
    }

    @PostMapping("/tickets/{id}/things")
    TicketView add(@PathVariable UUID id, @RequestBody ThingsForm form) {
        return tickets.add(id, form.tools());
    }

    /** Another tool like one of the ticket, put onto it too. */
    @PostMapping("/tickets/{id}/things/{tool}/another")
    TicketView another(@PathVariable UUID id, @PathVariable UUID tool, @RequestBody AnotherForm form) {
        tickets.ticket(id);
        return tickets.add(id, List.of(tools.another(tool, form.name()).id()));
    }

    @PostMapping("/tickets/{id}/hand-over")
    TicketView handOver(@PathVariable UUID id, @RequestBody LeavingForm form) {
        return tickets.handOver(id, form);
    }

    @PostMapping("/tickets/{id}/forget")
    TicketView forget(@PathVariable UUID id) {
        return tickets.forget(id);
    }

    @GetMapping("/crews/{id}/known-tools")
    KnownTools known(@PathVariable UUID id) {
        return tickets.known(id);
    }

    @GetMapping("/prices")
    PriceListForm prices() {
        return prices.form();
    }

    @OwnerOnly
    @PutMapping("/prices")
    PriceListForm prices(@RequestBody PriceListForm form) {
        return prices.change(form);
    }
}
