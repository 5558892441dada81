package truekeen.app.access;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.springframework.data.jpa.repository.JpaRepository;

@Entity
@Table(name = "passphrase")
class PassphraseRow {
    @Id
    @Enumerated(EnumType.STRING)
    May may;

    /** Argon2id, with its salt and costs. */
    String digest;

    Instant setAt;

    protected PassphraseRow() {}

    PassphraseRow(May may, String digest, Instant setAt) {
        this.may = may;
        this.digest = digest;
        this.setAt = setAt;
    }

    interface Rows extends JpaRepository<PassphraseRow, May> {}
}
