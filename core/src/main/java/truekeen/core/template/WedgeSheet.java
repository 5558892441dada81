package truekeen.core.template;

import java.util.ArrayList;
import java.util.List;
import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.quantity.Angle;
import truekeen.core.section.Point;

/** Wedges of given angles, to cut from card or wood, and one as a solid to print. */
public final class WedgeSheet {
    /** Length of the base of a wedge (mm). */
    public static final double BASE = 110;
    /** Angles that fit the page. */
    public static final double LEAST_DEG = 1;
    /** Angles that fit the page. */
    public static final double MOST_DEG = 60;

    private static final int MOST = 12;
    private static final double TOP = Page.A4_HEIGHT - Page.MARGIN - 24;
    private static final double BOTTOM = 46;
    private static final double BETWEEN = 9;

    private WedgeSheet() {}

    /** Makes sure that wedges of these angles can be drawn. */
    static void check(List<Angle> angles) {
        Checks checks = new Checks();
        checks.require(!angles.isEmpty(), () -> Refusal.of(MessageCode.EMPTY, "angles", "")
                .with("what", TemplateWords.AT_LEAST_ONE.words()));
        checks.require(angles.size() <= MOST, () -> Refusal.of(MessageCode.TOO_MANY, "angles", angles.size())
                .with("high", MOST)
                .with("what", "wedges"));
        angles.forEach(
                a -> checks.within("angles", TemplateWords.A_WEDGE.words(), a.degrees(), LEAST_DEG, MOST_DEG, "°"));
        checks.orThrow();
    }

    /** The pages, as many as it takes. */
    public static List<Page> pages(List<Angle> angles) {
        check(angles);
        List<Page> pages = new ArrayList<>();
        Page.Pen pen = null;
        double y = 0;
        for (Angle angle : angles) {
            double high = BASE * angle.tan();
            if (pen == null || y - high < BOTTOM) {
                if (pen != null) {
                    pages.add(pen.done());
                }
                pen = fresh();
                y = TOP;
            }
            y -= high;
            wedge(pen, Page.MARGIN, y, angle);
            y -= BETWEEN;
        }
        pages.add(pen.done());
        return pages;
    }

    private static Page.Pen fresh() {
        Page.Pen pen = Page.Pen.a4("wedges");
        pen.title(Page.MARGIN, Page.A4_HEIGHT - Page.MARGIN - 6, 6, "Wedges");
        pen.words(Page.MARGIN, Page.A4_HEIGHT - Page.MARGIN - 13, 3.4, TemplateWords.WEDGE_CUT.words());
        return pen.checkBar(Page.MARGIN, 30);
    }

    private static void wedge(Page.Pen pen, double x, double y, Angle angle) {
        String name = Numbers.plain(angle.degrees(), 2);
        double high = BASE * angle.tan();
        pen.path(
                "wedge " + name,
                true,
                0.35,
                false,
                new Point(x, y),
                new Point(x + BASE, y),
                new Point(x + BASE, y + high));
        pen.words(x + BASE + 4, y + Math.max(0, high / 2 - 2), 6, name + "°");
    }

    /**
     * A corner of a solid (mm).
     *
     * @param x along the base
     * @param y across
     * @param z up
     */
    public record Corner(double x, double y, double z) {}

    /** A face of a solid, its corners counter-clockwise as seen from outside. */
    public record Triangle(Corner a, Corner b, Corner c) {}

    /**
     * A wedge block as a solid: it begins with a little thickness, so that it can be printed.
     *
     * @param angle of its slope, 1° to 60°
     * @return a closed surface of twelve triangles
     */
    public static List<Triangle> block(Angle angle) {
        check(List.of(angle));
        double length = 80;
        double across = 30;
        double thin = 1.2;
        double high = thin + length * angle.tan();
        Corner[] near = {
            new Corner(0, 0, 0), new Corner(length, 0, 0), new Corner(length, 0, high), new Corner(0, 0, thin)
        };
        Corner[] far = new Corner[4];
        for (int i = 0; i < 4; i++) {
            far[i] = new Corner(near[i].x, across, near[i].z);
        }
        List<Triangle> all = new ArrayList<>();
        quad(all, near[0], near[1], near[2], near[3]);
        quad(all, far[3], far[2], far[1], far[0]);
        for (int i = 0; i < 4; i++) {
            int j = (i + 1) % 4;
            quad(all, near[j], near[i], far[i], far[j]);
        }
        return all;
    }

    private static void quad(List<Triangle> all, Corner a, Corner b, Corner c, Corner d) {
        all.add(new Triangle(a, b, c));
        all.add(new Triangle(a, c, d));
    }
}
