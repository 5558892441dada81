package truekeen.app.ticket;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.app.shop.ShopService;
import truekeen.app.ticket.TicketRecords.KnownTools;
import truekeen.app.ticket.TicketRecords.LeavingForm;
import truekeen.app.ticket.TicketRecords.TicketForm;
import truekeen.app.ticket.TicketRecords.TicketLine;
import truekeen.app.ticket.TicketRecords.TicketView;
import truekeen.app.ticket.TicketRecords.TicketsView;
import truekeen.app.ticket.TicketThings.Thing;
import truekeen.app.tool.ToolKeeping;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.ticket.ThingState;

/** Writes tickets, and keeps what they say of their things true on the rack: brought, wanted by a day, gone. */
@Service
@Transactional
public class TicketService {
    private static final int MOST_NAME = 80;
    private static final int MOST_CONTACT = 120;
    private static final int MOST_AGREED = 2000;
    private static final int MOST_DAYS = 730;
    private static final int ENDED_SHOWN = 20;

    private final TicketRow.Rows tickets;
    private final ThingRow.Rows things;
    private final TicketThings states;
    private final TicketViews views;
    private final ShopService shop;
    private final ToolKeeping keeping;
    private final BenchClock clock;

    TicketService(
            TicketRow.Rows tickets,
            ThingRow.Rows things,
            TicketThings states,
            TicketViews views,
            ShopService shop,
            ToolKeeping keeping,
            BenchClock clock) {
        this.tickets = tickets;
        this.things = things;
        this.states = states;
        this.views = views;
        this.shop = shop;
        this.keeping = keeping;
        this.clock = clock;
    }

    /** All tickets: what lies there to be collected, what is in work, what is gone. */
    @Transactional(readOnly = true)
    public TicketsView all() {
        List<TicketLine> toCollect = new ArrayList<>();
        List<TicketLine> open = new ArrayList<>();
        for (TicketLine line : views.lines(tickets.open())) {
            (line.here() > 0 && line.here() == line.done() ? toCollect : open).add(line);
        }
        toCollect.sort((a, b) -> Integer.compare(lying(b), lying(a)));
        return new TicketsView(toCollect, open, views.lines(tickets.ended(Limit.of(ENDED_SHOWN))));
    }

    private static int lying(TicketLine line) {
        return line.lyingDays() == null ? 0 : line.lyingDays();
    }

    /** The ticket of that id. */
    @Transactional(readOnly = true)
    public TicketView ticket(UUID id) {
        return views.view(row(id), things.findByTicketIdOrderByPlace(id));
    }

    /** What an owner may bring: what the shop knows of theirs that lies on no ticket. */
    @Transactional(readOnly = true)
    public KnownTools known(UUID crewId) {
        shop.crew(crewId);
        return new KnownTools(views.known(crewId));
    }

    /** Writes a ticket. */
    public TicketView write(TicketForm in) {
        TicketRow row = new TicketRow(tickets.nextNumber(), clock.instant());
        fill(row, in);
        tickets.saveAndFlush(row);
        bring(row, in.tools());
        return ticket(row.id);
    }

    /** Changes what stands on a ticket; another day is another day for all that is not done. */
    public TicketView change(UUID id, TicketForm in) {
        TicketRow row = row(id);
        Form.sameVersion(row.version, in.version());
        LocalDate before = row.promised;
        fill(row, in);
        tickets.saveAndFlush(row);
        if (!Objects.equals(before, row.promised)) {
            states.of(things.findByTicketIdOrderByPlace(id)).stream()
                    .filter(t -> t.state() == ThingState.WAITING || t.state() == ThingState.IN_WORK)
                    .forEach(t -> keeping.wantedBy(t.work().tool(), Optional.ofNullable(row.promised)));
        }
        bring(row, in.tools());
        return ticket(id);
    }

    /** Puts more onto a ticket. */
    public TicketView add(UUID id, List<UUID> tools) {
        bring(row(id), tools);
        return ticket(id);
    }

    private void fill(TicketRow row, TicketForm in) {
        Form form = new Form();
        ShopService.Named crew = form.choice(
                "crewId",
                TicketWords.THE_OWNER.words(),
                in.crewId(),
                shop.findCrew(in.crewId()),
                TicketWords.OWNERS.words());
        form.checks().text("broughtBy", TicketWords.A_NAME.words(), in.broughtBy(), false, MOST_NAME);
        form.checks().text("contact", TicketWords.A_CONTACT.words(), in.contact(), false, MOST_CONTACT);
        form.checks().text("agreed", TicketWords.AN_AGREEMENT.words(), in.agreed(), false, MOST_AGREED);
        LocalDate today = clock.today();
        Optional<LocalDate> promised = unchanged(row, in)
                ? Optional.ofNullable(row.promised)
                : form.day("promised", in.promised(), today, today.plusDays(MOST_DAYS));
        form.checks().orThrow();
        row.crewId = crew.id();
        row.broughtBy = Form.orEmpty(in.broughtBy()).strip();
        row.contact = Form.orEmpty(in.contact()).strip();
        row.agreed = Form.orEmpty(in.agreed()).strip();
        row.promised = Form.blank(in.promised()) ? null : promised.orElse(null);
        if (!row.broughtBy.isEmpty() || !row.contact.isEmpty()) {
            row.forgottenAt = null;
        }
    }

