package truekeen.app.ticket;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import truekeen.core.condition.Finding;
import truekeen.core.ticket.ThingState;

/** What tickets take and give. Amounts are counted in hundredths of the shop's currency. */
public final class TicketRecords {
    private TicketRecords() {}

    /**
     * A ticket as it is written.
     *
     * @param crewId whose things they are
     * @param broughtBy who brought them; may be empty
     * @param contact one way to reach that person; may be empty
     * @param promised day (ISO) they are promised for, or empty
     * @param agreed what was agreed
     * @param tools what was brought, of what the shop knows
     * @param version version this is based on; 0 for a new ticket
     */
    public record TicketForm(
            String crewId,
            String broughtBy,
            String contact,
            String promised,
            String agreed,
            List<UUID> tools,
            long version) {}

    /** Tools that were brought too. */
    public record ThingsForm(List<UUID> tools) {}

    /**
     * Things that leave.
     *
     * @param to who takes them; may be empty
     * @param undone whether they may leave though they are not done
     */
    public record LeavingForm(List<UUID> tools, String to, boolean undone) {}

    /**
     * A ticket in the list.
     *
     * @param late whether something that is not done was promised for a day that is past
     * @param names what is on it
     * @param done how many things are done and lie there
     * @param here how many are still here
     * @param lyingDays days since the last of what lies there was done; null where nothing does
     */
    public record TicketLine(
            UUID id,
            int number,
            String owner,
            Instant cameAt,
            @Nullable LocalDate promised,
            boolean late,
            List<String> names,
            int done,
            int here,
            @Nullable Integer lyingDays) {}

    /**
     * All tickets.
     *
     * @param toCollect those that lie there, all done, the longest first
     * @param open those with something still to be done
     * @param ended the last of those that are gone
     */
    public record TicketsView(List<TicketLine> toCollect, List<TicketLine> open, List<TicketLine> ended) {}

    /** One line of a price. */
    public record QuoteLine(String words, long hundredths) {}

    /** What a thing costs; {@code beforeSurvey} where damage may still come on top. */
    public record QuoteView(List<QuoteLine> lines, long hundredths, boolean beforeSurvey) {}

    /** Minutes that something takes: likely, and the range that eight of ten lie in. */
    public record MinutesView(int low, int likely, int high) {}

    /**
     * A thing on a ticket.
     *
     * @param wantedBy when it is wanted itself
     * @param nextWords what comes next for it; empty where nothing does here
     * @param nextPath where that is done
     * @param minutes what is left to do on it; null where it is done
     * @param guessed whether that is what such a job usually takes, since it has no plan
     * @param quote what it costs; null where the shop has no price for it
     * @param doneAt when it was done; null while it is not
     * @param leftAt when it left; null while it is here
     * @param handedTo who took it; empty where nobody said or it was deleted
     * @param charged what was asked for it when it left, in words
     */
    public record ThingView(
            UUID toolId,
            String name,
            String kind,
            ThingState state,
            String stateWords,
            @Nullable LocalDate wantedBy,
            String nextWords,
            String nextPath,
            @Nullable MinutesView minutes,
            boolean guessed,
            @Nullable QuoteView quote,
            @Nullable Instant doneAt,
            @Nullable Instant leftAt,
            String handedTo,
            String charged) {}

    /** A tool that can be put onto the ticket. */
    public record KnownTool(UUID toolId, String name, String kind) {}

    /**
     * A ticket.
     *
     * @param crewId whose it is; empty where that owner is not known any more
     * @param forgotten whether its names were deleted
     * @param known what else of its owner the shop knows and lies on no ticket
     * @param minutes what is left to do on all of it; null where nothing is
     * @param hundredths what is asked for all that has a price
     * @param priced how many of its things have one
     * @param currency what stands behind an amount; empty where the shop does not charge
     */
    public record TicketView(
            UUID id,
            int number,
            String crewId,
            String owner,
            String broughtBy,
            String contact,
            boolean forgotten,
            @Nullable LocalDate promised,
            boolean late,
            String agreed,
            Instant cameAt,
            long version,
            List<ThingView> things,
            List<KnownTool> known,
            @Nullable MinutesView minutes,
            boolean guessed,
            long hundredths,
            int priced,
            String currency) {}

    /** What can be brought of an owner's things. */
    public record KnownTools(List<KnownTool> tools) {}

    /** A price as it is typed; empty for none. */
    public record PriceForm(String key, String words, String amount) {}

    /** A price for damage as it is typed; empty for none. */
    public record DamagePriceForm(Finding.Kind kind, String words, String amount) {}

    /**
     * The price list, as it is shown and typed.
     *
     * @param currency empty where the shop does not charge
     * @param tools prices of kinds of tools
     * @param perMillimetre price of a millimetre that the edge must go back, as typed
     */
    public record PriceListForm(
            String currency, List<PriceForm> tools, List<DamagePriceForm> damage, String perMillimetre) {}
}
