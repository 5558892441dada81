package truekeen.app.access;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.platform.BenchClock;

/** Devices that are signed in. */
@Component
class Tablets {
    /** So long after it was last seen a device must sign in again. */
    static final Duration KEPT = Duration.ofDays(90);

    private static final Duration SEEN_EVERY = Duration.ofMinutes(1);
    private static final int TOKEN_BYTES = 32;

    private final TabletRow.Rows rows;
    private final BenchClock clock;
    private final SecureRandom random = new SecureRandom();

    Tablets(TabletRow.Rows rows, BenchClock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /** A device that is signed in. */
    record Known(UUID id, String name, May may) {}

    /** A device as it is listed. */
    record Listed(UUID id, String name, May may, Instant since, Instant lastSeen, String address) {}

    /** Signs a device in; gives the token that it proves itself with from now on. */
    @Transactional
    public String signIn(String name, May may, String address) {
        byte[] bytes = new byte[TOKEN_BYTES];
        random.nextBytes(bytes);
        String token = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
        rows.deleteByLastSeenBefore(clock.instant().minus(KEPT));
        rows.save(new TabletRow(name, may, digest(token), clock.instant(), address));
        return token;
    }

    @Transactional
    public Optional<Known> known(String token, String address) {
        Instant now = clock.instant();
        Optional<TabletRow> found = rows.findByToken(digest(token))
                .filter(t -> t.lastSeen.plus(KEPT).isAfter(now));
        found.filter(t -> t.lastSeen.plus(SEEN_EVERY).isBefore(now)).ifPresent(t -> {
            t.lastSeen = now;
            t.address = address;
        });
        return found.map(t -> new Known(t.id, t.name, t.may));
    }

    List<Listed> all() {
        return rows.findAllByOrderByLastSeenDesc().stream()
                .map(t -> new Listed(t.id, t.name, t.may, t.since, t.lastSeen, t.address))
                .toList();
    }

    /** Signs a device out, wherever it is. */
    @Transactional
    public void signOut(UUID id) {
        rows.deleteById(id);
    }

    private static String digest(String token) {
        try {
            MessageDigest sha = MessageDigest.getInstance("SHA-256");
            return HexFormat.of().formatHex(sha.digest(token.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
