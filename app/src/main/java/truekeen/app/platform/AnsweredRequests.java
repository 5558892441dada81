package truekeen.app.platform;

import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;

/** What was asked under a key of its own, and what was answered. Kept for a day. */
@Component
class AnsweredRequests {
    private static final Duration KEPT = Duration.ofDays(1);
    private static final Duration MAY_TAKE = Duration.ofSeconds(20);

    private final JdbcTemplate jdbc;
    private final TransactionTemplate transaction;
    private final BenchClock clock;

    AnsweredRequests(JdbcTemplate jdbc, PlatformTransactionManager manager, BenchClock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
        this.transaction = new TransactionTemplate(manager);
        transaction.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
    }

    /**
     * What is known of a key.
     *
     * @param asked what was asked under it, as a digest
     * @param fresh whether it was begun so lately that it may still be being done
     * @param answer what was answered; empty while it is being done, or where that ended without a word
     */
    record Known(String asked, boolean fresh, Optional<Answer> answer) {}

    /** An answer: its status, the kind of its body, and that. */
    record Answer(int status, String kind, String body) {}

    /** Notes that something is being done under a key; false where that key is known. */
    boolean begin(UUID key, String asked) {
        return Boolean.TRUE.equals(transaction.execute(t -> jdbc.update(
                        "insert into answered_request (key, asked, begun_at) values (?, ?, ?) on conflict (key) do nothing",
                        key,
                        asked,
                        Timestamp.from(clock.instant()))
                == 1));
    }

    Optional<Known> known(UUID key) {
        List<Known> found = transaction.execute(t -> jdbc.query(
                "select asked, status, kind, answer, begun_at from answered_request where key = ?",
                (row, i) -> new Known(
                        row.getString(1),
                        row.getTimestamp(5).toInstant().plus(MAY_TAKE).isAfter(clock.instant()),
                        row.getObject(2) == null
                                ? Optional.empty()
                                : Optional.of(new Answer(row.getInt(2), row.getString(3), row.getString(4)))),
                key));
        return found.stream().findFirst();
    }

    void answered(UUID key, Answer answer) {
        transaction.executeWithoutResult(t -> jdbc.update(
                "update answered_request set status = ?, kind = ?, answer = ? where key = ?",
                answer.status(),
                answer.kind(),
                answer.body(),
                key));
    }

    /** Nothing was done under that key: it may be sent again. */
    void forget(UUID key) {
        transaction.executeWithoutResult(t -> jdbc.update("delete from answered_request where key = ?", key));
    }

    @Scheduled(initialDelayString = "PT10M", fixedDelayString = "PT1H")
    void forgetOld() {
        Instant before = clock.instant().minus(KEPT);
        transaction.executeWithoutResult(
                t -> jdbc.update("delete from answered_request where begun_at < ?", Timestamp.from(before)));
    }
}
