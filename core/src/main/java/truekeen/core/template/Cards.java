package truekeen.core.template;

import java.util.ArrayList;
import java.util.List;
import truekeen.core.message.Numbers;
import truekeen.core.quantity.Angle;
import truekeen.core.section.Point;
import truekeen.core.setup.Camber;

/** Single cards: camber, protractor, set-up. */
public final class Cards {
    private static final int ARC = 120;
    /** Letters of a line on a tag. */
    private static final int TAG_LETTERS = 56;

    private Cards() {}

    /**
     * A template for the camber of an iron: the edge as it should look, flat on the iron.
     *
     * @param tool what the iron is called
     */
    public static Page camber(String tool, Camber camber) {
        Page.Pen pen = Page.Pen.a4("camber");
        double left = Page.MARGIN;
        double b = camber.width().mm();
        double c = camber.onIron().mm();
        double rho = camber.radius().mm();
        double middle = left + b / 2;
        double foot = 150;
        pen.title(left, Page.A4_HEIGHT - Page.MARGIN - 6, 6, TemplateWords.CAMBER_FOR.fill("tool", tool));
        pen.words(
                left,
                Page.A4_HEIGHT - Page.MARGIN - 14,
                3.4,
                TemplateWords.CAMBER_IS.fill(
                        "below",
                        Numbers.plain(camber.belowSole().mm(), 3),
                        "bed",
                        camber.bed(),
                        "onIron",
                        Numbers.plain(c, 3),
                        "wide",
                        Numbers.plain(b, 1),
                        "radius",
                        Numbers.plain(rho / 1000, 2)));
        pen.words(left, Page.A4_HEIGHT - Page.MARGIN - 19, 3.4, TemplateWords.CAMBER_CUT.words());
        List<Point> arc = new ArrayList<>();
        for (int i = 0; i <= ARC; i++) {
            double x = -b / 2 + b * i / ARC;
            arc.add(new Point(middle + x, foot - (rho - Math.sqrt(rho * rho - x * x))));
        }
        pen.path("camber", false, 0.2, false, arc);
        pen.line("side", left, foot - c, left, foot - c - 50);
        pen.line("side", left + b, foot - c, left + b, foot - c - 50);
        pen.line("end", left, foot - c - 50, left + b, foot - c - 50);
        pen.help(left - 5, foot, left + b + 5, foot);
        pen.line("middle", middle, foot, middle, foot - 8);
        return pen.checkBar(left, 30).done();
    }

    /**
     * A tag for a rejected blade: what it is, why, who found it and when.
     *
     * @param reasons why it is rejected, in words
     */
    public static Page rejectTag(String tool, List<String> reasons, String person, String day) {
        Page.Pen pen = Page.Pen.a4("reject-tag");
        double left = Page.MARGIN;
        double right = left + 130;
        double top = Page.A4_HEIGHT - Page.MARGIN;
        double bottom = top - 34 - 7.0 * lines(reasons).size() - 22;
        pen.path(
                "tag",
                true,
                0.5,
                false,
                List.of(
                        new Point(left, top),
                        new Point(right, top),
                        new Point(right, bottom),
                        new Point(left, bottom)));
        pen.title(left + 6, top - 14, 9, TemplateWords.REJECTED.words());
        pen.title(left + 6, top - 24, 6, tool);
        double y = top - 34;
        for (String line : lines(reasons)) {
            pen.words(left + 6, y, 4.2, line);
            y -= 7;
        }
        pen.words(left + 6, y - 2, 4.2, TemplateWords.INSPECTED_BY.fill("person", person, "day", day));
        pen.words(left + 6, y - 9, 3.4, TemplateWords.REPLACE_IT.words());
        return pen.checkBar(left, 30).done();
    }

    /** Reasons cut to what the tag is wide. */
    private static List<String> lines(List<String> reasons) {
        List<String> lines = new ArrayList<>();
        for (String reason : reasons) {
            StringBuilder line = new StringBuilder("–");
            for (String word : reason.split(" ")) {
                if (line.length() + word.length() > TAG_LETTERS) {
                    lines.add(line.toString());
                    line = new StringBuilder("  ");
                }
                line.append(' ').append(word);
            }
            lines.add(line.toString());
        }
        return lines;
    }

