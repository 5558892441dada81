package truekeen.app.ticket;

import truekeen.core.message.Wording;

/** The words of tickets and of what is printed of them. */
enum TicketWords implements Wording {
    THE_OWNER("An owner"),
    OWNERS("one of the shop's owners"),
    A_NAME("A name"),
    A_CONTACT("A contact"),
    AN_AGREEMENT("What was agreed"),
    A_PRICE("A price"),
    A_CURRENCY("A currency"),
    A_THING("thing of this ticket"),
    WAITING("waits"),
    IN_WORK("in work"),
    REJECTED("may not be worked: goes back as it is"),
    TO_COLLECT("done, to be collected"),
    HANDED_OVER("handed over"),
    TAKEN_BACK("taken back before it was done"),
    FOR_SHARPENING("sharpening"),
    FOR_DAMAGE("{damage} to be ground out"),
    FOR_STEEL("steel beyond a usual sharpening"),
    BROUGHT("Brought on ticket {number}"),
    LEFT_DONE("Handed over, ticket {number}"),
    LEFT_UNDONE("Taken back before it was done, ticket {number}"),
    PROMISED_FOR("Promised for {day}."),
    RECEIPT("Ticket {number}"),
    RECEIPT_OF("{owner}; brought {day}"),
    RECEIPT_BY("Brought by {name}"),
    RECEIPT_PROMISED("Promised for {day}"),
    RECEIPT_THINGS("What was brought"),
    RECEIPT_THING("{name} ({kind})"),
    RECEIPT_SHARE("– {what}: {amount}"),
    RECEIPT_AGREED("What was agreed"),
    RECEIPT_TOTAL("Together"),
    RECEIPT_UNPRICED("No price yet for {count} of them."),
    RECEIPT_BEFORE_SURVEY("An estimate: damage that is found when the edges are looked at comes on top."),
    RECEIPT_KEEP("Please bring this along when you collect."),
    LABEL_TICKET("ticket {number}"),
    LABEL_PROMISED("for {day}"),
    AMOUNT("{amount} {currency}"),
    CARD_OF("{owner}; done {day}"),
    CARD_TICKET("Ticket {number}"),
    CARD_BEFORE("As it came"),
    CARD_AFTER("As it goes"),
    CARD_STEEL("Steel"),
    CARD_EDGE("The edge as it came (dashed) and as it goes, its depth {times} times as large"),
    CARD_CARE("So that it lasts"),
    CARD_NOT_SURVEYED("It was not surveyed before."),
    CARD_MARK("{mark}, {from} to {to} mm along the edge"),
    CARD_MARK_DEEP("{mark}, {from} to {to} mm along the edge, {depth} mm deep"),
    CARD_LEFT("{mark}: left in place on purpose"),
    CARD_ANGLE("Angle: {angle} {convention}"),
    CARD_KEEN("Keenness: {grams} g on the tester, {index} of the reference (lower is keener; {wanted} is wanted)"),
    CARD_SEEN("Seen: {signs}"),
    CARD_TESTED("It passed its tests."),
    CARD_UNTESTED("It was not tested."),
    CARD_WENT("{gone} mm went; {left} mm are left to sharpen."),
    CARD_NO_STEEL("Nothing measurable went."),
    CARD_AGAIN("Look at it again: {day}"),
    CARD_REJECTED("It may not be worked again and goes back as it came.");

    private final String words;

    TicketWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
