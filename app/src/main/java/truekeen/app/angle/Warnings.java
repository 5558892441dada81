package truekeen.app.angle;

import java.util.ArrayList;
import java.util.List;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.core.angle.AngleChoice;
import truekeen.core.quantity.Angle;
import truekeen.core.section.TargetBevel;
import truekeen.core.tool.PlaneBed;
import truekeen.core.tool.PlaneIron;
import truekeen.core.tool.ToolUse;

/** What to know before going on with a pair of bevels. */
final class Warnings {
    private static final double SLACK_DEG = 1e-6;

    private Warnings() {}

    static List<String> of(CoreTool tool, ToolUse trade, AngleChoice advised, TargetBevel target) {
        List<String> warnings = new ArrayList<>();
        if (target == null) {
            return warnings;
        }
        String words = tool.geometry().kind().convention().words();
        advised.floor()
                .filter(f -> target.last().degrees() < f.degrees() - SLACK_DEG)
                .ifPresent(f -> warnings.add(
                        AngleWords.BELOW_SOUND.fill("steel", tool.steel().name(), "floor", f, "measured", words)));
        if (target.primary().degrees() < trade.primaryLow().degrees() - SLACK_DEG
                || target.primary().degrees() > trade.primaryHigh().degrees() + SLACK_DEG) {
            warnings.add(AngleWords.PRIMARY_UNUSUAL.fill(
                    "primary", target.primary(), "low", trade.primaryLow(), "high", trade.primaryHigh()));
        }
        Angle step = target.last().minus(target.primary());
        if (trade.stepMax().radians() > 0 && step.degrees() > trade.stepMax().degrees() + SLACK_DEG) {
            warnings.add(AngleWords.STEP_UNUSUAL.fill("step", step, "most", trade.stepMax()));
        }
        if (tool.geometry() instanceof PlaneIron iron) {
            clearance(iron, target, warnings);
        }
        return warnings;
    }

    private static void clearance(PlaneIron iron, TargetBevel target, List<String> warnings) {
        Angle left = iron.clearance(target.last(), target.back().orElse(Angle.ZERO));
        if (left.degrees() < PlaneBed.LEAST_CLEARANCE.degrees() - SLACK_DEG) {
            warnings.add(AngleWords.LITTLE_CLEARANCE.fill("left", left, "least", PlaneBed.LEAST_CLEARANCE));
        }
    }
}
