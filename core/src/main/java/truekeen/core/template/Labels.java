package truekeen.core.template;

import java.util.ArrayList;
import java.util.List;
import truekeen.core.section.Point;

/** Labels of tools to stick on a handle or a box: what it is, whose it is, and a code that opens its page. */
public final class Labels {
    private static final double WIDE = 62;
    private static final double HIGH = 34;
    private static final int COLUMNS = 3;
    private static final int ROWS = 7;

    /** Side of the code on a label (mm): read from a hand's length by a phone. */
    private static final double CODE = 24;

    /** Size of the name and of the lines below it (mm), and how many letters of each fit beside the code. */
    private static final double NAME_MM = 3.4;

    private static final int NAME_LETTERS = 14;
    private static final double LINE_MM = 2.6;
    private static final int LINE_LETTERS = 20;

    /** Lines that a name may take, and anything else: what is longer is cut. */
    private static final int NAME_LINES = 3;

    private static final int MOST_LINES = 2;

    private Labels() {}

    /**
     * One label.
     *
     * @param name what the tool is called
     * @param lines what else is said of it
     * @param code the dark squares of its code, row by row from the top
     */
    public record Label(String name, List<String> lines, List<List<Boolean>> code) {
        /** Keeps the parts from changing. */
        public Label {
            lines = List.copyOf(lines);
            code = List.copyOf(code);
        }
    }

    /** Sheets of labels, as many as they take; to be cut along the lines. */
    public static List<Page> sheets(List<Label> labels) {
        List<Page> pages = new ArrayList<>();
        int each = COLUMNS * ROWS;
        for (int from = 0; from < labels.size(); from += each) {
            pages.add(sheet(labels.subList(from, Math.min(labels.size(), from + each))));
        }
        return pages;
    }

    private static Page sheet(List<Label> labels) {
        Page.Pen pen = Page.Pen.a4("labels");
        for (int i = 0; i < labels.size(); i++) {
            double x = Page.MARGIN + i % COLUMNS * WIDE;
            double y = Page.A4_HEIGHT - Page.MARGIN - (1 + i / COLUMNS) * HIGH;
            pen.box("label", x, y, WIDE, HIGH);
            draw(pen, labels.get(i), x, y);
        }
        return pen.checkBar(Page.MARGIN, 18).done();
    }

    private static void draw(Page.Pen pen, Label label, double x, double y) {
        code(pen, label.code, x + 3, y + HIGH - 3, CODE);
        double left = x + CODE + 6;
        double down = y + HIGH - 7;
        for (String line : first(NAME_LINES, Wrapped.lines(label.name, NAME_LETTERS))) {
            pen.title(left, down, NAME_MM, line);
            down -= NAME_MM * 1.25;
        }
        for (String line : label.lines) {
            for (String part : first(MOST_LINES, Wrapped.lines(line, LINE_LETTERS))) {
                pen.words(left, down, LINE_MM, part);
                down -= LINE_MM * 1.3;
            }
        }
    }

    /** Each row's runs of dark squares as thick lines. */
    static void code(Page.Pen pen, List<List<Boolean>> code, double x, double top, double sideMm) {
        if (code.isEmpty()) {
            return;
        }
        double side = sideMm / code.size();
        for (int row = 0; row < code.size(); row++) {
            List<Boolean> squares = code.get(row);
            double y = top - (row + 0.5) * side;
            int from = 0;
            while (from < squares.size()) {
                int to = from;
                while (to < squares.size() && squares.get(to)) {
                    to++;
                }
                if (to > from) {
                    pen.path("code", false, side, false, new Point(x + from * side, y), new Point(x + to * side, y));
                }
                from = Math.max(to, from + 1);
            }
        }
    }

    private static List<String> first(int most, List<String> lines) {
        return lines.subList(0, Math.min(most, lines.size()));
    }
}
