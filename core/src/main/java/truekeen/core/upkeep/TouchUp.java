package truekeen.core.upkeep;

import java.util.OptionalDouble;

/**
 * A touch-up of an edge in use.
 *
 * @param rung what was done
 * @param atUse use since the sharpening when it was done
 * @param strokes strokes it took; 0 where nobody counted
 * @param before keenness index before it, where it was read
 * @param after keenness index after it, where it was read
 * @param regained whether the edge came back, by the person's word or by the reading
 */
public record TouchUp(
        Rung rung, double atUse, int strokes, OptionalDouble before, OptionalDouble after, boolean regained) {}
