package truekeen.core.heat;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.hipparchus.linear.EigenDecompositionSymmetric;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;

/**
 * One-dimensional conduction along the blade from its edge, no losses, for contacts of seconds: volumes on a mesh that
 * widens geometrically from the edge. The equations are linear and, with the finest cell at a hundredth of a millimetre,
 * stiff: explicit integrators need half a million steps for three seconds, so the equations are solved exactly in time by
 * their modes; a test holds that against a library's integrator. The power spreads evenly over the first two
 * millimetres. An estimate: partition and specific energy are workshop priors. Source: derived here.
 */
public final class HeatModel {
    /** ρc of steel (J/mm³K). */
    public static final double HEAT_CAPACITY = 3.7e-3;
    /** Over so much behind the edge the wheel puts its heat in (mm). */
    public static final double CONTACT_MM = 2;

    private static final double FIRST_MM = 0.01;
    private static final double GROWTH = 1.15;
    private static final int SAMPLES = 60;

    private final EdgeFin fin;
    private final double[] faces;
    private final double[] capacity;
    private final double[] conductance;
    private final double[] share;
    private final double[] rates;
    private final RealMatrix modes;

    /**
     * The model of an edge.
     *
     * @param conductivityWmK of the steel (W/m·K)
     */
    public HeatModel(EdgeFin fin, double conductivityWmK) {
        this(fin, conductivityWmK, 1);
    }

    /** The same with every cell of the mesh divided. */
    HeatModel(EdgeFin fin, double conductivityWmK, int finer) {
        this.fin = fin;
        double conductivity = conductivityWmK / 1000;
        this.faces = mesh(fin.lengthMm(), finer);
        int n = faces.length - 1;
        this.capacity = new double[n];
        this.conductance = new double[n - 1];
        this.share = new double[n];
        double contact = Math.min(CONTACT_MM, fin.lengthMm());
        for (int i = 0; i < n; i++) {
            capacity[i] = HEAT_CAPACITY * fin.volume(faces[i], faces[i + 1]);
            share[i] = Math.max(0, Math.min(faces[i + 1], contact) - faces[i]) / contact;
        }
        for (int i = 0; i < n - 1; i++) {
            double apart = middle(i + 1) - middle(i);
            conductance[i] = conductivity * fin.widthMm() * fin.thicknessAt(faces[i + 1]) / apart;
        }
        // With z = √C·(T − start) the matrix is symmetric: its modes are at right angles and decay each at its own
        // rate.
        double[][] symmetric = new double[n][n];
        for (int i = 0; i < n - 1; i++) {
            double g = conductance[i];
            symmetric[i][i] += g / capacity[i];
            symmetric[i + 1][i + 1] += g / capacity[i + 1];
            double off = -g / Math.sqrt(capacity[i] * capacity[i + 1]);
            symmetric[i][i + 1] = off;
            symmetric[i + 1][i] = off;
        }
        EigenDecompositionSymmetric eigen = new EigenDecompositionSymmetric(MatrixUtils.createRealMatrix(symmetric));
        this.rates = eigen.getEigenvalues();
        this.modes = eigen.getV();
    }

    private static double[] mesh(double length, int finer) {
        List<Double> all = new ArrayList<>(List.of(0.0));
        double step = FIRST_MM;
        double x = 0;
        while (x < length) {
            double next = Math.min(length, x + step);
            for (int k = 1; k <= finer; k++) {
                all.add(x + (next - x) * k / finer);
            }
            x = next;
            step *= GROWTH;
        }
        return all.stream().mapToDouble(Double::doubleValue).toArray();
    }

    private double middle(int i) {
        return (faces[i] + faces[i + 1]) / 2;
    }

    /** Rise of every cell (K) after so long with a watt flowing in. */
    private double[] risePerWatt(double seconds) {
        int n = capacity.length;
        double[] rise = new double[n];
        for (int k = 0; k < n; k++) {
            double driven = 0;
            for (int i = 0; i < n; i++) {
                driven += modes.getEntry(i, k) * share[i] / Math.sqrt(capacity[i]);
            }
            double x = rates[k] * seconds;
            // The mode of the mean temperature does not decay: there the quotient tends to the time itself.
            double grown = Math.abs(x) < 1e-9 ? seconds : -Math.expm1(-x) / rates[k];
            for (int i = 0; i < n; i++) {
                rise[i] += modes.getEntry(i, k) * driven * grown / Math.sqrt(capacity[i]);
            }
        }
        return rise;
    }

    /**
     * A contact from an even temperature.
     *
     * @param watts heat into the steel, spread over the contact (W)
     * @param startC temperature before (°C)
     * @param limitC temperature that is not to be reached (°C)
     * @param seconds how long (s)
     */
    public HeatRun contact(double watts, double startC, double limitC, double seconds) {
        int n = capacity.length;
        List<HeatRun.Moment> moments = new ArrayList<>();
        for (int i = 0; i <= SAMPLES; i++) {
            double t = seconds * i / SAMPLES;
            moments.add(new HeatRun.Moment(t, startC + watts * risePerWatt(t)[0]));
        }
        double[] last = risePerWatt(seconds);
        List<HeatRun.Place> places = new ArrayList<>();
        double held = 0;
        for (int i = 0; i < n; i++) {
            places.add(new HeatRun.Place(middle(i), startC + watts * last[i]));
            held += capacity[i] * watts * last[i];
        }
        return new HeatRun(moments, limit(watts, limitC - startC, seconds), places, held);
    }

    /** When the edge has risen so far: it only warms while in contact, so halving finds it. */
    private OptionalDouble limit(double watts, double riseK, double seconds) {
        if (watts * risePerWatt(seconds)[0] < riseK) {
            return OptionalDouble.empty();
        }
        double low = 0;
        double high = seconds;
        while (high - low > 1e-9 * seconds) {
            double t = (low + high) / 2;
            if (watts * risePerWatt(t)[0] >= riseK) {
                high = t;
            } else {
                low = t;
            }
        }
        return OptionalDouble.of(high);
    }

    /** Rates of change (K/s) of the cells at given temperatures, for whoever integrates the equations step by step. */
    double[] derivatives(double watts, double[] celsius) {
        int n = capacity.length;
        double[] rate = new double[n];
        double in = 0;
        for (int i = 0; i < n; i++) {
            double out = i < n - 1 ? conductance[i] * (celsius[i] - celsius[i + 1]) : 0;
            rate[i] = (in - out + watts * share[i]) / capacity[i];
            in = out;
        }
        return rate;
    }
}
