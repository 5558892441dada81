package truekeen.app.print;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import truekeen.app.units.UnitsService;
import truekeen.core.template.Page;

/** Makes files of pages that a browser shows and prints; what they say is in the units of the shop. */
@Component
public class PrintedFiles {
    private static final MediaType SVG = MediaType.parseMediaType("image/svg+xml");

    private final UnitsService units;

    PrintedFiles(UnitsService units) {
        this.units = units;
    }

    /** As a PDF, called after its first page. */
    public ResponseEntity<byte[]> pdf(List<Page> pages) {
        List<Page> said = pages.stream().map(this::said).toList();
        return of(pages.get(0).name() + ".pdf", MediaType.APPLICATION_PDF, PdfPages.write(said));
    }

    /** The first page as a drawing: a drawing is one sheet. */
    ResponseEntity<byte[]> svg(List<Page> pages) {
        Page page = said(pages.get(0));
        return of(page.name() + ".svg", SVG, SvgPage.write(page).getBytes(StandardCharsets.UTF_8));
    }

    static ResponseEntity<byte[]> of(String name, MediaType type, byte[] bytes) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline().filename(name).build().toString())
                .body(bytes);
    }

    private Page said(Page page) {
        return page.saying(units::said);
    }
}
