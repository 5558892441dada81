package truekeen.app.platform;

import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.List;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
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

    private static final String POLICY = "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline';"
            + " img-src 'self' data: blob:; font-src 'self'; connect-src 'self'; object-src 'none';"
            + " base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    private final Settings settings;
    private final ObjectMapper json;

    RequestGuard(Settings settings, ObjectMapper json) {
        this.settings = settings;
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
        if (!settings.allowedHosts().contains(request.getServerName()) || foreign(request)) {
            refuse(response, HttpStatus.FORBIDDEN, Refusal.of(MessageCode.ORIGIN_REFUSED, "", ""));
            return;
        }
        int most = isBackup(request) ? MOST_BACKUP_BYTES : isPhoto(request) ? MOST_PHOTO_BYTES : MOST_BYTES;
        if (request.getContentLengthLong() > most) {
            refuse(response, HttpStatus.PAYLOAD_TOO_LARGE, tooLarge(request.getContentLengthLong(), most));
            return;
        }
        chain.doFilter(new Limited(request, most), response);
    }

    /** A body that turned out to be too large while it was read, its length not having been said beforehand. */
    static final class BodyTooLarge extends IOException {
        private static final long serialVersionUID = 1;
        private final int most;

        BodyTooLarge(int most) {
            super("a body of more than " + most + " bytes");
            this.most = most;
        }

        Refusal refusal() {
            return tooLarge("more", most);
        }
    }

    private static Refusal tooLarge(Object size, int most) {
        return Refusal.of(MessageCode.BODY_TOO_LARGE, "", size).with("high", most / 1_000_000 + " MB");
    }

    /** A request whose body is read no further than is allowed. */
    private static final class Limited extends HttpServletRequestWrapper {
        private final int most;

        Limited(HttpServletRequest request, int most) {
            super(request);
            this.most = most;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new LimitedStream(super.getInputStream(), most);
        }
    }

    private static final class LimitedStream extends ServletInputStream {
        private final ServletInputStream in;
        private final int most;
        private long read;

        LimitedStream(ServletInputStream in, int most) {
            this.in = in;
            this.most = most;
        }

        @Override
        public int read() throws IOException {
            int b = in.read();
            count(b < 0 ? 0 : 1);
            return b;
        }

        @Override
        public int read(byte[] into, int from, int length) throws IOException {
            int n = in.read(into, from, length);
            count(Math.max(0, n));
            return n;
        }

        private void count(int more) throws BodyTooLarge {
            read += more;
            if (read > most) {
                throw new BodyTooLarge(most);
            }
        }

        @Override
        public boolean isFinished() {
            return in.isFinished();
        }

        @Override
        public boolean isReady() {
            return in.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            in.setReadListener(listener);
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
                    || !from.getHost().equals(request.getServerName())
                    || from.getPort() != request.getServerPort();
        } catch (IllegalArgumentException notAnOrigin) {
            return true;
        }
    }

    private void refuse(HttpServletResponse response, HttpStatus status, Refusal refusal) throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        json.writeValue(response.getOutputStream(), ProblemDetail.forStatusAndDetail(status, refusal.words()));
    }
}
