package truekeen.core.reference;

import java.util.EnumMap;
import java.util.Map;
import truekeen.core.advice.Formula;
import truekeen.core.table.Prior;

/** The formulas as TeX source, for whoever sets them in type. */
public final class Typeset {
    private static final Map<Formula, String> TEX = new EnumMap<>(Formula.class);

    static {
        TEX.put(Formula.GUIDE_PROJECTION, "P = \\frac{r + d\\cos\\theta}{\\sin\\theta} - s");
        TEX.put(Formula.STOP_BLOCK, "\\text{block} = P");
        TEX.put(
                Formula.ECCENTRIC_STEP,
                "\\theta = \\operatorname{atan2}(d, P+s) + \\arcsin\\frac{r + \\Delta r}{\\sqrt{(P+s)^2 + d^2}}");
        TEX.put(
                Formula.BODY_CLEARANCE,
                "P\\sin\\theta - d_b\\cos\\theta, \\quad \\psi = \\arcsin\\frac{2\\,\\text{clearance}}{\\text{width}}");
        TEX.put(Formula.GUIDE_CALIBRATION, "s\\sin\\theta_i - d\\cos\\theta_i = r - P_i\\sin\\theta_i");
        TEX.put(Formula.WHEEL_SPEED, "v = \\frac{\\pi D n}{60}");
        TEX.put(Formula.PLATFORM_REST, "\\tau = 90^\\circ - \\beta - \\arcsin\\frac{h}{R}");
        TEX.put(Formula.SUPPORT_BAR, "g = \\sqrt{R^2 + p^2 + a^2 + 2R(p\\sin\\beta + a\\cos\\beta)} - R - r_b");
        TEX.put(Formula.BELT_TABLE, "\\tau = 90^\\circ - (\\theta - \\omega) + \\kappa");
        TEX.put(Formula.STACK, "n = \\frac{H}{\\text{piece}}");
        TEX.put(Formula.HALVING, "\\frac{90^\\circ}{2^n}");
        TEX.put(Formula.SPINE_HONE, "W\\sin\\beta - T\\cos\\beta");
        TEX.put(Formula.HAND_STONE, "L\\sin(\\theta - \\kappa) - c\\cos\\kappa");
        TEX.put(Formula.SPINE_HEIGHT, "H = W\\sin\\theta - \\frac{S}{2}\\cos\\theta");
        TEX.put(
                Formula.WEDGE,
                "\\theta - \\kappa, \\quad \\kappa = \\arctan\\frac{S - t}{2\\left(W - \\frac{t}{2\\tan\\theta}\\right)}");
        TEX.put(Formula.INK_BAND, "\\delta = \\arctan\\frac{2a}{w^2}");
        TEX.put(Formula.DISHED_STONE, "\\delta = \\arctan\\frac{4q}{L_s}");
        TEX.put(
                Formula.ANGLE_CHOICE,
                "\\beta_{\\text{last}} = \\beta_{\\text{primary}} + \\text{step} \\ge \\beta_{\\text{steel}}");
        TEX.put(
                Formula.ANGLE_HISTORY,
                "\\beta_{\\text{last}} + \\{+2^\\circ, +3^\\circ;\\ +1^\\circ, +2^\\circ;\\ -1^\\circ\\}");
        TEX.put(Formula.INCLUDED_ANGLE, "\\beta_{\\text{last}} + \\beta_{\\text{back}}");
        TEX.put(
                Formula.CUTTING_ANGLE,
                "\\varphi + \\beta_{\\text{back}} \\ \\text{(bevel down)}, \\quad \\varphi + \\beta_{\\text{last}} \\ \\text{(bevel up)}");
        TEX.put(
                Formula.CLEARANCE,
                "\\varphi - \\beta_{\\text{last}} \\ \\text{(bevel down)}, \\quad \\varphi - \\beta_{\\text{back}} \\ \\text{(bevel up)}");
        TEX.put(Formula.CAMBER, "c = \\frac{c'}{\\sin\\varphi}, \\quad \\rho = \\frac{B^2/4 + c^2}{2c}");
        TEX.put(Formula.SHAVING_WIDTH, "2\\sqrt{2\\rho c_t - c_t^2}, \\quad c_t = \\frac{t}{\\sin\\varphi}");
        TEX.put(Formula.STATION_STROKES, "n_i \\propto \\text{depth to go at}\\ 0,\\ \\pm B/4,\\ \\pm B/2");
        TEX.put(Formula.THIN_RULE, "\\arcsin\\frac{\\text{thickness}}{\\text{reach}}");
        TEX.put(
                Formula.HOLLOW_GRIND,
                "\\beta_c \\mp \\delta, \\quad \\delta = \\arcsin\\frac{L}{2R}, \\quad L = \\frac{T}{\\sin\\beta_c}");
        TEX.put(Formula.HOLLOW_HONINGS, "\\frac{R - \\sqrt{R^2 - L^2/4}}{e\\,\\sin\\beta_c}");
        TEX.put(
                Formula.BEVEL_WIDTH,
                "\\frac{e\\sin\\beta_1}{\\sin(\\beta_2 - \\beta_1)}, \\quad \\frac{t/2}{\\sin\\theta}");
        TEX.put(Formula.BEHIND_EDGE, "t + 2e\\tan\\kappa \\ \\text{where the new bevel meets the face}");
        TEX.put(Formula.SHARPENINGS_UNTIL_THIN, "\\frac{e_{\\text{limit}}}{e_{\\text{each}}}");
        TEX.put(Formula.FLAT_BACK_AREA, "e\\,T, \\quad \\tfrac12 T^2\\left|\\cot\\beta' - \\cot\\beta\\right|");
        TEX.put(
                Formula.BEVEL_FROM_LENGTH,
                "\\beta = \\arcsin\\frac{T}{L}, \\quad \\frac{d\\beta}{dL} = -\\frac{\\tan\\beta}{L}");
        TEX.put(Formula.SQUARING, "\\tfrac12 B^2\\tan\\varphi\\,T");
        TEX.put(Formula.SKEW, "\\tan\\beta_{\\text{along}} = \\tan\\beta\\,\\cos\\text{skew}");
        TEX.put(
                Formula.MICRO_BEVEL,
                "e = \\frac{m\\sin(\\beta_2 - \\beta_1)}{\\sin\\beta_1}, \\quad \\tfrac12\\,e\\,m\\,\\sin\\beta_2");
        TEX.put(Formula.HONINGS_LEFT, "\\frac{e(m_{\\text{widest}}) - e(m)}{e_{\\text{each}}}");
        TEX.put(Formula.NEW_EDGE, "e = \\max_i\\,(\\text{worn apex},\\ \\text{depth of finding}_i)");
        TEX.put(Formula.STEEL_TO_GO, "V = \\int A(x)\\,dx");
        TEX.put(Formula.GRIT_SIZE, "\\ln d_{50} = \\text{linear in}\\ \\ln n \\ \\text{between rows}");
        TEX.put(
                Formula.STROKES,
                "n = \\frac{V}{k F \\ell}, \\quad k = k_0\\,\\frac{(\\min(d_{50}, {STOCK_REMOVAL_COARSEST_UM})/{STOCK_REMOVAL_REFERENCE_GRAIN_UM})"
                        + "^{{STOCK_REMOVAL_GRAIN_EXPONENT}}}{\\text{resistance}}");
        TEX.put(
                Formula.LEAST_TIME,
                "\\min_{\\text{paths}} \\sum \\left({STROKE_SECONDS}\\,n_i + {CHANGE_SECONDS} + \\text{flattening} + \\text{soaking}\\right)");
        TEX.put(
                Formula.WHEEL_HEAT,
                "\\rho c\\, h\\, \\frac{\\partial T}{\\partial t} = \\frac{\\partial}{\\partial x}\\left(k\\, h\\,"
                        + " \\frac{\\partial T}{\\partial x}\\right) + \\frac{P}{2w}");
        TEX.put(Formula.KEENNESS_INDEX, "\\frac{\\overline{F}}{F_{\\text{new blade}}}");
        TEX.put(Formula.UNBALANCE, "U = m r, \\quad \\ell = \\frac{U/r_c}{7.85\\cdot10^{-3}\\,b\\,t}");
        TEX.put(Formula.EDGES_ALIKE, "n = \\left\\lceil \\frac{V}{N\\,v} \\right\\rceil");
        TEX.put(Formula.MARKED_LOSS, "V = s\\,L\\,T, \\quad m = 7.85\\cdot10^{-3}\\,V");
        TEX.put(Formula.HOURS_DUE, "\\sum h_i\\,g_i \\ge H");
        TEX.put(Formula.SHAKING_FORCE, "U\\cdot 10^{-6}\\left(\\frac{2\\pi n}{60}\\right)^2");
        TEX.put(Formula.PERMISSIBLE_UNBALANCE, "\\frac{1000\\,G\\,m}{\\omega}");
        TEX.put(Formula.TIP_SPEED, "\\frac{\\pi L n}{60}");
        TEX.put(Formula.SHARPENINGS_LEFT, "n = \\frac{\\text{steel left}}{e_{\\text{each}}}");
        TEX.put(
                Formula.HAND_FACTOR,
                "m = \\frac{n\\,\\bar x/\\sigma^2}{1/\\tau^2 + n/\\sigma^2},\\qquad"
                        + " s_m = \\frac{1}{\\sqrt{1/\\tau^2 + n/\\sigma^2}}");
        TEX.put(Formula.THINNING, "V = \\tfrac12\\,\\Delta t\\,\\ell\\,L");
        TEX.put(Formula.BACK_FLATTENING, "V = d\\,s\\,L");
        TEX.put(Formula.GRINDING_TIME, "t = \\frac{(1 - a)\\,V}{q} + \\frac{a\\,V}{q_{\\text{light}}}");
        TEX.put(
                Formula.OVERHEATED,
                "T(x) = T_0 + \\left(T_{\\text{colour}} - T_0\\right)\\frac{\\theta(x)}{\\theta(x_{\\text{rim}})}");
        TEX.put(Formula.PROFILE_CHANGE, "\\delta(s) = d(s) - \\operatorname*{median}_s d(s)");
        TEX.put(Formula.TRIMMER_STROKES, "\\text{teeth}\\times\\text{edges}\\times\\text{strokes}");
    }

    private Typeset() {}

    /** The TeX source of a formula. */
    public static String tex(Formula formula) {
        return Prior.figuresIn(TEX.get(formula));
    }
}
