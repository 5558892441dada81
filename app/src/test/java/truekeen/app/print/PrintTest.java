package truekeen.app.print;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.awt.geom.Point2D;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.ArrayList;
import java.util.List;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import truekeen.app.ApiTest;
import truekeen.core.progression.Answer;

/** What is printed is read back and measured. */
class PrintTest extends ApiTest {
    private byte[] file(String path, String type) {
        var answer = bytes("/api/v1/print/" + path);
        assertThat(answer.statusCode()).as(path).isEqualTo(200);
        assertThat(answer.headers().firstValue("content-type").orElse("")).startsWith(type);
        return answer.body();
    }

    private static List<PdfLines.Line> lines(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            List<PdfLines.Line> all = new ArrayList<>();
            for (var page : document.getPages()) {
                all.addAll(PdfLines.of(page));
            }
            return all;
        }
    }

    private static String words(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }

    private static void hasCheckBar(byte[] pdf) throws IOException {
        assertThat(lines(pdf)).anySatisfy(l -> assertThat(l.lengthMm()).isCloseTo(100, within(0.01)));
        assertThat(words(pdf)).contains("This bar is 100 mm long");
    }

    @Test
    void theBlocksOfAStopBoardStandAtTheirProjections() throws IOException {
        kit();
        byte[] pdf = file("stop-board.pdf?holder=" + inKit("holders", "guide") + "&angles=25,30,35", "application/pdf");
        hasCheckBar(pdf);
        for (double wanted : new double[] {41.00, 31.75, 25.06}) {
            assertThat(lines(pdf)).as("a line of %s mm", wanted).anySatisfy(l -> {
                assertThat(l.lengthMm()).isCloseTo(wanted, within(0.01));
                assertThat(l.from().getX()).isCloseTo(l.to().getX(), within(1e-3));
            });
        }
        assertThat(words(pdf)).contains("25°").contains("31.75 mm").contains("guide");
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getDocumentCatalog().getViewerPreferences().getPrintScaling())
                    .isEqualTo("None");
            assertThat(document.getPage(0).getMediaBox().getWidth() / PdfPages.POINTS_PER_MM)
                    .isCloseTo(210, within(0.01));
        }
    }

    @Test
    void theSameBoardAsADrawingToCut() throws Exception {
        kit();
        byte[] svg = file("stop-board.svg?holder=" + inKit("holders", "guide") + "&angles=30", "image/svg+xml");
        var document = DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new ByteArrayInputStream(svg));
        var root = document.getDocumentElement();
        assertThat(root.getAttribute("width")).isEqualTo("210mm");
        assertThat(root.getAttribute("viewBox")).isEqualTo("0 0 210 297");
        String d = null;
        var paths = document.getElementsByTagName("path");
        for (int i = 0; i < paths.getLength(); i++) {
            var path = (org.w3c.dom.Element) paths.item(i);
            if (path.getAttribute("id").equals("projection-30")) {
                d = path.getAttribute("d");
            }
        }
        String[] n = d.replaceAll("[ML]", "").trim().split(" ");
        assertThat(Math.abs(Double.parseDouble(n[1]) - Double.parseDouble(n[3])))
                .isCloseTo(31.75, within(0.01));
    }

    @Test
    void wedgesHaveTheirAngle() throws IOException {
        byte[] pdf = file("wedges.pdf?angles=13.88,20", "application/pdf");
        hasCheckBar(pdf);
        for (double wanted : new double[] {13.88, 20}) {
            assertThat(lines(pdf)).anySatisfy(l -> {
                Point2D a = l.from();
                Point2D b = l.to();
                double slope = Math.toDegrees(Math.atan2(Math.abs(b.getY() - a.getY()), Math.abs(b.getX() - a.getX())));
                assertThat(slope).isCloseTo(wanted, within(0.01));
            });
        }
        assertThat(new String(file("wedges.svg?angles=20", "image/svg+xml"), java.nio.charset.StandardCharsets.UTF_8))
                .contains("wedge-20");
    }

    @Test
    void theSolidIsAsSteepAsItsName() {
        ByteBuffer stl =
                ByteBuffer.wrap(file("wedge.stl?angle=15", "model/stl")).order(ByteOrder.LITTLE_ENDIAN);
        assertThat(stl.getInt(80)).isEqualTo(12);
        assertThat(stl.capacity()).isEqualTo(84 + 12 * 50);
        boolean slope = false;
        for (int i = 0; i < 12; i++) {
            float nx = stl.getFloat(84 + 50 * i);
            float nz = stl.getFloat(84 + 50 * i + 8);
            slope |= nz > 0.5 && Math.abs(Math.toDegrees(Math.atan2(-nx, nz)) - 15) < 1e-3;
        }
        assertThat(slope).isTrue();
    }

    @Test
    void protractorCardAndSetUpCard() throws IOException {
        kit();
        hasCheckBar(file("protractor.pdf", "application/pdf"));
        String tool = takeIn(chisel());
        ObjectNode form = angle();
        form.put("holderId", inKit("holders", "guide"));
        var setup = post("/api/v1/tools/" + tool + "/setups", form).body();
        byte[] card = file("setups/" + setup.path("id").asText() + "/card.pdf", "application/pdf");
        hasCheckBar(card);
        double p = setup.path("settings").get(0).path("value").asDouble();
        assertThat(lines(card)).anySatisfy(l -> assertThat(l.lengthMm()).isCloseTo(p, within(0.01)));
        assertThat(words(card)).contains("guide").contains("bench");
    }

    @Test
    void theCamberIsDrawnForAnIronThatHasOneAndRefusedForOthers() throws IOException {
        kit();
        String iron = takeIn(tool(
                "jack",
                "plane iron bevel down / jack and scrub",
                "low-alloy tool steel",
                "width=50;thickness=3;usableLength=60;retireLength=15;bed=45;primary=25"));
        ObjectNode form = angle();
        form.put("camber", "1.2");
        assertThat(post("/api/v1/tools/" + iron + "/setups", form).status()).isEqualTo(200);
        byte[] pdf = file("tools/" + iron + "/camber.pdf", "application/pdf");
        hasCheckBar(pdf);
        assertThat(words(pdf)).contains("Camber for the jack");
        String chisel = takeIn(chisel());
        post("/api/v1/tools/" + chisel + "/setups", angle());
        assertThat(get("/api/v1/print/tools/" + chisel + "/camber.pdf").status())
                .isEqualTo(422);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "stop-board.pdf?holder=HOLDER&angles=",
                "stop-board.pdf?holder=HOLDER&angles=abc",
                "stop-board.pdf?holder=HOLDER&angles=2",
                "stop-board.pdf?holder=00000000-0000-0000-0000-00000000abcd&angles=25",
                "stop-board.pdf?holder=nobody&angles=25",
                "stop-board.pdf?angles=25",
                "wedges.pdf?angles=75",
                "wedge.stl?angle=0",
                "wedge.stl?angle=",
                "protractor.pdf?angles=200"
            })
    void whatCannotBePrintedIsRefusedInWords(String path) {
        kit();
        Answer answer = get("/api/v1/print/" + path.replace("HOLDER", inKit("holders", "guide")));
        assertThat(answer.status()).isBetween(400, 422);
        assertThat(answer.body().path("detail").asText()).isNotEmpty();
    }
}
