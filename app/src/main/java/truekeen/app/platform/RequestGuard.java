package truekeen.app.platform;

import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.List;
import java.util.concurrent.Semaphore;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;

/**
 * Looks at every request before anything acts on it: a page from elsewhere in the same browser cannot drive the local service, since its requests name
 * another origin or host, and a body that is far too large is not read. Also sets the headers that keep the page itself
 * from running anything foreign.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class RequestGuard extends OncePerRequestFilter {
    /** No form of the bench is larger. */
    static final int MOST_BYTES = 1_000_000;
    /** No photograph of an edge needs to be larger. */
    static final int MOST_PHOTO_BYTES = 12_000_000;

    /** A backup of a shop with many pictures. */
    static final int MOST_BACKUP_BYTES = 2_000_000_000;

    private static final String POLICY = "default-src 'self'; script-src 'self'; style-src 'self';"
            + " img-src 'self' data: blob:; font-src 'self'; connect-src 'self'; object-src 'none';"
            + " base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    /** So many bodies are read at a time: those that come slowly leave room for whoever only asks. */
    private static final int MOST_BODIES = 200;

    /** So many requests of one device of the network are under way at a time. */
    private static final int MOST_OF_DEVICE = 40;

    private final Semaphore bodies = new Semaphore(MOST_BODIES);
    private final AtATime ofDevice = new AtATime(MOST_OF_DEVICE);
    private final Settings settings;
    private final SecondDoor network;
    private final ObjectMapper json;

    RequestGuard(Settings settings, SecondDoor network, ObjectMapper json) {
        this.settings = settings;
        this.network = network;
        this.json = json;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        response.setHeader("Content-Security-Policy", POLICY);
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("X-Frame-Options", "DENY");
        response.setHeader("Referrer-Policy", "no-referrer");
        response.setHeader("Cross-Origin-Opener-Policy", "same-origin");
        response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
        if (request.getRequestURI().startsWith("/api/")) {
            response.setHeader("Cache-Control", "no-store");
        }
        boolean named = network.through(request)
                ? network.answersTo(request.getServerName())
                : settings.allowedHosts().contains(request.getServerName());
        if (!named || foreign(request)) {
            Problems.write(json, response, HttpStatus.FORBIDDEN, Refusal.of(MessageCode.ORIGIN_REFUSED, "", ""));
            return;
        }
        int most = isBackup(request) ? MOST_BACKUP_BYTES : isPhoto(request) ? MOST_PHOTO_BYTES : MOST_BYTES;
        if (request.getContentLengthLong() > most) {
            Problems.write(
                    json,
                    response,
                    HttpStatus.PAYLOAD_TOO_LARGE,
                    BoundedBody.tooLarge(request.getContentLengthLong(), most));
            return;
        }
        String device = network.through(request) ? request.getRemoteAddr() : "";
        if (!device.isEmpty() && !ofDevice.enter(device)) {
            Problems.write(json, response, HttpStatus.SERVICE_UNAVAILABLE, Refusal.of(MessageCode.TOO_BUSY, "", ""));
            return;
        }
        try {
            letIn(request, response, chain, most);
        } finally {
            if (!device.isEmpty()) {
                ofDevice.leave(device);
            }
        }
    }

    private void letIn(HttpServletRequest request, HttpServletResponse response, FilterChain chain, int most)
            throws ServletException, IOException {
        boolean sends = request.getContentLengthLong() > 0 || request.getHeader("Transfer-Encoding") != null;
        if (sends && !bodies.tryAcquire()) {
            Problems.write(json, response, HttpStatus.SERVICE_UNAVAILABLE, Refusal.of(MessageCode.TOO_BUSY, "", ""));
            return;
        }
        try {
            chain.doFilter(new BoundedBody(request, most), response);
        } finally {
            if (sends) {
                bodies.release();
            }
        }
    }

    private static boolean isBackup(HttpServletRequest request) {
        return request.getMethod().equals("POST") && request.getRequestURI().equals("/api/v1/backups/restore");
    }

    private static boolean isPhoto(HttpServletRequest request) {
        return request.getMethod().equals("POST") && request.getRequestURI().endsWith("/photos");
    }

    /** Whether the request was made by a page of another origin. */
    private static boolean foreign(HttpServletRequest request) {
        String site = request.getHeader("Sec-Fetch-Site");
        boolean reads = List.of("GET", "HEAD").contains(request.getMethod());
        if (site != null && !site.equals("same-origin") && !site.equals("none")) {
            // Following a link here from another page is harmless; anything else from there is not.
            boolean link = reads && "navigate".equals(request.getHeader("Sec-Fetch-Mode"));
            return !link;
        }
        String origin = request.getHeader("Origin");
        if (origin == null) {
            return false;
        }
        try {
            URI from = URI.create(origin);
            return from.getHost() == null
                    || !request.getScheme().equals(from.getScheme())
                    || !from.getHost().equals(request.getServerName())
                    || from.getPort() != request.getServerPort();
        } catch (IllegalArgumentException notAnOrigin) {
            return true;
        }
    }
}
