package truekeen.app.print;

import java.awt.geom.Point2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;

/** Reads the straight lines off a page, for tests that measure what was printed. */
public final class PdfLines extends PDFGraphicsStreamEngine {
    private final List<Line> lines = new ArrayList<>();
    private Point2D at = new Point2D.Double();
    private Point2D start = at;

    /** A line in points of the page. */
    public record Line(Point2D from, Point2D to) {
        /** Its length on paper (mm). */
        public double lengthMm() {
            return from.distance(to) / PdfPages.POINTS_PER_MM;
        }
    }

    private PdfLines(PDPage page) {
        super(page);
    }

    /** All straight lines of a page. */
    public static List<Line> of(PDPage page) throws IOException {
        PdfLines reader = new PdfLines(page);
        reader.processPage(page);
        return reader.lines;
    }

    @Override
    public void moveTo(float x, float y) {
        at = new Point2D.Double(x, y);
        start = at;
    }

    @Override
    public void lineTo(float x, float y) {
        Point2D next = new Point2D.Double(x, y);
        lines.add(new Line(at, next));
        at = next;
    }

    @Override
    public Point2D getCurrentPoint() {
        return at;
    }

    @Override
    public void appendRectangle(Point2D a, Point2D b, Point2D c, Point2D d) {
        lines.add(new Line(a, b));
        lines.add(new Line(b, c));
        lines.add(new Line(c, d));
    }

    @Override
    public void drawImage(PDImage image) {}

    @Override
    public void clip(int rule) {}

    @Override
    public void curveTo(float a, float b, float c, float d, float x, float y) {
        at = new Point2D.Double(x, y);
    }

    @Override
    public void closePath() {
        lines.add(new Line(at, start));
        at = start;
    }

    @Override
    public void endPath() {}

    @Override
    public void strokePath() {}

    @Override
    public void fillPath(int rule) {}

    @Override
    public void fillAndStrokePath(int rule) {}

    @Override
    public void shadingFill(COSName name) {}
}
