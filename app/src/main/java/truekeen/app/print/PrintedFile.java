package truekeen.app.print;

import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import truekeen.core.template.Page;

/** Pages as a file that a browser shows and prints. */
public final class PrintedFile {
    private PrintedFile() {}

    /** As a PDF, called after its first page. */
    public static ResponseEntity<byte[]> pdf(List<Page> pages) {
        return of(pages.get(0).name() + ".pdf", MediaType.APPLICATION_PDF, PdfPages.write(pages));
    }

    static ResponseEntity<byte[]> of(String name, MediaType type, byte[] bytes) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline().filename(name).build().toString())
                .body(bytes);
    }
}
