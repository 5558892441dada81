package truekeen.app.kit;

import java.sql.Date;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.kit.KitRecords.ThicknessForm;
import truekeen.app.kit.KitRecords.WearView;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.core.care.StoneLife;
import truekeen.core.care.StoneLife.DayOfUse;
import truekeen.core.care.StoneLife.Thickness;
import truekeen.core.message.InWords;
import truekeen.core.quantity.Length;

/** How fast pieces of the kit wear: strokes by the day, thicknesses that were measured, and when each comes to its end. */
@Component
@Transactional
class StoneWear {
    private static final double MOST_MM = 100;

    private final JdbcTemplate jdbc;
    private final Abrasives abrasives;
    private final BenchClock clock;

    StoneWear(JdbcTemplate jdbc, Abrasives abrasives, BenchClock clock) {
        this.jdbc = jdbc;
        this.abrasives = abrasives;
        this.clock = clock;
    }

    /** Adds strokes of today. */
    void count(Map<UUID, Integer> strokes) {
        Date today = Date.valueOf(clock.today());
        strokes.forEach((id, count) -> jdbc.update(
                "insert into stroke_day (abrasive_id, day, strokes) values (?, ?, ?) on conflict (abrasive_id, day)"
                        + " do update set strokes = stroke_day.strokes + excluded.strokes",
                id,
                today,
                count));
    }

    /** Keeps a thickness; one of the same day is put right. */
    void measure(UUID id, ThicknessForm in) {
        AbrasiveRow row = abrasives.findById(id).orElseThrow(() -> Form.notFound("abrasive", id));
        Form form = new Form();
        Length mm = form.length("thickness", in.thickness());
        form.checks()
                .within(
                        "thickness",
                        KitWords.A_THICKNESS.words(),
                        mm == null ? null : mm.mm(),
                        0.05,
                        MOST_MM,
                        InWords.MM);
        form.checks().orThrow();
        jdbc.update(
                "insert into stone_thickness (id, abrasive_id, day, mm) values (?, ?, ?, ?)"
                        + " on conflict (abrasive_id, day) do update set mm = excluded.mm",
                UUID.randomUUID(),
                row.id,
                Date.valueOf(clock.today()),
                mm.mm());
    }

    /** What wears out, the first to end first, and after them stones that nobody measured. */
    @Transactional(readOnly = true)
    List<WearView> all() {
        LocalDate today = clock.today();
        Map<UUID, List<DayOfUse>> days = new HashMap<>();
        jdbc.query("select abrasive_id, day, strokes from stroke_day order by day", row -> {
            days.computeIfAbsent(row.getObject(1, UUID.class), id -> new ArrayList<>())
                    .add(new DayOfUse(row.getDate(2).toLocalDate(), row.getInt(3)));
        });
        Map<UUID, List<Thickness>> thick = new HashMap<>();
        jdbc.query("select abrasive_id, day, mm from stone_thickness order by day", row -> {
            thick.computeIfAbsent(row.getObject(1, UUID.class), id -> new ArrayList<>())
                    .add(new Thickness(row.getDate(2).toLocalDate(), row.getDouble(3)));
        });
        List<WearView> ending = new ArrayList<>();
        List<WearView> unknown = new ArrayList<>();
        for (AbrasiveRow a : abrasives.findAllByOrderByShelfOrder()) {
            if (a.retired) {
                continue;
            }
            List<Thickness> measured = thick.getOrDefault(a.id, List.of());
            Optional<StoneLife> life = StoneLife.of(
                    a.kindOf(),
                    new StoneLife.Known(days.getOrDefault(a.id, List.of()), measured, a.strokesSinceLapped),
                    today);
            WearView view = view(a, measured, life, today);
            if (life.isPresent()) {
                ending.add(view);
            } else if (StoneLife.thins(a.kindOf())) {
                unknown.add(view);
            }
        }
        ending.sort(Comparator.comparing(WearView::early, Comparator.nullsLast(Comparator.naturalOrder())));
        ending.addAll(unknown);
        return ending;
    }

    private static WearView view(AbrasiveRow a, List<Thickness> measured, Optional<StoneLife> life, LocalDate today) {
        return new WearView(
                a.id,
                a.name,
                a.kindOf().key(),
                a.d50Um,
                StoneLife.thins(a.kindOf()),
                measured.isEmpty() ? null : measured.get(measured.size() - 1).mm(),
                life.map(StoneLife::low).orElse(null),
                life.map(StoneLife::high).orElse(null),
                life.flatMap(StoneLife::early).orElse(null),
                life.flatMap(StoneLife::late).orElse(null),
                life.map(StoneLife::gone).orElse(false),
                life.map(StoneLife::measured).orElse(false),
                life.map(l -> l.soon(today)).orElse(false));
    }
}
