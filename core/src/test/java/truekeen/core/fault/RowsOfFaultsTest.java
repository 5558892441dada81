package truekeen.core.fault;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ToolUse;
import truekeen.core.tool.ToolUses;

/** Every row of what is seen at the bench, and every pair of rows, leads to what a sharpener would say. */
class RowsOfFaultsTest {
    private static final Subject KNIFE = Subject.of(Blades.blade(GeometryKind.KNIFE));
    private static final Subject IRON = Subject.of(Blades.blade(GeometryKind.PLANE_IRON_DOWN));
    private static final Subject JACK = Subject.of(Blades.blade(GeometryKind.PLANE_IRON_DOWN), true);
    private static final List<EdgeCheck> ALL = EdgeCheck.all();

    /**
     * One row: what is seen, and which of the faults it may lead to has to come first.
     *
     * @param on what it is seen on
     */
    private record Row(String name, Subject on, List<Observation> seen, List<String> leadsTo) {
        @Override
        public String toString() {
            return name;
        }
    }

    private static Row row(String name, Subject on, List<String> leadsTo, Observation... seen) {
        return new Row(name, on, List.of(seen), leadsTo);
    }

    private static Observation at(Sign sign, double share, Subject on) {
        double middle = share * on.lengthMm();
        return Observation.of(sign, middle - 0.03 * on.lengthMm(), middle + 0.03 * on.lengthMm());
    }

    private static Observation of(Sign sign) {
        return Observation.of(sign);
    }

    private static List<Row> rows() {
        return List.of(
                row(
                        "bright line in one place",
                        IRON,
                        List.of("APEX_NOT_REACHED", "CHIP_LEFT"),
                        at(Sign.BRIGHT, 0.2, IRON)),
                row(
                        "shaves but snags paper at one spot",
                        IRON,
                        List.of("MICRO_CHIP", "BURR_REMNANT"),
                        of(Sign.HAIR_SHAVES),
                        at(Sign.PAPER_SNAGS, 0.5, IRON)),
                row("keen, then dull", IRON, List.of("BURR_LEFT"), of(Sign.SOON_DULL), of(Sign.FORCE_KEEN)),
                row("cloth caught", IRON, List.of("BURR_LEFT", "BURR_REMNANT"), of(Sign.CLOTH_CAUGHT)),
                row(
                        "cuts at the middle, not at the tip",
                        KNIFE,
                        List.of("TIP_MISSED"),
                        at(Sign.PAPER_NOT_CUT, 0.95, KNIFE)),
                row("one corner cuts deeper", IRON, List.of("OUT_OF_SQUARE"), of(Sign.SHAVING_ONE_SIDE)),
                row("the camber cuts to one side", JACK, List.of("CAMBER_OFF"), of(Sign.SHAVING_ONE_SIDE)),
                row(
                        "lines in the planed surface",
                        IRON,
                        List.of("BACK_SCRATCHES", "CHIP_LEFT"),
                        at(Sign.SHAVING_LINES, 0.8, IRON)),
                row(
                        "sharp but hard to push",
                        KNIFE,
                        List.of("TOO_THICK", "ANGLE_TOO_HIGH"),
                        of(Sign.HARD_TO_PUSH),
                        of(Sign.FORCE_KEEN)),
                row("crumbles early", IRON, List.of("ANGLE_TOO_LOW", "BURNT", "BRITTLE_TIP"), of(Sign.CRUMBLES)),
                row("bright but poor", IRON, List.of("OVER_STROPPED"), of(Sign.POLISHED), of(Sign.FORCE_HIGH_ALL)),
                row("hardly cuts though keen", IRON, List.of("BACKLASH"), of(Sign.SHAVING_NONE)),
                row("stops on a wide board", IRON, List.of("CAMBER_RIDES"), of(Sign.SHAVING_STOPS)),
                row("patchy", IRON, List.of("DIRTY_REFERENCE"), at(Sign.PATCHY, 0.35, IRON)),
                row("hazy after a polish stone", IRON, List.of("SCRATCHES_REMAIN"), at(Sign.HAZY, 0.65, IRON)));
    }

    private static Diagnosis diagnose(Subject on, List<Observation> seen) {
        return Diagnostician.of(on, seen, ALL);
    }

    private static List<String> faults(Diagnosis d) {
        return d.findings().stream().map(Diagnosis.Finding::fault).toList();
    }

    @ParameterizedTest
    @MethodSource("rows")
    void aRowLeadsToItsFaultFirst(Row row) {
        Diagnosis d = diagnose(row.on, row.seen);
        assertThat(faults(d)).as(d.words()).isNotEmpty();
        assertThat(row.leadsTo).contains(faults(d).get(0));
        assertThat(faults(d)).containsAll(row.leadsTo);
        assertThat(d.findings().get(0).remedies()).isNotEmpty();
        // where there is more than one fault it may be, the check that tells them apart is named
        if (row.leadsTo.size() > 1) {
            assertThat(d.findings()).anyMatch(f -> f.telling().isPresent());
        }
    }

    static Stream<Arguments> pairs() {
        List<Row> rows = rows();
        return IntStream.range(0, rows.size()).boxed().flatMap(i -> IntStream.range(i + 1, rows.size())
                .mapToObj(j -> Arguments.of(rows.get(i), rows.get(j))));
    }

