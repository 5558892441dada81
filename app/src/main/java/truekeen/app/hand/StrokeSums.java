package truekeen.app.hand;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import truekeen.app.history.ShopReplaced;
import truekeen.app.platform.InstallationFacts;
import truekeen.core.hand.HandLog;
import truekeen.core.hand.HandSums;
import truekeen.core.hand.StandsOut;
import truekeen.core.hand.StrokeRatio;

/**
 * What hands have taught, as sums in {@code stroke_sum}: written with each session, so that reading it does not grow with
 * the log. They are worked out anew from the whole log on a shop that comes from an older version, and whenever the
 * service is started with {@code truekeen.rebuild-hands=true}.
 */
@Component
@Order(0)
class StrokeSums implements SmartInitializingSingleton {
    private static final Logger LOG = LoggerFactory.getLogger(StrokeSums.class);
    private static final String FACT = "hand sums";
    private static final String VERSION = "2";
    /** The edition of the removal that predictions are made with; only ratios of this one are learned from. */
    static final int EDITION = 2;

    private final JdbcTemplate jdbc;
    private final InstallationFacts facts;
    private final TransactionTemplate transaction;
    private final boolean rebuild;

    StrokeSums(
            JdbcTemplate jdbc,
            InstallationFacts facts,
            TransactionTemplate transaction,
            @Value("${truekeen.rebuild-hands:false}") boolean rebuild) {
        this.jdbc = jdbc;
        this.facts = facts;
        this.transaction = transaction;
        this.rebuild = rebuild;
    }

    /** A shop that was read from a backup may come from an older version. */
    @EventListener(ShopReplaced.class)
    public void replaced() {
        afterSingletonsInstantiated();
    }

    @Override
    public void afterSingletonsInstantiated() {
        if (rebuild || !facts.get(FACT).filter(VERSION::equals).isPresent()) {
            transaction.executeWithoutResult(t -> rebuild());
        }
    }

    /** The sums of one person; empty for a person who has none. */
    HandSums of(String person) {
        HandSums sums = new HandSums();
        jdbc.query(
                "select abrasive_id, kind, steel, ratios, log_sum, log_squares from stroke_sum where person = ?"
                        + " order by kind, abrasive_id, steel",
                row -> {
                    sums.put(
                            row.getString("kind"),
                            new HandSums.Piece(row.getString("abrasive_id"), row.getString("steel")),
                            new HandSums.Sum(
                                    row.getInt("ratios"), row.getDouble("log_sum"), row.getDouble("log_squares")));
                },
                person);
        return sums;
    }

    /** A piece on a steel that a person has learned on. */
    record Known(String abrasiveId, String kind, String steel) {}

    List<Known> known(String person) {
        return jdbc.query(
                "select abrasive_id, kind, steel from stroke_sum where person = ? order by kind, abrasive_id, steel",
                (row, n) -> new Known(row.getString(1), row.getString(2), row.getString(3)),
                person);
    }

    /** Adds a ratio to the sums of a person. */
    void learn(String person, StrokeRatio ratio) {
        double log = Math.log(ratio.ratio());
        jdbc.update(
                "insert into stroke_sum (person, abrasive_id, kind, steel, ratios, log_sum, log_squares)"
                        + " values (?, ?, ?, ?, 1, ?, ?) on conflict (person, abrasive_id, kind, steel) do update set"
                        + " ratios = stroke_sum.ratios + 1, log_sum = stroke_sum.log_sum + excluded.log_sum,"
                        + " log_squares = stroke_sum.log_squares + excluded.log_squares",
                person,
                UUID.fromString(ratio.abrasiveId()),
                ratio.kind(),
                ratio.steel(),
                log,
                log * log);
    }

    private record Observed(String person, StrokeRatio ratio) {}

    private void rebuild() {
        jdbc.update("delete from stroke_sum");
        jdbc.update("update stroke_observation set stood_out_from = null where stood_out_from is not null");
        Map<String, List<StrokeRatio>> byPerson = new LinkedHashMap<>();
        jdbc.query(
                        "select id, person, abrasive_id, kind, steel, done / predicted, judged from stroke_observation"
                                + " where edition = "
                                + EDITION
                                + " order by person, at, step",
                        (row, n) -> new Observed(
                                row.getString(2),
                                new StrokeRatio(
                                        row.getString(1),
                                        row.getString(3),
                                        row.getString(4),
                                        row.getString(5),
                                        row.getDouble(6),
                                        StrokeRatio.Judged.valueOf(row.getString(7)))))
                .forEach(o -> byPerson.computeIfAbsent(o.person, p -> new java.util.ArrayList<>())
                        .add(o.ratio));
        byPerson.forEach(this::write);
        facts.put(FACT, VERSION);
        LOG.info("What hands have taught was worked out for {} people", byPerson.size());
    }

    private void write(String person, List<StrokeRatio> ratios) {
        HandLog log = HandLog.of(ratios);
        log.sums()
                .each((kind, piece, sum) -> jdbc.update(
                        "insert into stroke_sum (person, abrasive_id, kind, steel, ratios, log_sum, log_squares)"
                                + " values (?, ?, ?, ?, ?, ?, ?)",
                        person,
                        UUID.fromString(piece.abrasiveId()),
                        kind,
                        piece.steel(),
                        sum.count(),
                        sum.logs(),
                        sum.squares()));
        for (StandsOut s : log.standingOut()) {
            jdbc.update(
                    "update stroke_observation set stood_out_from = ? where id = ?",
                    s.expected(),
                    UUID.fromString(s.seen().key()));
        }
    }
}
