package truekeen.app.platform;

import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Duration;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.boot.autoconfigure.security.SecurityProperties;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerExecutionChain;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.util.ContentCachingResponseWrapper;
import org.springframework.web.util.ServletRequestPathUtils;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;

/**
 * A request that changes something and bears a key (the header {@code Idempotency-Key}) is done once: sent again, it is answered
 * as it was answered. While it is still being done the second waits for the first. One whose end is not known, since the service
 * ended in the middle of it, is not done again but said to be so.
 */
@Component
@Order(OnceFilter.AFTER_SIGNING_IN)
class OnceFilter extends OncePerRequestFilter {
    static final String KEY = "Idempotency-Key";

    /** Nothing is kept of what somebody asks who may not ask. */
    static final int AFTER_SIGNING_IN = SecurityProperties.DEFAULT_FILTER_ORDER + 1;

    private static final List<String> CHANGES = List.of("POST", "PUT", "DELETE");
    /** A photograph or a whole backup is not held to be compared. */
    private static final Pattern COMPARED = Pattern.compile("(application/json|text/).*");

    private static final int MOST_ANSWER = 1_000_000;
    private static final Duration LOOKS = Duration.ofMillis(50);

    private final AnsweredRequests requests;
    private final ObjectMapper json;
    private final ObjectProvider<HandlerMapping> addresses;

    OnceFilter(
            AnsweredRequests requests,
            ObjectMapper json,
            @Qualifier("requestMappingHandlerMapping") ObjectProvider<HandlerMapping> addresses) {
        this.requests = requests;
        this.json = json;
        this.addresses = addresses;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return request.getHeader(KEY) == null
                || !CHANGES.contains(request.getMethod())
                || request.getContentType() != null
                        && !COMPARED.matcher(request.getContentType()).matches()
                || harmlessTwice(request);
    }

    private boolean harmlessTwice(HttpServletRequest request) {
        try {
            ServletRequestPathUtils.parseAndCache(request);
            HandlerExecutionChain found = addresses.getObject().getHandler(request);
            return found != null
                    && found.getHandler() instanceof HandlerMethod method
                    && (method.hasMethodAnnotation(HarmlessTwice.class)
                            || method.getBeanType().isAnnotationPresent(HarmlessTwice.class));
        } catch (Exception refusedLater) {
            // What cannot be found is refused where requests are dealt out.
            return true;
        }
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        UUID key;
        try {
            key = UUID.fromString(request.getHeader(KEY));
        } catch (IllegalArgumentException odd) {
            Problems.write(json, response, HttpStatus.BAD_REQUEST, Refusal.of(MessageCode.REQUEST_UNREADABLE, "", ""));
            return;
        }
        byte[] body;
        try {
            body = request.getInputStream().readAllBytes();
        } catch (BoundedBody.BodyRefused refused) {
            Problems.write(json, response, refused.status(), refused.refusal());
            return;
        }
        String asked = digest(request, body);
        Optional<AnsweredRequests.Known> known;
        try {
            known = requests.begin(key, asked) ? Optional.empty() : requests.known(key);
        } catch (DataAccessException | TransactionException away) {
            Problems.write(json, response, HttpStatus.SERVICE_UNAVAILABLE, Refusal.of(MessageCode.STORE_AWAY, "", ""));
            return;
        }
        if (known.isEmpty()) {
            first(new Kept(request, body), response, chain, key);
        } else if (!known.get().asked().equals(asked)) {
            Problems.write(json, response, HttpStatus.UNPROCESSABLE_ENTITY, Refusal.of(MessageCode.KEY_USED, "", ""));
        } else {
            again(response, key);
        }
    }

    private void first(HttpServletRequest request, HttpServletResponse response, FilterChain chain, UUID key)
            throws ServletException, IOException {
        ContentCachingResponseWrapper written = new ContentCachingResponseWrapper(response);
        boolean done = false;
        try {
            chain.doFilter(request, written);
            done = written.getStatus() < HttpStatus.INTERNAL_SERVER_ERROR.value();
        } finally {
            try {
                if (done && written.getContentSize() <= MOST_ANSWER) {
                    requests.answered(
                            key,
                            new AnsweredRequests.Answer(
                                    written.getStatus(),
                                    Optional.ofNullable(written.getContentType())
                                            .orElse(""),
                                    new String(written.getContentAsByteArray(), StandardCharsets.UTF_8)));
                } else if (!done) {
                    requests.forget(key);
                }
            } catch (DataAccessException | TransactionException away) {
                // The store went away meanwhile: sent again, the end of it will be said not to be known.
                logger.warn("What was answered could not be kept", away);
            }
            written.copyBodyToResponse();
        }
    }

    private void again(HttpServletResponse response, UUID key) throws IOException {
        Optional<AnsweredRequests.Known> known = known(key);
        while (known.isPresent() && known.get().fresh() && known.get().answer().isEmpty()) {
            try {
                Thread.sleep(LOOKS.toMillis());
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                break;
            }
            known = known(key);
        }
        Optional<AnsweredRequests.Answer> answer = known.flatMap(AnsweredRequests.Known::answer);
        if (answer.isEmpty()) {
            Problems.write(json, response, HttpStatus.CONFLICT, Refusal.of(MessageCode.END_UNKNOWN, "", ""));
            return;
        }
        response.setStatus(answer.get().status());
        if (!answer.get().kind().isEmpty()) {
            response.setContentType(answer.get().kind());
        }
        response.getOutputStream().write(answer.get().body().getBytes(StandardCharsets.UTF_8));
    }

    private Optional<AnsweredRequests.Known> known(UUID key) {
        try {
            return requests.known(key);
        } catch (DataAccessException | TransactionException away) {
            return Optional.empty();
        }
    }

    private static String digest(HttpServletRequest request, byte[] body) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            digest.update((request.getMethod() + " " + request.getRequestURI() + "?" + request.getQueryString() + "\n")
                    .getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest.digest(body));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    /** A request whose body was read already. */
    private static final class Kept extends HttpServletRequestWrapper {
        private final byte[] body;

        Kept(HttpServletRequest request, byte[] body) {
            super(request);
            this.body = body;
        }

        @Override
        public ServletInputStream getInputStream() {
            ByteArrayInputStream in = new ByteArrayInputStream(body);
            return new ServletInputStream() {
                @Override
                public int read() {
                    return in.read();
                }

                @Override
                public int read(byte[] into, int from, int length) {
                    return in.read(into, from, length);
                }

                @Override
                public boolean isFinished() {
                    return in.available() == 0;
                }

                @Override
                public boolean isReady() {
                    return true;
                }

                @Override
                public void setReadListener(ReadListener listener) {
                    throw new UnsupportedOperationException();
                }
            };
        }
    }
}
