package truekeen.core.template;

import java.util.ArrayList;
import java.util.List;

/** A plan to take to a bench where no screen stands: each step with a box to tick, its strokes and its question. */
public final class BenchCard {
    private static final double LEFT = Page.MARGIN;
    private static final double TEXT = LEFT + 12;
    private static final double FOOT = 32;

    /** Letters of a line at the size of a step's lines. */
    private static final int LETTERS = 92;

    private BenchCard() {}

    /**
     * One step.
     *
     * @param title what is done
     * @param lines how many, how, and what to see before going on
     */
    public record Row(String title, List<String> lines) {
        /** Keeps the lines from changing. */
        public Row {
            lines = List.copyOf(lines);
        }
    }

    /**
     * The card, on as many sheets as it takes.
     *
     * @param tool what the tool is called
     * @param about whose it is, its angle, the day of the plan
     */
    public static List<Page> of(String tool, String about, List<Row> rows) {
        List<Page> pages = new ArrayList<>();
        Page.Pen pen = begun(tool, about);
        double y = Page.A4_HEIGHT - Page.MARGIN - 24;
        int number = 0;
        for (Row row : rows) {
            List<String> lines = row.lines.stream()
                    .flatMap(line -> Wrapped.lines(line, LETTERS).stream())
                    .toList();
            double high = 8 + 4.6 * lines.size();
            if (y - high < FOOT) {
                pages.add(pen.checkBar(LEFT, 18).done());
                pen = begun(tool, about);
                y = Page.A4_HEIGHT - Page.MARGIN - 24;
            }
            number++;
            pen.box("tick", LEFT, y - 5, 6, 6);
            pen.title(TEXT, y - 4, 4, number + "  " + row.title);
            double down = y - 9.5;
            for (String line : lines) {
                pen.words(TEXT, down, 3.2, line);
                down -= 4.6;
            }
            y -= high;
        }
        pages.add(pen.checkBar(LEFT, 18).done());
        return pages;
    }

    private static Page.Pen begun(String tool, String about) {
        Page.Pen pen = Page.Pen.a4("bench-card");
        pen.title(LEFT, Page.A4_HEIGHT - Page.MARGIN - 7, 6, tool);
        pen.words(LEFT, Page.A4_HEIGHT - Page.MARGIN - 14, 3.4, about);
        return pen.line(
                "", LEFT, Page.A4_HEIGHT - Page.MARGIN - 18, Page.A4_WIDTH - LEFT, Page.A4_HEIGHT - Page.MARGIN - 18);
    }
}
