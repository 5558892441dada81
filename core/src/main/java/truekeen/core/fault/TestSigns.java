package truekeen.core.fault;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import truekeen.core.condition.Finding;
import truekeen.core.keenness.Verdict;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.steel.SteelClass;
import truekeen.core.table.Prior;
import truekeen.core.tool.Arrival;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Convention;
import truekeen.core.tool.ToolUse;

/** Signs that follow from a test by force, and from what a tool is. */
public final class TestSigns {
    /** Degrees above the usual last bevel from which an angle counts as high. Prior. */
    private static final double HIGH_DEG = Prior.TEST_SIGNS_HIGH_DEG.value();

    /** Degrees above the least a steel bears from which its angle is not blamed for crumbling. Prior. */
    private static final double AMPLE_DEG = Prior.TEST_SIGNS_AMPLE_DEG.value();

    private TestSigns() {}

    /** What a test by force says, and where. */
    public static List<Observation> ofForce(Verdict force) {
        if (force.keen()) {
            return List.of(Observation.of(Sign.FORCE_KEEN));
        }
        List<Observation> signs = new ArrayList<>();
        force.uneven().forEach(s -> signs.add(new Observation(Sign.FORCE_HIGH_HERE, Optional.of(s))));
        if (force.uneven().isEmpty() || force.dullElsewhere()) {
            signs.add(Observation.of(Sign.FORCE_HIGH_ALL));
        }
        return signs;
    }

    /**
     * What the tool itself says.
     *
     * @param last its last bevel, in its own convention
     * @param brings what is known of it since it was taken in
     * @param sharpenings finished sessions it has had here: where nobody said whether it came new, few of them speak for a
     *     young edge only weakly
     */
    public static List<Observation> ofTool(
            Blade blade, ToolUse trade, SteelClass steel, Angle last, Arrival brings, int sharpenings) {
        List<Observation> signs = new ArrayList<>();
        Angle lowest =
                blade.kind().convention() == Convention.PER_SIDE ? steel.lowestPerSide() : steel.lowestFromBack();
        double usual = trade.primaryUsual().degrees() + trade.stepUsual().degrees();
        if (last.degrees() > usual + HIGH_DEG) {
            signs.add(Observation.of(Sign.ANGLE_HIGH));
        } else if (last.degrees() < lowest.degrees() - 1e-9) {
            signs.add(Observation.of(Sign.ANGLE_LOW));
        } else if (last.degrees() <= usual + 1e-9) {
            signs.add(Observation.of(Sign.ANGLE_USUAL));
        }
        if (last.degrees() >= lowest.degrees() + AMPLE_DEG - 1e-9) {
            signs.add(Observation.of(Sign.ANGLE_AMPLE));
        }
        Double behindEdge = blade.measures().values().get("behindEdge");
        if (trade.thinAtMm() > 0 && behindEdge != null && behindEdge > trade.thinAtMm()) {
            signs.add(Observation.of(Sign.THICK_BEHIND));
        }
        if (brings.brittle(sharpenings)) {
            signs.add(Observation.of(Sign.NEW_FROM_MAKER));
        } else if (brings.mayBeBrittle(sharpenings)) {
            signs.add(Observation.of(Sign.FEW_SHARPENINGS));
        }
        return signs;
    }

    /**
     * What the survey knew of the edge before it was worked: a chip that was left on purpose, or that lies deeper than the
     * edge went back, is there still; one that was to go may have left its root.
     *
     * @param found what the survey found along the edge
     * @param lost how far the edge was to go back
     */
    public static List<Observation> ofSurvey(List<Finding> found, Length lost) {
        return found.stream()
                .filter(f -> f.kind() == Finding.Kind.CHIP || f.kind() == Finding.Kind.DENT)
                .map(f -> Observation.of(
                        f.leave() || f.depthMm() > lost.mm() + 1e-9 ? Sign.CHIP_KNOWN_LEFT : Sign.CHIP_WAS_THERE,
                        f.fromMm(),
                        f.toMm()))
                .toList();
    }

    /**
     * What is known of the broad face of a single-bevel knife.
     *
     * @param worked whether it was worked with this sharpening
     * @param due whether it is due by the sharpenings since it was
     */
    public static List<Observation> ofBroadFace(boolean worked, boolean due) {
        return worked
                ? List.of(Observation.of(Sign.FACE_FRESH))
                : due ? List.of(Observation.of(Sign.FACE_SOON)) : List.of();
    }

    /**
     * Whether a remedy worked, by the test after it: the edge passes, or the fault is no longer found at that place.
     *
     * @param before what the remedy was for
     * @param passes whether the test after it passes
     * @param after what that test found
     */
    public static boolean worked(Diagnosis.Finding before, boolean passes, Diagnosis after) {
        return passes
                || after.findings().stream()
                        .noneMatch(f -> f.fault().equals(before.fault())
                                && f.where().fromMm() <= before.where().toMm()
                                && before.where().fromMm() <= f.where().toMm());
    }
}
