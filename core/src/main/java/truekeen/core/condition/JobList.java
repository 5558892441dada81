package truekeen.core.condition;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import truekeen.core.job.BackBevel;
import truekeen.core.job.BackFlat;
import truekeen.core.job.BroadFace;
import truekeen.core.job.CurvedFacet;
import truekeen.core.job.EdgeBevel;
import truekeen.core.job.GroundBevel;
import truekeen.core.job.Job;
import truekeen.core.job.JobKind;
import truekeen.core.job.Shaping;
import truekeen.core.job.ThinRuleStrip;
import truekeen.core.job.Thinning;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.EdgeShape;
import truekeen.core.section.Section;
import truekeen.core.section.TargetBevel;
import truekeen.core.setup.Camber;
import truekeen.core.setup.ThinRule;
import truekeen.core.table.Prior;
import truekeen.core.tool.Blade;
import truekeen.core.tool.ConvexBlade;
import truekeen.core.tool.DoubleBevelKnife;
import truekeen.core.tool.PlaneIron;
import truekeen.core.tool.SingleBevelKnife;

/** The jobs that a sharpening is made of, in their order, each charged with its own steel. Source: derived here. */
final class JobList {
    private static final int STATIONS = Camber.STATIONS;
    private static final double CHEEK_BELOW_DEG = Prior.THINNING_BELOW_DEG.value();
    private static final double LIFT_REACH_MM = Prior.BACK_LIFT_REACH_MM.value();
    /** Something laid under a blade lies well on it, short of its spine or tang. */
    private static final double LIFT_SHARE = Prior.BACK_LIFT_SHARE.value();

    /** From this share of the bevel on, its micro-bevel covers it. Source: workshop prior. */
    private static final double COVERS_FROM = Prior.MICRO_BEVEL_COVERS_FROM.value();

    private static final double EDGE_STRIP_MM = Prior.CURVE_EDGE_STRIP_MM.value();
    private static final double BROAD_FACE_DEPTH_MM = Prior.BROAD_FACE_DEPTH_MM.value();

    private final Blade blade;
    private final EdgeSurvey survey;
    private final TargetBevel target;
    private final Occasion occasion;
    private final EdgeShape shape;
    private final EdgeLine line;

    JobList(Blade blade, EdgeSurvey survey, TargetBevel target, Occasion occasion, EdgeShape shape, EdgeLine line) {
        this.line = line;
        this.blade = blade;
        this.survey = survey;
        this.target = target;
        this.occasion = occasion;
        this.shape = shape;
    }

    /**
     * The jobs.
     *
     * @param ground whether the ground bevel is ground
     * @param groundLine where that puts the edge (mm)
     * @param last where the honing puts it (mm)
     * @param width of the honed facet on one side (mm)
     * @param after the section that is left where most goes
     */
    List<Job> of(
            Integral cuts,
            StationCutter cutter,
            boolean ground,
            double groundLine,
            double last,
            double width,
            List<Section> after) {
        List<Job> jobs = new ArrayList<>();
        boolean ruled = underThinRule();
        // Under the rule a face is worked only where pits at the edge are to be flattened out all the same.
        boolean wanted = ruled ? survey.pitsAtEdgeMm() > 0 : survey.backWantsWork(last);
        if (blade.kind().back() && wanted && !survey.pastThePits()) {
            jobs.add(new BackFlat(flattening(blade, survey, last)));
        }
        if (ruled) {
            jobs.add(strip());
        }
        if (ground) {
            jobs.add(new GroundBevel(
                    cuts.shaping(JobKind.PRIMARY, cutter, groundLine),
                    shape.ground().get(0).angle(),
                    Length.ofMm(groundLine),
                    target.wheel()));
        }
        if (target.back().isPresent() && !ruled) {
            jobs.add(new BackBevel(
                    cuts.shaping(JobKind.BACK_BEVEL, cutter, groundLine),
                    target.back().get(),
                    Length.ofMm(
                            Math.min(LIFT_REACH_MM, LIFT_SHARE * blade.usable().mm()))));
        }
        thinning(after).ifPresent(jobs::add);
        if (blade instanceof SingleBevelKnife knife && occasion.broadFaceDue() && !ground) {
            jobs.add(broadFace(knife));
        }
        Shaping edge = cuts.shaping(JobKind.SECONDARY, cutter, groundLine);
        Length recession = Length.ofMm(ground ? last - groundLine : last);
        if (blade instanceof ConvexBlade convex) {
            // The layer that goes is deepest at the apex and runs out at the cheek.
            double depth = last * target.last().sin();
            double strip = Math.min(edge.workedAreaMm2(), 2 * EDGE_STRIP_MM * blade.edgeLengthMm());
            jobs.add(new CurvedFacet(
                    new Shaping(edge.volumeMm3(), edge.workedAreaMm2(), depth),
                    target.last(),
                    recession,
                    strip,
                    Length.ofMm(thicknessAt(after, last + convex.behind().mm()))));
        } else {
            Map<String, Double> also = also(after);
            jobs.add(new EdgeBevel(
                    edge,
                    target.last(),
                    recession,
                    Length.ofMm(width),
                    target.hasSecondary() && !coversTheBevel(width, also) || blade instanceof SingleBevelKnife,
                    line.depthsAt(STATIONS, ground ? last - groundLine : last, ground),
                    also));
        }
        return List.copyOf(jobs);
    }

