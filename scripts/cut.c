/* The cut of a stroke in plain C, corner for corner what EdgeChain does: what CutBench is measured against.
   usage: cut STATIONS STROKES ROUNDS; prints ns a cut (best round) and the sum of where the apexes stand. */
#include <math.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>
#include <time.h>

#define ROOM 64
#define LEVEL 1e-15
#define ONE_CORNER 1e-7
#define UM_PER_MM 1000.0
#define SCRATCH_SHARE 0.6

typedef struct {
    double x[ROOM], y[ROOM], scratch[ROOM];
    int size;
    int apex_cut;
} chain;

static double outward(const chain *c, double nx, double ny, int from, int to) {
    double along = ny * (c->x[to] - c->x[from]) - nx * (c->y[to] - c->y[from]);
    return to > from ? along : -along;
}

static double growth(const chain *c, double nx, double ny, int from, int to) {
    double down = nx * (c->x[from] - c->x[to]) + ny * (c->y[from] - c->y[to]);
    return down <= LEVEL ? 0 : outward(c, nx, ny, from, to) / down;
}

static double level_width(const chain *c, double nx, double ny, int from, int to, double slab) {
    double down = nx * (c->x[from] - c->x[to]) + ny * (c->y[from] - c->y[to]);
    return slab <= LEVEL && down <= LEVEL ? outward(c, nx, ny, from, to) : 0;
}

static double share(const chain *c, double nx, double ny, double at, int gone, int stays) {
    double pg = nx * c->x[gone] + ny * c->y[gone];
    double ps = nx * c->x[stays] + ny * c->y[stays];
    return pg - ps <= LEVEL ? 0 : (pg - at) / (pg - ps);
}

static int near(double dx, double dy) { return dx * dx + dy * dy < ONE_CORNER * ONE_CORNER; }

static int apex(const chain *c) {
    int a = 0;
    for (int i = 1; i < c->size; i++)
        if (c->x[i] < c->x[a]) a = i;
    return a;
}

static void shift(chain *c, int from, int to, int count) {
    memmove(c->x + to, c->x + from, count * sizeof(double));
    memmove(c->y + to, c->y + from, count * sizeof(double));
    memmove(c->scratch + to, c->scratch + from, count * sizeof(double));
}

static void replace(chain *c, double nx, double ny, double at, int lo, int hi, double scratch_um) {
    double below = lo > 0 ? share(c, nx, ny, at, lo, lo - 1) : 0;
    double ax = lo > 0 ? c->x[lo] + below * (c->x[lo - 1] - c->x[lo]) : c->x[0];
    double ay = lo > 0 ? c->y[lo] + below * (c->y[lo - 1] - c->y[lo]) : (at - nx * c->x[0]) / ny;
    double above = hi < c->size - 1 ? share(c, nx, ny, at, hi, hi + 1) : 0;
    double bx = hi < c->size - 1 ? c->x[hi] + above * (c->x[hi + 1] - c->x[hi]) : c->x[hi];
    double by = hi < c->size - 1 ? c->y[hi] + above * (c->y[hi + 1] - c->y[hi]) : (at - nx * c->x[hi]) / ny;
    int one = near(bx - ax, by - ay);
    int corners = one ? 1 : 2;
    double after = c->scratch[hi];
    if (c->size + corners - (hi - lo + 1) > ROOM) exit(2);
    shift(c, hi + 1, lo + corners, c->size - hi - 1);
    c->x[lo] = ax;
    c->y[lo] = ay;
    c->scratch[lo] = one ? after : scratch_um;
    if (!one) {
        c->x[lo + 1] = bx;
        c->y[lo + 1] = by;
        c->scratch[lo + 1] = after;
    }
    c->size += corners - (hi - lo + 1);
    for (int i = lo - 1 > 1 ? lo - 1 : 1; i < (c->size - 1 < lo + 2 ? c->size - 1 : lo + 2);) {
        if (c->size > 3 && near(c->x[i + 1] - c->x[i], c->y[i + 1] - c->y[i])) {
            shift(c, i + 1, i, c->size - i - 1);
            c->size--;
        } else {
            i++;
        }
    }
}

