package truekeen.app.ticket;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import truekeen.app.board.BoardService.WorkedTool;
import truekeen.app.day.PromiseService;
import truekeen.app.day.PromiseService.TimesLeft;
import truekeen.app.platform.BenchClock;
import truekeen.app.shop.ShopService;
import truekeen.app.ticket.TicketRecords.KnownTool;
import truekeen.app.ticket.TicketRecords.MinutesView;
import truekeen.app.ticket.TicketRecords.QuoteLine;
import truekeen.app.ticket.TicketRecords.QuoteView;
import truekeen.app.ticket.TicketRecords.ThingView;
import truekeen.app.ticket.TicketRecords.TicketLine;
import truekeen.app.ticket.TicketRecords.TicketView;
import truekeen.app.ticket.TicketThings.Thing;
import truekeen.app.tool.ToolKeeping;
import truekeen.app.tool.ToolService;
import truekeen.core.condition.Finding;
import truekeen.core.ticket.Price;
import truekeen.core.ticket.PriceList;
import truekeen.core.ticket.Quote;
import truekeen.core.ticket.ThingState;

/** Tickets as they are shown. */
@Component
class TicketViews {
    private static final int MINUTE = 60;

    private final ThingRow.Rows things;
    private final TicketThings states;
    private final ShopService shop;
    private final ToolService tools;
    private final ToolKeeping keeping;
    private final PromiseService promises;
    private final PriceService prices;
    private final BenchClock clock;

    TicketViews(
            ThingRow.Rows things,
            TicketThings states,
            ShopService shop,
            ToolService tools,
            ToolKeeping keeping,
            PromiseService promises,
            PriceService prices,
            BenchClock clock) {
        this.things = things;
        this.states = states;
        this.shop = shop;
        this.tools = tools;
        this.keeping = keeping;
        this.promises = promises;
        this.prices = prices;
        this.clock = clock;
    }

    String name(UUID tool) {
        return tools.name(tool);
    }

    List<TicketLine> lines(List<TicketRow> tickets) {
        Map<UUID, List<Thing>> on = states.byTicket(things.findByTicketIdInOrderByPlace(
                tickets.stream().map(t -> t.id).toList()));
        Map<UUID, String> owners =
                shop.crews().stream().collect(Collectors.toMap(ShopService.Named::id, ShopService.Named::name));
        return tickets.stream()
                .map(t -> line(t, on.getOrDefault(t.id, List.of()), owners.getOrDefault(t.crewId, "")))
                .toList();
    }

    private TicketLine line(TicketRow t, List<Thing> on, String owner) {
        List<Thing> lying = on.stream().filter(x -> x.state().goesOut()).toList();
        return new TicketLine(
                t.id,
                t.number,
                owner,
                t.cameAt,
                t.promised,
                late(on),
                on.stream().map(x -> x.work().name()).toList(),
                lying.size(),
                (int) on.stream().filter(x -> x.state().here()).count(),
                lying.stream()
                        .map(x -> x.doneAt().orElse(x.row().broughtAt))
                        .max(Comparator.naturalOrder())
                        .map(this::daysSince)
                        .orElse(null));
    }

    private int daysSince(Instant at) {
        return (int) ChronoUnit.DAYS.between(LocalDate.ofInstant(at, clock.getZone()), clock.today());
    }

    private boolean late(List<Thing> on) {
        return on.stream().filter(x -> !x.state().goesOut() && x.state().here()).anyMatch(x -> x.work()
                .wantedBy()
                .filter(day -> day.isBefore(clock.today()))
                .isPresent());
    }

    /** What the shop knows of an owner's that lies on no ticket, by name. */
    List<KnownTool> known(UUID crewId) {
        List<UUID> theirs = keeping.ofCrew(crewId);
        List<UUID> here = things.findByToolIdInAndLeftAtIsNull(theirs).stream()
                .map(t -> t.toolId)
                .toList();
        List<UUID> free = theirs.stream().filter(t -> !here.contains(t)).toList();
        return tools.racked(free).stream()
                .filter(t -> !t.retired())
                .map(t -> new KnownTool(t.id(), t.name(), t.kind()))
                .sorted(Comparator.comparing(KnownTool::name))
                .toList();
    }

