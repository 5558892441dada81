package truekeen.core.stepsheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.fault.Diagnosis;
import truekeen.core.fault.Diagnostician;
import truekeen.core.fault.EdgeCheck;
import truekeen.core.fault.Observation;
import truekeen.core.fault.Remedy;
import truekeen.core.fault.Sign;
import truekeen.core.fault.Subject;
import truekeen.core.keenness.Stretch;
import truekeen.core.progression.Shelves;
import truekeen.core.quantity.Angle;
import truekeen.core.section.TargetBevel;
import truekeen.core.steel.Steels;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;

/** What failed and where decides the steps that lead back. */
class RemedySheetTest {
    private static final Blade CHISEL = Blades.blade(GeometryKind.CHISEL);
    private static final List<Abrasive> PATH = List.of(stone("coarse", 14), stone("middle", 5), stone("fine", 1.2));
    private static final Abrasive STROP = stone("leather", 0.5);

    private static Abrasive stone(String name, double um) {
        return Shelves.piece(name, "aluminium oxide water stone", um, Abrasive.Shape.BENCH, Abrasive.State.READY);
    }

    private static List<Step> steps(RemedySheet.Chosen... chosen) {
        return RemedySheet.of(
                List.of(chosen),
                new RemedySheet.Honing(
                        PATH,
                        Optional.of(STROP),
                        Angle.ofDegrees(30),
                        Steels.byName("low-alloy tool steel").orElseThrow(),
                        0.7,
                        24,
                        WorkingMethod.of(GeometryKind.CHISEL, TargetBevel.of(CHISEL), Optional.of("guide"))));
    }

    private static RemedySheet.Chosen chosen(String fault, int remedy, Observation... seen) {
        Diagnosis.Finding finding =
                Diagnostician.of(Subject.of(CHISEL), List.of(seen), EdgeCheck.all()).findings().stream()
                        .filter(f -> f.fault().equals(fault))
                        .findFirst()
                        .orElseThrow();
        return new RemedySheet.Chosen(finding, finding.remedies().get(remedy));
    }

    private static List<String> stones(List<Step> steps) {
        return steps.stream()
                .filter(s -> s.kind() == Step.Kind.WORK)
                .map(s -> s.abrasiveName() + " " + s.where().fromMm() + "–"
                        + s.where().toMm())
                .toList();
    }

    @Test
    void aMissedStretchGoesThroughAllStonesThereWithItsNeighbours() {
        List<Step> steps = steps(chosen("APEX_NOT_REACHED", 0, Observation.of(Sign.BRIGHT, 18, 21)));
        assertThat(stones(steps)).containsExactly("coarse 17.0–22.0", "middle 16.0–23.0", "fine 16.0–23.0");
        assertThat(steps).extracting(Step::kind).startsWith(Step.Kind.SET_GUIDE).endsWith(Step.Kind.STROP);
        assertThat(steps.get(1).burrTask()).isEqualTo(Step.BurrTask.RAISE);
        assertThat(steps.get(2).burrTask()).isEqualTo(Step.BurrTask.KEEP);
    }

    @Test
    void aSnagTakesAFewStrokesThereOnTheLastStoneAndABurrNoStoneAtAll() {
        List<Step> snag = steps(chosen("MICRO_CHIP", 0, Observation.of(Sign.PAPER_SNAGS, 10, 11)));
        assertThat(stones(snag)).containsExactly("fine 8.0–13.0");
        List<Step> burr = steps(chosen("BURR_LEFT", 0, Observation.of(Sign.CLOTH_CAUGHT)));
        assertThat(stones(burr)).isEmpty();
        assertThat(burr).extracting(Step::kind).containsExactly(Step.Kind.DEBURR, Step.Kind.STROP);
        assertThat(burr.get(0).strokes()).isGreaterThan(StepWriter.DEBURR_STROKES);
    }

    @Test
    void theOtherWayTurnsTheStrokesRound() {
        List<Step> usual = steps(chosen("BURR_LEFT", 0, Observation.of(Sign.CLOTH_CAUGHT)));
        List<Step> other = steps(chosen("BURR_LEFT", 1, Observation.of(Sign.CLOTH_CAUGHT)));
        assertThat(usual.get(0).how()).isNotEqualTo(other.get(0).how());
        assertThat(other.get(0).how().get(0)).contains("trailing");
    }

    @Test
    void severalRemediesAreWorkedTogetherStoneByStoneAndTheBurrComesOffOnce() {
        List<Step> steps = steps(
                chosen("APEX_NOT_REACHED", 0, Observation.of(Sign.BRIGHT, 2, 4)),
                chosen("SCRATCHES_REMAIN", 0, Observation.of(Sign.HAZY, 14, 18)));
        assertThat(stones(steps))
                .containsExactly(
                        "coarse 0.5–5.5", "middle 0.0–6.0", "middle 13.5–18.5", "fine 0.0–6.0", "fine 12.0–20.0");
        assertThat(steps).filteredOn(s -> s.kind() == Step.Kind.DEBURR).hasSize(1);
        assertThat(steps).filteredOn(s -> s.kind() == Step.Kind.SET_GUIDE).hasSize(1);
    }

    @Test
    void stretchesThatTouchAreOne() {
        List<Step> steps = steps(
                chosen("MICRO_CHIP", 0, Observation.of(Sign.PAPER_SNAGS, 10, 11)),
                chosen("MICRO_CHIP", 0, Observation.of(Sign.PAPER_SNAGS, 12, 14)));
        assertThat(stones(steps)).containsExactly("fine 8.0–16.0");
    }

    @Test
    void whatIsOnlySetTouchesNoStone() {
        Diagnosis.Finding play = Diagnostician.of(
                        Subject.of(Blades.blade(GeometryKind.PLANE_IRON_DOWN)),
                        List.of(Observation.of(Sign.SHAVING_NONE)),
                        EdgeCheck.all())
                .findings()
                .get(0);
        List<Step> steps = steps(new RemedySheet.Chosen(play, play.remedies().get(0)));
        assertThat(steps).singleElement().satisfies(s -> {
            assertThat(s.kind()).isEqualTo(Step.Kind.ADJUST);
            assertThat(s.title()).contains("play is taken up");
        });
        assertThat(steps()).isEmpty();
    }

    @Test
    void everyRemedyOfTheTableGivesStepsAndSaysWhereItComesIn() {
        List<String> silent = new ArrayList<>();
        for (Remedy remedy : Remedy.all()) {
            Diagnosis.Finding any = new Diagnosis.Finding(
                    remedy.fault(),
                    "Something",
                    new Stretch(8, 10),
                    false,
                    0.9,
                    Diagnosis.Sure.VERY_LIKELY,
                    List.of(),
                    Optional.empty(),
                    List.of(remedy));
            List<Step> steps = steps(new RemedySheet.Chosen(any, remedy));
            if (steps.isEmpty()) {
                silent.add(remedy.key());
            }
            String stone = RemedySheet.entryStone(remedy, PATH);
            assertThat(stone.isEmpty())
                    .isEqualTo(steps.stream()
                            .noneMatch(s ->
                                    s.kind() == Step.Kind.WORK && !s.sides().equals(List.of(Step.Side.BACK))));
        }
        assertThat(silent).isEmpty();
        assertThat(RemedySheet.entryStone(Remedy.named("one-back"), PATH)).isEqualTo("middle");
        assertThat(RemedySheet.entryStone(Remedy.named("one-back"), PATH.subList(0, 1)))
                .isEqualTo("coarse");
    }
}
