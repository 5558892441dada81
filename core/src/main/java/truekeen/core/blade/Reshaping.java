package truekeen.core.blade;

/** What makes a section what it is before anyone sharpens it: facets, damage, and what a machine grinds. */
final class Reshaping {
    /** Sides that the arc of a wheel is drawn by. */
    static final int ARC = 12;

    /** A corner touches a plane that it is nearer to than this (mm). */
    private static final double TOUCHES_MM = 1e-9;

    private static final int HALVINGS = 50;
    /** A facet on a hollow face takes no more than so many times what one on a flat face does. */
    private static final double MOST_TIMES_FLAT = 1000;

    private final EdgeChain chain;

    Reshaping(EdgeChain chain) {
        this.chain = chain;
    }

    /**
     * Grinds a face up to the apex, as a machine does: what stands above it goes.
     *
     * @param upper the side that is ground
     * @param angle of the face, or of the chord of a hollow one (rad)
     * @param radius of the wheel that leaves it hollow (mm); 0 where it gets flat
     */
    void grind(boolean upper, double angle, double radius) {
        double nx = -Math.sin(angle);
        double ny = upper ? Math.cos(angle) : -Math.cos(angle);
        // Of a land the corner on the other side stays.
        int stays = chain.farCorner(upper);
        double at = nx * chain.x(stays) + ny * chain.y(stays);
        chain.clear(nx, ny, at);
        if (upper && radius > 0) {
            int apex = chain.farCorner(false);
            for (int heel = chain.size() - 2; heel > apex; heel--) {
                if (nx * chain.x(heel) + ny * chain.y(heel) > at - TOUCHES_MM) {
                    arc(apex, heel, radius);
                    return;
                }
            }
        }
    }

    /** What stands above the arc of a wheel between two corners of the upper face goes. */
    private void arc(int apex, int heel, double radius) {
        double dx = chain.x(heel) - chain.x(apex);
        double dy = chain.y(heel) - chain.y(apex);
        double half = Math.hypot(dx, dy) / 2;
        if (half <= TOUCHES_MM || half >= radius) {
            return;
        }
        double[] x = new double[ARC - 1];
        double[] y = new double[ARC - 1];
        for (int i = 1; i < ARC; i++) {
            double deep = depth(radius, half, 2.0 * i / ARC - 1);
            x[i - 1] = chain.x(apex) + dx * i / ARC + deep * dy / (2 * half);
            double on = chain.y(apex) + dy * i / ARC - deep * dx / (2 * half);
            y[i - 1] = Math.min(on, chain.across(x[i - 1], true));
        }
        chain.between(apex, heel, x, y);
    }

    /**
     * How deep an arc lies below its chord (mm).
     *
     * @param radius of the arc (mm)
     * @param half of the chord (mm)
     * @param at where along it: −1 and 1 at its ends
     */
    static double depth(double radius, double half, double at) {
        return Math.sqrt(radius * radius - half * half * at * at) - Math.sqrt(radius * radius - half * half);
    }

    /** Cuts a facet of that width (mm) at an angle (rad) over a sharp apex; none where the face there is as steep already. */
    void facet(boolean upper, double angle, double width) {
        double face = chain.slope(upper);
        double other = chain.slope(!upper);
        double steeper = angle - face;
        if (steeper <= 0 || width <= 0) {
            return;
        }
        double nx = -Math.sin(angle);
        double ny = upper ? Math.cos(angle) : -Math.cos(angle);
        // In the triangle that goes, the facet lies opposite the wedge and the way back along the other face opposite
        // the difference of the two angles.
        double back = width * Math.sin(steeper) / Math.sin(face + other);
        double area = back * width * Math.sin(angle + other) / 2;
        chain.cut(nx, ny, chain.hollow() ? areaFor(nx, ny, width, area) : area, 0);
    }

    /** Area that goes for a facet of a width where the face is hollow (mm²); found by halving. */
    private double areaFor(double nx, double ny, double width, double flat) {
        double most = flat;
        while (widthAfter(nx, ny, most) < width && most < MOST_TIMES_FLAT * flat) {
            most *= 2;
        }
        double least = 0;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (least + most) / 2;
            if (widthAfter(nx, ny, middle) < width) {
                least = middle;
            } else {
                most = middle;
            }
        }
        return most;
    }

    /** Width of the facet at the apex after a cut (mm). */
    private double widthAfter(double nx, double ny, double area) {
        EdgeChain tried = chain.copy();
        tried.cut(nx, ny, area, 0);
        int apex = tried.apex();
        int next = ny > 0 ? apex + 1 : apex - 1;
        return tried.apexCut() ? Math.hypot(tried.x(next) - tried.x(apex), tried.y(next) - tried.y(apex)) : 0;
    }

    /** Cuts it back square: everything farther forward than so far behind the apex goes (mm). */
    void cutBack(double back) {
        chain.clear(-1, 0, -(chain.recession() + back));
    }
}
