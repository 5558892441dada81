package truekeen.app.print;

import java.util.Locale;
import java.util.stream.Collectors;
import truekeen.core.template.Page;

/** Writes a page as SVG in millimetres, for cutters and plotters. */
final class SvgPage {
    private SvgPage() {}

    static String write(Page page) {
        StringBuilder out = new StringBuilder(String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%smm\" height=\"%smm\" viewBox=\"0 0 %s %s\">%n",
                number(page.widthMm()),
                number(page.heightMm()),
                number(page.widthMm()),
                number(page.heightMm())));
        for (Page.Mark mark : page.marks()) {
            if (mark instanceof Page.Path path) {
                out.append(path(page, path));
            } else if (mark instanceof Page.Words words) {
                out.append(words(page, words));
            }
        }
        return out.append("</svg>\n").toString();
    }

    private static String path(Page page, Page.Path path) {
        String points = path.points().stream()
                .map(p -> number(p.x()) + " " + number(page.heightMm() - p.y()))
                .collect(Collectors.joining(" L", "M", path.closed() ? " Z" : ""));
        return "<path"
                + (path.tag().isEmpty() ? "" : " id=\"" + escape(path.tag().replace(' ', '-')) + "\"")
                + " d=\"" + points + "\" fill=\"none\" stroke=\"#000\" stroke-width=\"" + number(path.weightMm()) + "\""
                + (path.dashed() ? " stroke-dasharray=\"1.4 1\"" : "") + "/>\n";
    }

    private static String words(Page page, Page.Words words) {
        return "<text x=\"" + number(words.at().x()) + "\" y=\""
                + number(page.heightMm() - words.at().y())
                + "\" font-family=\"sans-serif\" font-size=\"" + number(words.sizeMm() * 1.25) + "\""
                + (words.centred() ? " text-anchor=\"middle\"" : "") + ">" + escape(words.text()) + "</text>\n";
    }

    private static String number(double value) {
        return truekeen.core.message.Numbers.plain(value, 6);
    }

    private static String escape(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}
