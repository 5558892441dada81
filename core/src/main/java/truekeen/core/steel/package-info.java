/**
 * Classes of steel: how they resist abrasion, how thin an edge they hold, what heat they take.
 *
 * <p>A class stands for its members; hardness outside its usual range moves the lowest sound bevel, and no more.
 *
 * <p>Within a class steels differ by as much as neighbouring classes do.
 */
package truekeen.core.steel;
