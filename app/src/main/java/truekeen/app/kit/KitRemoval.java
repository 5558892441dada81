package truekeen.app.kit;

import java.sql.Timestamp;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;

/** Deletes pieces of the kit that nothing waits for, and brings them back. */
@Service
@Transactional
public class KitRemoval {
    private final JdbcTemplate jdbc;
    private final List<KitUse> uses;
    private final Holders holders;
    private final BenchClock clock;

    KitRemoval(JdbcTemplate jdbc, List<KitUse> uses, Holders holders, BenchClock clock) {
        this.jdbc = jdbc;
        this.uses = uses;
        this.holders = holders;
        this.clock = clock;
    }

    /** The lists of the kit, by the word of their address. */
    public enum KitList {
        ABRASIVES("abrasive"),
        HOLDERS("holder"),
        WHEELS("wheel"),
        TESTERS("tester");

        private final String table;

        KitList(String table) {
            this.table = table;
        }

        /** The list of an address: "abrasives". */
        static Optional<KitList> of(String word) {
            return List.of(values()).stream()
                    .filter(l -> l.name().toLowerCase(Locale.ROOT).equals(word))
                    .findFirst();
        }
    }

    /** Deletes a piece; one that a plan, a set-up or a holder wants is refused with what wants it. */
    public void delete(KitList list, UUID id) {
        Optional<String> wanted = list == KitList.WHEELS
                ? holders.findByWheelIdOrderByName(id).stream()
                        .map(h -> KitWords.HELD_BY.fill("holder", h.name))
                        .findFirst()
                : Optional.empty();
        wanted.or(() -> uses.stream().flatMap(u -> u.wantedFor(id).stream()).findFirst())
                .ifPresent(by -> {
                    throw new RefusedException(Refusal.of(MessageCode.IN_USE, "", name(list, id))
                            .with("what", name(list, id))
                            .with("by", by));
                });
        mark(list, id, Timestamp.from(clock.instant()));
    }

    /** Brings a deleted piece back as it was. */
    public void bringBack(KitList list, UUID id) {
        mark(list, id, null);
    }

    private String name(KitList list, UUID id) {
        return jdbc.queryForList("select name from " + list.table + " where id = ?", String.class, id).stream()
                .findFirst()
                .orElseThrow(() -> Form.notFound(list.table, id));
    }

    private void mark(KitList list, UUID id, Timestamp at) {
        if (jdbc.update("update " + list.table + " set deleted_at = ? where id = ?", at, id) == 0) {
            throw Form.notFound(list.table, id);
        }
    }
}
