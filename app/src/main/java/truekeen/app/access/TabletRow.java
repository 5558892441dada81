package truekeen.app.access;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

@Entity
@Table(name = "tablet")
class TabletRow {
    @Id
    UUID id;

    String name;

    @Enumerated(EnumType.STRING)
    May may;

    /** SHA-256 of the token that the device holds: long and random, so that no slow digest is needed. */
    String token;

    Instant since;
    Instant lastSeen;
    String address;

    protected TabletRow() {}

    TabletRow(String name, May may, String token, Instant since, String address) {
        this.id = UUID.randomUUID();
        this.name = name;
        this.may = may;
        this.token = token;
        this.since = since;
        this.lastSeen = since;
        this.address = address;
    }

    interface Rows extends JpaRepository<TabletRow, UUID> {
        Optional<TabletRow> findByToken(String token);

        List<TabletRow> findAllByOrderByLastSeenDesc();

        void deleteByMay(May may);

        void deleteByLastSeenBefore(Instant instant);
    }
}
