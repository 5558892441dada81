package truekeen.core.benchmark;

import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.progression.JobPath;
import truekeen.core.progression.PlanRules;
import truekeen.core.progression.ProgressionPlanner;
import truekeen.core.progression.Shelves;
import truekeen.core.progression.StoneWork;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.Cut;
import truekeen.core.section.Cutter;
import truekeen.core.section.Facet;
import truekeen.core.section.FlatBackSection;
import truekeen.core.section.Section;
import truekeen.core.setup.HoningGuide;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;

/** Speed of what every screen waits for. Run by {@code ./bench}; nothing here is asserted. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 3, time = 1)
@Fork(1)
public class CoreBenchmark {
    private final Section blade = FlatBackSection.withSecondary(
            Length.ofMm(3.2), Angle.ofDegrees(25), Angle.ofDegrees(30), Length.ofMm(0.6), 40);
    private final Cutter bevel = Cutter.bevel(0.3, Angle.ofDegrees(25));
    private final HoningGuide guide = new HoningGuide(Length.ofMm(9.5), Length.ofMm(14), Length.ofMm(11.5));
    private final List<Abrasive> twelve = Shelves.random(new Random(12), 12);
    private final List<Abrasive> forty = Shelves.random(new Random(40), 40);
    private final SteelClass steel = Steels.byName("plain carbon").orElseThrow();
    private final StoneWork job = Shelves.job(20, 200, 0.2, 3, 1.2, StoneWork.Forces.of(20));

    /** One cut through a section with a secondary. */
    @Benchmark
    public double sectionCut() {
        return Cut.of(List.of(blade), bevel, Facet.PRIMARY).removedArea();
    }

    /** Projection for an angle and back. */
    @Benchmark
    public double guideSolve() {
        return guide.angle(guide.projection(Angle.ofDegrees(31))).radians();
    }

    /** A whole plan of one job on twelve abrasives, with what each one left out would cost. */
    @Benchmark
    public JobPath planTwelve() {
        return ProgressionPlanner.plan(twelve, job, steel, PlanRules.USUAL, false);
    }

    /** The same on forty. */
    @Benchmark
    public JobPath planForty() {
        return ProgressionPlanner.plan(forty, job, steel, PlanRules.USUAL, false);
    }
}
