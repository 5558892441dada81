package truekeen.app.platform;

import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import org.hibernate.exception.JDBCConnectionException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;

/** Turns what went wrong into problem details (RFC 9457) that name the field, the value and what is allowed. */
@RestControllerAdvice
public class Problems extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);
    /** States of a connection that broke and of a session that was ended. */
    private static final Pattern ENDED = Pattern.compile("08|57P");

    private static final Set<MessageCode> CONFLICTS = Set.of(
            MessageCode.CHANGED_MEANWHILE,
            MessageCode.SESSION_HELD,
            MessageCode.SESSION_CLOSED,
            MessageCode.SESSION_OPEN,
            MessageCode.EVENT_OUT_OF_PLACE,
            MessageCode.ISOLATE_FIRST,
            MessageCode.INSPECT_FIRST,
            MessageCode.BLADE_REJECTED,
            MessageCode.OLDER_RECORD,
            MessageCode.STOPPED,
            MessageCode.TRIAL_ENDED,
            MessageCode.TRIAL_NOT_SETTLED);

    /**
     * One fault, as the screens read it.
     *
     * @param field name of the field, or empty
     * @param code name of the message
     * @param value what was given
     * @param allowed what is allowed, or empty
     * @param message the words
     */
    record Fault(String field, String code, String value, String allowed, String message) {
        static Fault of(Refusal r) {
            return new Fault(r.field(), r.code().name(), r.value(), r.allowed(), r.words());
        }
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> refused(RefusedException refused) {
        MessageCode code = refused.refusals().get(0).code();
        HttpStatus status =
                switch (code) {
                    case NOT_FOUND -> HttpStatus.NOT_FOUND;
                    case NOT_SIGNED_IN -> HttpStatus.UNAUTHORIZED;
                    case TOO_MANY_TRIES -> HttpStatus.TOO_MANY_REQUESTS;
                    case TOO_BUSY -> HttpStatus.SERVICE_UNAVAILABLE;
                    default -> CONFLICTS.contains(code) ? HttpStatus.CONFLICT : HttpStatus.UNPROCESSABLE_ENTITY;
                };
        return problem(status, refused.refusals());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> changedMeanwhile(OptimisticLockingFailureException ignored) {
        return problem(HttpStatus.CONFLICT, List.of(Refusal.of(MessageCode.CHANGED_MEANWHILE, "", "")));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> collided(DataIntegrityViolationException collision) {
        LOG.warn("Two writes collided: {}", collision.getMostSpecificCause().getMessage());
        return problem(HttpStatus.CONFLICT, List.of(Refusal.of(MessageCode.CHANGED_MEANWHILE, "", "")));
    }

    @ExceptionHandler({
        CannotCreateTransactionException.class,
        DataAccessResourceFailureException.class,
        JDBCConnectionException.class,
        TransactionSystemException.class
    })
    ResponseEntity<ProblemDetail> storeAway(Exception away) {
        if (diskFull(away)) {
            return full(away);
        }
        LOG.error("The database cannot be reached", away);
        return problem(HttpStatus.SERVICE_UNAVAILABLE, List.of(Refusal.of(MessageCode.STORE_AWAY, "", "")));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> wrongType(MethodArgumentTypeMismatchException mismatch) {
        return problem(
                HttpStatus.NOT_FOUND,
                List.of(Refusal.of(MessageCode.NOT_FOUND, mismatch.getName(), mismatch.getValue())
                        .with("what", "such thing as")));
    }

    /** Whether the database had no room left to write (SQLSTATE 53100). */
    private static boolean diskFull(Throwable fault) {
        for (Throwable cause = fault; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLException sql && "53100".equals(sql.getSQLState())) {
                return true;
            }
        }
        return false;
    }

    /**
     * Whether the database went away under the question: its connection broke, or it ended the session, or the pool says that
     * the connection is closed, which has no state.
     */
    private static boolean connectionLost(Throwable fault) {
        for (Throwable cause = fault; cause != null; cause = cause.getCause()) {
            boolean broken = cause instanceof SQLException sql
                    && (sql.getSQLState() == null
                            || ENDED.matcher(sql.getSQLState()).lookingAt());
            if (broken || cause instanceof SQLTransientConnectionException) {
                return true;
            }
        }
        return false;
    }

    private static ResponseEntity<ProblemDetail> full(Exception fault) {
        LOG.error("The disk is full", fault);
        return problem(HttpStatus.INSUFFICIENT_STORAGE, List.of(Refusal.of(MessageCode.DISK_FULL, "", "")));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> bodyRefused(BoundedBody.BodyRefused refused) {
        return problem(refused.status(), List.of(refused.refusal()));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> notTheOwner(AccessDeniedException refused) {
        return problem(HttpStatus.FORBIDDEN, List.of(Refusal.of(MessageCode.OWNER_ONLY, "", "")));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> unexpected(Exception fault, HttpServletRequest request) {
        if (diskFull(fault)) {
            return full(fault);
        }
        if (connectionLost(fault)) {
            return storeAway(fault);
        }
        LOG.error("Unexpected fault at {} {}", request.getMethod(), request.getRequestURI(), fault);
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Something went wrong here. See whether it was done before you try it again.");
        return ResponseEntity.internalServerError().body(detail);
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException unreadable,
            HttpHeaders headers,
            HttpStatusCode status,
            WebRequest request) {
        Refusal refusal = UnreadableBody.why(unreadable);
        HttpStatus answer =
                switch (refusal.code()) {
                    case BODY_TOO_LARGE -> HttpStatus.PAYLOAD_TOO_LARGE;
                    case BODY_TOO_SLOW -> HttpStatus.REQUEST_TIMEOUT;
                    default -> HttpStatus.BAD_REQUEST;
                };
        return ResponseEntity.status(answer).body(body(answer, List.of(refusal)));
    }

    /** Every other failure that the framework names: the same form, in our words. */
    @Override
    protected ResponseEntity<Object> handleExceptionInternal(
            Exception failure, Object ignored, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        if (connectionLost(failure)) {
            // Units are asked for while an answer is written.
            HttpStatus away = HttpStatus.SERVICE_UNAVAILABLE;
            return ResponseEntity.status(away).body(body(away, List.of(Refusal.of(MessageCode.STORE_AWAY, "", ""))));
        }
        HttpStatus named = HttpStatus.valueOf(status.value());
        MessageCode code =
                switch (named) {
                    case NOT_FOUND -> MessageCode.NO_SUCH_PAGE;
                    case METHOD_NOT_ALLOWED -> MessageCode.METHOD_UNKNOWN;
                    case UNSUPPORTED_MEDIA_TYPE, NOT_ACCEPTABLE -> MessageCode.MEDIA_UNKNOWN;
                    default -> MessageCode.REQUEST_UNREADABLE;
                };
        return ResponseEntity.status(named).headers(headers).body(body(named, List.of(Refusal.of(code, "", ""))));
    }

    private static ResponseEntity<ProblemDetail> problem(HttpStatus status, List<Refusal> refusals) {
        return ResponseEntity.status(status).body(body(status, refusals));
    }

    /** Refuses before any address is reached, in the form of every refusal. */
    public static void write(ObjectMapper json, HttpServletResponse response, HttpStatus status, Refusal refusal)
            throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        json.writeValue(response.getOutputStream(), body(status, List.of(refusal)));
    }

    /** A problem of these faults, the first of them in its detail. */
    static ProblemDetail body(HttpStatus status, List<Refusal> refusals) {
        ProblemDetail detail =
                ProblemDetail.forStatusAndDetail(status, refusals.get(0).words());
        String code = refusals.get(0).code().name();
        detail.setType(java.net.URI.create("urn:truekeen:" + code.toLowerCase(Locale.ROOT)));
        detail.setProperty("errors", refusals.stream().map(Fault::of).toList());
        return detail;
    }
}
