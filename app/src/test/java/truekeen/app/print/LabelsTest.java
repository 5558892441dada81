package truekeen.app.print;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.google.zxing.ChecksumException;
import com.google.zxing.FormatException;
import com.google.zxing.qrcode.decoder.Decoder;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import truekeen.app.ApiTest;
import truekeen.core.message.Numbers;

/** Labels and bench cards, as they are printed. */
class LabelsTest extends ApiTest {
    private String words(String path) throws IOException {
        var answer = bytes(path);
        assertThat(answer.statusCode()).isEqualTo(200);
        try (PDDocument pdf = Loader.loadPDF(answer.body())) {
            return new PDFTextStripper().getText(pdf);
        }
    }

    @Test
    void aLabelNamesItsToolAndItsCodeIsRead() throws Exception {
        String tool = takeIn(chisel());
        assertThat(words("/api/v1/print/tools/" + tool + "/label.pdf"))
                .contains("24 mm chisel")
                .contains("boat shed")
                .contains("100 mm long");
        String address = "http://127.0.0.1:8417/tools/" + tool;
        assertThat(read(QrCode.of(address))).isEqualTo(address);
    }

    @Test
    void aTicketHangsOnTheToolAndGoesWithItsOwner() throws IOException {
        String tool = takeIn(chisel().put("note", "rings on the mooring").put("wantedBy", ""));
        String before = words("/api/v1/print/tools/" + tool + "/ticket.pdf");
        assertThat(before)
                .contains("Hangs on the tool", "For its owner", "24 mm chisel", "Of: boat shed")
                .contains("Said at the door: rings on the mooring")
                .doesNotContain("Found:", "Wanted back");
        ObjectNode chipped = survey();
        mark(chipped, "CHIP", "4.5", "6", "0.3");
        post("/api/v1/tools/" + tool + "/surveys", chipped);
        assertThat(words("/api/v1/print/tools/" + tool + "/ticket.pdf")).contains("Found: chip at 4.5 to 6 mm");
        assertThat(bytes("/api/v1/print/tools/00000000-0000-0000-0000-000000000001/ticket.pdf")
                        .statusCode())
                .isEqualTo(404);
    }

    private static String read(List<List<Boolean>> code) throws ChecksumException, FormatException {
        boolean[][] squares = new boolean[code.size()][code.size()];
        for (int y = 0; y < code.size(); y++) {
            for (int x = 0; x < code.size(); x++) {
                squares[y][x] = code.get(y).get(x);
            }
        }
        return new Decoder().decode(squares).getText();
    }

    @Test
    void allToolsInUseHaveALabelOnAsManySheetsAsItTakes() throws IOException {
        for (int i = 0; i < 22; i++) {
            takeIn(chisel());
        }
        try (PDDocument pdf = Loader.loadPDF(bytes("/api/v1/print/labels.pdf").body())) {
            assertThat(pdf.getNumberOfPages()).isGreaterThanOrEqualTo(2);
        }
    }

    @Test
    void aBenchCardHoldsEveryStepOfThePlan() throws IOException {
        String tool = takeIn(chisel());
        assertThat(bytes("/api/v1/print/tools/" + tool + "/bench-card.pdf").statusCode())
                .as("no plan yet")
                .isEqualTo(422);
        planned(tool, survey());
        String card = words("/api/v1/print/tools/" + tool + "/bench-card.pdf").replaceAll("\\s+", " ");
        JsonNode steps = get("/api/v1/tools/" + tool + "/plan").body().at("/plan/plan/steps");
        steps.forEach(step -> assertThat(card).contains(step.path("title").asText()));
        List<String> set = new ArrayList<>();
        steps.forEach(step -> {
            if (step.path("setting").isNumber()) {
                set.add(step.path("settingName").asText() + " "
                        + Numbers.plain(step.path("setting").asDouble(), 1));
            }
        });
        assertThat(set).as("the guide is set somewhere").isNotEmpty();
        assertThat(card).contains(set);
    }
}
