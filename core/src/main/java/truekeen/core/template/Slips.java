package truekeen.core.template;

import java.util.ArrayList;
import java.util.List;

/** What an owner takes along: a receipt when something is brought, a card of what was done when it goes. */
public final class Slips {
    private static final double LEFT = Page.MARGIN;
    private static final double CODE = 26;
    /** Where figures stand (mm from the left). */
    private static final double FIGURES = 160;

    private static final double FOOT = 32;
    private static final double TITLE_MM = 6;
    private static final double HEADING_MM = 4.2;
    private static final double LINE_MM = 3.5;
    private static final double DOWN = LINE_MM * 1.5;
    private static final int TITLE_LETTERS = 44;
    private static final int LETTERS = 76;

    private Slips() {}

    /**
     * A line.
     *
     * @param words what it is about
     * @param figure the figure behind it; empty where there is none
     */
    public record Line(String words, String figure) {
        /** A line without a figure. */
        public static Line of(String words) {
            return new Line(words, "");
        }
    }

    /** Lines that belong together. */
    public record Part(String heading, List<Line> lines) {
        /** Keeps the lines from changing. */
        public Part {
            lines = List.copyOf(lines);
        }
    }

    /**
     * The slip, on as many sheets as it takes.
     *
     * @param name what its file is called
     * @param title what it is about
     * @param about whose, when, by whom
     * @param code the dark squares of a code, row by row from the top; none where there is nothing to open
     */
    public static List<Page> of(
            String name, String title, List<String> about, List<Part> parts, List<List<Boolean>> code) {
        Sheets sheets = new Sheets(name);
        Labels.code(sheets.pen, code, Page.A4_WIDTH - LEFT - CODE, Page.A4_HEIGHT - Page.MARGIN, CODE);
        Wrapped.lines(title, TITLE_LETTERS).forEach(line -> sheets.title(line, TITLE_MM));
        about.forEach(line -> sheets.words(line, ""));
        for (Part part : parts) {
            sheets.heading(part.heading);
            part.lines.forEach(line -> sheets.words(line.words, line.figure));
        }
        return sheets.done();
    }

    /** Sheets that are begun as they are needed. */
    private static final class Sheets {
        private final String name;
        private final List<Page> full = new ArrayList<>();
        private Page.Pen pen;
        private double y;

        Sheets(String name) {
            this.name = name;
            begin();
        }

        private void begin() {
            pen = Page.Pen.a4(name);
            y = Page.A4_HEIGHT - Page.MARGIN - TITLE_MM;
        }

        /** Room for so much more (mm); else the next sheet. */
        private void room(double high) {
            if (y - high < FOOT) {
                full.add(pen.checkBar(LEFT, 18).done());
                begin();
            }
        }

        void title(String words, double size) {
            pen.title(LEFT, y, size, words);
            y -= size * 1.5;
        }

        void heading(String words) {
            room(4 * DOWN);
            y -= DOWN * 0.6;
            title(words, HEADING_MM);
            pen.line("", LEFT, y + DOWN * 0.75, Page.A4_WIDTH - LEFT, y + DOWN * 0.75);
        }

        void words(String words, String figure) {
            List<String> lines = Wrapped.lines(words, LETTERS);
            room(lines.size() * DOWN);
            if (!figure.isEmpty()) {
                pen.words(FIGURES, y, LINE_MM, figure);
            }
            for (String line : lines) {
                pen.words(LEFT, y, LINE_MM, line);
                y -= DOWN;
            }
        }

        List<Page> done() {
            full.add(pen.checkBar(LEFT, 18).done());
            return List.copyOf(full);
        }
    }
}
