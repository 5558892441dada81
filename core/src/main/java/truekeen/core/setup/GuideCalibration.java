package truekeen.core.setup;

import java.util.List;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.table.Prior;

/**
 * A guide calibrated by measured pairs of projection and angle. With the roller's radius by caliper each pair gives
 * {@code s·sin θ − d·cos θ = r − P·sin θ}: linear least squares in (d, s). Source: derived here.
 *
 * @param guide the guide as fitted
 * @param residuals model less measured angle, pair by pair
 * @param condition condition number of the fit
 * @param spread from the least to the greatest angle measured
 * @param readings errors of the readings, for the error of an angle
 * @param pairs what was measured
 */
public record GuideCalibration(
        HoningGuide guide, List<Angle> residuals, double condition, Angle spread, Readings readings, List<Pair> pairs) {
    /** Spread under which d and s can hardly be told apart. */
    public static final Angle LEAST_SPREAD = Angle.ofDegrees(Prior.GUIDE_CALIBRATION_LEAST_SPREAD_DEG.value());
    /** Condition number over which they cannot. */
    public static final double WORST_CONDITION = Prior.GUIDE_CALIBRATION_WORST_CONDITION.value();

    /** One measurement: the projection set, and the angle it gave. */
    public record Pair(Length projection, Angle angle) {}

    /** Standard errors of a projection and of an angle as read. */
    public record Readings(Length projection, Angle angle) {
        /** A caliper at the bench and a small digital gauge. Source: workshop prior. */
        public static final Readings USUAL = new Readings(
                Length.ofMm(Prior.CALIPER_ERROR_MM.value()), Angle.ofDegrees(Prior.GAUGE_ERROR_DEG.value()));
    }

    /** Keeps the lists from changing. */
    public GuideCalibration {
        residuals = List.copyOf(residuals);
        pairs = List.copyOf(pairs);
    }

    /**
     * Fits d and s.
     *
     * @param rollerRadius r by caliper
     * @param pairs two at least
     * @throws RefusedException with fewer pairs, or pairs all at one angle
     */
    public static GuideCalibration fit(Length rollerRadius, List<Pair> pairs, Readings readings) {
        if (pairs.size() < 2) {
            throw new RefusedException(
                    Refusal.of(MessageCode.PAIRS_MISSING, "pairs", pairs.size()).with("low", 2));
        }
        double cc = 0;
        double ss = 0;
        double cs = 0;
        double cb = 0;
        double sb = 0;
        for (Pair pair : pairs) {
            double c = -pair.angle.cos();
            double s = pair.angle.sin();
            double b = rollerRadius.mm() - pair.projection.mm() * s;
            cc += c * c;
            ss += s * s;
            cs += c * s;
            cb += c * b;
            sb += s * b;
        }
        double determinant = cc * ss - cs * cs;
        if (!(determinant > 1e-12)) {
            throw new RefusedException(
                    Refusal.of(MessageCode.PAIRS_ALIKE, "pairs", pairs.size()).with("low", LEAST_SPREAD));
        }
        double d = (ss * cb - cs * sb) / determinant;
        double s = (cc * sb - cs * cb) / determinant;
        HoningGuide guide = new HoningGuide(rollerRadius, Length.ofMm(d), Length.ofMm(s));
        double mean = (cc + ss) / 2;
        double half = Math.sqrt(Math.max(0, mean * mean - determinant));
        double low = pairs.stream().mapToDouble(p -> p.angle.radians()).min().orElseThrow();
        double high = pairs.stream().mapToDouble(p -> p.angle.radians()).max().orElseThrow();
        return new GuideCalibration(
                guide,
                pairs.stream()
                        .map(p -> guide.angle(p.projection).minus(p.angle))
                        .toList(),
                Math.sqrt((mean + half) / (mean - half)),
                Angle.ofRadians(high - low),
                readings,
                pairs);
    }

    /** With one pair, d by caliper as well: the pair fixes the setback. */
    public static HoningGuide fixed(Length rollerRadius, Length axleBelowBack, Pair pair) {
        double s =
                (rollerRadius.mm() + axleBelowBack.mm() * pair.angle.cos()) / pair.angle.sin() - pair.projection.mm();
        return new HoningGuide(rollerRadius, axleBelowBack, Length.ofMm(s));
    }

    /** Whether the pairs say too little to tell d from s. */
    public boolean illConditioned() {
        return spread.compareTo(LEAST_SPREAD) < 0 || condition > WORST_CONDITION;
    }

    /**
     * Standard error of the angle that a projection gives, from the errors of the readings: d and s are each known to
     * half a millimetre or so, but err together.
     */
    public Angle error(Length projection) {
        double cc = 0;
        double ss = 0;
        double cs = 0;
        double vcc = 0;
        double vss = 0;
        double vcs = 0;
        for (Pair pair : pairs) {
            double c = -pair.angle.cos();
            double s = pair.angle.sin();
            double turn = (pair.projection.mm() + guide.axleSetback().mm()) * pair.angle.cos()
                    + guide.axleBelowBack().mm() * pair.angle.sin();
            double variance = Math.pow(s * readings.projection.mm(), 2) + Math.pow(turn * readings.angle.radians(), 2);
            cc += c * c;
            ss += s * s;
            cs += c * s;
            vcc += variance * c * c;
            vss += variance * s * s;
            vcs += variance * c * s;
        }
        double det = cc * ss - cs * cs;
        double[][] inverse = {{ss / det, -cs / det}, {-cs / det, cc / det}};
        double byD = slope(projection, 1e-4, 0);
        double byS = slope(projection, 0, 1e-4);
        double x = inverse[0][0] * byD + inverse[1][0] * byS;
        double y = inverse[0][1] * byD + inverse[1][1] * byS;
        return Angle.ofRadians(Math.sqrt(x * x * vcc + 2 * x * y * vcs + y * y * vss));
    }

    private double slope(Length projection, double d, double s) {
        double step = d + s;
        HoningGuide more = moved(d / 2, s / 2);
        HoningGuide less = moved(-d / 2, -s / 2);
        return (more.angle(projection).radians() - less.angle(projection).radians()) / step;
    }

    private HoningGuide moved(double d, double s) {
        return new HoningGuide(
                guide.rollerRadius(),
                guide.axleBelowBack().plus(Length.ofMm(d)),
                guide.axleSetback().plus(Length.ofMm(s)));
    }
}
