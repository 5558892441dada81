package truekeen.core.blade;

/**
 * How low a plane must lie so that exactly an asked area of a section stands above it, whether that is in one piece or in
 * several: a hollow bevel rests on heel and edge, and is cut at both.
 *
 * <p>Between the heights of two corners the width above the plane grows linearly, however many pieces it is in; so the area is a
 * quadratic of the depth in every slab and is solved in closed form. At its ends the body goes on as a wall.
 */
final class PlaneLevel {
    private static final double LEVEL = 1e-15;

    /** Heights of the corners over the plane through the origin. */
    private final double[] height;

    /** Places of the corners along the plane. */
    private final double[] along;

    private final int size;

    /** How far the walls at the ends, square to the blade, lean along the plane for each mm of depth. */
    private final double wallLean;

    /** Width of what stands above a level, and by how much it grows with each mm of depth. */
    private double width;

    private double growth;

    PlaneLevel(double[] x, double[] y, int size, double nx, double ny) {
        this.size = size;
        wallLean = Math.abs(ny) > LEVEL ? nx / ny : 0;
        height = new double[size];
        along = new double[size];
        for (int i = 0; i < size; i++) {
            height[i] = nx * x[i] + ny * y[i];
            along[i] = ny * x[i] - nx * y[i];
        }
    }

    double highest() {
        return nextBelow(Double.POSITIVE_INFINITY);
    }

    double height(int corner) {
        return height[corner];
    }

    /** The level with that area (mm²) above it; less than any number where there is not so much. */
    double above(double area) {
        double left = area;
        double level = highest();
        for (double next = nextBelow(level); next > Double.NEGATIVE_INFINITY; next = nextBelow(level)) {
            double slab = level - next;
            widthBetween(level, next);
            double all = (width + growth * slab / 2) * slab;
            if (all >= left) {
                return level - 2 * left / (width + Math.sqrt(Math.max(0, width * width + 2 * growth * left)));
            }
            left -= all;
            level = next;
        }
        return Double.NEGATIVE_INFINITY;
    }

    private double nextBelow(double level) {
        double next = Double.NEGATIVE_INFINITY;
        for (double h : height) {
            if (h < level - LEVEL && h > next) {
                next = h;
            }
        }
        return next;
    }

    /** Where sides of the section cross a slab: out on one side of each piece and in on the other. */
    private void widthBetween(double level, double next) {
        width = 0;
        growth = 0;
        for (int i = 0; i + 1 < size; i++) {
            boolean down = height[i] >= level - LEVEL && height[i + 1] <= next;
            boolean up = height[i] <= next && height[i + 1] >= level - LEVEL;
            if (down || up) {
                double lean = (along[i + 1] - along[i]) / (height[i] - height[i + 1]);
                double at = along[i] + (height[i] - level) * lean;
                width += down ? at : -at;
                growth += down ? lean : -lean;
            }
        }
        wall(size - 1, 1, level);
        wall(0, -1, level);
    }

    private void wall(int end, int way, double level) {
        if (height[end] >= level - LEVEL) {
            width += way * (along[end] + (height[end] - level) * wallLean);
            growth += way * wallLean;
        }
    }
}
