/**
 * The tables that ship with the core, and the figures that no formula gives.
 *
 * <p>Read once, when the core is loaded; a row that cannot be read ends the start with its table. Each prior
 * stands once, with unit, meaning and source.
 *
 * <p>A table is believed: figures are compared with the published ones by tests only.
 */
package truekeen.core.table;