    /** A micro-bevel of a knife that has grown over all of its bevel is the bevel. */
    private boolean coversTheBevel(double width, Map<String, Double> also) {
        Double behind = also.get("behindEdge");
        return behind != null
                && width >= COVERS_FROM * behind / 2 / target.last().sin();
    }

    private boolean underThinRule() {
        return occasion.thinRule()
                && blade instanceof PlaneIron
                && target.back().map(ThinRule::couldGive).orElse(true)
                // A face that is polished already wants no strip; one that is there is kept up.
                && (survey.backWantsWork() || blade.backBevel().isPresent());
    }

    /** A strip as wide as a rule gives, lifted by the angle that the usual rule does where none was set. */
    private Job strip() {
        Angle lift = target.back().orElse(ThinRule.usual());
        double area = EdgeShape.backBevelWidthMm(lift) * blade.edgeLengthMm();
        double depth = EdgeShape.backBevelWidthMm(lift) * lift.tan();
        boolean fresh = blade.backBevel().isEmpty();
        return new ThinRuleStrip(fresh ? new Shaping(depth * area / 2, area, depth) : Shaping.none(area), lift, fresh);
    }

    /** What working the back flat takes: its depth off the strip along the edge that is kept flat. */
    static Shaping flattening(Blade blade, EdgeSurvey survey, double newEdgeMm) {
        double strip = blade.kind().square() ? Restorer.BACK_ZONE_MM : Restorer.BACK_STRIP_MM;
        double area = Math.min(strip, blade.usable().mm()) * blade.edgeLengthMm();
        double depth = survey.effectiveBackDepthMm(newEdgeMm);
        return new Shaping(depth * area, area, depth);
    }

    /**
     * A knife that stands thicker behind its edge than its work likes is eased there: a facet on each cheek, a few degrees
     * below the edge, from where the edge bevel is to end up to where it runs out into the cheek.
     */
    private Optional<Job> thinning(List<Section> after) {
        if (!(blade instanceof DoubleBevelKnife knife)
                || occasion.thinAtMm().isEmpty()
                || occasion.thinAtMm().getAsDouble() <= 0) {
            return Optional.empty();
        }
        double stands = EdgeShape.shoulderThickness(after);
        double limit = occasion.thinAtMm().getAsDouble();
        if (stands <= limit) {
            return Optional.empty();
        }
        double wanted = Math.min(knife.behindEdge().mm(), limit);
        double edge = target.last().degrees();
        Angle cheek = Angle.ofDegrees(Math.max(edge - CHEEK_BELOW_DEG, edge / 2));
        double taper =
                (knife.spine().mm() - stands) / 2 / Math.max(1, blade.usable().mm());
        double eased = (stands - wanted) / 2;
        double length = eased / Math.max(0.02, cheek.tan() - Math.max(0, taper));
        return Optional.of(new Thinning(
                new Shaping(
                        Thinning.wedgeMm3(2 * eased, length, blade.edgeLengthMm()),
                        2 * length / cheek.cos() * blade.edgeLengthMm(),
                        eased * cheek.cos()),
                cheek,
                Length.ofMm(wanted)));
    }

    private Job broadFace(SingleBevelKnife knife) {
        double width = Math.max(
                0,
                knife.spine().mm() / knife.face().sin() - knife.edgeBevelWidth().mm());
        double area = Math.min(width, knife.usable().mm()) * blade.edgeLengthMm();
        return new BroadFace(new Shaping(BROAD_FACE_DEPTH_MM * area, area, BROAD_FACE_DEPTH_MM));
    }

    /** Dimensions that the last honing leaves beside its own. A knife's spine stays; what is behind the edge is read off. */
    private Map<String, Double> also(List<Section> after) {
        Map<String, Double> also = new HashMap<>();
        if (blade instanceof DoubleBevelKnife knife) {
            double stands =
                    Math.min(EdgeShape.shoulderThickness(after), knife.spine().mm());
            also.put("behindEdge", thinning(after).isPresent() ? thinned(knife) : stands);
        }
        if (blade instanceof PlaneIron) {
            target.camber().ifPresent(c -> also.put("camber", c.mm()));
        }
        return also;
    }

    private double thinned(DoubleBevelKnife knife) {
        return Math.min(knife.behindEdge().mm(), occasion.thinAtMm().orElseThrow());
    }

    /** Thickness of pieces at a place behind the old edge (mm). */
    private static double thicknessAt(List<Section> pieces, double x) {
        return pieces.stream().mapToDouble(s -> s.thicknessAt(x)).max().orElse(0);
    }
}
