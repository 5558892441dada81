package truekeen.core.condition;

import java.util.ArrayList;
import java.util.List;
import truekeen.core.message.Checks;
import truekeen.core.message.InWords;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.tool.Blade;

/**
 * What was found on an edge.
 *
 * @param findings along the edge, in any order
 * @param square how far out of square it is
 * @param dullness how dull
 * @param stropTried whether a strop was tried and did not bring it back
 * @param back state of the back
 * @param backDepthMm depth of ridges, pits or dubbing (mm); 0 to take the usual one
 * @param departures how the blade's shape departs from what was noted at the door
 * @param pastThePits whether the edge is moved back past the pits of the back that are at it, instead of flattening
 */
public record EdgeSurvey(
        List<Finding> findings,
        Squareness square,
        Dullness dullness,
        boolean stropTried,
        BackState back,
        double backDepthMm,
        ShapeDeviations departures,
        boolean pastThePits) {
    private static final int MOST_FINDINGS = 60;

    /** Keeps the findings from changing. */
    public EdgeSurvey {
        findings = List.copyOf(findings);
    }

    /** A survey after which nothing else is decided of the back. */
    public EdgeSurvey(
            List<Finding> findings,
            Squareness square,
            Dullness dullness,
            boolean stropTried,
            BackState back,
            double backDepthMm,
            ShapeDeviations departures) {
        this(findings, square, dullness, stropTried, back, backDepthMm, departures, false);
    }

    /** A survey of a blade that is otherwise as it was noted. */
    public EdgeSurvey(
            List<Finding> findings,
            Squareness square,
            Dullness dullness,
            boolean stropTried,
            BackState back,
            double backDepthMm) {
        this(findings, square, dullness, stropTried, back, backDepthMm, ShapeDeviations.NONE);
    }

    /** Which corner stands forward. */
    public enum HighCorner {
        NONE,
        LEFT,
        RIGHT
    }

    /**
     * Squareness of the edge.
     *
     * @param high the corner that stands forward
     * @param off by how much; zero where no corner is high
     * @param mend whether it is to be squared, or kept as it is
     */
    public record Squareness(HighCorner high, Angle off, boolean mend) {
        /** A square edge. */
        public static final Squareness SQUARE = new Squareness(HighCorner.NONE, Angle.ZERO, true);

        /** The angle that a gap over the width of the blade means. */
        public static Angle fromGap(Length gap, Length width) {
            if (!(width.mm() > 0)) {
                throw new RefusedException(Refusal.of(MessageCode.NOT_POSITIVE, "width", width)
                        .with("what", ConditionWords.THE_WIDTH.words()));
            }
            return Angle.ofRadians(Math.atan(gap.mm() / width.mm()));
        }

        /** How far the present edge lies behind its high corner at a place (mm). */
        public double behindAt(double x, double edgeLengthMm) {
            return switch (high) {
                case NONE -> 0;
                case LEFT -> x * off.tan();
                case RIGHT -> (edgeLengthMm - x) * off.tan();
            };
        }
    }

    /** Depth to be taken off the back while the edge stands where it does (mm). */
    public double effectiveBackDepthMm() {
        return effectiveBackDepthMm(0);
    }

    /**
     * Depth to be taken off the back (mm): of its state where that was measured, of the deepest pit at the edge that is not
     * left, of an old back bevel that is to go by the back. A pit behind the edge asks nothing until the edge comes to it.
     *
     * @param newEdgeMm where the edge will stand
     */
    public double effectiveBackDepthMm(double newEdgeMm) {
        double state = !back.needsFlattening() ? 0 : backDepthMm > 0 ? backDepthMm : back.usualDepthMm();
        double pits = pits(newEdgeMm);
        boolean byPits = back == BackState.PITTED && (pastThePits || backDepthMm <= 0 && anyPits());
        double old = departures
                .oldBack()
                .filter(o -> o.goes() == ShapeDeviations.OldBackGoes.BY_THE_BACK)
                .map(ShapeDeviations.OldBack::depthMm)
                .orElse(0.0);
        return Math.max(Math.max(byPits ? 0 : state, pastThePits ? 0 : pits), old);
    }

    private boolean anyPits() {
        return findings.stream().anyMatch(f -> f.kind() == Finding.Kind.PIT_BACK && !f.leave() && f.depthMm() > 0);
    }

    private double pits(double newEdgeMm) {
        return findings.stream()
                .filter(f -> f.kind() == Finding.Kind.PIT_BACK && !f.leave() && f.behindMm() <= newEdgeMm)
                .mapToDouble(Finding::depthMm)
                .max()
                .orElse(0);
    }

    /** Depth of the pits of the back that reach the edge (mm); 0 where there are none. */
    public double pitsAtEdgeMm() {
        boolean marked = anyPits();
        double state = back == BackState.PITTED && !(marked && backDepthMm <= 0)
                ? backDepthMm > 0 ? backDepthMm : back.usualDepthMm()
                : 0;
        return Math.max(state, pits(0));
    }

    /** The same survey once it is decided what becomes of a back that is not ready. */
    EdgeSurvey decided(Occasion.BackDecision decision) {
        if (decision == Occasion.BackDecision.FLATTEN) {
            return this;
        }
        if (decision == Occasion.BackDecision.PAST_THE_PITS) {
            return new EdgeSurvey(findings, square, dullness, stropTried, back, backDepthMm, departures, true);
        }
        List<Finding> left = findings.stream()
                .map(f -> f.kind() == Finding.Kind.PIT_BACK ? f.left() : f)
                .toList();
        return new EdgeSurvey(left, square, dullness, stropTried, BackState.POLISHED, 0, departures);
    }

    /** Whether the back wants work before it can carry an edge. */
    public boolean backWantsWork() {
        return backWantsWork(0);
    }

    /** Whether it does once the edge stands so far back (mm). */
    boolean backWantsWork(double newEdgeMm) {
        boolean state = back == BackState.PITTED ? effectiveBackDepthMm(newEdgeMm) > 0 : back != BackState.POLISHED;
        return state || effectiveBackDepthMm(newEdgeMm) > 0;
    }

    /** The same survey with the subject of a demand left in place on purpose. */
    public EdgeSurvey leaving(Demand.Subject subject) {
        List<Finding> some = new ArrayList<>();
        for (int i = 0; i < findings.size(); i++) {
            Finding f = findings.get(i);
            boolean leave = f.leave() || subject.equals(Demand.Subject.finding(i));
            some.add(new Finding(f.kind(), f.fromMm(), f.toMm(), f.depthMm(), f.behindMm(), leave));
        }
        Squareness kept =
                subject.kind() == Demand.Kind.SQUARENESS ? new Squareness(square.high, square.off, false) : square;
        return new EdgeSurvey(some, kept, dullness, stropTried, back, backDepthMm, departures, pastThePits);
    }

    /** Notes every fault; fields are named {@code findings[i].fromMm} and so on. */
    public void check(Checks checks, Blade blade) {
        double edgeLengthMm = blade.edgeLengthMm();
        double usableLengthMm = blade.usable().mm();
        checks.require(
                findings.size() <= MOST_FINDINGS, () -> Refusal.of(MessageCode.TOO_MANY, "findings", findings.size())
                        .with("high", MOST_FINDINGS)
                        .with("what", "findings"));
        for (int i = 0; i < Math.min(findings.size(), MOST_FINDINGS); i++) {
            Finding f = findings.get(i);
            String at = "findings[" + i + "].";
            checks.require(f.fromMm() >= 0 && f.toMm() <= edgeLengthMm + 1e-9, () -> Refusal.of(
                            MessageCode.FINDING_OFF_EDGE,
                            at + "fromMm",
                            Length.ofMm(f.fromMm()) + " to " + Length.ofMm(f.toMm()))
                    .with("what", ConditionWords.THIS_MARK.words())
                    .with("high", Length.ofMm(edgeLengthMm)));
            checks.within(
                    at + "toMm",
                    ConditionWords.A_WIDTH.words(),
                    // to a thousandth of a micrometre: 5.05 less 5 is 0.05
                    Math.rint((f.toMm() - f.fromMm()) * 1e6) / 1e6,
                    0.05,
                    Math.max(edgeLengthMm, 0.1),
                    InWords.MM);
            if (f.kind().pit()) {
                checks.within(at + "depthMm", ConditionWords.PIT_DEPTH.words(), f.depthMm(), 0.005, 5, InWords.MM);
                checks.within(
                        at + "behindMm",
                        ConditionWords.PLACE_BEHIND_THE_EDGE.words(),
                        f.behindMm(),
                        0,
                        usableLengthMm,
                        InWords.MM);
            } else if (f.kind().measured()) {
                checks.within(
                        at + "depthMm", ConditionWords.A_DEPTH.words(), f.depthMm(), 0.005, usableLengthMm, InWords.MM);
            }
            checks.require(f.kind() != Finding.Kind.PIT_BACK || blade.kind().back(), () -> Refusal.of(
                            MessageCode.NOT_OF_THIS_FAMILY,
                            at + "kind",
                            f.kind().words())
                    .with("what", blade.kind().key()));
        }
        departures.check(checks, blade);
        checks.within(
                "square.off", ConditionWords.NOT_SQUARE.words(), square.off().degrees(), 0, 20, "°");
        checks.require(
                square.high() != HighCorner.NONE || square.off().radians() == 0,
                () -> Refusal.of(MessageCode.SQUARE_SIDE, "square.high", square.off()));
        checks.within("backDepth", ConditionWords.BACK_DEPTH.words(), backDepthMm, 0, 3, InWords.MM);
    }
}
