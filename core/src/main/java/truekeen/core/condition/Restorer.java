package truekeen.core.condition;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.Cut;
import truekeen.core.section.Cutter;
import truekeen.core.section.Facet;
import truekeen.core.section.FlatBackSection;
import truekeen.core.section.MicroBevel;
import truekeen.core.section.Section;
import truekeen.core.tool.FlatBackTool;

/**
 * Works out what must go. The intended edge is moved back until it clears the present edge, every finding to be
 * removed, and the worn steel of a dull apex; the volume integrates that recession over the stations, each cut by the
 * section kernel. Source: derived here; limits are workshop priors.
 */
public final class Restorer {
    /** Widest secondary that is still honed rather than reground (mm). */
    public static final double WIDEST_SECONDARY_MM = 1.5;
    /** Width given to a fresh secondary (mm). */
    public static final double FRESH_SECONDARY_MM = 0.7;
    /** Pits on the back deeper than this at the edge end a chisel's life as a chisel (mm). */
    public static final double DEEPEST_PITS_MM = 0.25;
    /** How much of the back, from the edge, is kept flat (mm). */
    public static final double BACK_ZONE_MM = 30;

    private static final double STEP_MM = 1;
    private static final double SAME_ANGLE_DEG = 0.25;
    /** The steps of Simpson's rule stop this short of a jump, so that each sees one side of it (mm). */
    private static final double NUDGE_MM = 1e-9;

    private final FlatBackTool tool;
    private final EdgeSurvey survey;
    private final TargetBevel target;
    private final double length;
    private final double body;
    private final Section intact;
    private final double worn;
    private final double line;

    private Restorer(FlatBackTool tool, EdgeSurvey survey, TargetBevel target) {
        this.tool = tool;
        this.survey = survey;
        this.target = target;
        this.length = tool.edgeLengthMm();
        this.body = tool.usableLength().mm() + 1;
        Section now = tool.secondary().isPresent()
                ? FlatBackSection.withSecondary(
                        tool.thickness(),
                        tool.primary(),
                        tool.secondary().get(),
                        tool.secondaryWidth().orElseThrow(),
                        body)
                : FlatBackSection.single(tool.thickness(), tool.primary(), body);
        this.intact = keepsLastBevel() ? now : now.renamed(Facet.SECONDARY, Facet.FORMER);
        this.worn = stropOnly() ? 0 : survey.dullness().recessionMm();
        this.line = newEdge();
    }

    /**
     * Works out what must go.
     *
     * @throws RefusedException when the edge would have to move past the steel there is
     */
    public static Restoration restore(FlatBackTool tool, EdgeSurvey survey, TargetBevel target) {
        return new Restorer(tool, survey, target).restore();
    }

    private Restoration restore() {
        if (line >= tool.usableLength().mm()) {
            throw new RefusedException(Refusal.of(MessageCode.MOVED_PAST_STEEL, "findings", Length.ofMm(line))
                    .with("high", tool.usableLength()));
        }
        boolean strop = stropOnly();
        String grindReason = strop ? null : grindReason();
        double finalLine = strop ? 0 : grindReason == null ? secondaryLine() : line + freshRecession();
        List<Cutting> cuts = cuttings(finalLine, grindReason == null ? null : line);
        Cutting deepest = cuts.stream()
                .max((a, b) -> Double.compare(a.depthAll(), b.depthAll()))
                .orElseThrow();
        double width = cuts.stream()
                .mapToDouble(c -> Cut.lengthOf(c.after(), Facet.SECONDARY))
                .max()
                .orElse(0);
        if (strop) {
            width = tool.secondaryWidth().map(Length::mm).orElse(0.0);
        }
        double after = tool.usableLength().mm() - finalLine;
        double left = after - tool.retireLength().mm();
        ScopeChoice choice = ScopeChoice.of(survey, left, grindReason, damaged(), strop, bevelChange());
        return new Restoration(
                choice.scope(),
                choice.reasons(),
                line,
                finalLine,
                grindReason == null ? Optional.empty() : Optional.of(shaping(cuts, true)),
                strop ? Optional.empty() : Optional.of(shaping(cuts, false)),
                back(),
                width,
                after,
                left,
                honingsLeft(width),
                cuts.stream()
                        .map(c -> new StationCut(c.x, c.present, finalLine - c.present))
                        .toList(),
                deepest.before,
                deepest.after(),
                deepest.removed());
    }