    TicketView view(TicketRow t, List<ThingRow> rows) {
        List<Thing> on = states.of(rows);
        Optional<PriceList> list = prices.list();
        TimesLeft times =
                promises.timesLeft(on.stream().map(x -> x.work().tool()).collect(Collectors.toSet()));
        List<ThingView> views = on.stream().map(x -> thing(x, list, times)).toList();
        Optional<ShopService.Named> owner = Optional.ofNullable(t.crewId).map(shop::crew);
        return new TicketView(
                t.id,
                t.number,
                owner.map(o -> o.id().toString()).orElse(""),
                owner.map(ShopService.Named::name).orElse(""),
                t.broughtBy,
                t.contact,
                t.forgottenAt != null,
                t.promised,
                late(on),
                t.agreed,
                t.cameAt,
                t.version,
                views,
                owner.map(o -> known(o.id())).orElse(List.of()),
                all(views),
                views.stream().anyMatch(ThingView::guessed),
                views.stream()
                        .mapToLong(v -> v.quote() == null ? 0 : v.quote().hundredths())
                        .sum(),
                (int) views.stream().filter(v -> v.quote() != null).count(),
                list.map(PriceList::currency).orElse(""));
    }

    private static MinutesView minutes(PromiseService.Span s) {
        return new MinutesView(minutes(s.low()), minutes(s.likely()), minutes(s.high()));
    }

    private static int minutes(int seconds) {
        return Math.max(1, (seconds + MINUTE / 2) / MINUTE);
    }

    /** Added up; null where nothing is left to do. */
    private static @Nullable MinutesView all(List<ThingView> views) {
        return views.stream()
                .map(ThingView::minutes)
                .filter(Objects::nonNull)
                .reduce((a, b) -> new MinutesView(a.low() + b.low(), a.likely() + b.likely(), a.high() + b.high()))
                .orElse(null);
    }

    private ThingView thing(Thing x, Optional<PriceList> list, TimesLeft times) {
        WorkedTool w = x.work();
        boolean toDo = x.state() == ThingState.WAITING || x.state() == ThingState.IN_WORK;
        return new ThingView(
                w.tool(),
                w.name(),
                w.kind(),
                x.state(),
                words(x.state()),
                toDo ? w.wantedBy().orElse(null) : null,
                toDo ? w.next() : "",
                toDo ? w.path() : "",
                toDo ? minutes(times.of(w.tool())) : null,
                toDo && !times.planned().containsKey(w.tool()),
                quoted(x)
                        ? list.flatMap(l -> quote(l, x)).map(TicketViews::view).orElse(null)
                        : null,
                x.doneAt().orElse(null),
                x.row().leftAt,
                x.row().handedTo,
                x.row().charged);
    }

    /** What has left was charged as it was then; what may not be worked is not charged. */
    private static boolean quoted(Thing x) {
        return x.state() == ThingState.WAITING || x.state() == ThingState.IN_WORK || x.state() == ThingState.TO_COLLECT;
    }

    Optional<Quote> quote(PriceList list, Thing x) {
        return prices.quote(
                list, x.work().tool(), x.work().kind(), prices.survey(x.work().tool(), x.since()));
    }

    /** What is asked for a thing that leaves, in words; empty where there is no price. */
    String charged(Thing x) {
        return prices.list()
                .flatMap(l -> quote(l, x).map(q -> amount(q.total(), l.currency())))
                .orElse("");
    }

    static String amount(Price price, String currency) {
        return TicketWords.AMOUNT.fill("amount", price.amount(), "currency", currency);
    }

    private static QuoteView view(Quote q) {
        return new QuoteView(
                q.lines().stream()
                        .map(l -> new QuoteLine(words(l), l.price().hundredths()))
                        .toList(),
                q.total().hundredths(),
                q.beforeSurvey());
    }

    static String words(Quote.Line line) {
        return switch (line.what()) {
            case SHARPENING -> TicketWords.FOR_SHARPENING.words();
            case DAMAGE ->
                TicketWords.FOR_DAMAGE.fill(
                        "damage", line.damage().map(Finding.Kind::words).orElse(""));
            case STEEL_TO_GO -> TicketWords.FOR_STEEL.words();
        };
    }

    static String words(ThingState state) {
        return switch (state) {
            case WAITING -> TicketWords.WAITING.words();
            case IN_WORK -> TicketWords.IN_WORK.words();
            case REJECTED -> TicketWords.REJECTED.words();
            case TO_COLLECT -> TicketWords.TO_COLLECT.words();
            case HANDED_OVER -> TicketWords.HANDED_OVER.words();
            case TAKEN_BACK -> TicketWords.TAKEN_BACK.words();
        };
    }
}
