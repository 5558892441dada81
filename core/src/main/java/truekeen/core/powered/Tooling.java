package truekeen.core.powered;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.heat.GrindHeat;
import truekeen.core.heat.HeatSource;
import truekeen.core.message.Numbers;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.removal.Filing;
import truekeen.core.removal.PowerRate;
import truekeen.core.removal.StockRemoval;
import truekeen.core.repair.DipRhythm;
import truekeen.core.repair.Means;
import truekeen.core.steel.SteelClass;
import truekeen.core.table.Prior;
import truekeen.core.tool.Blade;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ToolUse;

/**
 * A piece of the kit that the edges of a powered blade can be worked on, and how many strokes or passes one edge takes.
 * Source: derived here, on rates that are workshop priors.
 *
 * @param piece the piece
 * @param way how it is used
 * @param strokes strokes or passes for each edge, whole
 * @param strokesLow least to be expected
 * @param strokesHigh most to be expected
 * @param secondsEach time of one stroke or pass (s)
 * @param forceN force (N), where it is one
 * @param dip when to dip or rest, or empty
 * @param handFactor what the log multiplied the strokes by; 0 where nothing is learned of it
 * @param allowed whether it may be used
 * @param reason why not, or what to know
 */
public record Tooling(
        Abrasive piece,
        Way way,
        int strokes,
        int strokesLow,
        int strokesHigh,
        double secondsEach,
        Optional<Double> forceN,
        String dip,
        double handFactor,
        boolean allowed,
        String reason) {
    /** Moving on to the next edge, settling there and looking at it (s). Source: workshop prior. */
    private static final double MOVE_ON_S = Prior.EDGE_MOVE_ON_SECONDS.value();

    private static final double STONE_FORCE_N = Prior.TOOLING_STONE_FORCE_N.value();
    /** More strokes than this on one edge nobody files evenly. Prior. */
    private static final int MOST_STROKES = Prior.TOOLING_MOST_STROKES.whole();

    /** How a piece is used. */
    public enum Way {
        FILE,
        STONE,
        WHEEL,
        BELT
    }

    /** Whether it runs under power. */
    public boolean powered() {
        return way == Way.WHEEL || way == Way.BELT;
    }

    /** What one count of it is called. */
    public String counts() {
        return powered() ? PoweredWords.PASSES_OF.fill("seconds", Numbers.plain(secondsEach, 0)) : "strokes";
    }

    /** Least time for so many edges (s), moving on from one to the next and looking at it included. */
    public double leastSeconds(int edges) {
        return edges * (MOVE_ON_S + strokesLow * secondsEach);
    }

    /** Time for so many edges as planned (s). */
    public double seconds(int edges) {
        return edges * (MOVE_ON_S + strokes * secondsEach);
    }

    /** Most time for so many edges (s). */
    public double mostSeconds(int edges) {
        return edges * (MOVE_ON_S + strokesHigh * secondsEach);
    }

    /** What of the middle of that is strokes alone (s): what a hand loses patience with. */
    double strokesSeconds(int edges) {
        return edges * secondsEach * (strokesLow + strokesHigh) / 2;
    }

    /**
     * What on the shelf will do, in the order of the shelf; what will not says why.
     *
     * @param perEdgeMm3 steel to go from one edge (mm³)
     */
    public static List<Tooling> of(
            List<Abrasive> shelf, Blade blade, ToolUse trade, Angle bevel, SteelClass steel, double perEdgeMm3) {
        List<Tooling> all = new ArrayList<>();
        for (Abrasive a : shelf) {
            if (a.state().retired()) {
                continue;
            }
            if (Means.FILE.holds(a)) {
                all.add(file(a, steel, perEdgeMm3));
            } else if (a.kind() == AbrasiveKind.DRY_WHEEL || a.kind() == AbrasiveKind.BELT) {
                all.add(wheel(a, blade, bevel, steel, perEdgeMm3));
            } else if (a.kind().use() == AbrasiveKind.Use.STROKES && a.d50Um() >= trade.finishFinestUm()) {
                all.add(stone(a, steel, perEdgeMm3));
            }
        }
        return List.copyOf(all);
    }

    /** Whole strokes that every edge gets, of as many as one would take; one at least. */
    public static int alike(double strokes) {
        return Math.max(1, (int) Math.ceil(strokes - 1e-9));
    }

    private static Tooling file(Abrasive a, SteelClass steel, double volume) {
        boolean bites = Filing.hardness(OptionalDouble.empty(), steel) <= Prior.FILE_HRC.value();
        return made(
                a,
                Way.FILE,
                volume / Prior.FILE_MOST_MM3.value(),
                volume / Math.sqrt(Prior.FILE_MOST_MM3.value() * Prior.FILE_LEAST_MM3.value()),
                volume / Prior.FILE_LEAST_MM3.value(),
                Prior.STROKE_SECONDS.value(),
                Optional.empty(),
                "",
                0,
                bites ? "" : PoweredWords.FILE_SKATES.words());
    }

    private static Tooling stone(Abrasive a, SteelClass steel, double volume) {
        double n = StockRemoval.strokes(a, steel, STONE_FORCE_N, volume);
        double spread = a.effort().spread();
        return made(
                a,
                Way.STONE,
                n / spread,
                n,
                n * spread,
                Prior.STROKE_SECONDS.value(),
                Optional.of(STONE_FORCE_N),
                "",
                a.effort().factor(),
                "");
    }

    private static Tooling wheel(Abrasive a, Blade blade, Angle bevel, SteelClass steel, double volume) {
        PowerRate rate = PowerRate.of(a.kind()).orElseThrow();
        double land = blade.measures().lengthIfAny("land").map(Length::mm).orElse(0.0);
        DipRhythm dip = HeatSource.of(a.kind())
                .map(source -> {
                    GrindHeat heat = GrindHeat.of(blade, bevel, steel, source, Length.ofMm(Math.max(land, 0.02)));
                    return DipRhythm.of(
                            heat.bluntAlike().leastSeconds(), blade.layout().edgeMm());
                })
                .orElseGet(() ->
                        DipRhythm.of(OptionalDouble.empty(), blade.layout().edgeMm()));
        double pass = Math.max(1, dip.passSeconds());
        double fast = volume / (rate.fastest(false) * pass);
        double slow = volume / (rate.slowest(false) * pass);
        boolean small = blade.kind() == GeometryKind.TRIMMER;
        return made(
                a,
                a.kind() == AbrasiveKind.DRY_WHEEL ? Way.WHEEL : Way.BELT,
                fast,
                Math.sqrt(fast * slow),
                slow,
                pass,
                Optional.empty(),
                dip.words(),
                0,
                small ? PoweredWords.TOOTH_TOO_SMALL.words() : "");
    }

    private static Tooling made(
            Abrasive a,
            Way way,
            double low,
            double middle,
            double high,
            double seconds,
            Optional<Double> force,
            String dip,
            double factor,
            String bar) {
        int n = alike(middle);
        boolean tooMany = bar.isEmpty() && n > MOST_STROKES;
        return new Tooling(
                a,
                way,
                n,
                Math.max(1, (int) Math.floor(low)),
                Math.max(1, (int) Math.ceil(high - 1e-9)),
                seconds,
                force,
                dip,
                factor,
                bar.isEmpty() && !tooMany,
                tooMany ? PoweredWords.TOO_MANY_STROKES.fill("n", n) : bar);
    }
}
