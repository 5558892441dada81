package truekeen.core.section;

/**
 * One side of a section: a straight line or the lesser arc of a circle between two corners.
 *
 * <p>Its points are {@code p(T) = a + (τ·T + ν·k·T²/2)/(1 + k²T²/4)} with the tangent τ and the left normal ν at the
 * start. For a straight side T is the length run; on an arc it is {@code (2/k)·tan(k·s/2)}. In this form a crossing with
 * a straight or round cut is one quadratic equation in T, whatever either radius.
 */
final class Side {
    final Point from;
    final double bend;
    /** Value of T at the far corner. */
    final double end;

    private final double tx;
    private final double ty;

    Side(Point from, Point to, double bend) {
        this.from = from;
        this.bend = bend;
        double x = to.x() - from.x();
        double y = to.y() - from.y();
        double chord = Math.hypot(x, y);
        double sin = bend * chord / 2;
        double cos = Math.sqrt(Math.max(0, 1 - sin * sin));
        this.end = chord / cos;
        // The tangent at the start is the chord turned back by half of the arc.
        this.tx = chord == 0 ? 1 : (x * cos + y * sin) / chord;
        this.ty = chord == 0 ? 0 : (y * cos - x * sin) / chord;
    }

    /** The point at T. */
    Point at(double t) {
        double half = bend * t / 2;
        double share = t / (1 + half * half);
        return new Point(from.x() + share * (tx - ty * half), from.y() + share * (ty + tx * half));
    }

    /** Coefficients of {@code (1 + k²T²/4)·g(p(T))}, constant first. */
    double[] levels(Cutter cutter) {
        double wx = from.x() - cutter.px();
        double wy = from.y() - cutter.py();
        double k = cutter.curvature();
        double g = k * (wx * wx + wy * wy) / 2 - (wx * cutter.nx() + wy * cutter.ny());
        double gx = k * wx - cutter.nx();
        double gy = k * wy - cutter.ny();
        double onward = gx * tx + gy * ty;
        double across = -gx * ty + gy * tx;
        return new double[] {g, onward, g * bend * bend / 4 + across * bend / 2 + k / 2};
    }

    /** Greatest level along the side, with respect to a cut. */
    double greatestLevel(Cutter cutter, Point to) {
        double most = Math.max(cutter.level(from), cutter.level(to));
        if (bend == 0 && cutter.curvature() == 0) {
            return most;
        }
        double[] c = levels(cutter);
        double d = bend * bend / 4;
        // Where the derivative of the quotient of two quadratics vanishes.
        for (double t : roots(c[1], 2 * (c[2] - d * c[0]), -d * c[1])) {
            if (t > 0 && t < end) {
                most = Math.max(most, cutter.level(at(t)));
            }
        }
        return most;
    }

    /** Real roots of {@code c0 + c1·t + c2·t²}, ascending; computed so that neither loses digits. */
    static double[] roots(double c0, double c1, double c2) {
        double discriminant = c1 * c1 - 4 * c0 * c2;
        if (discriminant < 0) {
            return new double[0];
        }
        double q = -(c1 + Math.copySign(Math.sqrt(discriminant), c1)) / 2;
        if (q == 0) {
            return c0 == 0 ? new double[] {0} : new double[0];
        }
        double one = c0 / q;
        if (c2 == 0) {
            return new double[] {one};
        }
        double two = q / c2;
        return one <= two ? new double[] {one, two} : new double[] {two, one};
    }

    /** Length of an arc or line over a chord (mm). */
    static double length(double chord, double bend) {
        double half = Math.min(1, Math.abs(bend) * chord / 2);
        return half < 1e-6 ? chord * (1 + half * half / 6) : chord * Math.asin(half) / half;
    }

    /** Area between a chord and its arc (mm²), positive where the arc bends to the left. */
    static double segment(double chord, double bend) {
        double half = Math.max(-1, Math.min(1, bend * chord / 2));
        double sweep = 2 * Math.asin(half);
        double share = Math.abs(sweep) < 1e-3
                ? sweep / 12 * (1 + sweep * sweep / 30)
                : (sweep - Math.sin(sweep)) / (8 * half * half);
        return chord * chord * share;
    }
}
