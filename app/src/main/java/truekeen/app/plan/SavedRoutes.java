package truekeen.app.plan;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.kit.KitService;
import truekeen.app.plan.PlanRecords.WayForm;
import truekeen.app.plan.PlanRecords.WayView;
import truekeen.app.platform.Form;
import truekeen.app.store.StoredFormat;
import truekeen.app.store.StoredFormats;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;

/** The stones that a person always does a work on. */
@Service
@Transactional
class SavedRoutes {
    private static final int MOST_STONES = 20;

    /** Ids of the stones, coarse first. */
    private static final StoredFormat<StoredFormats.Texts, List<String>> STONES =
            StoredFormats.texts("usual_way.stones");

    private final Routes ways;
    private final KitService kit;

    SavedRoutes(Routes ways, KitService kit) {
        this.ways = ways;
        this.kit = kit;
    }

    /** Ids of the stones, coarse first; none where nothing is kept. */
    @Transactional(readOnly = true)
    List<String> of(String person, String trade) {
        return ways.findByPersonAndTrade(Form.orEmpty(person), trade)
                .map(w -> STONES.read(w.stones).orElse(List.of()))
                .orElse(List.of());
    }

    /** The same with their names. */
    @Transactional(readOnly = true)
    WayView view(String person, String trade) {
        List<String> stones = of(person, trade);
        List<Abrasive> shelf = kit.shelf();
        return new WayView(
                stones,
                stones.stream()
                        .map(id -> shelf.stream()
                                .filter(a -> a.id().equals(id))
                                .map(Abrasive::name)
                                .findFirst()
                                .orElse(PlanWords.STONE_GONE.words()))
                        .toList());
    }

    /** Keeps a way in place of the one before; no stones take it back. */
    WayView keep(String trade, WayForm in) {
        String person = Form.orEmpty(in.person()).strip();
        List<String> stones = in.stones() == null ? List.of() : in.stones();
        Checks checks = new Checks();
        checks.text("person", PlanWords.A_NAME.words(), person, false, 80);
        checks.require(stones.size() <= MOST_STONES, () -> Refusal.of(MessageCode.TOO_MANY, "stones", stones.size())
                .with("high", MOST_STONES)
                .with("what", "stones"));
        checks.orThrow();
        List<String> known = kit.shelf().stream().map(Abrasive::id).toList();
        for (String id : stones) {
            if (!known.contains(id)) {
                throw Form.notFound("abrasive", id);
            }
        }
        Way way = ways.findByPersonAndTrade(person, trade).orElseGet(() -> new Way(person, trade));
        way.stones = STONES.write(stones);
        ways.saveAndFlush(way);
        return view(person, trade);
    }

    @Entity(name = "usual_way")
    static class Way {
        @Id
        UUID id;

        String person;
        String trade;

        /** JSON of {@link #STONES}. */
        @JdbcTypeCode(SqlTypes.JSON)
        String stones;

        protected Way() {}

        Way(String person, String trade) {
            this.id = UUID.randomUUID();
            this.person = person;
            this.trade = trade;
        }
    }

    interface Routes extends JpaRepository<Way, UUID> {
        Optional<Way> findByPersonAndTrade(String person, String trade);
    }
}