static void cut(chain *c, double nx, double ny, double area, double scratch_um) {
    int top = 0;
    double highest = -INFINITY;
    for (int i = 0; i < c->size; i++) {
        double p = nx * c->x[i] + ny * c->y[i];
        if (p > highest) {
            highest = p;
            top = i;
        }
    }
    int lo = top, hi = top;
    double level = highest, width = 0, left = area, deepest = 0, at = highest;
    while (lo > 0 || hi < c->size - 1) {
        double pl = lo > 0 ? nx * c->x[lo - 1] + ny * c->y[lo - 1] : -INFINITY;
        double ph = hi < c->size - 1 ? nx * c->x[hi + 1] + ny * c->y[hi + 1] : -INFINITY;
        double next = pl > ph ? pl : ph;
        double slab = level - next;
        if (slab > LEVEL) {
            double grows = (lo > 0 ? growth(c, nx, ny, lo, lo - 1) : 0) +
                           (hi < c->size - 1 ? growth(c, nx, ny, hi, hi + 1) : 0);
            double all = (width + grows * slab / 2) * slab;
            if (all >= left) {
                at = level - 2 * left / (width + sqrt(width * width + 2 * grows * left));
                left = 0;
                break;
            }
            left -= all;
            width += grows * slab;
        }
        level = next;
        at = next;
        if (pl >= ph) {
            width += level_width(c, nx, ny, lo, lo - 1, slab);
            if (c->scratch[lo - 1] > deepest) deepest = c->scratch[lo - 1];
            lo--;
        } else {
            width += level_width(c, nx, ny, hi, hi + 1, slab);
            if (c->scratch[hi] > deepest) deepest = c->scratch[hi];
            hi++;
        }
    }
    double depth = highest - at;
    c->apex_cut = 0;
    if (area - left <= 0 || depth <= 0 || left > 0) return;
    int front = apex(c), far = front, step = ny > 0 ? -1 : 1;
    while (far + step >= 0 && far + step < c->size && c->x[far + step] - c->x[front] < ONE_CORNER) far += step;
    c->apex_cut = far >= lo && far <= hi;
    double gone = depth;
    if (c->apex_cut) {
        deepest = ny > 0 ? (far < c->size - 1 ? c->scratch[far] : 0) : (far > 0 ? c->scratch[far - 1] : 0);
        gone = nx * c->x[far] + ny * c->y[far] - at;
    } else if (lo == hi) {
        double b = lo > 0 ? c->scratch[lo - 1] : 0, a = hi < c->size - 1 ? c->scratch[hi] : 0;
        deepest = a > b ? a : b;
    }
    double shallower = deepest - gone * UM_PER_MM / SCRATCH_SHARE;
    replace(c, nx, ny, at, lo, hi, scratch_um > shallower ? scratch_um : shallower);
}

int main(int argc, char **argv) {
    if (argc != 4) return 1;
    int stations = atoi(argv[1]), strokes = atoi(argv[2]), rounds = atoi(argv[3]);
    chain *blade = malloc(stations * sizeof(chain));
    double best = INFINITY, sum = 0;
    for (int r = 0; r < rounds; r++) {
        for (int i = 0; i < stations; i++) {
            double t = tan(12 * M_PI / 180);
            chain *c = blade + i;
            c->size = 3;
            c->x[0] = 3, c->y[0] = -3 * t, c->x[1] = 0, c->y[1] = 0, c->x[2] = 3, c->y[2] = 3 * t;
            for (int k = 0; k < ROOM; k++) c->scratch[k] = 3;
        }
        unsigned long long seed = 42;
        struct timespec from, to;
        clock_gettime(CLOCK_MONOTONIC, &from);
        for (int s = 0; s < strokes; s++) {
            int upper = s / 10 % 2;
            for (int i = 0; i < stations; i++) {
                seed = seed * 6364136223846793005ULL + 1442695040888963407ULL;
                double angle = (17 + 4 * ((seed >> 11) * 0x1.0p-53 - 0.5)) * M_PI / 180;
                /* A polynomial is good enough for an angle this small, and the same in both languages. */
                double a2 = angle * angle;
                double sin_a = angle * (1 - a2 / 6 * (1 - a2 / 20)), cos_a = 1 - a2 / 2 * (1 - a2 / 12);
                cut(blade + i, -sin_a, upper ? cos_a : -cos_a, 2e-6, 1);
            }
        }
        clock_gettime(CLOCK_MONOTONIC, &to);
        double ns = ((to.tv_sec - from.tv_sec) * 1e9 + (to.tv_nsec - from.tv_nsec)) / ((double)stations * strokes);
        if (ns < best) best = ns;
        sum = 0;
        for (int i = 0; i < stations; i++) sum += blade[i].x[apex(blade + i)];
    }
    printf("%.2f %.15e\n", best, sum);
    free(blade);
    return 0;
}
