package truekeen.core.template;

import java.util.List;

/** The ticket of a tool that was taken in: one half hangs on the tool, the other goes with its owner. */
public final class Tickets {
    private static final double WIDE = 148;
    private static final double HIGH = 92;
    private static final double CODE = 30;
    private static final double NAME_MM = 5.4;
    private static final double LINE_MM = 3.4;
    private static final int NAME_LETTERS = 28;
    private static final int LINE_LETTERS = 60;
    private static final int MOST_LINES = 14;

    private Tickets() {}

    /**
     * What a ticket says.
     *
     * @param name what the tool is called
     * @param lines whose it is, when it came, when it is wanted, what was said and found
     * @param code the dark squares of the code that opens its page, row by row from the top
     */
    public record Ticket(String name, List<String> lines, List<List<Boolean>> code) {
        /** Keeps the parts from changing. */
        public Ticket {
            lines = List.copyOf(lines);
            code = List.copyOf(code);
        }
    }

    /** Both halves on one sheet, to be cut between them. */
    public static Page of(Ticket ticket) {
        Page.Pen pen = Page.Pen.a4("ticket");
        double top = Page.A4_HEIGHT - Page.MARGIN;
        half(pen, ticket, TemplateWords.TICKET_FOR_THE_TOOL.words(), top);
        half(pen, ticket, TemplateWords.TICKET_FOR_THE_OWNER.words(), top - HIGH);
        return pen.checkBar(Page.MARGIN, 18).done();
    }

    private static void half(Page.Pen pen, Ticket ticket, String whose, double top) {
        double left = Page.MARGIN;
        pen.box("ticket", left, top - HIGH, WIDE, HIGH);
        Labels.code(pen, ticket.code, left + WIDE - CODE - 4, top - 4, CODE);
        double down = top - 9;
        pen.words(left + 4, down + 2, LINE_MM, whose);
        down -= 6;
        for (String line : Wrapped.lines(ticket.name, NAME_LETTERS)) {
            pen.title(left + 4, down, NAME_MM, line);
            down -= NAME_MM * 1.3;
        }
        int written = 0;
        for (String line : ticket.lines) {
            for (String part : Wrapped.lines(line, LINE_LETTERS)) {
                if (written++ < MOST_LINES) {
                    pen.words(left + 4, down, LINE_MM, part);
                    down -= LINE_MM * 1.35;
                }
            }
        }
    }
}
