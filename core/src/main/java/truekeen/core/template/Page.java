package truekeen.core.template;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import truekeen.core.section.Point;

/**
 * A page at true scale: its marks in mm from the lower left corner, y up. Whoever writes it out (PDF, SVG) draws what is
 * here and no more.
 *
 * @param name what it is, for its file
 * @param widthMm across
 * @param heightMm up
 * @param marks what is on it
 */
public record Page(String name, double widthMm, double heightMm, List<Mark> marks) {
    /** Length of the check bar on every page (mm). */
    public static final double CHECK_MM = 100;

    /** A4, upright. */
    static final double A4_WIDTH = 210;

    static final double A4_HEIGHT = 297;

    /** Margin that printers leave free. */
    static final double MARGIN = 12;

    /** Something on a page. */
    public sealed interface Mark {}

    /**
     * A line through points.
     *
     * @param tag what it is, so that a reader of the file finds it again; empty where that does not matter
     * @param points in order
     * @param closed whether it returns to its beginning
     * @param weightMm thickness of the line
     * @param dashed whether it is only a help
     */
    public record Path(String tag, List<Point> points, boolean closed, double weightMm, boolean dashed)
            implements Mark {
        /** Keeps the points from changing. */
        public Path {
            points = List.copyOf(points);
        }
    }

    /**
     * Words.
     *
     * @param at their foot, on the left or, where centred, in the middle
     * @param sizeMm height of the type
     */
    public record Words(Point at, double sizeMm, String text, boolean centred, boolean bold) implements Mark {}

    /** Keeps the marks from changing. */
    public Page {
        marks = List.copyOf(marks);
    }

    /** The same page, its words said another way. */
    public Page saying(UnaryOperator<String> otherwise) {
        return new Page(
                name,
                widthMm,
                heightMm,
                marks.stream()
                        .map(mark -> mark instanceof Words w
                                ? new Words(w.at, w.sizeMm, otherwise.apply(w.text), w.centred, w.bold)
                                : mark)
                        .toList());
    }

    /** Gathers a page. */
    static final class Pen {
        private final String name;
        private final double width;
        private final double height;
        private final List<Mark> marks = new ArrayList<>();

        Pen(String name, double widthMm, double heightMm) {
            this.name = name;
            this.width = widthMm;
            this.height = heightMm;
        }

        static Pen a4(String name) {
            return new Pen(name, A4_WIDTH, A4_HEIGHT);
        }

        Pen line(String tag, double x1, double y1, double x2, double y2) {
            return path(tag, false, 0.35, false, new Point(x1, y1), new Point(x2, y2));
        }

        Pen help(double x1, double y1, double x2, double y2) {
            return path("", false, 0.2, true, new Point(x1, y1), new Point(x2, y2));
        }

        Pen box(String tag, double x, double y, double w, double h) {
            return path(
                    tag,
                    true,
                    0.35,
                    false,
                    new Point(x, y),
                    new Point(x + w, y),
                    new Point(x + w, y + h),
                    new Point(x, y + h));
        }

        Pen path(String tag, boolean closed, double weightMm, boolean dashed, Point... points) {
            return path(tag, closed, weightMm, dashed, List.of(points));
        }

        Pen path(String tag, boolean closed, double weightMm, boolean dashed, List<Point> points) {
            marks.add(new Path(tag, points, closed, weightMm, dashed));
            return this;
        }

        Pen words(double x, double y, double sizeMm, String text) {
            marks.add(new Words(new Point(x, y), sizeMm, text, false, false));
            return this;
        }

        Pen title(double x, double y, double sizeMm, String text) {
            marks.add(new Words(new Point(x, y), sizeMm, text, false, true));
            return this;
        }

        Pen centred(double x, double y, double sizeMm, String text) {
            marks.add(new Words(new Point(x, y), sizeMm, text, true, false));
            return this;
        }

        /** The bar that shows whether it was printed at true scale. */
        Pen checkBar(double x, double y) {
            line("check", x, y, x + CHECK_MM, y);
            for (int i = 0; i <= 10; i++) {
                double up = i % 5 == 0 ? 3 : 1.8;
                line("", x + i * 10, y, x + i * 10, y + up);
            }
            return words(x, y - 4.5, 3, TemplateWords.SCALE_BAR.words());
        }

        Page done() {
            return new Page(name, width, height, marks);
        }
    }
}