    /** The cuts at one station: what was there, the primary's cut where it is ground, the secondary's. */
    private record Cutting(double x, double present, List<Section> before, Cut primary, Cut secondary, double weight) {
        List<Section> after() {
            return secondary.kept();
        }

        double depthAll() {
            return (primary == null ? 0 : primary.removedArea()) + secondary.removedArea();
        }

        List<Section> removed() {
            List<Section> all = new ArrayList<>(primary == null ? List.of() : primary.removed());
            all.addAll(secondary.removed());
            return all;
        }
    }

    private List<Cutting> cuttings(double finalLine, Double primaryLine) {
        List<Cutting> cuts = new ArrayList<>();
        double[] at = stations().stream().mapToDouble(Double::doubleValue).toArray();
        for (int i = 0; i + 1 < at.length; i++) {
            double h = at[i + 1] - at[i];
            // Simpson over each piece: the area is piecewise quadratic in the recession, which is linear here
            cuts.add(cutting(at[i] + NUDGE_MM, finalLine, primaryLine, h / 6));
            cuts.add(cutting(at[i] + h / 2, finalLine, primaryLine, h * 4 / 6));
            cuts.add(cutting(at[i + 1] - NUDGE_MM, finalLine, primaryLine, h / 6));
        }
        return cuts;
    }

    private Cutting cutting(double x, double finalLine, Double primaryLine, double weight) {
        double tilt = tilt(x);
        double present = tilt + missing(x);
        List<Section> before = intact.movedAlongBack(tilt).within(Cutter.blunt(present), Facet.BLUNT);
        Cut primary = null;
        List<Section> ground = before;
        if (primaryLine != null) {
            primary = Cut.of(before, Cutter.bevel(primaryLine, target.primary()), Facet.PRIMARY);
            ground = primary.kept();
        }
        Cut secondary = stropOnly()
                ? new Cut(ground, List.of())
                : Cut.of(ground, Cutter.bevel(finalLine, target.last()), Facet.SECONDARY);
        return new Cutting(x, present, before, primary, secondary, weight);
    }

    private Shaping shaping(List<Cutting> cuts, boolean ofPrimary) {
        double volume = 0;
        double area = 0;
        double depth = 0;
        for (Cutting c : cuts) {
            Cut cut = ofPrimary ? c.primary : c.secondary;
            // The primary's face is counted as ground, before the secondary takes its strip of it.
            double face = Cut.lengthOf(cut.kept(), ofPrimary ? Facet.PRIMARY : Facet.SECONDARY);
            volume += c.weight * cut.removedArea();
            area += c.weight * face;
            depth = Math.max(depth, cut.removedDepthFrom(bevelBefore(ofPrimary, c)));
        }
        return new Shaping(volume, area, depth);
    }

    /** The line of the bevel as it was before the cut. */
    private Cutter bevelBefore(boolean ofPrimary, Cutting c) {
        double tilt = tilt(c.x);
        double meeting = tool.secondary().isPresent()
                ? MicroBevel.recession(
                                tool.secondaryWidth().orElseThrow(),
                                tool.primary(),
                                tool.secondary().get())
                        .mm()
                : 0;
        if (ofPrimary) {
            return Cutter.bevel(tilt - meeting, tool.primary());
        }
        if (c.primary != null) {
            return Cutter.bevel(line, target.primary());
        }
        return Cutter.bevel(tilt, tool.lastBevel());
    }

    /** The new edge: the least line that clears present edge, wear, and every finding not left on purpose. */
    private double newEdge() {
        double least = 0;
        for (double x : stations()) {
            double here = tilt(x);
            least = Math.max(least, here + worn);
            for (Finding f : survey.findings()) {
                if (!f.leave() && x >= f.fromMm() && x <= f.toMm()) {
                    least = Math.max(least, here + f.missingAt(x, length));
                    if (f.kind() == Finding.Kind.BRIGHT) {
                        least = Math.max(least, here + Dullness.LIGHT_VISIBLE.recessionMm());
                    }
                }
            }
        }
        return least;
    }