    /** On one tool that all faults can befall: a plane iron that rises to a tip is no tool, but it is a subject. */
    @ParameterizedTest
    @MethodSource("pairs")
    void twoRowsAtOnceLeadToBoth(Row a, Row b) {
        java.util.Set<FaultRule.Fits> fits = java.util.EnumSet.allOf(FaultRule.Fits.class);
        Subject both = new Subject(100, 60, 85, fits);
        List<Observation> seen = new ArrayList<>();
        Stream.of(a, b)
                .forEach(row -> row.seen.forEach(o -> seen.add(new Observation(
                        o.sign(),
                        o.where()
                                .map(w -> new truekeen.core.keenness.Stretch(
                                        w.fromMm() / row.on.lengthMm() * 100, w.toMm() / row.on.lengthMm() * 100))))));
        // what one row says of the force may contradict what the other says: then nobody could see both
        boolean contradict = seen.contains(of(Sign.FORCE_KEEN)) && seen.contains(of(Sign.FORCE_HIGH_ALL));
        if (contradict) {
            seen.remove(of(Sign.FORCE_KEEN));
        }
        List<String> found = faults(diagnose(both, seen));
        assertThat(found).as(a + " and " + b).anyMatch(a.leadsTo::contains).anyMatch(b.leadsTo::contains);
    }

    @Test
    void theCheckThatPartsTwoFaultsDoesPartThem() {
        List<Observation> snag = List.of(of(Sign.HAIR_SHAVES), at(Sign.PAPER_SNAGS, 0.5, IRON));
        List<Observation> oneSide = new ArrayList<>(snag);
        oneSide.add(at(Sign.NAIL_ONE_SIDE, 0.5, IRON));
        List<Observation> bothSides = new ArrayList<>(snag);
        bothSides.add(at(Sign.NAIL_CATCHES, 0.5, IRON));
        assertThat(faults(diagnose(IRON, oneSide)).get(0)).isEqualTo("BURR_REMNANT");
        assertThat(faults(diagnose(IRON, bothSides)).get(0)).isEqualTo("MICRO_CHIP");
        Diagnosis.Finding first = diagnose(IRON, snag).findings().get(0);
        assertThat(first.telling().orElseThrow().check().signs())
                .anyMatch(s -> FaultRule.named("BURR_REMNANT").weight(s) != 0);
    }

    /** Set it straight first: told without a second test, on whatever plane. */
    @Test
    void aCornerThatCutsDeeperIsToldAtOnce() {
        for (Subject iron : List.of(IRON, JACK)) {
            Diagnosis d = diagnose(iron, List.of(of(Sign.SHAVING_ONE_SIDE)));
            assertThat(d.told()).isTrue();
            assertThat(d.findings().get(0).remedies().get(0).entry()).isEqualTo(Remedy.Entry.ADJUST);
        }
        assertThat(faults(diagnose(IRON, List.of(of(Sign.SHAVING_ONE_SIDE), of(Sign.SQUARE_TRUE)))))
                .doesNotContain("OUT_OF_SQUARE");
    }

    @Test
    void everySignThatCanBePutDownChangesAVerdict() {
        Map<Sign, Boolean> changes = new EnumMap<>(Sign.class);
        java.util.Set<FaultRule.Fits> fits = java.util.EnumSet.allOf(FaultRule.Fits.class);
        Subject any = new Subject(100, 60, 85, fits);
        for (Sign sign : Sign.values()) {
            if (sign.group() == Sign.Group.PLACE) {
                continue;
            }
            for (FaultRule rule : FaultRule.all()) {
                if (rule.weight(sign) == 0) {
                    continue;
                }
                // a complaint of another group that the rule listens to, so that there is a verdict to be changed
                List<Observation> base = rule.weights().entrySet().stream()
                        .filter(e -> e.getValue() > 2
                                && e.getKey().group() != sign.group()
                                && e.getKey().group() != Sign.Group.PLACE
                                && e.getKey().says() != Sign.Says.GOOD
                                && e.getKey().observed())
                        .limit(1)
                        .map(e -> place(e.getKey()))
                        .toList();
                List<Observation> more = new ArrayList<>(base);
                more.add(place(sign));
                // where a rule hears signs of one group only, its good word decides whether the edge passes at all
                boolean passes = base.isEmpty()
                        && ToolUses.all().stream()
                                .anyMatch(u -> EdgeState.of(u, Optional.empty(), base)
                                        != EdgeState.of(u, Optional.empty(), more));
                if (passes || !diagnose(any, base).equals(diagnose(any, more))) {
                    changes.put(sign, true);
                }
            }
            assertThat(changes).as("nothing listens to " + sign).containsKey(sign);
        }
    }

    private static Observation place(Sign sign) {
        return sign.placed() ? Observation.of(sign, 40, 45) : of(sign);
    }

    @Test
    void everySignOfTheLaddersIsHeardAndEveryObservedSignStandsOnOneOrAtTheBench() {
        for (EdgeCheck check : ALL) {
            assertThat(FaultRule.heard()).as(check.key()).containsAll(check.signs());
        }
    }

    @Test
    void everyTradeHasALadderThatRisesAndEveryFaultOfItsKindARemedy() {
        for (ToolUse trade : ToolUses.all()) {
            List<EdgeCheck> ladder = EdgeCheck.ladder(trade);
            assertThat(ladder).as(trade.key()).isNotEmpty();
            assertThat(ladder).isSortedAccordingTo(java.util.Comparator.comparingInt(ALL::indexOf));
        }
        assertThat(FaultRule.all()).allMatch(r -> !r.remedies().isEmpty());
        assertThat(Remedy.all()).allMatch(r -> FaultRule.named(r.fault()) != null);
    }
}
