package truekeen.core.advice;

import truekeen.core.table.Prior;

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
            "chipped +{ANGLE_HISTORY_AFTER_CHIP_DEG}°, again +{ANGLE_HISTORY_AFTER_CHIP_AGAIN_DEG}°; rolled"
                    + " +{ANGLE_HISTORY_AFTER_ROLL_DEG}°, again +{ANGLE_HISTORY_AFTER_ROLL_AGAIN_DEG}°;"
                    + " {ANGLE_HISTORY_WHOLE_IN_A_ROW} whole sharpenings in a row {ANGLE_HISTORY_AFTER_WHOLE_DEG}°",
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
            "warned of below {LEAST_CLEARANCE_DEG}°, refused at 0°",
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
            "e recession of a honing (mm), {LOSS_PRIOR_MM} until the log knows better",
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
            "limit by the work (mm); {LOSS_PRIOR_MM} mm a sharpening until the log knows better",
            "the same angle each time",
            "derived here"),
    SPINE_HEIGHT(
            "How high the spine stands over the stone",
            "H = W·sin θ − (S/2)·cos θ",
            "W edge to spine at the station, S spine (mm); θ a side (°)",
            "the lower corner of the spine, on a flat stone",
            "derived here"),
    STOP_BLOCK(
            "The stop block for an angle",
            "length of the block = P",
            "P projection (mm)",
            "as the guide's projection",
            "derived here"),
    ECCENTRIC_STEP(
            "The angle that a cam on the roller adds",
            "θ = atan2(d, P + s) + asin((r + Δr)/√((P + s)² + d²))",
            "P projection, r roller radius, Δr what the cam adds, d axle below the back, s setback (mm); θ (°)",
            "where the roller reaches the stone",
            "derived here"),
    BODY_CLEARANCE(
            "How far a guide's body stays off the stone",
            "P·sin θ − drop·cos θ; rocked until asin(2·clearance/width)",
            "P projection, drop of the body's front corner below the back, width of the body (mm); θ (°)",
            "a flat stone; refused at zero",
            "derived here"),
    GUIDE_CALIBRATION(
            "The guide's dimensions from measured pairs",
            "s·sin θ − d·cos θ = r − P·sin θ, least squares in d and s",
            "P projection, r roller radius by caliper, d, s (mm); θ measured angle (°)",
            "two pairs or more; warned of under {GUIDE_CALIBRATION_LEAST_SPREAD_DEG}° of spread or a condition number above"
                    + " {GUIDE_CALIBRATION_WORST_CONDITION}",
            "derived here"),
    WHEEL_SPEED(
            "Surface speed of a wheel",
            "v = π·D·n/60",
            "D diameter (m), n turns a minute, v speed (m/s)",
            "refused above the wheel's marking",
            "derived here"),
    PLATFORM_REST(
            "Tilt of a rest before a wheel",
            "tilt = 90° − β − asin(h/R)",
            "h contact above the centre, R radius (mm); β angle to the tangent there, of the face that lies on the table (°)",
            "|h| < R",
            "derived here"),
    SUPPORT_BAR(
            "Gap between wheel and support bar",
            "g = √(R² + p² + a² + 2R·(p·sin β + a·cos β)) − R − r_b",
            "R wheel, p reach, a bar off the back, r_b bar radius (mm); β edge angle to the tangent (°)",
            "g > 0; β below 90° − atan(a/p)",
            "derived here"),
    BELT_TABLE(
            "Tilt of a table before a belt",
            "tilt = 90° − (θ − slack) + κ",
            "θ angle, slack what a loose belt adds at the very edge, κ taper of the side (°)",
            "an upright belt",
            "derived here"),
    STACK(
            "Pieces of a known object under the spine",
            "n = H/piece, the nearest whole number",
            "H spine height, piece thickness of one (mm)",
            "flat, even pieces",
            "derived here"),
    HALVING("A right angle halved", "90°/2ⁿ", "n how often", "up to four times", "derived here"),
    SPINE_HONE(
            "Foot of a hone that rides on the spine",
            "W·sin β − T·cos β",
            "W edge to spine, T thickness; half the spine on blades bevelled on both sides (mm); β (°)",
            "a straight, smooth spine",
            "derived here"),
    HAND_STONE(
            "Shadow under the end of a small stone",
            "L·sin(θ − κ) − c·cos κ",
            "L from the edge to the stone's end, c where the cheek's line crosses the apex (mm); θ angle, κ taper (°)",
            "a flat stone and a straight cheek",
            "derived here"),
    FLAT_BACK_AREA(
            "Steel that goes from the section of a flat-back tool",
            "moved back: e·T; turned: ½·T²·|cot β′ − cot β|",
            "e recession, T thickness (mm); β bevel now, β′ wanted (°)",
            "a full flat bevel",
            "derived here"),
    BEVEL_FROM_LENGTH(
            "The angle of a bevel from its length",
            "β = asin(T/L), dβ/dL = −tan β/L",
            "T thickness, L length of the bevel along its face (mm)",
            "L more than T; on a hollow bevel the chord",
            "derived here"),
    SQUARING(
            "Steel that squaring takes",
            "½·B²·tan φ·T; loss at the high corner B·tan φ",
            "B width, T thickness (mm); φ out of square (°)",
            "a full flat bevel",
            "derived here"),
    SKEW(
            "A skewed edge's bevel along the tool",
            "tan β_along = tan β·cos skew",
            "β square to the edge (°)",
            "all other angles here are square to the edge",
            "derived here"),
    MICRO_BEVEL(
            "Recession and steel of a micro-bevel",
            "e = m·sin(β₂ − β₁)/sin β₁; area ½·e·m·sin β₂",
            "m width of the secondary, e recession along the back (mm); β₁ primary, β₂ secondary (°)",
            "β₂ above β₁; e up to T·(cot β₁ − cot β₂)",
            "derived here"),
    INK_BAND(
            "How far a setting is off, from its clean band",
            "δ = atan(2a/w²)",
            "a steel the strokes took from a millimetre of edge (mm²), w width of the clean band (mm)",
            "a flat bevel; the steel taken is an estimate",
            "derived here"),
    DISHED_STONE(
            "What a dished stone does to an angle",
            "atan(4q/Lₛ) at its ends",
            "q depth of the hollow in the middle, under a straightedge; Lₛ length of the stone (mm)",
            "the face taken as a parabola; the most it is off",
            "derived here"),
    GRIT_SIZE(
            "Median grain of a grit name",
            "ln d50 linear in ln number between the rows of the standard",
            "d50 (µm)",
            "beyond the rows it is carried on and flagged",
            "ISO 6344, ISO 8486, JIS R 6001; between their rows derived here"),
    UNBALANCE(
            "Unbalance of a turning blade and what to grind off",
            "U = m·r; mass U/radius; length mass/(7.85·10⁻³·b·t)",
            "m trial mass (g), r where it hangs (mm), b width, t thickness (mm)",
            "levelled on a knife edge",
            "derived here"),
    EDGES_ALIKE(
            "Work on edges that must stay alike",
            "n = V/(N·v); time = N·n·t + what is done beside it",
            "V steel to go from all edges (mm³), N edges, v what a stroke or pass takes (mm³), t its time (s)",
            "every edge gets the same whole number",
            "derived here"),
    MARKED_LOSS(
            "Steel the ends lost, by their width at marks",
            "V = s·L·T; mass = 7.85·10⁻³·V",
            "s mean loss of width at the marks (mm), L edge, T thickness (mm); V in mm³, mass in g",
            "bevel and land are moved back as they were",
            "derived here"),
    HOURS_DUE(
            "When a blade is due by the hours its machine ran",
            "wear = Σ hours × ground; due when wear reaches the interval, at the pace of the season",
            "ground: clean {GROUND_CLEAN}, stony {GROUND_STONY}, sandy {GROUND_SANDY}; hours on clean ground",
            "the interval is the middle of its own once two are known",
            "workshop prior"),
    SHAKING_FORCE(
            "Force that an unbalance shakes with",
            "U·10⁻⁶·(2π·n/60)²",
            "U unbalance (g·mm), n turns a minute; newton",
            "a stiff spindle",
            "derived here"),
    PERMISSIBLE_UNBALANCE(
            "Permissible unbalance",
            "1000·G·m/ω",
            "G grade (mm/s), m mass (kg), ω (rad/s); g·mm",
            "an engineering reference; a hand balancer has its own resolution",
            "ISO 21940-11"),
    TIP_SPEED(
            "Speed of the tips",
            "π·L·n/60",
            "L tip to tip (m), n turns a minute; m/s",
            "warned of above {ROTARY_BLADE_TIP_SPEED_WARNS_AT} m/s, the common limit in mower safety standards",
            "derived here"),
    TRIMMER_STROKES(
            "Strokes over a row of teeth",
            "teeth × edges × strokes",
            "counts",
            "the same on every edge",
            "derived here"),
    WHEEL_HEAT(
            "How hot an edge becomes at the wheel",
            "ρc·h·∂T/∂t = ∂/∂x(k·h·∂T/∂x) + P/(2·w) over the first 2 mm, h = min(T, b + x·tan β)",
            "T thickness, b land of at least {EDGE_FIN_LEAST_LAND_MM}, w width in contact (mm); k conductivity (W/m·K), ρc 3.7 MJ/m³K, P power"
                    + " into the steel (W)",
            "contacts of seconds; losses left out, which is on the safe side; knives thicken by 2·tan θ",
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
            "n = V/(k·F·ℓ), k ="
                    + " k₀·(min(d50, {STOCK_REMOVAL_COARSEST_UM})/{STOCK_REMOVAL_REFERENCE_GRAIN_UM})^{STOCK_REMOVAL_GRAIN_EXPONENT}/resistance",
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
            "with {LOSS_PRIOR_MM} mm a honing until somebody measures",
            "derived here"),
    SHARPENINGS_LEFT(
            "Sharpenings that the steel will last",
            "n = steel left/recession per sharpening",
            "steel left down to the retire limit, recession along the back (mm)",
            "the mean of what was measured on this tool, together with {LOSS_PRIOR_WORTH} sharpenings of {LOSS_PRIOR_MM} mm; a"
                    + " range of exp({LOSS_LOG_SPREAD}/√(1 + n/{LOSS_SPREAD_HALVES_BY})) either way",
            "derived here"),
    THINNING(
            "Steel that thinning takes",
            "V = Δt·ℓ/2·L",
            "Δt excess behind the edge, ℓ how far behind it the faces are eased, L edge (mm)",
            "flat faces, nothing taken at their far end",
            "derived here"),
    HAND_FACTOR(
            "What the log teaches of a hand",
            "m = (n/σ²)·x̄ / (1/τ² + n/σ²), in logarithms; a new stone starts from the mean of its kind",
            "x̄ mean of ln(strokes done/predicted) over n sessions, σ = {ABRASIVE_SESSION_LOG_SD} one session's own spread, τ ="
                    + " {HAND_FIRST_LOG_SD} the spread of hands: {HAND_SUMS_KIND_SD} between kinds of abrasive,"
                    + " {HAND_SUMS_PIECE_SD} between pieces and steels",
            "strokes counted to the end of a step; a session that stands out by {HAND_SUMS_STANDS_OUT_AT} spreads is"
                    + " asked about first",
            "derived here"),
    BACK_FLATTENING(
            "Steel that flattening a back takes",
            "V = d·s·L",
            "d depth, s strip behind the edge that is kept flat, L edge (mm)",
            "{RESTORER_BACK_ZONE_MM} mm on square-ended tools, {RESTORER_BACK_STRIP_MM} mm on long blades; pits deeper than"
                    + " {RESTORER_DEEPEST_PITS_MM} mm are hardly worth it",
            "workshop prior"),
    GRINDING_TIME(
            "How long a wheel or belt takes",
            "t = (1 − a)·V/rate + a·V/light rate",
            "V volume (mm³); a share of the light last passes, {LAST_PASSES_SHARE}; rates of removal (mm³/s) as ranges",
            "an estimate: each machine at its own rates",
            "workshop prior"),
    OVERHEATED(
            "How far past its limit overheated steel reaches",
            "the run of heat after a contact, scaled to the temperature that the colour's rim tells",
            "distance behind the edge (mm), temperature (°C)",
            "contacts of {OVERHEATED_SHORT_S} to {OVERHEATED_LONG_S} s; straw about {COLOUR_STRAW_C}, brown"
                    + " {COLOUR_BROWN_C}, purple {COLOUR_PURPLE_C}, blue {COLOUR_BLUE_C} °C",
            "workshop prior"),
    PROFILE_CHANGE(
            "How the shape of an edge has changed",
            "distance square to the edge as it was, less its middle value along the edge",
            "distances (mm)",
            "both traces from the same marks; up to {PROFILE_COMPARISON_SAME_SHAPE_MM} mm is taken as the same shape",
            "derived here");

    private final String meaning;
    private final String expression;
    private final String symbols;
    private final String limits;
    private final String source;

    Formula(String meaning, String expression, String symbols, String limits, String source) {
        this.meaning = meaning;
        this.expression = Prior.figuresIn(expression);
        this.symbols = Prior.figuresIn(symbols);
        this.limits = Prior.figuresIn(limits);
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
