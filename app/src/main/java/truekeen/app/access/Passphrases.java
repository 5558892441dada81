package truekeen.app.access;

import java.util.Optional;
import java.util.concurrent.Semaphore;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.platform.BenchClock;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;

/** The passphrases of owner and hands. */
@Component
class Passphrases {
    static final int SHORTEST = 10;
    private static final int LONGEST = 200;
    /** What is looked at at a time: each costs 16 MB while it is. */
    private static final int AT_A_TIME = 2;

    private final PassphraseRow.Rows rows;
    private final TabletRow.Rows tablets;
    private final BenchClock clock;
    private final Argon2PasswordEncoder argon2 = Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8();
    private final Semaphore looking = new Semaphore(AT_A_TIME, true);

    Passphrases(PassphraseRow.Rows rows, TabletRow.Rows tablets, BenchClock clock) {
        this.rows = rows;
        this.tablets = tablets;
        this.clock = clock;
    }

    boolean isSet(May may) {
        return rows.existsById(may);
    }

    /** Whose passphrase it is, if it is one. */
    Optional<May> whose(String phrase) {
        if (phrase == null || phrase.length() > LONGEST) {
            return Optional.empty();
        }
        looking.acquireUninterruptibly();
        try {
            return rows.findAll().stream()
                    .filter(row -> argon2.matches(phrase, row.digest))
                    .map(row -> row.may)
                    .findFirst();
        } finally {
            looking.release();
        }
    }

    /** Sets it; whoever signed in with the one before is signed out. */
    @Transactional
    public void set(May may, String phrase) {
        if (phrase == null || phrase.strip().length() < SHORTEST || phrase.length() > LONGEST) {
            throw new RefusedException(
                    Refusal.of(MessageCode.PASSPHRASE_SHORT, "passphrase", "").with("low", String.valueOf(SHORTEST)));
        }
        if (may == May.HAND && !isSet(May.OWNER)) {
            throw new RefusedException(Refusal.of(MessageCode.OWNER_FIRST, "passphrase", ""));
        }
        if (whose(phrase).filter(other -> other != may).isPresent()) {
            throw new RefusedException(Refusal.of(MessageCode.PASSPHRASES_ALIKE, "passphrase", ""));
        }
        rows.save(new PassphraseRow(may, argon2.encode(phrase), clock.instant()));
        tablets.deleteByMay(may);
    }

    /** Hands have none any more, and those who signed in with it are signed out. */
    @Transactional
    public void takeFromHands() {
        rows.deleteById(May.HAND);
        tablets.deleteByMay(May.HAND);
    }
}
