package truekeen.core.template;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import truekeen.core.section.Point;

/** What an owner takes along: a receipt when something is brought, a card of what was done when it goes. */
public final class Slips {
    /** Room across for a picture (mm). */
    public static final double PICTURE_WIDE = 150;

    private static final double LEFT = Page.MARGIN;
    private static final double RIGHT = Page.A4_WIDTH - Page.MARGIN;
    private static final double CODE = 26;
    /** Where figures stand (mm from the left). */
    private static final double FIGURES = 160;

    private static final double TITLE_MM = 7;
    private static final double HEADING_MM = 5;
    private static final double LINE_MM = 4.2;
    private static final double DOWN = LINE_MM * 1.5;
    private static final int TITLE_LETTERS = 40;
    private static final int LETTERS = 66;

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
     * Two lines to be compared: what was, dashed, and what is.
     *
     * @param before through points (mm): x from 0 to {@link #PICTURE_WIDE}, y up to 0 at the highest
     * @param after likewise
     * @param words what it shows
     */
    public record Picture(List<Point> before, List<Point> after, String words) {
        /** Keeps the points from changing. */
        public Picture {
            before = List.copyOf(before);
            after = List.copyOf(after);
        }

        private double high() {
            double lowest = 0;
            for (Point p : before) {
                lowest = Math.min(lowest, p.y());
            }
            for (Point p : after) {
                lowest = Math.min(lowest, p.y());
            }
            return -lowest;
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
            String name,
            String title,
            List<String> about,
            Optional<Picture> picture,
            List<Part> parts,
            List<List<Boolean>> code) {
        Sheets sheets = new Sheets(name);
        Labels.code(sheets.pen, code, RIGHT - CODE, Page.A4_HEIGHT - Page.MARGIN, CODE);
        Wrapped.lines(title, TITLE_LETTERS).forEach(line -> sheets.title(line, TITLE_MM));
        about.forEach(line -> sheets.words(line, ""));
        picture.ifPresent(sheets::picture);
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
            if (y - high < Page.MARGIN) {
                full.add(pen.done());
                begin();
            }
        }

        void title(String words, double size) {
            pen.title(LEFT, y, size, words);
            y -= size * 1.5;
        }

        void heading(String words) {
            room(4 * DOWN);
            y -= DOWN * 0.8;
            pen.title(LEFT, y, HEADING_MM, words);
            pen.line("", LEFT, y - 2, RIGHT, y - 2);
            y -= 2 + DOWN * 1.1;
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

        void picture(Picture p) {
            room(p.high() + 4 * DOWN);
            y -= DOWN;
            pen.path("before", false, 0.3, true, moved(p.before));
            pen.path("after", false, 0.7, false, moved(p.after));
            y -= p.high() + DOWN;
            words(p.words, "");
        }

        private List<Point> moved(List<Point> points) {
            return points.stream().map(q -> new Point(LEFT + q.x(), y + q.y())).toList();
        }

        List<Page> done() {
            full.add(pen.done());
            return List.copyOf(full);
        }
    }
}
