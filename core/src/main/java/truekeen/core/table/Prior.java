package truekeen.core.table;

import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Figures that the bench knows and no formula gives, each once: its value, unit, meaning and source stand in
 * {@code tables/priors.csv}. Whoever needs one reads it here; a test holds each against the published figures.
 */
public enum Prior {
    STROKE_SECONDS,
    CHANGE_SECONDS,
    SETTING_SECONDS,
    FLATTENING_SECONDS,
    FILE_LEAST_MM3,
    FILE_MOST_MM3,
    FILE_HRC,
    BENCH_STROKE_MM,
    POCKET_STROKE_MM,
    ENDS_LEFT_MM,
    LAST_PASSES_SHARE,
    WORN_BITE,
    STANDS_AS_WANTED_DEG,
    FRESH_MARK_DEEP_MM,
    FRESH_MARK_SHALLOW_MM,
    START_RULE,
    WIDEST_STEP,
    DEGREASING_SECONDS,
    TIE_SECONDS,
    BY_MACHINE_ABOVE_MM3,
    EDGE_CHECK_COARSE_UM,
    EDGE_CHECK_FINE_UM,
    DIAGNOSTICIAN_NEAR_MM,
    DIAGNOSTICIAN_TIE,
    OBSERVATION_EARLIER_SHARE,
    SUBJECT_LOCAL_SHARE,
    SUBJECT_ALONG_SHARE,
    SUBJECT_TIP_SHARE,
    TEST_SIGNS_HIGH_DEG,
    TEST_SIGNS_BRITTLE_SHARPENINGS,
    REMEDY_RECORD_PRIOR_TRIED,
    REMEDY_RECORD_PRIOR_WORKED,
    JUDGE_WIDEST_SPREAD,
    EDGE_TEST_LEAST_STATIONS,
    STEP_WRITER_DEBURR_STROKES,
    STEP_WRITER_BETWEEN_STROKES,
    STEP_WRITER_LATE_BACK_STROKES,
    STEP_WRITER_BACK_STROKES,
    STEP_WRITER_TOOL_WEIGHT_N,
    STEP_WRITER_SECONDS_OFF_STONE,
    SHEET_HABITS_SET,
    REMEDY_SHEET_FEW_STROKES,
    REMEDY_SHEET_LIGHTER_DEBURR,
    REMEDY_SHEET_LESS_STROPPING,
    REMEDY_SHEET_FEATHER_MM,
    FINISHING_MUCH_CAMBER_MM,
    OWN_INTERVALS_KNOWN_FROM,
    ABRASIVE_SESSION_LOG_SD,
    STEEL_CLASS_DEG_PER_HRC_ABOVE,
    STEEL_CLASS_DEG_PER_HRC_BELOW,
    STEEL_CLASS_MOST_DEG,
    SHELF_RULE_OXIDE_REFUSED_AT,
    SHELF_RULE_OXIDE_WARNS_AT,
    STONE_HABITS_MEDIUM_UM,
    STONE_HABITS_HIGH_UM,
    WORK_PLANNER_UNKNOWN_SCRATCH_UM,
    WORK_PLANNER_STROP_STEP,
    WORK_PLAN_STROP_STROKES,
    HOUSE_STONES_MANY,
    HOUSE_STONES_FEW,
    JOB_STEEP_DEG,
    JOB_NARROW_MM,
    ANSWER_FEWEST_WITHIN,
    ANSWER_GENTLEST_WITHIN,
    PROFILE_COMPARISON_SAME_SHAPE_MM,
    INSPECTION_NEAR,
    RUNNING_HOURS_LEAST_DAYS,
    RUNNING_HOURS_FIRST_SPREAD,
    HAND_SUMS_KIND_SD,
    HAND_SUMS_PIECE_SD,
    HAND_SUMS_STANDS_OUT_AT,
    HAND_SUMS_KNOWN_FROM,
    ANGLE_HISTORY_AFTER_WHOLE_DEG,
    ANGLE_HISTORY_WHOLE_IN_A_ROW,
    ANGLE_CHOOSER_LEAST_STEP_DEG,
    ANGLE_CHOOSER_REPEAT_WITHIN_DEG,
    ROTARY_BLADE_TIP_SPEED_WARNS_AT,
    BALANCING_GRADE,
    BALANCING_WORSE,
    MARKED_WIDTHS_ALIKE_WITHIN_MM,
    TOOLING_STONE_FORCE_N,
    TOOLING_MOST_STROKES,
    POWERED_STEPS_SECONDS_TO_CLEAN,
    POWERED_STEPS_SECONDS_TO_MEASURE,
    POWERED_STEPS_SECONDS_TO_SET,
    POWERED_STEPS_BURR_STROKES,
    POWERED_STEPS_SETS,
    POWERED_PLAN_PATIENCE_S,
    DIP_RHYTHM_FEED_MM_S,
    DIP_RHYTHM_MOST,
    BACK_WORK_NARROW_MM,
    OVERHEATED_SHORT_S,
    OVERHEATED_LONG_S,
    THINNING_RELIEF_MM,
    GRIND_PLAN_LEAST_BLUNT_MM,
    INK_AMOUNT_MEASURED,
    INK_CHECK_TOO_WIDE,
    RESTORER_DEEPEST_PITS_MM,
    RESTORER_BACK_ZONE_MM,
    RESTORER_BACK_STRIP_MM,
    RESTORER_FRESH_SHARE,
    RESTORER_WIDEST_SHARE,
    THIN_BACK_BEVEL_MM,
    SEAT_LEVER_MM,
    ROLLER_HOLDER_ROCKS_UP_TO_MM,
    WHEEL_SIDE_LEAST_SECONDS,
    WHEEL_SIDE_MOST_SECONDS,
    BRITTLE_CHECK_SHARE,
    HARD_LAYER_KEPT,
    CAM_COMES_NEAR_DEG,
    CAM_HOLDS_DEG,
    FIXED_HOLDS_DEG,
    PREPARATION_DRESS_SECONDS,
    LAPPING_NEVER_FROM,
    LAPPING_ROUGH_FROM,
    EDGE_FIN_LEAST_LAND_MM,
    GRIND_HEAT_MARGIN_K,
    GRIND_HEAT_FINGER_C,
    CONTACT_WIDTH_MM,
    CAMBER_CLEAR_OF_CUT,
    GUIDE_CALIBRATION_WORST_CONDITION,
    STOCK_REMOVAL_REFERENCE_GRAIN_UM,
    ALIKE_GATE_WIDEST_GAP_MM,
    PACE_PAUSE_S,
    PACE_QUICKEST_S,
    PACE_LEAST,
    GATE_LEAST_STROKES,
    GATE_UNEVEN_SHARE,
    SESSION_SIGNS_ANGLE_TOLERANCE_DEG,
    SESSION_SIGNS_MUCH_STROPPING,
    DULLNESS_TOUCH_UP_MM,
    DULLNESS_DULL_MM,
    DULLNESS_LIGHT_MM,
    BACK_RIDGED_MM,
    BACK_PITTED_MM,
    BACK_DUBBED_MM,
    SURVEY_SAME_MM,
    SAME_CAMBER_MM,
    SAME_ANGLE_DEG,
    GROUND_CLEAN,
    GROUND_STONY,
    GROUND_SANDY,
    FIRST_HOURS_BAR,
    FIRST_HOURS_TRIMMER,
    FIRST_HOURS_DISC,
    COLOUR_STRAW_C,
    COLOUR_BROWN_C,
    COLOUR_PURPLE_C,
    COLOUR_BLUE_C,
    COLOUR_GREY_C,
    PROFILE_STRAIGHT_SHARE,
    PROFILE_SEEN_MM,
    SURE_VERY_LIKELY,
    SURE_LIKELY,
    SURE_POSSIBLE,
    SECONDARY_BENCH_MM,
    SECONDARY_BENCH_WIDEST_MM,
    SECONDARY_KNIFE_MM,
    SECONDARY_KNIFE_WIDEST_MM,
    SECONDARY_WIDE_KNIFE_MM,
    SECONDARY_WIDE_KNIFE_WIDEST_MM,
    SECONDARY_SINGLE_BEVEL_MM,
    SECONDARY_SINGLE_BEVEL_WIDEST_MM,
    SECONDARY_FLAT_FACED_MM,
    SECONDARY_FLAT_FACED_WIDEST_MM,
    SECONDARY_CONVEX_MM,
    SECONDARY_CONVEX_WIDEST_MM,
    LEAST_CLEARANCE_DEG,
    STOCK_REMOVAL_GRAIN_EXPONENT,
    STOCK_REMOVAL_COARSEST_UM,
    SCRATCH_SHARE,
    SCRATCH_DROWNS_AT,
    WIDE_STEP_SECONDS,
    FORCE_CHISEL_N,
    FORCE_KNIFE_N,
    FORCE_AXE_N,
    FORCE_SHAPING,
    FORCE_MOST_N_PER_MM,
    LEAST_STROKES,
    LEAST_STROKES_STATION,
    TOUCHED_UP_SCRATCH_RATIO,
    LOSS_PRIOR_MM,
    LOSS_PRIOR_WORTH,
    LOSS_LOG_SPREAD,
    SHARPENINGS_MANY,
    BROAD_FACE_EVERY_MM,
    BROAD_FACE_DEPTH_MM,
    THINNING_BELOW_DEG,
    POWERED_BAR_MM,
    POWERED_DISC_MM,
    POWERED_TOOTH_MM,
    THIN_RULE_THICKNESS_MM,
    THIN_RULE_REACH_MM,
    THIN_RULE_MOST_DEG,
    THIN_RULE_FRESH_STROKES,
    THIN_RULE_LATER_STROKES,
    MACHINE_CLOCK,
    MACHINE_SET_UP_S,
    STROP_FOLLOWS,
    FINISH_BEHIND_EDGE,
    BACK_LIFT_REACH_MM,
    BACK_BEVEL_MM,
    SAVING_BEVEL_MOST_DEG,
    LAPPED_SCRATCH_UM,
    CURVE_EDGE_STRIP_MM,
    CIRCLE_ADVANCE_MM,
    CIRCLE_STROKE_MM,
    CAMBER_CORNER_MM,
    CAMBER_LEAST_SHARE,
    TOO_MANY_STROKES,
    TOO_LONG_MIN,
    ANGLE_LEAVE_IT_DEG,
    ANGLE_KEPT_OUTSIDE_DEG,
    THIN_RULE_LAID_S,
    BACK_LIFT_SHARE,
    COOL_PATIENCE_S,
    MACHINE_FAR_LONGER,
    FILE_SCRATCH_UM;

