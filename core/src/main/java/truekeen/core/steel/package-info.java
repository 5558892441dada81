/** Classes of steel: how they resist abrasion, how thin an edge they hold, what heat they take. */
package truekeen.core.steel;
