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
    ANGLE_HISTORY(
            "What the tool's own history asks of its last bevel",
            "chipped +2°, again +3°; rolled +1°, again +2°; three whole sharpenings in a row −1°",
            "from the last bevel in use at the time (°)",
            "within the bounds of work and steel; each outcome counts once",
            "workshop prior"),
    INCLUDED_ANGLE(
            "The angle between the two faces",
            "last bevel + back bevel, or the sum of both sides",
            "angles in the convention of the tool (°)",
            "perpendicular to the edge",
            "derived here"),
    CUTTING_ANGLE(
            "The angle at which a plane cuts",
            "bevel down: bed + back bevel; bevel up: bed + last bevel",
            "angles to the sole (°)",
            "a flat bed",
            "derived here"),
    CLEARANCE(
            "Clearance under a plane iron",
            "bevel down: bed − last bevel; bevel up: bed − back bevel",
            "angles to the sole (°)",
            "warned of below 10°, refused at 0°",
            "derived here"),
    CAMBER(
            "Camber on the iron for a camber below the sole",
            "c = c′/sin φ; radius (B²/4 + c²)/2c",
            "c′ below the sole, B width of the iron, c on the iron (mm); φ bed (°)",
            "c′ up to B·sin φ/2",
            "derived here"),
    SHAVING_WIDTH(
            "Width of the shaving a cambered iron takes",
            "2·√(2ρ·cₜ − cₜ²), cₜ = t/sin φ",
            "ρ radius of the edge, t depth of cut (mm); φ bed (°)",
            "as wide as the iron once cₜ reaches the camber",
            "derived here"),
    STATION_STROKES(
            "Strokes at five stations across the iron",
            "shares by the depth to go at ±B/2, ±B/4 and 0; whole numbers on pairs by the largest remainder",
            "B width of the iron (mm)",
            "left always equals right; the centre takes the odd one",
            "derived here"),
    THIN_RULE(
            "Back bevel from a thin rule",
            "asin(thickness/reach)",
            "thickness of the rule, reach from its edge to the edge of the iron (mm)",
            "plane irons only",
            "derived here"),
    HOLLOW_GRIND(
            "Angles of a hollow bevel",
            "chord ∓ δ at edge and heel, δ = asin(L/2R), L = T/sin chord",
            "T thickness, L chord, R radius of the wheel (mm)",
            "L less than the wheel is wide",
            "derived here"),
    HOLLOW_HONINGS(
            "Honings until a hollow is gone",
            "depth/(e·sin chord), depth = R − √(R² − L²/4)",
            "e recession of a honing (mm), 8 µm until the log knows better",
            "honed flat on heel and edge",
            "derived here"),
    BEVEL_WIDTH(
            "Width of a bevel along its face",
            "secondary: e·sin β₁/sin(β₂ − β₁); edge bevel of a knife: (t/2)/sin θ",
            "e recession, t thickness behind the edge (mm); β, θ in the convention of the tool (°)",
            "flat bevels",
            "derived here"),
    BEHIND_EDGE(
            "Thickness behind the edge",
            "where the new bevel meets the tapering face",
            "W edge to spine, S spine, t behind the edge (mm); θ a side (°)",
            "straight faces; the edge short of the spine",
            "derived here"),
    SHARPENINGS_UNTIL_THIN(
            "Sharpenings before it is thinned",
            "recession that thickens it to the limit / recession per sharpening",
            "limit by the work (mm); 8 µm a sharpening until the log knows better",
            "the same angle each time",
            "derived here"),
    SPINE_HEIGHT(
            "How high the spine stands over the stone",
            "H = W·sin θ − (S/2)·cos θ",
            "W edge to spine at the station, S spine (mm); θ a side (°)",
            "the lower corner of the spine, on a flat stone",
            "derived here"),
    WEDGE(
            "The wedge that a blade's side lies on",
            "θ − κ, κ = atan((S − t)/(2·(W − t/(2·tan θ))))",
            "W edge to spine, S spine, t behind the edge (mm); θ a side (°)",
            "straight faces; a parallel-sided blade wants θ itself",
            "derived here"),
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