    /**
     * A card to read angles by: a fan of degrees, and notches of the angles most used.
     *
     * @param notches included angles to cut out; those that fit are drawn
     */
    public static Page protractor(List<Angle> notches) {
        Page.Pen pen = Page.Pen.a4("protractor");
        double left = Page.MARGIN;
        double foot = 150;
        double r = 100;
        pen.title(left, Page.A4_HEIGHT - Page.MARGIN - 6, 6, TemplateWords.PROTRACTOR.words());
        pen.words(left, Page.A4_HEIGHT - Page.MARGIN - 14, 3.4, TemplateWords.PROTRACTOR_HOW.words());
        pen.words(left, Page.A4_HEIGHT - Page.MARGIN - 19, 3.4, TemplateWords.PROTRACTOR_LIGHT.words());
        pen.line("base", left, foot, left + r + 6, foot);
        for (int deg = 5; deg <= 90; deg++) {
            Angle a = Angle.ofDegrees(deg);
            double from = deg % 5 == 0 ? deg % 10 == 0 ? 12 : r - 12 : r - 5;
            pen.line(
                    deg % 5 == 0 ? "ray " + deg : "",
                    left + from * a.cos(),
                    foot + from * a.sin(),
                    left + r * a.cos(),
                    foot + r * a.sin());
            if (deg % 5 == 0) {
                pen.centred(left + (r + 5) * a.cos(), foot + (r + 5) * a.sin() - 1, 3.2, String.valueOf(deg));
            }
        }
        double x = left;
        for (Angle notch : notches) {
            double deep = 26;
            double half = deep * Math.tan(notch.radians() / 2);
            if (x + 2 * half > Page.A4_WIDTH - Page.MARGIN) {
                break;
            }
            pen.path(
                    "notch " + Numbers.plain(notch.degrees(), 2),
                    false,
                    0.35,
                    false,
                    new Point(x, 90),
                    new Point(x + half, 90 + deep),
                    new Point(x + 2 * half, 90));
            pen.centred(x + half, 90 + deep + 3, 3.6, notch.toString());
            x += 2 * half + 12;
        }
        pen.help(left, 90, Page.A4_WIDTH - Page.MARGIN, 90);
        return pen.checkBar(left, 30).done();
    }

    /**
     * A line of a set-up card.
     *
     * @param what the bevel it is for, and its angle
     * @param set what to set, in words
     * @param lengthMm a length that is drawn out to hold the guide against; 0 where there is none
     */
    public record Line(String what, String set, double lengthMm) {}

    /** A tool's set-up card, half a page. */
    public static Page setup(String tool, String name, String holder, List<Line> lines, List<String> notes) {
        Page.Pen pen = new Page.Pen("set-up", Page.A4_WIDTH, Page.A4_HEIGHT / 2);
        double left = Page.MARGIN;
        double y = Page.A4_HEIGHT / 2 - Page.MARGIN - 6;
        pen.title(left, y, 6, tool);
        pen.words(left, y - 7, 4, TemplateWords.SET_UP_OF.fill("name", name, "holder", holder));
        y -= 18;
        for (Line line : lines) {
            pen.words(left, y, 3.6, line.what());
            pen.title(left + 62, y - 1, 7, line.set());
            if (line.lengthMm() > 0 && line.lengthMm() < Page.A4_WIDTH - 2 * Page.MARGIN) {
                double x = left;
                pen.line("length " + Numbers.plain(line.lengthMm(), 2), x, y - 8, x + line.lengthMm(), y - 8);
                pen.line("", x, y - 10, x, y - 6);
                pen.line("", x + line.lengthMm(), y - 10, x + line.lengthMm(), y - 6);
                pen.words(x + line.lengthMm() + 3, y - 9, 3, TemplateWords.EDGE_TO_FACE.words());
                y -= 9;
            }
            y -= 11;
        }
        for (String note : notes) {
            pen.words(left, y, 3.2, note);
            y -= 5;
        }
        return pen.checkBar(left, 14).done();
    }
}
