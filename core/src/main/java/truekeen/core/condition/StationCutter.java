package truekeen.core.condition;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;
import truekeen.core.job.JobKind;
import truekeen.core.quantity.Angle;
import truekeen.core.section.BevelCut;
import truekeen.core.section.Cut;
import truekeen.core.section.Cutter;
import truekeen.core.section.EdgeShape;
import truekeen.core.section.Facet;
import truekeen.core.section.Section;
import truekeen.core.section.TargetBevel;
import truekeen.core.table.Prior;
import truekeen.core.tool.Blade;

/** The blade cut through at any place of its edge: as it is there, and as grinding and honing leave it. */
final class StationCutter {
    static final double SAME_ANGLE_DEG = Prior.SAME_ANGLE_DEG.value();

    private final Blade blade;
    private final EdgeSurvey survey;
    private final TargetBevel target;
    private final EdgeLine edge;
    private final boolean honing;
    private final EdgeShape noted;
    private final Map<Double, EdgeShape> measured = new TreeMap<>();

    /**
     * The cutter of a blade.
     *
     * @param honing whether the edge is honed at all, rather than stropped
     */
    StationCutter(Blade blade, EdgeSurvey survey, TargetBevel target, EdgeLine edge, boolean honing) {
        this.blade = blade;
        this.survey = survey;
        this.target = target;
        this.edge = edge;
        this.honing = honing;
        this.noted = EdgeShape.of(survey.departures().at(blade, 0), target);
    }

    /** One place: what was there, and what each job in its turn cuts there, on what the one before left. */
    record Station(double x, double present, EdgeShape shape, List<Section> before, Map<JobKind, Cut> cuts) {
        /** What a job cuts there, where it is one of those that are done. */
        Optional<Cut> cut(JobKind job) {
            return Optional.ofNullable(cuts.get(job));
        }

        List<Section> after() {
            List<Section> left = before;
            for (Cut cut : cuts.values()) {
                left = cut.kept();
            }
            return left;
        }

        double removedArea() {
            return cuts.values().stream().mapToDouble(Cut::removedArea).sum();
        }

        List<Section> removed() {
            return cuts.values().stream().flatMap(c -> c.removed().stream()).toList();
        }
    }

    /** The shape of the blade at a place. */
    EdgeShape shapeAt(double x) {
        TreeSet<Double> places = survey.departures().places();
        if (places.isEmpty()) {
            return noted;
        }
        double level = Math.max(places.first(), Math.min(places.last(), x));
        return measured.computeIfAbsent(
                level, at -> EdgeShape.of(survey.departures().at(blade, at), target));
    }

    /** Shapes between which all others lie: at the stations that were measured, or the one that holds everywhere. */
    List<EdgeShape> extremes() {
        TreeSet<Double> places = survey.departures().places();
        return places.isEmpty()
                ? List.of(noted)
                : places.stream().map(this::shapeAt).toList();
    }

    /** Whether the facet that is honed stands at the angle wanted, so that it stays the same facet. */
    boolean keepsHoned() {
        Angle now = noted.facets()
                .honed()
                .orElse(noted.ground().isEmpty() ? noted.facets().ground() : null);
        return now != null
                && same(now, target.last())
                && survey.departures().uneven().isEmpty();
    }

    static boolean same(Angle a, Angle b) {
        return Math.abs(a.degrees() - b.degrees()) <= SAME_ANGLE_DEG;
    }

    /** The section of a shape without damage, its facets called what they are once the wanted ones are cut. */
    List<Section> intact(EdgeShape shape) {
        Section now = keepsHoned() ? shape.now() : shape.now().renamed(shape.honedFacet(), Facet.FORMER);
        return survey.departures()
                .uneven()
                .map(u -> {
                    boolean upper = u.left().equals(u.flatter());
                    Cutter flatter =
                            new BevelCut(Facet.FORMER, upper, u.flatter(), new BevelCut.Flat(shape.riseMm())).at(0);
                    return now.within(flatter, Facet.FORMER);
                })
                .orElse(List.of(now));
    }

    /**
     * Cuts at a place.
     *
     * @param ground where the grinding puts the edge at its foremost point (mm)
     * @param last where the honing puts it (mm)
     * @param grind whether anything is ground
     */
    Station cut(double x, double ground, double last, boolean grind) {
        EdgeShape shape = shapeAt(x);
        double tilt = edge.tilt(x);
        double present = tilt + edge.missing(x);
        List<Section> before = intact(shape).stream()
                .flatMap(s -> s.movedAlongBack(tilt).within(Cutter.blunt(present), Facet.BLUNT).stream())
                .toList();
        double gain = edge.gain(x);
        Map<JobKind, Cut> cuts = new EnumMap<>(JobKind.class);
        List<Section> left = before;
        if (grind) {
            left = next(cuts, JobKind.PRIMARY, shape.cut(left, shape.ground(), ground + gain));
        }
        if (honing) {
            List<BevelCut> behind = of(shape, true);
            if (!behind.isEmpty()) {
                left = next(cuts, JobKind.BACK_BEVEL, shape.cut(left, behind, last + gain));
            }
            next(cuts, JobKind.SECONDARY, shape.cut(left, of(shape, false), last + gain));
        }
        return new Station(x, present, shape, before, cuts);
    }

    private static List<Section> next(Map<JobKind, Cut> cuts, JobKind job, Cut cut) {
        cuts.put(job, cut);
        return cut.kept();
    }

    /** What is honed of a shape on its back, or all the rest of it. */
    private static List<BevelCut> of(EdgeShape shape, boolean back) {
        return shape.honed().stream()
                .filter(b -> (b.facet() == Facet.BACK_BEVEL) == back)
                .toList();
    }

    /** Width of the honed facet on one side where an undamaged edge is moved back so far (mm), at the widest. */
    double honedWidthAt(double recession) {
        return extremes().stream()
                .mapToDouble(s ->
                        facetWidth(s, s.cut(intact(s), s.honed(), recession).kept()))
                .max()
                .orElseThrow();
    }

    /** Width of the honed facet on one side of pieces (mm). */
    static double facetWidth(EdgeShape shape, List<Section> pieces) {
        return Cut.lengthOf(pieces, shape.honedFacet()) / shape.sides();
    }

    /** The lines of the bevels as they were before a cut of this station. */
    List<Cutter> facesBefore(Station at, JobKind job, double groundLine) {
        EdgeShape shape = at.shape();
        if (job == JobKind.BACK_BEVEL) {
            return List.of(Cutter.bevel(0, Angle.ZERO).mirrored());
        }
        boolean ofGround = job == JobKind.PRIMARY;
        if (!ofGround && at.cut(JobKind.PRIMARY).isPresent()) {
            double line = groundLine + edge.gain(at.x());
            return shape.ground().stream().map(b -> b.chordAt(line)).toList();
        }
        List<BevelCut> wanted = ofGround ? shape.ground() : shape.honed();
        double meeting = ofGround ? shape.facets().meetingMm() : 0;
        Angle angle = ofGround
                ? shape.facets().ground()
                : shape.facets().honed().orElse(shape.facets().ground());
        return wanted.stream()
                .filter(b -> b.facet() != Facet.BACK_BEVEL)
                .map(b -> new BevelCut(b.facet(), b.upper(), angle, new BevelCut.Flat(shape.riseMm()))
                        .at(edge.tilt(at.x()) - meeting))
                .toList();
    }
}
