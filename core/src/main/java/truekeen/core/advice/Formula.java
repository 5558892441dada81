package truekeen.core.advice;

/**
 * What stands behind a number: meaning, formula, symbols with their units, where it holds, and its source. The "why" of
 * every advice reads from here.
 */
public enum Formula {
    GUIDE_PROJECTION(
            "The projection that holds an angle",
            "P = (r + d·cos θ)/sin θ − s",
            "r roller radius, d axle below the back, s setback of the axle (mm); θ angle from the back (°)",
            "θ from 5° to 85°; the axle lies below the blade by at least the roller's radius",
            "derived here"),
    ANGLE_CHOICE(
            "The bevel for this tool, work and steel",
            "last bevel = primary + step, raised toward the steel's lowest sound one",
            "all from the back (°)",
            "within the range of the tool and its work",
            "workshop prior"),
    NEW_EDGE(
            "Where the new edge must lie",
            "the least line that clears the present edge, the worn apex and every finding to be removed",
            "recession along the back (mm)",
            "less than the usable length",
            "derived here"),
    STEEL_TO_GO(
            "Steel that must go",
            "area cut from the section, integrated over the stations of the edge",
            "area (mm²), length (mm), volume (mm³)",
            "flat bevels; chips taken as a V",
            "derived here"),
    STROKES(
            "Strokes that a removal takes",
            "n = V/(k·F·ℓ), k = k₀·√(d50/11.5)/resistance",
            "V volume (mm³), k specific wear (mm²/N), F force (N), ℓ sliding distance of a stroke (mm), d50 grain (µm)",
            "an estimate: hands and stones differ by a factor of two either way",
            "workshop prior"),
    LEAST_TIME(
            "The abrasives of least time",
            "least sum of strokes, changes, flattening, degreasing and soaking over all paths the rules allow",
            "time (s)",
            "exact for the estimates it works with",
            "derived here"),
    KEENNESS_INDEX(
            "How keen an edge is",
            "index = mean reading / reading of a new utility blade on the same tester",
            "readings (g)",
            "three stations at least; the reference is the shop's own",
            "workshop prior"),
    HONINGS_LEFT(
            "Honings before the bevel is reground",
            "(e at the widest secondary − e now)/e per honing, e = m·sin(β₂ − β₁)/sin β₁",
            "m width of the secondary, e recession (mm); β from the back (°)",
            "with 8 µm a honing until the log knows better",
            "derived here");

    private final String meaning;
    private final String expression;
    private final String symbols;
    private final String limits;
    private final String source;

    Formula(String meaning, String expression, String symbols, String limits, String source) {
        this.meaning = meaning;
        this.expression = expression;
        this.symbols = symbols;
        this.limits = limits;
        this.source = source;
    }

    /** What it answers. */
    public String meaning() {
        return meaning;
    }

    /** The formula or rule, in one line. */
    public String expression() {
        return expression;
    }

    /** Its symbols and their units. */
    public String symbols() {
        return symbols;
    }

    /** Where it holds. */
    public String limits() {
        return limits;
    }

    /** A standard, "derived here" or "workshop prior". */
    public String source() {
        return source;
    }
}