    /** A day that is past by now stays what it was; only another one is asked to lie ahead. */
    private static boolean unchanged(TicketRow row, TicketForm in) {
        return Form.blank(in.promised())
                || row.promised != null && row.promised.toString().equals(in.promised());
    }

    private void bring(TicketRow row, List<UUID> tools) {
        List<UUID> brought =
                (tools == null ? List.<UUID>of() : tools).stream().distinct().toList();
        List<ThingRow> there = things.findByTicketIdOrderByPlace(row.id);
        for (ThingRow elsewhere : things.findByToolIdInAndLeftAtIsNull(brought)) {
            throw new RefusedException(Refusal.of(MessageCode.ON_A_TICKET, "tools", views.name(elsewhere.toolId))
                    .with("number", row(elsewhere.ticketId).number));
        }
        int place = there.size();
        for (UUID tool : brought) {
            if (!keeping.there(tool)) {
                throw Form.notFound("tool", tool);
            }
            things.saveAndFlush(new ThingRow(row.id, tool, place++, clock.instant()));
            keeping.brought(tool, Optional.ofNullable(row.promised));
        }
    }

    /** Things leave: done, or undone where that is said. What was counted on them stays as it is. */
    public TicketView handOver(UUID id, LeavingForm in) {
        TicketRow row = row(id);
        Form form = new Form();
        form.checks().text("to", TicketWords.A_NAME.words(), in.to(), false, MOST_NAME);
        List<Thing> all = states.of(things.findByTicketIdOrderByPlace(id));
        List<Thing> leaving = new ArrayList<>();
        List<UUID> asked = in.tools() == null ? List.of() : in.tools();
        form.checks().require(!asked.isEmpty(), () -> Refusal.of(MessageCode.NOTHING_CHOSEN, "tools", ""));
        for (UUID tool : asked) {
            Optional<Thing> thing = all.stream()
                    .filter(t -> t.state().here() && t.work().tool().equals(tool))
                    .findFirst();
            if (thing.isEmpty()) {
                form.checks()
                        .refuse(Refusal.of(MessageCode.UNKNOWN_CHOICE, "tools", tool)
                                .with("allowed", TicketWords.A_THING.words()));
            } else if (!in.undone() && !thing.get().state().goesOut()) {
                form.checks()
                        .refuse(Refusal.of(
                                MessageCode.NOT_DONE_YET,
                                "tools",
                                thing.get().work().name()));
            } else {
                leaving.add(thing.get());
            }
        }
        form.checks().orThrow();
        leaving.forEach(t -> leave(row, t, Form.orEmpty(in.to()).strip()));
        return ticket(id);
    }

    private void leave(TicketRow ticket, Thing thing, String to) {
        ThingRow row = thing.row();
        boolean done = thing.state() == ThingState.TO_COLLECT;
        row.charged = done ? views.charged(thing) : "";
        row.leftHow = done ? ThingState.Left.DONE : ThingState.Left.UNDONE;
        row.leftAt = clock.instant();
        row.handedTo = to;
        if (!to.isEmpty()) {
            ticket.forgottenAt = null;
        }
        things.saveAndFlush(row);
        if (!done) {
            keeping.takenBack(row.toolId);
        }
    }

    /** Deletes who brought and who collected it, and how to reach them. */
    public TicketView forget(UUID id) {
        TicketRow row = row(id);
        row.broughtBy = "";
        row.contact = "";
        row.forgottenAt = clock.instant();
        tickets.saveAndFlush(row);
        things.findByTicketIdOrderByPlace(id).forEach(t -> {
            t.handedTo = "";
            things.save(t);
        });
        return ticket(id);
    }

    /** Tears up a ticket that was written by mistake; one of which something has left stays. */
    public void tearUp(UUID id) {
        TicketRow row = row(id);
        List<ThingRow> on = things.findByTicketIdOrderByPlace(id);
        if (on.stream().anyMatch(t -> t.leftAt != null)) {
            throw new RefusedException(Refusal.of(MessageCode.SOMETHING_LEFT, "", row.number));
        }
        tickets.delete(row);
        on.stream().map(t -> t.toolId).filter(keeping::there).forEach(keeping::done);
    }

    private TicketRow row(UUID id) {
        return tickets.findById(id).orElseThrow(() -> Form.notFound("ticket", id));
    }
}