    private final double value;
    private final String unit;
    private final String meaning;
    private final String source;

    Prior() {
        TableReader.Row row = Rows.of(name());
        this.value = row.number("value");
        this.unit = row.text("unit");
        this.meaning = row.text("meaning");
        this.source = row.text("source");
    }

    /** Read before the constants are made, which an enum's own fields are not. */
    private static final class Rows {
        private static final Map<String, TableReader.Row> BY_NAME = TableReader.rows("priors").stream()
                .collect(Collectors.toUnmodifiableMap(r -> r.text("name"), Function.identity()));

        static TableReader.Row of(String name) {
            TableReader.Row row = BY_NAME.get(name);
            if (row == null) {
                throw new IllegalStateException("tables/priors.csv has no row " + name);
            }
            return row;
        }
    }

    /** The figure, in its unit. */
    public double value() {
        return value;
    }

    /**
     * The figure, where it is a whole number.
     *
     * @throws IllegalStateException where it is none
     */
    public int whole() {
        if (value != Math.rint(value)) {
            throw new IllegalStateException(name() + " is no whole number: " + value);
        }
        return (int) value;
    }

    /** Its unit; "1" for a share. */
    public String unit() {
        return unit;
    }

    /** What it is. */
    public String meaning() {
        return meaning;
    }

    /** Where it is from. */
    public String source() {
        return source;
    }
}
