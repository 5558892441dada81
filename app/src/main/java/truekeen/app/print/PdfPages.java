package truekeen.app.print;

import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences.PRINT_SCALING;
import truekeen.core.section.Point;
import truekeen.core.template.Page;

/** Writes pages as PDF, a millimetre being a millimetre; the viewer is asked not to fit them. */
final class PdfPages {
    static final double POINTS_PER_MM = 72 / 25.4;
    /** The library carries this face under the SIL Open Font License; it is embedded as far as it is used. */
    private static final String FACE = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";

    private PdfPages() {}

    static byte[] write(List<Page> pages) {
        try (PDDocument document = new PDDocument();
                InputStream face = PDDocument.class.getResourceAsStream(FACE)) {
            PDFont font = PDType0Font.load(document, face, true);
            PDViewerPreferences viewer =
                    new PDViewerPreferences(document.getDocumentCatalog().getCOSObject());
            viewer.setPrintScaling(PRINT_SCALING.None);
            document.getDocumentCatalog().setViewerPreferences(viewer);
            for (Page page : pages) {
                page(document, font, page);
            }
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException inMemory) {
            throw new UncheckedIOException(inMemory);
        }
    }

    private static void page(PDDocument document, PDFont font, Page page) throws IOException {
        PDPage sheet = new PDPage(new PDRectangle(pt(page.widthMm()), pt(page.heightMm())));
        document.addPage(sheet);
        try (PDPageContentStream out = new PDPageContentStream(document, sheet)) {
            out.setStrokingColor(Color.BLACK);
            out.setNonStrokingColor(Color.BLACK);
            for (Page.Mark mark : page.marks()) {
                if (mark instanceof Page.Path path) {
                    path(out, path);
                } else if (mark instanceof Page.Words words) {
                    words(out, font, words);
                }
            }
        }
    }

    private static void path(PDPageContentStream out, Page.Path path) throws IOException {
        out.setLineWidth(pt(path.weightMm()));
        out.setLineDashPattern(path.dashed() ? new float[] {4, 3} : new float[0], 0);
        Point first = path.points().get(0);
        out.moveTo(pt(first.x()), pt(first.y()));
        for (Point p : path.points().subList(1, path.points().size())) {
            out.lineTo(pt(p.x()), pt(p.y()));
        }
        if (path.closed()) {
            out.closeAndStroke();
        } else {
            out.stroke();
        }
    }

    private static void words(PDPageContentStream out, PDFont font, Page.Words words) throws IOException {
        float size = pt(words.sizeMm() * 1.25);
        String text = printable(font, words.text());
        float shift = words.centred() ? font.getStringWidth(text) / 1000 * size / 2 : 0;
        out.beginText();
        out.setFont(font, size);
        out.newLineAtOffset(pt(words.at().x()) - shift, pt(words.at().y()));
        out.showText(text);
        out.endText();
    }

    /** What the face has no letter for is left as a question mark, rather than losing the page over a name. */
    private static String printable(PDFont font, String text) {
        StringBuilder kept = new StringBuilder();
        text.codePoints().forEach(c -> {
            String letter = new String(Character.toChars(c));
            try {
                font.encode(letter);
                kept.append(letter);
            } catch (IOException | IllegalArgumentException missing) {
                kept.append('?');
            }
        });
        return kept.toString();
    }

    private static float pt(double mm) {
        return (float) (mm * POINTS_PER_MM);
    }
}
