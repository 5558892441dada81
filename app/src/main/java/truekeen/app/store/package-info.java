/**
 * How records are kept in JSON columns.
 *
 * <p>Every JSON column has a {@link truekeen.app.store.StoredFormat}: one place that writes it and reads it, with a
 * version and an upgrade from each version before. The records that are written are types of the package that owns the
 * column, never records of the wire and never types of the core, so that both may change without a stored row noticing.
 *
 * <p>Invariants: reading never throws; what is not known is passed over; what cannot be read any more is kept as it is,
 * to be shown as an older record and exported raw. Not robust against: a field that keeps its name and changes its
 * meaning without a new version. A width stored as mm and read as inches would be read without complaint.
 */
package truekeen.app.store;