    /**
     * Where the edge is looked at: at every place where something begins, ends or turns, and every millimetre between
     * where the recession varies. Elsewhere it is the same all along, and both ends say all.
     */
    private TreeSet<Double> stations() {
        TreeSet<Double> turns = new TreeSet<>(List.of(0.0, length));
        for (Finding f : survey.findings()) {
            turns.add(Math.max(0, f.fromMm()));
            turns.add((f.fromMm() + f.toMm()) / 2);
            turns.add(Math.min(length, f.toMm()));
        }
        boolean slants = tilt(0) != tilt(length);
        TreeSet<Double> at = new TreeSet<>(turns);
        for (double from : turns) {
            Double to = turns.higher(from);
            if (to != null && (slants || missing((from + to) / 2) > 0)) {
                int steps = (int) Math.ceil((to - from) / STEP_MM);
                for (int i = 1; i < steps; i++) {
                    at.add(from + (to - from) * i / steps);
                }
            }
        }
        return at;
    }

    private double tilt(double x) {
        return survey.square().mend() ? survey.square().behindAt(x, length) : 0;
    }

    private double missing(double x) {
        return survey.findings().stream()
                .mapToDouble(f -> f.missingAt(x, length))
                .max()
                .orElse(0);
    }

    private boolean keepsLastBevel() {
        return tool.secondary()
                .filter(now -> Math.abs(now.degrees() - target.last().degrees()) <= SAME_ANGLE_DEG)
                .isPresent();
    }

    private double freshRecession() {
        return MicroBevel.recession(Length.ofMm(FRESH_SECONDARY_MM), target.primary(), target.last())
                .mm();
    }

    /** Where the secondary ends up when the primary stays: a changed angle wants a facet of its own. */
    private double secondaryLine() {
        if (keepsLastBevel() || secondaryWidthAt(line) >= FRESH_SECONDARY_MM) {
            return line;
        }
        double low = line;
        double high = line + tool.thickness().mm();
        while (high - low > 1e-9) {
            double middle = (low + high) / 2;
            if (secondaryWidthAt(middle) < FRESH_SECONDARY_MM) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return high;
    }

    private double secondaryWidthAt(double line) {
        return Cut.lengthOf(intact.within(Cutter.bevel(line, target.last()), Facet.SECONDARY), Facet.SECONDARY);
    }

    /** Why the primary must be ground, or null where honing the secondary will do. */
    private String grindReason() {
        Angle present = tool.primary();
        if (Math.abs(present.degrees() - target.primary().degrees()) > SAME_ANGLE_DEG) {
            return "the primary changes from " + present + " to " + target.primary();
        }
        double width = secondaryWidthAt(secondaryLine());
        if (width > WIDEST_SECONDARY_MM) {
            return "honed down to clean steel the secondary would be " + Numbers.plain(width, 1)
                    + " mm wide, over the limit of " + Numbers.plain(WIDEST_SECONDARY_MM, 1) + " mm";
        }
        return null;
    }

    private Shaping back() {
        double zone = Math.min(BACK_ZONE_MM, tool.usableLength().mm());
        double area = zone * tool.width().mm();
        double depth = survey.effectiveBackDepthMm();
        return new Shaping(depth * area, area, depth);
    }

    private int honingsLeft(double width) {
        double now = MicroBevel.recession(Length.ofMm(width), target.primary(), target.last())
                .mm();
        double most = MicroBevel.recession(Length.ofMm(WIDEST_SECONDARY_MM), target.primary(), target.last())
                .mm();
        return (int) Math.max(0, Math.floor((most - now) / Dullness.DULL.recessionMm()));
    }

    /** How the last bevel changes, in words, or null where it stays. */
    private String bevelChange() {
        return tool.secondary().isPresent() && !keepsLastBevel()
                ? "the last bevel changes from " + tool.lastBevel() + " to " + target.last()
                : null;
    }

    private boolean damaged() {
        return survey.findings().stream().anyMatch(f -> !f.leave())
                || (survey.square().mend() && survey.square().off().radians() > 0);
    }

    /** A strop will do: nothing but a touch-up is wanted, no strop has failed at it, and no bevel is to change. */
    private boolean stropOnly() {
        return survey.dullness() == Dullness.TOUCH_UP
                && !survey.stropTried()
                && !damaged()
                && survey.back() == BackState.POLISHED
                && keepsLastBevel()
                && Math.abs(tool.primary().degrees() - target.primary().degrees()) <= SAME_ANGLE_DEG
                && tool.secondaryWidth().map(Length::mm).orElse(0.0) <= WIDEST_SECONDARY_MM;
    }
}
